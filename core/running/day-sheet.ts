import { progressByTask } from '../job/progress.ts';
import type { Job } from '../job/document/schema.ts';
import { localDate } from '../job/site-time.ts';
import type { PlanReading, Run } from '../planning/reading/read-plan.ts';

/** A run on somebody's sheet, with how far it is. */
export interface SheetRun {
  run: Run;
  state: 'open' | 'running' | 'done';
  done: number;
}

/** A painter's runs in the order of the plan, each with how far it is. */
function runsFor(job: Job, reading: PlanReading, painter: string): SheetRun[] {
  const progress = progressByTask(job.log);
  return reading.runs
    .filter((run) => run.painters.includes(painter))
    .map((run): SheetRun => {
      const done = run.steps.filter((step) => progress.get(step.id)?.doneAt).length;
      const started = run.steps.some((step) => progress.get(step.id)?.startedAt);
      return { run, done, state: done === run.steps.length ? 'done' : started || done > 0 ? 'running' : 'open' };
    })
    .sort((one, other) => one.run.start - other.run.start);
}

/** A painter's sheet for the day that `now` (minutes from the plan's t0) lies in, with what is left of earlier days. */
export function daySheet(job: Job, reading: PlanReading, painter: string, now: number): SheetRun[] {
  const dateOf = (minutes: number): string => localDate(reading.t0, minutes, job.site.timeZone);
  const today = dateOf(now);
  return runsFor(job, reading, painter).filter(
    ({ run, state }) => dateOf(run.start) <= today && (state !== 'done' || dateOf(run.end) >= today),
  );
}

/** The first run of a painter that is not done, today or later; null when all is. */
export function nextRun(job: Job, reading: PlanReading, painter: string): SheetRun | null {
  return runsFor(job, reading, painter).find((entry) => entry.state !== 'done') ?? null;
}
