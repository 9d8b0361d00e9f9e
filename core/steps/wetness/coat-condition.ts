import { coatClimateId } from './coat-climate.ts';
import { dryingProduct, type JobClocks } from '../../clocks/job-clocks.ts';
import type { TaskProgress } from '../../job/progress.ts';

import type { Job } from '../../job/document/schema.ts';
import { minutesSince } from '../../job/site-time.ts';
import { shareMade, stageLegs, type CoatCondition } from '../../shelf/drying/stage-legs.ts';
import { filmRatioOf, type LearntDrying } from './learnt-drying.ts';
import type { CoatStep } from '../step.ts';

/** What a coat that is still tacky is supposed to need beyond what it has made, as a share. */
const TACKY_MARGIN = 0.15;

/**
 * How a coat differs from its tin: its film where it was read, what was learnt of its product, and, when it was found
 * tacky, so much slower that what it had made then was not yet enough to handle it.
 */
export function coatCondition(
  job: Job,
  clocks: JobClocks,
  learnt: ReadonlyMap<string, LearntDrying>,
  step: CoatStep,
  stamped: TaskProgress | null,
): CoatCondition {
  const { coating } = step.coat;
  const filmRatio = filmRatioOf(job, step);
  const factor = learnt.get(coating.id)?.factor ?? 1;
  if (!stamped?.tackyAt || !stamped.doneAt) return { filmRatio, factor };
  const legs = stageLegs(coating, 'full') ?? [];
  const minutesAt = (at: string): number => minutesSince(clocks.t0, at, job.site.timeZone);
  const climateId = coatClimateId(job, step);
  const share = shareMade(legs, minutesAt(stamped.doneAt), minutesAt(stamped.tackyAt), (kind) =>
    clocks.clock(climateId, kind, dryingProduct(coating)),
  );
  const made = share * coating.hours.full;
  return { filmRatio, factor: Math.max(factor, ((1 + TACKY_MARGIN) * made) / coating.hours.handle) };
}
