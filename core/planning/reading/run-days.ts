import { localDate } from '../../job/site-time.ts';
import type { PlanReading, Run } from './read-plan.ts';

/** What of a run falls on one day at the site; minutes from the plan's t0. */
export interface RunOnDay {
  date: string;
  start: number;
  end: number;
  /** Whether it was begun on an earlier day. */
  goesOn: boolean;
}

/** The days on which hands are on a run, in order: a long coat rests overnight and goes on. */
export function daysOfRun({ spans }: Pick<Run, 'spans'>, t0: string, timeZone: string): RunOnDay[] {
  const days: RunOnDay[] = [];
  for (const [start, end] of spans) {
    const date = localDate(t0, start, timeZone);
    const today = days.find((day) => day.date === date);
    if (today) today.end = end;
    else days.push({ date, start, end, goesOn: days.length > 0 });
  }
  return days;
}

/** Minutes for which hands are on a run between two times; what rests overnight takes none of the night. */
export function minutesAtWork({ spans }: Pick<Run, 'spans'>, from: number, until: number): number {
  return spans.reduce((sum, [start, end]) => sum + Math.max(0, Math.min(end, until) - Math.max(start, from)), 0);
}

/** Minutes for which hands are on some steps of a run. */
export const minutesOfSteps = (
  run: Pick<Run, 'spans'>,
  steps: readonly { id: string }[],
  { starts, ends }: Pick<PlanReading, 'starts' | 'ends'>,
): number => steps.reduce((sum, { id }) => sum + minutesAtWork(run, starts.get(id) ?? 0, ends.get(id) ?? 0), 0);
