import { DateTime, IANAZone } from 'luxon';

/** In which clocks go forward or back at once: no zone changes within a quarter of an hour. */
const QUARTER = 900_000;

/** A time zone that remembers how far it was from UTC: asking the calendar of the machine takes long. */
class SiteZone extends IANAZone {
  readonly #offsets = new Map<number, number>();

  /** Minutes by which local time is ahead of UTC at a time in ms since 1970. */
  override offset(time: number): number {
    const quarter = Math.floor(time / QUARTER);
    const known = this.#offsets.get(quarter);
    if (known !== undefined) return known;
    const offset = super.offset(time);
    this.#offsets.set(quarter, offset);
    return offset;
  }
}

/** Zones by their names, and local times by what is written. Nothing depends on what is in here but the time it takes. */
const zones = new Map<string, SiteZone>();
const times = new Map<string, DateTime>();
const MOST_TIMES = 2000;

function zoneOf(timeZone: string): SiteZone {
  const zone = zones.get(timeZone) ?? new SiteZone(timeZone);
  zones.set(timeZone, zone);
  return zone;
}

/** A local time as it is written, in a zone. */
function timeOf(local: string, timeZone: string): DateTime {
  const name = `${local} ${timeZone}`;
  const known = times.get(name);
  if (known !== undefined) return known;
  const time = DateTime.fromISO(local, { zone: zoneOf(timeZone) });
  if (times.size >= MOST_TIMES) times.clear();
  times.set(name, time);
  return time;
}

/** Minutes from the local time `t0` to the local time `at`, both in `timeZone`; elapsed, so clock changes count. */
export function minutesSince(t0: string, at: string, timeZone: string): number {
  return Math.round((timeOf(at, timeZone).toMillis() - timeOf(t0, timeZone).toMillis()) / 60_000);
}

/** The local time, `minutes` after the local time `t0` in `timeZone`. */
export function localTime(t0: string, minutes: number, timeZone: string): DateTime {
  return DateTime.fromMillis(timeOf(t0, timeZone).toMillis() + minutes * 60_000, { zone: zoneOf(timeZone) });
}

/** A local time as the job document writes it: `2027-03-01T09:05`. */
export function localIso(time: DateTime): string {
  return time.toFormat("yyyy-MM-dd'T'HH:mm");
}

/** The date on the calendar at the site, `minutes` after the local time `t0`: `2027-03-01`. */
export function localDate(t0: string, minutes: number, timeZone: string): string {
  const time = localTime(t0, minutes, timeZone);
  const two = (number: number): string => String(number).padStart(2, '0');
  return `${time.year}-${two(time.month)}-${two(time.day)}`;
}
