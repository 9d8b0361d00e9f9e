import type { LocalDay } from '../units/local-day.ts';
import { RateClock } from '../shelf/drying/rate-clock.ts';
import type { PlanProblem, PlanTask } from './problem.ts';
import { fitWholeBefore, jointShifts, type Shifts } from './solve/calendar.ts';

type Interval = [number, number];

/** A day's first and last minute of anybody's work. */
export interface WorkingDay {
  from: number;
  until: number;
}

/** The days on which any of these calendars has hours; minutes from the first day's midnight. */
export function workingDays(days: readonly LocalDay[], calendars: readonly Shifts[]): WorkingDay[] {
  const hours = calendars.flat().sort(([one], [other]) => one - other);
  let next = 0;
  return days.flatMap(({ startsAt, minutes }) => {
    const first = next;
    while ((hours[next]?.[0] ?? Infinity) < startsAt + minutes) next++;
    const own = hours.slice(first, next);
    return own[0] ? [{ from: own[0][0], until: Math.max(...own.map(([, until]) => until)) }] : [];
  });
}

/**
 * Minutes within which the end of one task and the start of another lie on the same day, and beyond which they do not:
 * the longest working day, or just less than the shortest night where that is shorter.
 */
export function sameDayMinutes(days: readonly WorkingDay[]): number {
  const longest = days.reduce((most, { from, until }) => Math.max(most, until - from), 0);
  const nights = days.slice(1).map(({ from }, index) => from - (days[index]?.until ?? 0));
  return Math.max(0, Math.min(longest, ...nights.map((night) => night - 1)));
}

/** What a problem says of the hours of work and of drying. */
type Hours = Pick<PlanProblem, 'waits' | 'clocks' | 'windows' | 'setups'> & {
  painters: readonly Pick<PlanProblem['painters'][number], 'id' | 'shifts'>[];
};

/** When tasks can be begun so that they are done on the same day: each day's hours for the first of them. */
export class SameDay {
  readonly #hours: Hours;
  readonly #days: readonly WorkingDay[];
  readonly #clocks: ReadonlyMap<string, RateClock>;
  readonly #joint: Shifts;

  constructor(hours: Hours, days: readonly WorkingDay[]) {
    this.#hours = hours;
    this.#days = days;
    this.#clocks = new Map(hours.clocks.map(({ id, rate, step }) => [id, new RateClock(rate, step)]));
    this.#joint = jointShifts(hours.painters.map(({ shifts }) => shifts));
  }

  /**
   * In which hours of each day the first of some tasks in a row has to be done so that the last one is done on that day,
   * were there nothing else to do; none on days that are too short for what dries in between.
   */
  beginnings(tasks: readonly PlanTask[]): Interval[] {
    const own = new Set(tasks.map(({ id }) => id));
    const waits = this.#hours.waits.filter(({ from, to }) => own.has(from) && own.has(to));
    const [first] = tasks;
    return this.#days.flatMap(({ from, until }): Interval[] => {
      const start = this.#latestStart(tasks, waits, until);
      return first && start !== null && start >= from ? [[from, start + first.work]] : [];
    });
  }

  /** The latest start of the first of some tasks in a row that are done by `until`; null if there is none. */
  #latestStart(tasks: readonly PlanTask[], waits: PlanProblem['waits'], until: number): number | null {
    const starts = new Map<string, number>();
    const { setups } = this.#hours;
    for (const task of [...tasks].reverse()) {
      let end = until;
      for (const { from, to, atLeast } of waits) {
        const start = from === task.id ? starts.get(to) : undefined;
        if (start === undefined) continue;
        const next = tasks.find(({ id }) => id === to);
        // What is set up is set up while something dries, or else before.
        const setup = setups.find(({ key }) => key === next?.setup)?.work ?? 0;
        if (!atLeast || 'ticks' in atLeast) end = Math.min(end, start - Math.max(atLeast?.ticks ?? 0, setup));
        else end = Math.min(end, Math.floor(this.#clocks.get(atLeast.clock)?.latest(start, atLeast.dose) ?? -1));
      }
      const start = this.#startBefore(task, end);
      if (start === null) return null;
      starts.set(task.id, start);
    }
    return starts.get(tasks[0]?.id ?? '') ?? null;
  }

  /** The latest start of a task that somebody has done by `end`, within its window. */
  #startBefore(task: PlanTask, end: number): number | null {
    if (task.painters === 0) return end - task.work;
    const { painters, windows } = this.#hours;
    const calendars = task.painters === 1 ? painters.map(({ shifts }) => shifts) : [this.#joint];
    const window = task.window == null ? null : (windows.find(({ id }) => id === task.window)?.intervals ?? []);
    const open = window === null ? calendars : calendars.map((shifts) => jointShifts([shifts, window]));
    const starts = open.flatMap((shifts) => fitWholeBefore(shifts, end, task.work) ?? []);
    return starts.length === 0 ? null : Math.max(...starts);
  }
}
