import { coatStays } from '../steps/wetness/coat-climate.ts';
import { progressByTask } from '../job/progress.ts';

import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import type { JobProblem } from '../planning/drafting/job-to-problem.ts';
import { isRehangStep, rehungBy } from '../steps/rehanging.ts';
import { currentCoats } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatStep, PieceStep } from '../steps/step.ts';
import type { DryingStage } from '../shelf/coating.ts';

/** What a piece may be used for, in the order in which it may. */
export const USES = ['handle', 'rehang', 'close', 'wash', 'full'] as const satisfies readonly DryingStage[];
export type Use = (typeof USES)[number];

/** From when a piece may be handled, hung, closed, washed and used hard. Minutes from the clocks' t0. */
export interface Readiness {
  piece: Piece;
  /** When its last coat is finished; null when that is not planned yet. */
  lastCoat: number | null;
  /** Whether the last coat has been stamped done; otherwise all of this is forecast. */
  isDone: boolean;
  from: Readonly<Record<Use, number | null>>;
  /** When it is hung: stamped, or planned. */
  hung: { at: number; isDone: boolean } | null;
}

/**
 * From when every piece may be used, drying on the rack until it is hung and in its room from then on, from its last coat on every face: as stamped, otherwise as planned in `ends`.
 * A use that the clocks do not reach, or that the tin does not state, is null.
 */
export function readinessOf(
  job: Job,
  { clocks, conditions }: Pick<JobProblem, 'clocks' | 'conditions'>,
  ends: ReadonlyMap<string, number>,
): Readiness[] {
  const progress = progressByTask(job.log);
  const stampedEnd = (stepId: string): number | null => {
    const doneAt = progress.get(stepId)?.doneAt;
    return doneAt ? minutesSince(clocks.t0, doneAt, job.site.timeZone) : null;
  };
  return job.pieces.map((piece): Readiness => {
    const steps = pieceSteps(job, piece);
    const lastCoats = coatsInTheEnd(steps, (id) => stampedEnd(id) !== null);
    const finished = lastCoats.map((step) => stampedEnd(step.id) ?? ends.get(step.id) ?? null);
    const back = rehungBy(steps, (id) => progress.get(id)?.doneAt);
    const hungAt = back && stampedEnd(back.step.id);
    const hanging = steps.findLast(isRehangStep);
    const planned = hanging ? (ends.get(hanging.id) ?? null) : null;
    const isPlanned = isComplete(finished);
    const reached = (use: Use): number | null => {
      if (!isPlanned) return null;
      let latest = 0;
      for (const [index, step] of lastCoats.entries()) {
        const { coating } = step.coat;
        const stays = coatStays(job, step, hungAt ?? planned ?? Infinity);
        const at = clocks.reached(coating, use, finished[index] ?? 0, stays, conditions.get(step.id));
        if (at == null || at === Infinity) return null;
        latest = Math.max(latest, at);
      }
      return latest;
    };
    return {
      piece,
      lastCoat: isPlanned ? Math.max(...finished) : null,
      isDone: lastCoats.length > 0 && lastCoats.every((step) => stampedEnd(step.id) !== null),
      from: {
        handle: reached('handle'),
        rehang: reached('rehang'),
        close: reached('close'),
        wash: reached('wash'),
        full: reached('full'),
      },
      hung: hungAt !== null ? { at: hungAt, isDone: true } : planned !== null ? { at: planned, isDone: false } : null,
    };
  });
}

/**
 * The coats that lie on a piece when all its steps are done. One that was passed over, since the piece was hung without it,
 * is waited for no more.
 */
export function coatsInTheEnd(steps: readonly PieceStep[], isDone: (stepId: string) => boolean): CoatStep[] {
  const lastDone = steps.findLastIndex(({ id }) => isDone(id));
  return currentCoats(steps.filter(({ id }, index) => index > lastDone || isDone(id)));
}

/** Whether there are ends and all of them are known. */
function isComplete(ends: readonly (number | null)[]): ends is readonly number[] {
  return ends.length > 0 && ends.every((end) => end !== null);
}
