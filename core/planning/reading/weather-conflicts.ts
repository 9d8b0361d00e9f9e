import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import type { PaintingBlocker } from '../../air/painting-blockers.ts';
import { exposedFaceOf } from '../../air/exposed-face.ts';
import { hindrancesIn } from '../../forecasting/painting-hours.ts';

import type { Job } from '../../job/document/schema.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import type { CoatStep } from '../../steps/step.ts';
import type { PlanReading } from './read-plan.ts';

/** A coat that the plan puts onto an outside face in an hour in which it may not be painted. */
export interface WeatherConflict {
  step: CoatStep;
  /** Minutes from the plan's start. */
  start: number;
  hindrance: PaintingBlocker;
}

/**
 * Planned coats on faces in the open whose hour is against them, the earliest first; what lies before `now` is done or
 * gone. The forecast reaches so far as it is stated; beyond it, usual days are supposed.
 */
export function weatherConflicts(
  job: Job,
  { clocks, steps }: Pick<JobProblem, 'clocks' | 'steps'>,
  reading: PlanReading,
  now: number,
): WeatherConflict[] {
  const known = new Map<string, ReturnType<typeof hindrancesIn>>();
  const found: WeatherConflict[] = [];
  for (const step of [...steps.values()].filter(isCoat)) {
    const start = reading.starts.get(step.id);
    const { coating, coat } = step.coat;
    const climateId = coatClimateId(job, step);
    if (start === undefined || start < now || exposedFaceOf(climateId) === null) continue;
    const key = `${climateId}/${coating.id}/${coat.tool}`;
    const hindrances = known.get(key) ?? hindrancesIn(clocks, climateId, coating, coat.tool);
    known.set(key, hindrances);
    const [hindrance] = hindrances[Math.floor(start / 60)] ?? [];
    if (hindrance !== undefined) found.push({ step, start, hindrance });
  }
  return found.sort((one, other) => one.start - other.start);
}
