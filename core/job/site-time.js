import { DateTime } from 'luxon';
/** Minutes from the local time `t0` to the local time `at`, both in `timeZone`; elapsed, so clock changes count. */
export function minutesSince(t0, at, timeZone) {
  const from = DateTime.fromISO(t0, { zone: timeZone });
  return Math.round(DateTime.fromISO(at, { zone: timeZone }).diff(from, 'minutes').minutes);
}
/** The local time, `minutes` after the local time `t0` in `timeZone`. */
export function localTime(t0, minutes, timeZone) {
  return DateTime.fromISO(t0, { zone: timeZone }).plus({ minutes });
}
/** A local time as the job document writes it: `2027-03-01T09:05`. */
export function localIso(time) {
  return time.toFormat("yyyy-MM-dd'T'HH:mm");
}
/** The date on the calendar at the site, `minutes` after the local time `t0`: `2027-03-01`. */
export function localDate(t0, minutes, timeZone) {
  return localTime(t0, minutes, timeZone).toFormat('yyyy-MM-dd');
}
