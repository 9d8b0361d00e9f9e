import { DateTime } from 'luxon';

/** How a moment is written: on a clock, with its day, as a day. */
const STYLES = {
  /** 16:05 */
  time: 'HH:mm',
  /** Thu 16:05 */
  weekdayTime: 'ccc HH:mm',
  /** Thu 4 16:05 */
  monthDayTime: 'ccc d HH:mm',
  /** Thu 4 Mar, 16:05 */
  dayTime: 'ccc d LLL, HH:mm',
  /** Thursday 4 March, 16:05 */
  longDayTime: 'cccc d LLLL, HH:mm',
  /** Thursday 16:05 */
  longWeekdayTime: 'cccc HH:mm',
  /** 4 Mar, 16:05 */
  dateTime: 'd LLL, HH:mm',
  /** Thu 4 */
  monthDay: 'ccc d',
  /** Thu 4 Mar */
  day: 'ccc d LLL',
  /** Thursday 4 March */
  longDay: 'cccc d LLLL',
  /** 4 */
  dayOfMonth: 'd',
  /** 4 Mar */
  date: 'd LLL',
  /** 4 Mar 2027 */
  dateOfYear: 'd LLL yyyy',
  /** 4 March 2027 */
  longDate: 'd LLLL yyyy',
  /** Mar 2027 */
  month: 'LLL yyyy',
  /** 2027-03-04, for files */
  isoDate: 'yyyy-MM-dd',
  /** 2027-03-04 16:05, for lists */
  isoDateTime: 'yyyy-MM-dd HH:mm',
  /** 2027-03-04T16:05, as the document has it */
  isoMinute: "yyyy-MM-dd'T'HH:mm",
  /** 2027-03-04T16:00 */
  isoHour: "yyyy-MM-dd'T'HH':00'",
  /** +01:00 */
  offset: 'ZZ',
} as const;
export type MomentStyle = keyof typeof STYLES;

/**
 * A moment as it is written, on the clock of its zone. A text is a local time as the job holds it, `2027-03-04T16:05`: it
 * is written as it stands, whatever zone the device is in.
 */
export function formatMoment(moment: DateTime | string, style: MomentStyle): string {
  const read = typeof moment === 'string' ? DateTime.fromISO(moment, { zone: 'utc', setZone: true }) : moment;
  return read.toFormat(STYLES[style]);
}

/** Hours ahead to which a forecast is told to five minutes, and to the hour. */
const TO_FIVE_MINUTES = 12;
const TO_THE_HOUR = 72;
const MORNING = 5;
/** The parts of a day by the hours at which they end. */
const PARTS_OF_DAY = [
  [12, 'morning'],
  [17, 'afternoon'],
  [22, 'evening'],
  [24, 'night'],
] as const;

/**
 * A moment that is forecast, no finer than it is known: under 12 h from `now` to five minutes, `14:20` or `Tue 07:05`;
 * under three days to the hour, `Tue 15:00`; later to the part of the day, `Sun 4 Apr, evening`. Rounded up, so that
 * nobody comes too early; the end of a window is rounded down. What has passed is told to the minute.
 */
export function formatForecast(moment: DateTime, now: DateTime, isEnd = false): string {
  const hours = moment.diff(now, 'hours').hours;
  if (hours >= TO_THE_HOUR) {
    // What ends in the small hours ends on the night before; what is ready then is ready in the morning.
    if (isEnd && moment.hour < MORNING) return `${formatMoment(moment.minus({ days: 1 }), 'day')}, night`;
    const part = PARTS_OF_DAY.find(([end]) => moment.hour < end)?.[1] ?? 'night';
    return `${formatMoment(moment, 'day')}, ${part}`;
  }
  const step = hours < 0 ? 1 : hours < TO_FIVE_MINUTES ? 5 : 60;
  const since = moment.hour * 60 + moment.minute;
  const steps = isEnd ? Math.floor(since / step) : Math.ceil((since + (moment.second > 0 ? 1 : 0)) / step);
  const rounded = moment.startOf('minute').plus({ minutes: steps * step - since });
  if (rounded.hasSame(now, 'day')) return formatMoment(rounded, 'time');
  return formatMoment(rounded, hours > -TO_THE_HOUR ? 'weekdayTime' : 'dateTime');
}

/** Minutes since midnight of a time of day, `07:30`. */
export function minutesOfDay(time: string): number {
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  return hour * 60 + minute;
}
