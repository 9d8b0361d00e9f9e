import Box from '@mui/material/Box';
import { placeOf } from '../../../core/job/queries/places.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { onRack, type Racked } from '../../../core/running/rack-now.ts';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import { useJob } from '../../open-job/use-job.ts';
import { WetnessPatterns, wetnessPaint, WETNESS_WORDS } from '../../drawing/wetness.tsx';

interface RackPictureProps {
  dryingPieces: readonly DryingPiece[];
  reading: PlanReading;
  at: number;
  when(minutes: number): string;
}

/** Px of the drawing: a column of shelves, one shelf, and the posts. */
const COLUMN = 330;
const SHELF = 34;
const POST = 9;
/** Shelves in a column before a second one stands beside it. */
const HIGH = 10;

/** The rack as it stands: every shelf with what lies on it, in the texture of its wetness, and when it ripens. */
export function RackPicture({ dryingPieces, reading, at, when }: RackPictureProps) {
  const job = useJob();
  const place = placeOf(job, 'rack');
  const racked = onRack(dryingPieces, reading, at, place.slots);
  const columns = Math.ceil(place.slots / HIGH);
  const rows = Math.min(HIGH, place.slots);
  const width = columns * (COLUMN + 18) - 18;
  const height = rows * SHELF + 14;
  const slots = Array.from(
    { length: place.slots },
    (_none, slot) => racked.find((entry) => entry.slot === slot) ?? null,
  );
  const lying = racked.length === 0 ? 'empty' : `${racked.length} of ${place.slots} spaces used`;
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="svg"
        role="img"
        aria-label={`${place.name}: ${lying}. ${racked.map(({ drying }) => `${drying.piece.mark} ${WETNESS_WORDS[drying.state]}, ${when(drying.opens)}`).join('; ')}`}
        viewBox={`0 0 ${width} ${height}`}
        sx={{
          width: '100%',
          minWidth: columns > 1 ? { xs: 560, sm: 0 } : 0,
          maxWidth: columns * 420,
          display: 'block',
        }}
      >
        <WetnessPatterns />
        {Array.from({ length: columns }, (_none, column) => (
          <g key={column} fill="var(--cured)">
            <rect x={column * (COLUMN + 18)} y={0} width={POST} height={height} rx={2} />
            <rect x={column * (COLUMN + 18) + COLUMN - POST} y={0} width={POST} height={height} rx={2} />
          </g>
        ))}
        {slots.map((entry, slot) => (
          <Shelf
            key={slot}
            entry={entry}
            x={Math.floor(slot / HIGH) * (COLUMN + 18)}
            y={(slot % HIGH) * SHELF + 6}
            when={when}
          />
        ))}
      </Box>
    </Box>
  );
}

/** One shelf: two points and, lying on them, a slab with its mark. */
function Shelf({ entry, x, y, when }: { entry: Racked | null; x: number; y: number; when(minutes: number): string }) {
  const left = x + POST + 6;
  const wide = COLUMN - 2 * POST - 12;
  const floor = y + SHELF - 8;
  return (
    <g>
      <path d={`M${x + POST} ${floor}H${x + COLUMN - POST}`} stroke="var(--cured)" strokeWidth={2.5} />
      {entry && (
        <>
          {[0.18, 0.5, 0.82].map((share) => (
            <path key={share} d={`M${left + wide * share - 4} ${floor}l4 -5l4 5z`} fill="var(--ink-soft)" />
          ))}
          <rect
            x={left}
            y={floor - 25}
            width={wide}
            height={20}
            rx={2}
            {...wetnessPaint(entry.drying.state)}
            strokeWidth={1.5}
          />
          <g fontSize={14} className="condensed">
            <rect x={left + 4} y={floor - 23} width={52} height={16} rx={2} fill="var(--sheet)" />
            <text x={left + 30} y={floor - 10.5} textAnchor="middle" fill="var(--ink)">
              {entry.drying.piece.mark}
            </text>
            <rect x={left + wide - 88} y={floor - 23} width={84} height={16} rx={2} fill="var(--sheet)" />
            <text x={left + wide - 46} y={floor - 10.5} textAnchor="middle" fill="var(--ink)">
              {entry.drying.state === 'ready' ? 'ready' : when(entry.drying.opens)}
            </text>
          </g>
        </>
      )}
    </g>
  );
}
