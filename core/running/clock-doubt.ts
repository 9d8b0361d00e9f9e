import type { LogEntry } from '../job/document/log-schema.ts';
import { minutesSince } from '../job/site-time.ts';

/** Minutes by which a stamp may lie before the last one without a word: a clock is set right now and then. */
const NO_MATTER = 3;

/**
 * The last stamp of this device, where a new one would lie before it: one of both has a wrong time. Null where the times
 * go on. `at` is local; stamps that were taken back count, as the clock that made them did.
 */
export function clockDoubt(
  log: readonly LogEntry[],
  at: string,
  device: string,
  timeZone: string,
): { last: LogEntry; minutes: number } | null {
  let last: LogEntry | null = null;
  for (const entry of log) {
    // A correction says when something was, not when it was written.
    if (entry.replaces !== undefined || (entry.device ?? device) !== device) continue;
    if (last === null || minutesSince(last.at, entry.at, timeZone) > 0) last = entry;
  }
  const minutes = last === null ? 0 : minutesSince(at, last.at, timeZone);
  return last === null || minutes <= NO_MATTER ? null : { last, minutes };
}
