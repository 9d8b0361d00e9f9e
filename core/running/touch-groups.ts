import { groupBy } from '../units/maps.ts';
import type { DryingPiece } from './drying-status.ts';

/** Pieces in the same state: ready for the same step, wet, or ready at about the same time. */
export interface TouchGroup {
  /** Unique in its list, and stable while the group stays. */
  key: string;
  /** The one that is ready first is the first. */
  pieces: readonly [DryingPiece, ...DryingPiece[]];
  /** Whether all they do for the rest of the day is cure. */
  isResting: boolean;
}

/** What opens later than this from now is not work of the day. Minutes. */
const RESTS_AFTER = 12 * 60;

/** What becomes ready for the same within so many minutes of the first of them is told together. */
const TOGETHER_WITHIN = 60;

/**
 * Drying pieces by what can be said of them at `at`, in the order of the first of each: ready for the same, ready for
 * the same at about the same time, wet, past their window, or curing for the rest of the day. `pieces` in the order in
 * which they ripen.
 */
export function touchGroups(pieces: readonly DryingPiece[], at: number): TouchGroup[] {
  const isResting = ({ state, opens }: DryingPiece): boolean => state === 'hardening' && opens - at > RESTS_AFTER;
  const firstOpens = new Map<DryingPiece['verb'], number>();
  const keyOf = (drying: DryingPiece): string => {
    const { state, verb, opens } = drying;
    if (isResting(drying)) return 'resting';
    if (state === 'wet' || state === 'late') return state;
    if (state === 'ready') return `ready ${verb}`;
    const first = firstOpens.get(verb) ?? -Infinity;
    const isTogether = opens === first || opens - first <= TOGETHER_WITHIN;
    if (!isTogether) firstOpens.set(verb, opens);
    return `${verb} from ${isTogether ? first : opens}`;
  };
  return [...groupBy(pieces, keyOf)].flatMap(([key, [first, ...others]]): TouchGroup[] =>
    first ? [{ key, pieces: [first, ...others], isResting: key === 'resting' }] : [],
  );
}
