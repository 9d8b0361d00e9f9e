import { useEffect, useEffectEvent, useMemo, useState } from 'react';
import type { Day } from '../../../core/running/day.ts';
import { dueReminders, remindersOf } from '../../../core/running/reminders.ts';
import { filmCheckDue } from '../../../core/checking/film-check-reminder.ts';
import { mayClose } from '../../../core/hanging/apart-reminder.ts';
import { KINDS_OF_REMINDER, type Reminder } from '../../../core/running/reminder-kinds.ts';
import { useTicks } from '../../keeping/device-checks.ts';
import { useJob } from '../../open-job/use-job.ts';
import { ring } from './ring.ts';

const KINDS = [...KINDS_OF_REMINDER, mayClose, filmCheckDue];

export interface Reminders {
  /** Due and not seen, the oldest first. */
  due: readonly Reminder[];
  next: Reminder | null;
  all: readonly Reminder[];
  seen(reminders: readonly Reminder[]): void;
  /** Whether this device may show notifications: asked, refused, or not there. */
  permission: NotificationPermission | 'none';
  askPermission(): void;
}

const permissionNow = (): Reminders['permission'] =>
  typeof Notification === 'undefined' ? 'none' : Notification.permission;

/**
 * The day's reminders on this device. What is due rings once, also after a reload or a sleep: what was rung and what was
 * seen is kept, and everything else follows from the log and the clock, so that nothing has to keep running meanwhile.
 */
export function useReminders(day: Day): Reminders {
  const job = useJob();
  const [seen, setSeen] = useTicks(job.id, 'reminders-seen');
  const [rung, setRung] = useTicks(job.id, 'reminders-rung');
  const [permission, setPermission] = useState(permissionNow);
  const all = useMemo(() => remindersOf(day, KINDS), [day]);
  const { due, next } = useMemo(() => dueReminders(all, seen, day.at), [all, seen, day.at]);
  const fresh = due.filter(({ id }) => !rung.has(id));
  // Told once for each set of what is due; the objects change every minute.
  const announce = useEffectEvent((ids: string) => {
    if (ids === '') return;
    const reminders: readonly Reminder[] = fresh;
    setRung(
      reminders.map(({ id }) => id),
      true,
    );
    ring();
    if (permissionNow() !== 'granted') return;
    for (const { id, words, detail } of reminders) void showNotification(id, words, detail);
  });
  const freshIds = fresh.map(({ id }) => id).join('\n');
  useEffect(() => {
    announce(freshIds);
  }, [freshIds]);
  return {
    due,
    next,
    all,
    seen: (reminders) =>
      setSeen(
        reminders.map(({ id }) => id),
        true,
      ),
    permission,
    askPermission: () => {
      if (typeof Notification !== 'undefined') void Notification.requestPermission().then(setPermission);
    },
  };
}

/** A notification by the service worker where there is one, since phones show no other. */
async function showNotification(tag: string, title: string, body: string): Promise<void> {
  try {
    const worker = 'serviceWorker' in navigator ? await navigator.serviceWorker.getRegistration() : undefined;
    if (worker) await worker.showNotification(title, { body, tag });
    else new Notification(title, { body, tag });
  } catch {
    // Refused by the system: the reminder stands on the screen.
  }
}
