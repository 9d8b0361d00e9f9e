import { unitedShifts, type Shifts } from '../solve/calendar.ts';
import type { Prepared, PreparedHold } from '../solve/prepared.ts';

/** Time, weighed: some ticks count for more than others. */
export interface Weighing {
  /** What the ticks before `time` weigh. */
  upTo(time: number): number;
  /** What every tick in which somebody works weighs, if they weigh the same, else 0. */
  perWorkedTick: number;
  /** Whether ticks in which nobody works weigh as much. */
  isEven: boolean;
  /** Whether only those weigh in which nobody works. */
  isNights: boolean;
}

/** What a night may weigh, against the working hours of a usual day. */
const NIGHTS = [0, 0.25, 0.5, 1, 2];
/** By how many clocks time is weighed. */
const MAX_CLOCKS = 3;

/** The ways in which time is weighed for a space. */
export function weighings(prepared: Prepared, holds: readonly PreparedHold[], until: number): Weighing[] {
  const worked = unitedShifts(prepared.shifts);
  const even: Weighing = { upTo: (time) => time, perWorkedTick: 1, isEven: true, isNights: false };
  const days = Math.max(1, (until * prepared.problem.tickMinutes) / 1440);
  const usualDay =
    worked.reduce((sum, [opens, closes]) => sum + Math.max(0, Math.min(closes, until) - opens), 0) / days;
  const byNight = NIGHTS.map((night): Weighing => {
    const sums = nightSums(worked, night * usualDay, until);
    return { upTo: (time) => sums[Math.min(time, until)] ?? 0, perWorkedTick: 1, isEven: false, isNights: false };
  });
  const sums = nightSums(worked, usualDay, until, 0);
  const nightsAlone: Weighing = {
    upTo: (time) => sums[Math.min(time, until)] ?? 0,
    perWorkedTick: 0,
    isEven: false,
    isNights: true,
  };
  return [even, ...byNight, nightsAlone, ...byClock(prepared, holds, until)];
}

function byClock(prepared: Prepared, holds: readonly PreparedHold[], until: number): Weighing[] {
  const count = new Map<string, number>();
  for (const hold of holds) {
    for (const wait of prepared.tasks[hold.after]?.after ?? []) {
      const clock = wait.atLeast?.clock;
      if (clock && wait.to === hold.until) count.set(clock, (count.get(clock) ?? 0) + 1);
    }
  }
  const used = [...count].sort(([, one], [, other]) => other - one).slice(0, MAX_CLOCKS);
  return used.flatMap(([id]): Weighing[] => {
    const clock = prepared.problem.clocks.find((entry) => entry.id === id);
    if (clock === undefined) return [];
    const sums = new Float64Array(until + 1);
    for (let tick = 0; tick < until; tick++) {
      sums[tick + 1] = (sums[tick] ?? 0) + (clock.rate[Math.floor(tick / clock.step)] ?? 0);
    }
    return [{ upTo: (time) => sums[Math.min(time, until)] ?? 0, perWorkedTick: 0, isEven: false, isNights: false }];
  });
}

/** Working ticks weigh one, or as much as is said, and every gap between them `gap` on the whole. */
function nightSums(worked: Shifts, gap: number, until: number, perWorkedTick = 1): Float64Array {
  const sums = new Float64Array(until + 1);
  let at = 0;
  let sum = 0;
  const fill = (to: number, weight: number): void => {
    for (; at < Math.min(to, until); at++) {
      sum += weight;
      sums[at + 1] = sum;
    }
  };
  for (const [opens, closes] of worked) {
    // A break at noon is no night: it weighs as long as it lasts.
    const length = opens - at;
    fill(opens, at === 0 || length === 0 ? 0 : Math.min(1, gap / length));
    fill(closes, perWorkedTick);
  }
  fill(until, 0);
  return sums;
}
