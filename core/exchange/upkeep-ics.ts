import ical, { ICalCalendarMethod } from 'ical-generator';
import { DateTime } from 'luxon';
import { CARE_USES, NOT_BEFORE, type CareLine } from '../handover/care.ts';
import type { UpkeepDate } from '../handover/upkeep.ts';
import { marksInWords } from '../job/marks.ts';
import type { Job } from '../job/document/schema.ts';
import { localDate, localTime } from '../job/site-time.ts';

/** What goes into the calendar of whoever lives with it. */
export interface Upkeep {
  dates: readonly UpkeepDate[];
  /** Dates from which pieces may be closed, washed and used hard; minutes from `t0`. */
  lines: readonly CareLine[];
  t0: string;
  /** Local ISO time at which it is written; dates before it are left out. */
  stamp: string;
}

/** Upkeep and care dates as a calendar file (RFC 5545): whole days, each with how it is done. */
export function writeUpkeepIcs(job: Job, { dates, lines, t0, stamp }: Upkeep): string {
  const calendar = ical({
    name: `${job.name}: maintenance`,
    prodId: { company: 'Nivel', product: 'Upkeep', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  const written = localTime(stamp, 0, job.site.timeZone).toJSDate();
  const add = (id: string, date: string, summary: string, description: string): void => {
    calendar.createEvent({
      id: `${job.id}/${id}@nivel`,
      stamp: written,
      start: DateTime.fromISO(date, { zone: 'utc' }).toJSDate(),
      allDay: true,
      summary,
      description,
      location: job.site.place,
    });
  };
  for (const { definition, date, marks } of dates) {
    add(`upkeep/${definition.id}/${date}`, date, `${definition.name} (${marks})`, definition.words);
  }
  for (const use of CARE_USES) {
    const byDate = new Map<string, string[]>();
    for (const { piece, dates: from } of lines) {
      const minutes = from[use];
      if (minutes === null) continue;
      const date = localDate(t0, Math.ceil(minutes), job.site.timeZone);
      if (date >= stamp.slice(0, 10)) byDate.set(date, [...(byDate.get(date) ?? []), piece.mark]);
    }
    for (const [date, marks] of byDate) {
      add(
        `care/${use}/${date}`,
        date,
        `${NOT_BEFORE[use].name}: ${marksInWords(marks)}`,
        `From this day. ${NOT_BEFORE[use].until}`,
      );
    }
  }
  return calendar.toString();
}
