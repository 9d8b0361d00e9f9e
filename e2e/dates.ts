import { DateTime } from 'luxon';

const HOURS: Record<string, string> = { morning: '08:00', afternoon: '14:00', evening: '19:00', night: '23:00' };

/** A date as a table shows it, `Tue 07:05` or `Wed 10 Mar, evening`, in ms; without a date it is in the week of the demo. */
export function asTime(words: string): number {
  const {
    weekday,
    date,
    clock = '',
  } = /^(?:(?<weekday>\w{3}) )?(?:(?<date>\d+ \w{3}), )?(?<clock>[\w:]+)$/.exec(words)?.groups ?? {};
  const hour = HOURS[clock] ?? clock;
  if (date) return DateTime.fromFormat(`2027 ${date} ${hour}`, 'yyyy d LLL HH:mm').toMillis();
  const day = Array.from({ length: 7 }, (_, days) => DateTime.fromISO('2027-03-05').plus({ days })).find(
    (each) => !weekday || each.toFormat('ccc') === weekday,
  );
  return DateTime.fromISO(`${day?.toISODate() ?? ''}T${hour}`).toMillis();
}
