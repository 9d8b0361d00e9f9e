import type { JobProblem } from '../planning/job-to-problem.ts';
import { pieceSteps, type PieceStep } from '../planning/piece-steps.ts';
import type { Wetness } from '../planning/read-plan.ts';
import { progressByTask } from '../job/progress.ts';
import { staysOf } from '../job/queries.ts';
import type { Job, Piece } from '../job/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import type { DryingStage } from '../shelf/coating.ts';

/** A coat that lies there now: what may be done with the piece, and from when to when. Minutes from the clocks' t0. */
export interface Ripening {
  piece: Piece;
  /** The coat that was put on last. */
  coated: PieceStep;
  /** What comes next; null when nothing does. */
  next: PieceStep | null;
  verb: 'turn' | 'recoat' | 'hang' | 'use';
  since: number;
  touchDry: number;
  opens: number;
  /** Later than this it must be abraded again; null without a limit. */
  closes: number | null;
  state: Wetness;
}

/** What the next step asks of the coat, and what that means for the hand. */
function awaited(next: PieceStep | null): { stage: DryingStage; verb: Ripening['verb'] } {
  if (next === null) return { stage: 'close', verb: 'use' };
  if (next.operation === 'rehang') return { stage: 'rehang', verb: 'hang' };
  if (next.operation === 'refit') return { stage: 'handle', verb: 'use' };
  if (next.turned) return { stage: 'handle', verb: 'turn' };
  return { stage: 'recoat', verb: 'recoat' };
}

/**
 * Every piece with a coat on it that has not been touched since, what ripens next first.
 * From what was stamped, never from what was planned. `now` is local ISO time.
 */
export function ripeningPieces(job: Job, { clocks, conditions }: JobProblem, now: string): Ripening[] {
  const progress = progressByTask(job.log);
  const minutes = (at: string): number => minutesSince(clocks.t0, at, job.site.timeZone);
  const at = minutes(now);
  const ripening = job.pieces.flatMap((piece): Ripening[] => {
    const steps = pieceSteps(job, piece);
    const last = steps.findLastIndex((step) => progress.get(step.id)?.doneAt);
    const coated = steps.slice(0, last + 1).findLast((step) => step.coat !== null);
    const next = steps[last + 1] ?? null;
    const doneAt = coated && progress.get(coated.id)?.doneAt;
    if (!coated?.coat || !doneAt) return [];
    if (next !== null && progress.get(next.id)?.startedAt) return [];
    const { coating } = coated.coat;
    const since = minutes(doneAt);
    const { stage, verb } = awaited(next);
    const hungAt = next === null ? progress.get(steps.at(-1)?.id ?? '')?.doneAt : null;
    const stays = staysOf(job, piece, hungAt ? minutes(hungAt) : Infinity);
    const reached = (asked: DryingStage): number =>
      clocks.reached(coating, asked, since, stays, conditions.get(coated.id)) ?? Infinity;
    const touchDry = reached('touch');
    const opens = reached(stage);
    const closes = verb === 'recoat' && coating.recoatMax !== null ? since + coating.recoatMax * 60 : null;
    const state = stateAt(at, { touchDry, handled: reached('handle'), opens, closes, full: reached('full') });
    // Once it may be closed, there is nothing left to mind.
    if (state === 'cured' || (verb === 'use' && at >= opens)) return [];
    return [{ piece, coated, next, verb, since, touchDry, opens, closes, state }];
  });
  return ripening.sort((one, other) => one.opens - other.opens);
}

function stateAt(
  now: number,
  {
    touchDry,
    handled,
    opens,
    closes,
    full,
  }: { touchDry: number; handled: number; opens: number; closes: number | null; full: number },
): Wetness {
  if (now < touchDry) return 'wet';
  if (now < opens) return now < handled ? 'tacky' : 'hardening';
  if (closes !== null && now > closes) return 'late';
  return now >= full ? 'cured' : 'ready';
}
