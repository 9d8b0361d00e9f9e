import type { AcceptedPlan } from '../../job/document/plan-schema.ts';
import type { Painter } from '../../job/document/crew-schema.ts';
import type { LocalDay } from '../../units/local-day.ts';
import { shiftsOf } from '../../steps/crew-shifts.ts';

/** What a painter's hours go into, in minutes. */
export interface PainterHours {
  painter: Painter;
  working: number;
  settingUp: number;
  /** In their hours with nothing to do, from the first thing that they do in the plan to the last. */
  idle: number;
  /** The day, counted from t0, on which most of that lies; null where nobody idles. */
  worstDay: number | null;
}

const DAY = 1440;

/** What every painter's hours go into, from `from` on: minutes from the plan's t0. */
export function painterHours(
  crew: readonly Painter[],
  days: readonly LocalDay[],
  plan: Pick<AcceptedPlan, 'tasks' | 'setups'>,
  from: number,
): PainterHours[] {
  return crew.map((painter) => {
    const all = [
      ...plan.tasks.filter((task) => task.painters.includes(painter.id)).map((task) => ({ ...task, isSetup: false })),
      ...plan.setups.filter((setup) => setup.painter === painter.id).map((setup) => ({ ...setup, isSetup: true })),
    ];
    const own = all.filter(({ end }) => end > from);
    const shifts = shiftsOf(painter, days).map(([opens, closes]) => [Math.max(from, opens), closes] as const);
    const within = (start: number, end: number): number =>
      shifts.reduce((sum, [opens, closes]) => sum + Math.max(0, Math.min(end, closes) - Math.max(start, opens)), 0);
    const spent = (isSetup: boolean): number =>
      own.filter((entry) => entry.isSetup === isSetup).reduce((sum, { start, end }) => sum + within(start, end), 0);
    // Who has worked before and has nothing just now waits for the next thing.
    const first = own.length < all.length ? from : own.reduce((least, { start }) => Math.min(least, start), Infinity);
    const last = own.reduce((most, { end }) => Math.max(most, end), -Infinity);
    const [working, settingUp] = [spent(false), spent(true)];
    const byDay = new Map<number, number>();
    for (const [opens, closes] of shifts) {
      const [start, end] = [Math.max(opens, first), Math.min(closes, last)];
      if (start >= end) continue;
      const busy = own.reduce(
        (sum, task) => sum + Math.max(0, Math.min(task.end, end) - Math.max(task.start, start)),
        0,
      );
      const day = Math.floor(start / DAY);
      byDay.set(day, (byDay.get(day) ?? 0) + end - start - busy);
    }
    const idle = [...byDay.values()].reduce((sum, minutes) => sum + minutes, 0);
    const [worst] = [...byDay].sort(([, one], [, other]) => other - one);
    return { painter, working, settingUp, idle, worstDay: worst && worst[1] > 0 ? worst[0] : null };
  });
}
