import { DateTime } from 'luxon';

/** How long ago a moment was: “just now”, “2 hours ago”. */
export function sinceWords(at: string): string {
  const time = DateTime.fromISO(at);
  return -time.diffNow('minutes').minutes < 1 ? 'just now' : (time.toRelative({ locale: 'en-GB' }) ?? '');
}
