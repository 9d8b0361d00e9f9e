import { coatClimateId } from './coat-climate.ts';
import type { JobClocks } from '../../clocks/job-clocks.ts';
import { progressByTask } from '../../job/progress.ts';

import type { Reading } from '../../job/document/reading-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { minutesSince } from '../../job/site-time.ts';
import type { DryingStage } from '../../shelf/coating.ts';
import { wetFilm } from '../../shelf/film.ts';
import { isCoat } from './current-coats.ts';
import { pieceSteps } from '../piece-steps.ts';
import type { CoatStep } from '../step.ts';

/** One stage that was found reached: when the clock had said, and when it was, in minutes after the coat was put on. */
export interface DryingObservation {
  reading: Extract<Reading, { kind: 'stage' }>;
  step: CoatStep;
  stage: DryingStage;
  predicted: number;
  actual: number;
}

/** What this job has taught about a product: its hours are multiplied by `factor`. */
export interface LearntDrying {
  factor: number;
  observations: DryingObservation[];
}

/** Beyond this either way it is no drying but a slip of the pen. */
const MAX_RATIO = 5;

/**
 * Factors by product from the stages that the painter found reached, in the order of time:
 * `factor ← factor · (actual / predicted)^w`, w = 1/(1+n) for the n-th observation of that product, where what was
 * predicted already has what was learnt before, and the film that was read in that coat.
 */
export function learntDrying(job: Job, clocks: JobClocks): Map<string, LearntDrying> {
  const learnt = new Map<string, LearntDrying>();
  const found = job.readings.filter((reading) => reading.kind === 'stage');
  if (found.length === 0) return learnt;
  const progress = progressByTask(job.log);
  const coats = new Map(
    job.pieces.flatMap((piece) =>
      pieceSteps(job, piece)
        .filter(isCoat)
        .map((step) => [step.id, step] as const),
    ),
  );
  for (const reading of found.toSorted((one, other) => (one.at < other.at ? -1 : 1))) {
    const step = coats.get(reading.taskId);
    const doneAt = progress.get(reading.taskId)?.doneAt;
    if (!step || !doneAt) continue;
    const { coating } = step.coat;
    const known = learnt.get(coating.id) ?? { factor: 1, observations: [] };
    const since = minutesSince(clocks.t0, doneAt, clocks.timeZone);
    const condition = { factor: known.factor, filmRatio: filmRatioOf(job, step) };
    const expected = clocks.reached(coating, reading.stage, since, coatClimateId(job, step), condition);
    const actual = minutesSince(clocks.t0, reading.at, clocks.timeZone) - since;
    if (expected === null || expected === Infinity || expected <= since || actual <= 0) continue;
    const predicted = expected - since;
    const off = Math.max(1 / MAX_RATIO, Math.min(MAX_RATIO, actual / predicted));
    const observation = { reading, step, stage: reading.stage, predicted, actual };
    const observations = [...known.observations, observation];
    learnt.set(coating.id, { factor: known.factor * off ** (1 / (1 + observations.length)), observations });
  }
  return learnt;
}

/** Wet film as the comb showed it last in this coat, over what its tin supposes; 1 where nobody read it. */
export function filmRatioOf(job: Pick<Job, 'readings'>, { id, coat }: CoatStep): number {
  const read = job.readings.findLast((reading) => reading.kind === 'film' && reading.taskId === id);
  if (read?.kind !== 'film') return 1;
  return read.film / wetFilm(coat.coating.volumeSolids, coat.coating.dryFilm, coat.coat.thinning);
}
