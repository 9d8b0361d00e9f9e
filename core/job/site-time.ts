import { formatForecast } from '../units/moments.ts';
import { getOrInsertComputed } from '../units/maps.ts';
import { formatMoment } from '../units/moments.ts';
import { DateTime, IANAZone } from 'luxon';

const DAY = 86_400_000;
/** In which clocks go forward or back at once: no zone changes within a quarter of an hour. */
const QUARTER = 900_000;

/** A time zone that remembers how far it was from UTC: asking the calendar of the machine takes long. */
class SiteZone extends IANAZone {
  readonly #offsets = new Map<number, number>();

  /**
   * Minutes by which local time is ahead of UTC at a time in ms since 1970. Clocks that stand alike at both ends of a day
   * have stood so in between.
   */
  override offset(time: number): number {
    const midnight = Math.floor(time / DAY) * DAY;
    const before = this.#at(midnight);
    return before === this.#at(midnight + DAY) ? before : this.#at(Math.floor(time / QUARTER) * QUARTER);
  }

  #at(time: number): number {
    return getOrInsertComputed(this.#offsets, time, () => super.offset(time));
  }
}

/** Zones by their names, and local times by what is written. Nothing depends on what is in here but the time it takes. */
const zones = new Map<string, SiteZone>();
const times = new Map<string, number>();
const MAX_TIMES = 5000;

const zoneOf = (timeZone: string): SiteZone => getOrInsertComputed(zones, timeZone, () => new SiteZone(timeZone));

const TO_THE_MINUTE = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)$/;

/**
 * Ms since 1970 of a local time as it is written, in a zone. Of two that are written alike, when clocks go back, the
 * earlier, unless its offset says that it is the later; one that clocks leap over is as much later as they leap.
 */
function millisOf(local: string, timeZone: string): number {
  if (times.size >= MAX_TIMES) times.clear();
  return getOrInsertComputed(times, `${local} ${timeZone}`, () => read(local, zoneOf(timeZone)));
}

function read(local: string, zone: SiteZone): number {
  const parts = TO_THE_MINUTE.exec(local);
  if (!parts) return DateTime.fromISO(local, { zone }).toMillis();
  const [year = 0, month = 0, day = 0, hour = 0, minute = 0] = parts.slice(1).map(Number);
  const asUtc = Date.UTC(year, month - 1, day, hour, minute);
  const earlier = asUtc - zone.offset(asUtc - DAY) * 60_000;
  const later = asUtc - zone.offset(asUtc + DAY) * 60_000;
  const isWritten = (millis: number): boolean => millis + zone.offset(millis) * 60_000 === asUtc;
  return isWritten(earlier) || !isWritten(later) ? earlier : later;
}

/** Minutes from the local time `t0` to the local time `at`, both in `timeZone`; elapsed, so clock changes count. */
export function minutesSince(t0: string, at: string, timeZone: string): number {
  return Math.round((millisOf(at, timeZone) - millisOf(t0, timeZone)) / 60_000);
}

/** The local time, `minutes` after the local time `t0` in `timeZone`. */
export function localTime(t0: string, minutes: number, timeZone: string): DateTime {
  return DateTime.fromMillis(millisOf(t0, timeZone) + minutes * 60_000, { zone: zoneOf(timeZone) });
}

/** No clock goes back by more than this, in ms, nor does it twice in so short a time. */
const MAX_CLOCK_CHANGE = 3 * 3_600_000;

/**
 * A local time as the job document writes it: `2027-03-01T09:05`. In the night on which clocks go back the second of two
 * hours that are written alike has its offset behind it, `2027-10-31T02:30+01:00`: minutes are counted from the right one.
 */
export function localIso(time: DateTime): string {
  const written = formatMoment(time, 'isoMinute');
  const { zone, offset } = time;
  const millis = time.toMillis();
  const before = zone.offset(millis - MAX_CLOCK_CHANGE);
  const isSecond = before > offset && zone.offset(millis - (before - offset) * 60_000) === before;
  return isSecond ? `${written}${formatMoment(time, 'offset')}` : written;
}

/** The date on the calendar at the site, `minutes` after the local time `t0`: `2027-03-01`. */
export function localDate(t0: string, minutes: number, timeZone: string): string {
  const time = localTime(t0, minutes, timeZone);
  const two = (number: number): string => String(number).padStart(2, '0');
  return `${time.year}-${two(time.month)}-${two(time.day)}`;
}

/** A forecast of so many minutes from `t0`, as it is told at `at`: no finer than it is known. */
export const forecastAt = (t0: string, minutes: number, timeZone: string, at: number, isEnd = false): string =>
  formatForecast(localTime(t0, Math.ceil(minutes), timeZone), localTime(t0, at, timeZone), isEnd);
