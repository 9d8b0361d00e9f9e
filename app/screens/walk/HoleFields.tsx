import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { nanoid } from 'nanoid';
import { drillingFault, usualDrillings } from '../../../core/job/drilling-presets.ts';
import type { Drilling, Piece } from '../../../core/job/document/piece-schema.ts';
import { lengthFieldText, parseLength, lengthUnit } from '../../../core/units/length.ts';
import { refused, type Outcome } from '../../../core/units/outcome.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { wholeNumber } from '../../../core/units/typed-number.ts';
import { Caution } from '../../parts/Section.tsx';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { DrillTemplate } from '../../drawing/elevation/DrillTemplate.tsx';

const LENGTHS = [
  ['x', 'From the left'],
  ['y', 'From the top'],
  ['centres', 'Centre to centre'],
  ['diameter', 'Diameter'],
] as const;

/** Pieces that are drilled by the same template: of the same kind and size. */
function alike(pieces: readonly Piece[], piece: Piece): Piece[] {
  const shape = JSON.stringify(piece.shape);
  return pieces.filter((other) => other.kind === piece.kind && JSON.stringify(other.shape) === shape);
}

/** Old holes that are filled and new ones that are drilled, each fitting with its template. */
export function HoleFields({ piece, draft }: { piece: Piece; draft: string }) {
  const job = useJob();
  const { apply } = useCommands();
  const like = alike(job.pieces, piece);
  const said = [
    piece.filledHoles > 0 ? `${piece.filledHoles} to fill` : '',
    piece.drillings.length > 0 ? piece.drillings.map(({ name }) => name).join(', ') : '',
  ].filter(Boolean);
  return (
    <Fold title="Holes" summary={said.join(' · ') || 'none new'}>
      <StatedField
        label="Old holes to fill"
        text={String(piece.filledHoles)}
        draft={`${draft}/filled`}
        take={(typed) => {
          const count = wholeNumber(typed, 0, 60);
          return count.ok
            ? apply(
                'fill-holes',
                { ids: [piece.id], count: count.value },
                { strokes: `${piece.id}/filled`, quiet: true },
              )
            : count;
        }}
      />
      {piece.drillings.map((drilling) => (
        <DrillingFields key={drilling.id} piece={piece} drilling={drilling} draft={`${draft}/${drilling.id}`} />
      ))}
      {piece.fireRated && piece.drillings.length > 0 && (
        <Caution>Fire door: drill only what its certificate allows.</Caution>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {usualDrillings(piece).map((holes) => (
          <Button
            key={holes.name}
            size="small"
            variant="outlined"
            onClick={() => apply('add-drilling', { ids: [piece.id], drilling: { ...holes, id: nanoid(8) } })}
          >
            Drill for {holes.name}
          </Button>
        ))}
      </Box>
      {like.length > 1 && (piece.drillings.length > 0 || piece.filledHoles > 0) && (
        <Button
          size="small"
          sx={{ justifySelf: 'start' }}
          onClick={() => {
            const ids = like.map(({ id }) => id).filter((id) => id !== piece.id);
            apply('copy-holes', { from: piece.id, ids });
          }}
        >
          Same holes on all {like.length} of this size
        </Button>
      )}
    </Fold>
  );
}

/** One fitting: where its holes are, how large, and its template. */
function DrillingFields({ piece, drilling, draft }: { piece: Piece; drilling: Drilling; draft: string }) {
  const job = useJob();
  const { apply } = useCommands();
  const { units } = job.settings;
  // It fitted when it was stated; the piece may have been made smaller since.
  const fault = drillingFault(piece, drilling, units);
  const state = (facts: Partial<Drilling>, strokes: string): Outcome<unknown> => {
    const changed = { ...drilling, ...facts };
    const fault = drillingFault(piece, changed, units);
    if (fault !== null) return refused(fault);
    return apply('change-drilling', { id: piece.id, drillingId: drilling.id, facts }, { strokes, quiet: true });
  };
  return (
    <Box role="group" aria-label={`Holes for ${drilling.name}`} sx={{ display: 'grid', gap: 1.25 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) auto', gap: 1, alignItems: 'center' }}>
        <StatedField
          label="For"
          text={drilling.name}
          draft={`${draft}/name`}
          take={(name) => state({ name }, `${drilling.id}/name`)}
        />
        <Button
          size="small"
          color="error"
          onClick={() => apply('remove-drilling', { id: piece.id, drillingId: drilling.id })}
        >
          Not drilled
        </Button>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(2, minmax(0, 1fr))', gap: 1.25 }}>
        {LENGTHS.map(([key, label]) => (
          <StatedField
            key={key}
            label={key === 'x' && drilling.on === 'edge' ? 'From the front, across the edge' : label}
            text={lengthFieldText(drilling[key], units)}
            unit={lengthUnit(units)}
            draft={`${draft}/${key}`}
            take={(typed) => {
              const length = parseLength(typed, units);
              return length.ok ? state({ [key]: length.value }, `${drilling.id}/${key}`) : length;
            }}
          />
        ))}
      </Box>
      {drilling.centres > 0 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={drilling.upright ? 'upright' : 'across'}
          aria-label="Two holes"
          onChange={(_event, lie: string | null) => lie && state({ upright: lie === 'upright' }, `${drilling.id}/lie`)}
        >
          <ToggleButton value="upright">one above the other</ToggleButton>
          <ToggleButton value="across">side by side</ToggleButton>
        </ToggleButtonGroup>
      )}
      {fault !== null && (
        <Box role="alert" sx={{ color: 'var(--late)', fontSize: 14 }}>
          {fault}
        </Box>
      )}
      <DrillTemplate piece={piece} drilling={drilling} units={units} />
    </Box>
  );
}
