import { getOrInsertComputed } from '../../units/maps.ts';
import { keptByName } from '../../units/kept.ts';
import type { PaintingBlocker } from '../../air/painting-blockers.ts';
import { hindrancesIn, stretchesOf } from '../../forecasting/painting-hours.ts';
import type { JobClocks } from '../../clocks/job-clocks.ts';
import { dryingClimateId } from '../../job/queries/places.ts';
import type { Job } from '../../job/document/schema.ts';
import type { CoatStep } from '../../steps/step.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';

type Window = PlanProblem['windows'][number];

/** The open hours of a window of some clocks, by its id: every plan of a job asks for the same. */
const openHours = keptByName(
  (clocks: JobClocks, _id, hindrances: () => readonly (readonly PaintingBlocker[])[]): Window['intervals'] =>
    stretchesOf(hindrances(), 0, clocks.hours)
      .filter(({ hindrance }) => hindrance === null)
      .map(({ from, until }): [number, number] => [from * 60, until * 60]),
);

/**
 * The hours from a tick on in which each product may be put on where each piece is painted, as windows of the plan: out
 * of rain, dew and sun outside, and in rooms when it is warm and dry enough.
 */
export class PaintableWindows {
  readonly #job: Job;
  readonly #clocks: JobClocks;
  readonly #from: number;
  readonly #windows = new Map<string, Window>();

  /** Windows in minutes from the clocks' t0, none of them before `from`. */
  constructor(job: Job, clocks: JobClocks, from: number) {
    this.#job = job;
    this.#clocks = clocks;
    this.#from = from;
  }

  /** The window of a coat; null where nothing is ever against it. */
  of({ piece, coat }: CoatStep): Window | null {
    const climateId = dryingClimateId(this.#job, piece, coat.faces);
    const { coating } = coat;
    const { tool } = coat.coat;
    const id = [climateId, coating.id, tool].join('/');
    const window = getOrInsertComputed(this.#windows, id, () => {
      const intervals = openHours(this.#clocks, id, () => hindrancesIn(this.#clocks, climateId, coating, tool))
        .map(([opens, closes]): [number, number] => [Math.max(this.#from, opens), closes])
        .filter(([opens, closes]) => opens < closes);
      return { id, intervals };
    });
    const [first] = window.intervals;
    const isAlwaysOpen = first !== undefined && first[0] <= this.#from && first[1] >= this.#clocks.hours * 60;
    return isAlwaysOpen ? null : window;
  }
}

/** Minutes of the longest interval of a window; 0 if it never opens. */
export function longestOpen({ intervals }: Window): number {
  return intervals.reduce((longest, [opens, closes]) => Math.max(longest, closes - opens), 0);
}
