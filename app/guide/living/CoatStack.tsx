import { useMemo, useState } from 'react';
import { EXISTING_COATS, SUBSTRATES, type ExistingCoat, type Substrate } from '../../../core/pieces/substrate.ts';
import { CoatStackDrawing } from '../../drawing/CoatStackDrawing.tsx';
import { coatsFor } from './coats-for.ts';
import { Select } from './fields.tsx';

const MATERIALS: readonly Substrate[] = ['softwood', 'oak', 'mdf', 'laminate', 'metal'];
const FINISHES: readonly ExistingCoat[] = ['oil-gloss', 'waterborne-sheen', 'varnish', 'factory-finish', 'bare'];

/** What goes onto a surface, layer by layer and why: for the guide, by the rules of Build-up. */
export default function CoatStack() {
  const [substrate, setSubstrate] = useState<Substrate>('softwood');
  const [existing, setExisting] = useState<ExistingCoat>('oil-gloss');
  const coats = useMemo(() => coatsFor(substrate, existing), [substrate, existing]);
  return (
    <figure className="living">
      <div className="living-fields">
        <Select
          label="Material"
          value={substrate}
          options={MATERIALS.map((id) => ({ value: id, words: SUBSTRATES[id].name }))}
          onChange={setSubstrate}
        />
        <Select
          label="On it now"
          value={existing}
          options={FINISHES.map((id) => ({ value: id, words: EXISTING_COATS[id] }))}
          onChange={setExisting}
        />
      </div>
      <div role="status">
        <p>
          <strong>{coats?.name ?? 'Nothing on the shelf suits it.'}</strong>
        </p>
        {coats && (
          <div className="living-wide">
            <CoatStackDrawing layers={coats.layers} substrate={substrate} old={null} colour="#8fa37c" />
          </div>
        )}
        {coats && (
          <ul>
            {coats.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        )}
      </div>
      <figcaption>A cupboard door, nothing tested yet. Layers are drawn by their dry film.</figcaption>
    </figure>
  );
}
