import { coatClimateId, colourShown } from '../../steps/wetness/coat-climate.ts';
import { getOrInsertComputed } from '../../units/maps.ts';
import { keptByName } from '../../units/kept.ts';
import type { PaintingBlocker } from '../../air/painting-blockers.ts';
import { hindrancesIn, stretchesOf } from '../../forecasting/painting-hours.ts';
import type { JobClocks } from '../../clocks/job-clocks.ts';

import { exposedClimateId, exposedFaceOf } from '../../air/exposed-face.ts';
import { dryingClimateId } from '../../job/queries/places.ts';
import type { Intervals } from '../../units/intervals.ts';
import type { Job } from '../../job/document/schema.ts';
import type { CoatStep } from '../../steps/step.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';

type Window = PlanProblem['windows'][number];

/** Under what a coat's hours are asked for: in the shade, or in another colour; as it is without. */
export interface HoursFor {
  shade?: boolean;
  hex?: string | null;
}

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

  /** The hours of a coat were its face in the shade, or of another colour. */
  under(step: CoatStep, { shade = false, hex = colourShown(step) }: HoursFor): Intervals {
    const id = dryingClimateId(this.#job, step.piece, step.coat.faces, hex);
    const face = exposedFaceOf(id);
    return this.#in(shade && face ? exposedClimateId({ ...face, bearing: null }) : id, step).intervals;
  }

  /** The window of a coat; null where nothing is ever against it. */
  of(step: CoatStep): Window | null {
    const window = this.#in(coatClimateId(this.#job, step), step);
    const [first] = window.intervals;
    const isAlwaysOpen = first !== undefined && first[0] <= this.#from && first[1] >= this.#clocks.hours * 60;
    return isAlwaysOpen ? null : window;
  }

  #in(climateId: string, step: CoatStep): Window {
    const { coating } = step.coat;
    const { tool } = step.coat.coat;
    const id = [climateId, coating.id, tool].join('/');
    return getOrInsertComputed(this.#windows, id, () => {
      const intervals = openHours(this.#clocks, id, () => hindrancesIn(this.#clocks, climateId, coating, tool))
        .map(([opens, closes]): [number, number] => [Math.max(this.#from, opens), closes])
        .filter(([opens, closes]) => opens < closes);
      return { id, intervals };
    });
  }
}
