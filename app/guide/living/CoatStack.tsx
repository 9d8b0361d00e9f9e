import { useId, useMemo, useState } from 'react';
import { EXISTING_COATS, SUBSTRATES, type ExistingCoat, type Substrate } from '../../../core/pieces/substrate.ts';
import { CoatStackDrawing } from '../../drawing/CoatStackDrawing.tsx';
import { coatsFor } from './coats-for.ts';

const MATERIALS: readonly Substrate[] = ['softwood', 'oak', 'mdf', 'laminate', 'metal'];
const FINISHES: readonly ExistingCoat[] = ['oil-gloss', 'waterborne-sheen', 'varnish', 'factory-finish', 'bare'];

/** What goes onto a surface, layer by layer and why: for the guide, by the rules of Build-up. */
export default function CoatStack() {
  const [substrate, setSubstrate] = useState<Substrate>('softwood');
  const [existing, setExisting] = useState<ExistingCoat>('oil-gloss');
  const field = useId();
  const coats = useMemo(() => coatsFor(substrate, existing), [substrate, existing]);
  return (
    <figure className="living">
      <div className="living-fields">
        <label htmlFor={`${field}-material`}>Material</label>
        <select
          id={`${field}-material`}
          value={substrate}
          onChange={(event) => setSubstrate(event.target.value as Substrate)}
        >
          {MATERIALS.map((id) => (
            <option key={id} value={id}>
              {SUBSTRATES[id].name}
            </option>
          ))}
        </select>
        <label htmlFor={`${field}-finish`}>On it now</label>
        <select
          id={`${field}-finish`}
          value={existing}
          onChange={(event) => setExisting(event.target.value as ExistingCoat)}
        >
          {FINISHES.map((id) => (
            <option key={id} value={id}>
              {EXISTING_COATS[id]}
            </option>
          ))}
        </select>
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
