import type { LocalDay } from '../units/local-day.ts';
import { RateClock } from '../units/rate-clock.ts';
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

/** A task that waits for another one: how long, and how many minutes it is set up before. */
type Following = Pick<PlanProblem['waits'][number], 'to' | 'atLeast'> & { setup: number };

/** What a problem says of the hours of work and of drying. */
type Hours = Pick<PlanProblem, 'waits' | 'clocks' | 'windows' | 'setups'> & {
  painters: readonly Pick<PlanProblem['painters'][number], 'id' | 'shifts'>[];
};

/** When tasks can be begun so that they are done on the same day: each day's hours for the first of them. */
export class SameDay {
  readonly #hours: Hours;
  readonly #days: readonly WorkingDay[];
  readonly #clocks: ReadonlyMap<string, RateClock>;
  readonly #setups: ReadonlyMap<string | null | undefined, number>;
  /** Working hours by window: of each painter, and of all of them together. */
  readonly #open = new Map<string, { each: readonly Shifts[]; joint: Shifts }>();

  constructor(hours: Hours, days: readonly WorkingDay[]) {
    this.#hours = hours;
    this.#days = days;
    this.#clocks = new Map(hours.clocks.map(({ id, rate, step }) => [id, new RateClock(rate, step)]));
    this.#setups = new Map(hours.setups.map(({ key, work }) => [key, work]));
  }

  /**
   * In which hours of each day the first of some tasks in a row has to be done so that the last one is done on that day,
   * were there nothing else to do; none on days that are too short for what dries in between.
   */
  beginnings(tasks: readonly PlanTask[]): Interval[] {
    const [first] = tasks;
    if (!first) return [];
    const following = this.#following(tasks);
    return this.#days.flatMap(({ from, until }): Interval[] => {
      const start = this.#latestStart(tasks, following, until);
      return start !== null && start >= from ? [[from, start + first.work]] : [];
    });
  }

  /** The waits between these tasks, by the task that ends first. */
  #following(tasks: readonly PlanTask[]): ReadonlyMap<string, readonly Following[]> {
    const own = new Map(tasks.map((task) => [task.id, task]));
    const following = new Map<string, Following[]>();
    for (const { from, to, atLeast } of this.#hours.waits) {
      const next = own.get(to);
      if (!next || !own.has(from)) continue;
      // Tools are set up during the drying, or before the coat.
      const setup = this.#setups.get(next.setup) ?? 0;
      following.set(from, [...(following.get(from) ?? []), { to, atLeast, setup }]);
    }
    return following;
  }

  /** The latest start of the first of some tasks in a row that are done by `until`; null if there is none. */
  #latestStart(
    tasks: readonly PlanTask[],
    following: ReadonlyMap<string, readonly Following[]>,
    until: number,
  ): number | null {
    const starts = new Map<string, number>();
    for (const task of [...tasks].reverse()) {
      let end = until;
      for (const { to, atLeast, setup } of following.get(task.id) ?? []) {
        const start = starts.get(to);
        if (start === undefined) continue;
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
    const { each, joint } = this.#openIn(task.window ?? null);
    const starts = (task.painters === 1 ? each : [joint]).flatMap(
      (shifts) => fitWholeBefore(shifts, end, task.work) ?? [],
    );
    return starts.length === 0 ? null : Math.max(...starts);
  }

  #openIn(window: string | null): { each: readonly Shifts[]; joint: Shifts } {
    const known = this.#open.get(window ?? '');
    if (known) return known;
    const calendars = this.#hours.painters.map(({ shifts }) => shifts);
    const within = window === null ? [] : [this.#hours.windows.find(({ id }) => id === window)?.intervals ?? []];
    const open = {
      each: calendars.map((shifts) => jointShifts([shifts, ...within])),
      joint: jointShifts([jointShifts(calendars), ...within]),
    };
    this.#open.set(window ?? '', open);
    return open;
  }
}
