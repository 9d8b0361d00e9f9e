import { useLocalise } from '../../../open-job/use-job.ts';
import Box from '@mui/material/Box';
import { OPERATIONS, type Operation } from '../../../../core/steps/operations.ts';
import type { Run } from '../../../../core/planning/reading/read-plan.ts';

interface Paint {
  fill: string;
  ink: string;
}

const COAT: Paint = { fill: 'var(--bottle)', ink: 'var(--on-bottle)' };
const PREPARE: Paint = { fill: '#7d8f8d', ink: '#fff' };
const HANG: Paint = { fill: 'var(--vial)', ink: '#18292b' };
const PRIME: Paint = { fill: '#4f8f84', ink: '#fff' };

/** How a run is drawn: what wets a piece is bottle green, what prepares it is grey, what brings it back is the vial's green. */
export function operationPaint(operation: Operation, role?: 'primer' | 'topcoat' | 'sealer'): Paint {
  const { laysCoat, moves } = OPERATIONS[operation];
  if (laysCoat) return role === 'primer' ? PRIME : COAT;
  if (moves === 'back' || moves === 'night') return HANG;
  return PREPARE;
}

/** A run in a word or two: “coat 2 ×7”. */
export function runLabel(run: Run): string {
  const coat = run.steps[0]?.coat;
  const what = coat
    ? coat.coating.role === 'primer'
      ? 'prime'
      : `coat ${coat.number}`
    : OPERATIONS[run.operation].short;
  return run.steps.length > 1 ? `${what} ×${run.steps.length}` : `${what} ${run.steps[0]?.piece.mark ?? ''}`;
}

/** Colours. */
export function RunLegend({ operations }: { operations: readonly Operation[] }) {
  const localise = useLocalise();
  const entries: [string, Paint, boolean][] = [
    ['prepare', PREPARE, operations.some((operation) => operationPaint(operation) === PREPARE)],
    ['prime', PRIME, operations.some((operation) => OPERATIONS[operation].laysCoat)],
    ['coat', COAT, operations.some((operation) => OPERATIONS[operation].laysCoat)],
    ['hang', HANG, operations.some((operation) => operationPaint(operation) === HANG)],
  ];
  return (
    <Box component="ul" aria-label={localise('Colours')} sx={{ display: 'flex', gap: 2, fontSize: 14 }}>
      {entries
        .filter(([, , isThere]) => isThere)
        .map(([words, paint]) => (
          <Box component="li" key={words} sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
            <Box sx={{ width: 16, height: 16, borderRadius: '3px', background: paint.fill }} />
            {words}
          </Box>
        ))}
    </Box>
  );
}
