import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { sketchOf, usualPiece } from '../../../core/job/document/usual-piece.ts';
import type { PieceKind } from '../../../core/pieces/registry.ts';
import { JOB_KIND_IDS, type JobKindId } from '../../../core/starting/job-kinds.ts';
import { kindOfJob } from '../../../core/starting/start-choices.ts';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { thumbSize } from '../../drawing/elevation/thumb-size.ts';
import { useLocalise } from '../../open-job/use-job.ts';

/** Pixels that a drawing on a card may take. */
const DRAWN = { width: 92, height: 54 };

const sketch = (kind: PieceKind) => sketchOf(kind, usualPiece(kind, ''), '');

/** What belongs to a kind of job, side by side and to one scale. */
function Drawings({ kinds }: { kinds: readonly PieceKind[] }) {
  const pieces = kinds.map(sketch);
  const sizes = pieces.map((piece) => thumbSize(piece, 1));
  const scale = Math.max(
    ...sizes.map(({ height }) => height / DRAWN.height),
    sizes.reduce((sum, { width }) => sum + width, 0) / DRAWN.width,
  );
  return (
    <Box aria-hidden sx={{ display: 'flex', alignItems: 'flex-end', gap: '4px', height: DRAWN.height }}>
      {pieces.map((piece) => (
        <PieceThumb key={piece.kind} piece={piece} fill="#efece2" mmPerPixel={scale} />
      ))}
    </Box>
  );
}

/** The kinds of job as cards, one of them chosen. */
export function KindCards({ chosen, onChoose }: { chosen: JobKindId; onChoose(kind: JobKindId): void }) {
  const localise = useLocalise();
  return (
    <Box
      role="radiogroup"
      aria-label="Kind of job"
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: { xs: 'repeat(2, minmax(0, 1fr))', md: 'repeat(5, minmax(0, 1fr))' },
      }}
    >
      {JOB_KIND_IDS.map((id) => {
        const { name, says, counted } = kindOfJob(id);
        const isChosen = id === chosen;
        return (
          <ButtonBase
            key={id}
            role="radio"
            aria-checked={isChosen}
            aria-label={name}
            onClick={() => onChoose(id)}
            sx={{
              display: 'grid',
              justifyItems: 'start',
              justifyContent: 'start',
              alignContent: 'start',
              textAlign: 'left',
              gap: 0.5,
              p: 1.25,
              borderRadius: '8px',
              background: 'var(--sheet)',
              border: '2px solid',
              borderColor: isChosen ? 'var(--bottle)' : 'var(--line)',
              boxShadow: isChosen ? 'inset 0 -5px 0 var(--vial)' : 'none',
              font: 'inherit',
            }}
          >
            <Drawings kinds={[...new Set(counted.slice(0, 2).map(({ kind }) => kind))]} />
            <strong>{localise(name)}</strong>
            <Box component="span" sx={{ fontSize: 14, color: 'var(--ink-soft)', display: { xs: 'none', sm: 'block' } }}>
              {localise(says)}
            </Box>
          </ButtonBase>
        );
      })}
    </Box>
  );
}
