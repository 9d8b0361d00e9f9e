import { KINDS_OF_REMINDER, type Reminder, type ReminderKind } from './reminder-kinds.ts';
import type { Day } from './day.ts';

/**
 * Everything that is to be looked at as long as it is of use, in the order of time. From the log, the clocks and the plan;
 * `kinds` may add those of rooms that come after this one.
 */
export function remindersOf(day: Day, kinds: readonly ReminderKind[] = KINDS_OF_REMINDER): Reminder[] {
  const { at } = day;
  return kinds
    .flatMap((kind) => kind.from(day).filter((reminder) => reminder.at > at - kind.fades && reminder.at < Infinity))
    .sort((one, other) => one.at - other.at || (one.id < other.id ? -1 : 1));
}

/** The reminders that have come due and that nobody has seen, and the one that comes next. */
export function dueReminders(
  reminders: readonly Reminder[],
  seen: ReadonlySet<string>,
  at: number,
): { due: Reminder[]; next: Reminder | null } {
  const open = reminders.filter(({ id }) => !seen.has(id));
  return { due: open.filter((reminder) => reminder.at <= at), next: open.find((reminder) => reminder.at > at) ?? null };
}
