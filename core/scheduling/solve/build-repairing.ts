import { buildSchedule, type Built, type BuildOrder } from './build.ts';
import { inTimeFor } from './moves.ts';
import type { Prepared } from './prepared.ts';

/** How often a too-long wait may be mended by starting its first task later. */
export const MAX_REPAIRS = 60;

/** Builds, and where a wait runs out that must not, starts its first task later and builds again. */
export function buildRepairing(
  prepared: Prepared,
  given: BuildOrder,
  shouldStop: () => boolean,
  { repairs = MAX_REPAIRS, onRepair = () => undefined }: { repairs?: number; onRepair?: () => void } = {},
): Built {
  const first = buildSchedule(prepared, given, shouldStop);
  if (!('stuck' in first)) return first;
  const rule = { ...given, notBefore: Int32Array.from(given.notBefore) };
  let built: Built = first;
  for (let repair = 0; repair < repairs && 'stuck' in built; repair++) {
    const { refusal } = built.stuck;
    // Starting later has brought up something else; what was wrong first is what a painter can act on.
    if (refusal.kind !== 'too-late') return first;
    const { from } = refusal.wait;
    const inTime = inTimeFor(prepared, refusal.wait, refusal.earliest);
    rule.notBefore[from] = Math.max(inTime, (rule.notBefore[from] ?? 0) + 1);
    onRepair();
    built = buildSchedule(prepared, rule, shouldStop);
  }
  return built;
}
