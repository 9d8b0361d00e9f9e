import { clocksOf, type JobClocks, PLAIN_WATER } from '../job/job-clocks.ts';
import { dryingClimateId } from '../job/queries.ts';
import type { Piece } from '../job/piece-schema.ts';
import type { FinishGroup, Job } from '../job/schema.ts';
import { shiftsOf } from '../planning/crew-shifts.ts';
import { awaitedStage, lyingCoats } from '../planning/lying-coats.ts';
import { stepsWith } from '../planning/piece-steps.ts';
import { crewFactor } from '../quantities/pace.ts';

/** Days that are looked ahead. */
const HORIZON = 90;

/** Joined working hours of the whole crew, minutes from the clocks' start. */
function openHours(job: Job, clocks: JobClocks): [number, number][] {
  const all = job.crew.flatMap((painter) => shiftsOf(painter, clocks.days)).sort(([one], [other]) => one - other);
  const open: [number, number][] = [];
  for (const [from, until] of all) {
    const last = open.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], until);
    else open.push([from, until]);
  }
  return open;
}

/** How long single pieces take, in the job's own climates and hours. */
export class OnePiece {
  readonly #job: Job;
  readonly #clocks: JobClocks;
  readonly #open: readonly [number, number][];
  readonly #factor: number;

  constructor(job: Job) {
    this.#job = job;
    this.#clocks = clocksOf(job, HORIZON);
    this.#open = openHours(job, this.#clocks);
    this.#factor = crewFactor(job.crew);
  }

  /**
   * Days from the first hand on a piece until it hangs again, or its tape is off, if nothing else were to be done: the
   * work in the crew's hours, the waits by the drying clocks of the climate where it dries. `Infinity` when it does not
   * get dry within 90 days.
   */
  days(piece: Piece, group: FinishGroup): number {
    const steps = stepsWith(this.#job, piece, group);
    const climateId = dryingClimateId(this.#job, piece);
    const doneAt = new Map<string, number>();
    let start = Infinity;
    let time = 0;
    for (const [index, step] of steps.entries()) {
      const previous = steps[index - 1];
      let from = time;
      if (previous && previous.dryHours > 0) {
        from = this.#clocks.clock(climateId, 'evaporating', PLAIN_WATER).reach(time, previous.dryHours * 60);
      }
      for (const coated of lyingCoats(steps.slice(0, index))) {
        const stage = awaitedStage(coated, step);
        const since = doneAt.get(coated.id);
        if (stage === null || since === undefined) continue;
        const { coating, faces } = coated.coat;
        const place = dryingClimateId(this.#job, piece, faces);
        from = Math.max(from, this.#clocks.reached(coating, stage, since, place) ?? Infinity);
      }
      const worked = this.#work(from, Math.max(1, Math.ceil(step.minutes * this.#factor)));
      if (worked === null) return Infinity;
      start = Math.min(start, worked.from);
      time = worked.until;
      doneAt.set(step.id, time);
    }
    return start === Infinity ? 0 : (time - start) / 1440;
  }

  /** So many minutes of work from a time on, in the crew's hours. */
  #work(earliest: number, minutes: number): { from: number; until: number } | null {
    let left = minutes;
    let begun: number | null = null;
    for (const [from, until] of this.#open) {
      const at = Math.max(from, earliest);
      if (at >= until) continue;
      begun ??= at;
      if (until - at >= left) return { from: begun, until: at + left };
      left -= until - at;
    }
    return null;
  }
}
