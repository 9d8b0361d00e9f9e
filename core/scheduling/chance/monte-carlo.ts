import { RateClock } from '../../units/rate-clock.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { PlanProblem } from '../problem.ts';
import { jointShifts, type Shifts } from '../solve/calendar.ts';
import type { Prepared, PreparedMeasure, PreparedTask } from '../solve/prepared.ts';
import { jointly } from '../solve/shared-shifts.ts';

/**
 * How far a job goes otherwise than planned, as standard deviations of logarithms: the crew's pace on the whole, every
 * task by itself, how fast the air dries on the whole, and from day to day. Supposed, not measured.
 */
export interface Spread {
  pace: number;
  task: number;
  drying: number;
  dryingByDay: number;
}

export const USUAL_SPREAD: Spread = { pace: 0.12, task: 0.25, drying: 0.08, dryingByDay: 0.15 };

/** Minutes for which somebody stays on to finish what would else be left for the next day. */
const STAYS_ON = 15;

/** How much of one day's deviation is left on the next: weather comes in spells. */
const PERSISTENCE = 0.6;

/** Draws one after another how a job might go: the same problem with other work and other clocks. */
export class Sampler {
  readonly #problem: PlanProblem;
  readonly #spread: Spread;
  readonly #random: () => number;
  /** What is drawn into: the tasks of the problem with work and clocks of their own. */
  readonly #drawn: Prepared;
  readonly #clocks: ReadonlyMap<string, { clock: RateClock }>;
  /** Per task, the work that was planned, and the most that it can come to. */
  readonly #planned: readonly number[];
  readonly #most: readonly number[];

  constructor(prepared: Prepared, seed: number, spread: Spread = USUAL_SPREAD) {
    const { problem } = prepared;
    this.#problem = problem;
    this.#spread = spread;
    this.#random = seededRandom(seed);
    this.#clocks = new Map(problem.clocks.map(({ id, rate, step }) => [id, { clock: new RateClock(rate, step) }]));
    this.#planned = prepared.tasks.map(({ task }) => task.work);
    this.#most = prepared.tasks.map((task) => longestGo(prepared, task));
    const shifts = stayingOn(prepared.shifts, STAYS_ON / problem.tickMinutes);
    this.#drawn = {
      ...prepared,
      shifts,
      jointShifts: jointly(shifts),
      tasks: this.#ownTasks(prepared),
      appointments: prepared.appointments.map((own) => own.filter(({ task }) => prepared.tasks[task]?.isRecorded)),
    };
  }

  /** Copies in which nothing has to be in time any more, and what waits too long is late: a run goes on all the same. */
  #ownTasks({ tasks, problem }: Prepared): PreparedTask[] {
    const measures = new Map<string, PreparedMeasure>();
    const own = (measure: PreparedMeasure | null): PreparedMeasure | null => {
      const clock = measure?.clock == null ? undefined : this.#clocks.get(measure.clock);
      if (measure === null || clock === undefined) return measure;
      const known = measures.get(measure.name) ?? drawnMeasure(measure, clock);
      measures.set(measure.name, known);
      return known;
    };
    return tasks.map((task): PreparedTask => ({
      ...task,
      task: { ...task.task },
      // What is pinned begins no earlier, and later where it has to.
      isFixed: task.isRecorded,
      isPinned: task.isRecorded,
      latest: task.isRecorded ? task.latest : problem.horizon,
      before: task.before.map((wait) => ({
        ...wait,
        atLeast: own(wait.atLeast),
        atMost: own(wait.atMost),
        lateWork: wait.lateWork ?? 0,
      })),
    }));
  }

  /** The problem as it might turn out; good until the next is drawn. What was done stays. */
  next(): Prepared {
    const pace = this.#factor(this.#spread.pace);
    for (const { index, isFixed, task } of this.#drawn.tasks) {
      const planned = this.#planned[index] ?? 0;
      if (isFixed || planned === 0) continue;
      const work = Math.round(planned * pace * this.#factor(this.#spread.task));
      task.work = Math.max(1, Math.min(work, this.#most[index] ?? work));
    }
    this.#drawClocks();
    return this.#drawn;
  }

  /** A factor that is one in the middle. */
  #factor(deviation: number): number {
    return Math.exp(deviation * this.#normal());
  }

  /** A standard normal number (Box and Muller). */
  #normal(): number {
    return Math.sqrt(-2 * Math.log(1 - this.#random())) * Math.cos(2 * Math.PI * this.#random());
  }

  /** The weather is the same for all that dries in it. */
  #drawClocks(): void {
    const { tickMinutes, horizon, clocks } = this.#problem;
    const ticksPerDay = 1440 / tickMinutes;
    const whole = this.#factor(this.#spread.drying);
    const days: number[] = [];
    let deviation = 0;
    for (let day = 0; day * ticksPerDay <= horizon; day++) {
      deviation = PERSISTENCE * deviation + Math.sqrt(1 - PERSISTENCE ** 2) * this.#normal();
      days.push(whole * Math.exp(this.#spread.dryingByDay * deviation));
    }
    for (const { id, rate, step } of clocks) {
      const drawn = new Float64Array(rate.length);
      for (let index = 0; index < drawn.length; index++) {
        drawn[index] = (rate[index] ?? 0) * (days[Math.floor((index * step) / ticksPerDay)] ?? whole);
      }
      const own = this.#clocks.get(id);
      if (own) own.clock = new RateClock(drawn, step);
    }
  }
}

/** The shifts of painters with some ticks more at the end of each, where the next does not begin by then. */
function stayingOn(calendars: readonly Shifts[], ticks: number): Shifts[] {
  const longer = new Map<Shifts, Shifts>();
  return calendars.map((shifts) => {
    const known = longer.get(shifts);
    if (known !== undefined) return known;
    const own = shifts.map(([opens, closes], index): readonly [number, number] => {
      const next = shifts[index + 1]?.[0] ?? Infinity;
      return [opens, Math.max(closes, Math.min(closes + ticks, next - 1))];
    });
    longer.set(shifts, own);
    return own;
  });
}

/** The same limit by the clock as it is drawn at the time. */
function drawnMeasure(measure: PreparedMeasure, drawn: { readonly clock: RateClock }): PreparedMeasure {
  const { dose } = measure;
  return {
    ...measure,
    reach: (end) => drawn.clock.reachWhole(end, dose),
    latest: (start) => Math.floor(drawn.clock.latest(start, dose)),
    passed: (end, start) => drawn.clock.hasPassed(end, start, dose),
  };
}

/** As much work as fits into a shift and a window of anybody who may do a task; no less than what was planned. */
function longestGo({ shifts }: Prepared, { task, by, window, setup }: PreparedTask): number {
  if (task.pausable) return Infinity;
  const setUp = setup === null ? 0 : Math.max(setup.work, ...setup.after);
  const longest = by.map((painter) => {
    const own = shifts[painter] ?? [];
    const open = window === null ? own : jointShifts([own, window]);
    return open.reduce((most, [opens, closes]) => Math.max(most, closes - opens), 0);
  });
  return Math.max(task.work, Math.min(...longest) - setUp);
}
