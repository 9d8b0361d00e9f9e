import { clocksOf, type JobClocks, PLAIN_WATER } from '../clocks/job-clocks.ts';
import { dryingClimateId } from '../job/queries/places.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { shiftsOf } from '../steps/crew-shifts.ts';
import { awaitedStage, currentCoats } from '../steps/wetness/current-coats.ts';
import { stepsWith } from '../steps/piece-steps.ts';
import { crewFactor } from '../quantities/pace.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';

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

/** When work begins on each day of the first week on which anybody works, minutes from the clocks' start. */
function beginningsIn(open: readonly (readonly [number, number])[]): number[] {
  const dayOf = ([from]: readonly [number, number]): number => Math.floor(from / 1440);
  const [first] = open;
  const week = first ? open.filter((hours) => dayOf(hours) < dayOf(first) + 7) : [];
  return week
    .filter((hours, index) => index === 0 || dayOf(hours) !== dayOf(week[index - 1] ?? hours))
    .map(([from]) => from);
}

/** A step of a piece, as far as its time goes. */
interface Wait {
  /** Hands-on, at the crew's pace. */
  minutes: number;
  /** Minutes the water of the step before dries at 23 °C and 50%. */
  dryMinutes: number;
  climateId: string;
  /** Coats that must have come to a stage first; `laidBy` is the place of their own step. */
  coats: readonly { coating: Coating; stage: DryingStage; climateId: string; laidBy: number }[];
}

/** How long single pieces take, in the job's own climates and hours. */
export class OnePiece {
  readonly #job: Job;
  readonly #clocks: JobClocks;
  readonly #open: readonly [number, number][];
  readonly #beginnings: readonly number[];
  readonly #factor: number;

  constructor(job: Job) {
    this.#job = job;
    this.#clocks = clocksOf(job, HORIZON);
    this.#open = openHours(job, this.#clocks);
    this.#beginnings = beginningsIn(this.#open);
    this.#factor = crewFactor(job.crew);
  }

  /**
   * Days from the first hand on a piece until it hangs again, or its tape is off, if nothing else were to be done: the
   * work in the crew's hours, the waits by the drying clocks of the climate where it dries. The mean over the working
   * days of a week on which it may be begun, for no build-up is the better one for the day on which it was asked for.
   * `Infinity` when it does not get dry within 90 days; 0 when there is nothing to do, or nobody to do it.
   */
  days(piece: Piece, group: FinishGroup): number {
    const waits = this.#waits(piece, group);
    if (waits.length === 0 || this.#beginnings.length === 0) return 0;
    const each = this.#beginnings.map((beginning) => this.#daysFrom(beginning, waits));
    return each.reduce((sum, days) => sum + days, 0) / each.length;
  }

  /** Every step of a piece with what it waits for; the same on whatever day it is begun. */
  #waits(piece: Piece, group: FinishGroup): Wait[] {
    const steps = stepsWith(this.#job, piece, group);
    return steps.map((step, index) => ({
      minutes: Math.max(1, Math.ceil(step.minutes * this.#factor)),
      dryMinutes: (steps[index - 1]?.dryHours ?? 0) * 60,
      climateId: dryingClimateId(this.#job, piece),
      coats: currentCoats(steps.slice(0, index)).flatMap((coated) => {
        const stage = awaitedStage(coated, step);
        if (stage === null) return [];
        const { coating, faces } = coated.coat;
        const laidBy = steps.findIndex(({ id }) => id === coated.id);
        return [{ coating, stage, climateId: dryingClimateId(this.#job, piece, faces), laidBy }];
      }),
    }));
  }

  /** Days from the first hand to the last, begun at a time. */
  #daysFrom(beginning: number, waits: readonly Wait[]): number {
    const doneAt: number[] = [];
    let start = Infinity;
    let time = beginning;
    for (const { minutes, dryMinutes, climateId, coats } of waits) {
      let from =
        dryMinutes > 0 ? this.#clocks.clock(climateId, 'evaporating', PLAIN_WATER).reach(time, dryMinutes) : time;
      for (const { coating, stage, climateId: where, laidBy } of coats) {
        from = Math.max(from, this.#clocks.reached(coating, stage, doneAt[laidBy] ?? beginning, where) ?? Infinity);
      }
      const worked = this.#work(from, minutes);
      if (worked === null) return Infinity;
      start = Math.min(start, worked.from);
      time = worked.until;
      doneAt.push(time);
    }
    return (time - start) / 1440;
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
