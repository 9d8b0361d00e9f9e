import ical, { ICalCalendarMethod } from 'ical-generator';
import { marksInWords } from '../job/marks.ts';
import type { Job } from '../job/document/schema.ts';
import { localTime } from '../job/site-time.ts';
import type { PlanReading } from '../planning/reading/read-plan.ts';
import { stepWords } from '../steps/step-words.ts';

/**
 * A plan as a calendar file (RFC 5545): an event for each run and painter, in universal time, so that every calendar
 * shows it right wherever it is opened. Ids stay the same while a run does, so that a new file replaces the old one's
 * events. `stamp` is the local ISO time at which it is written.
 */
export function writePlanIcs(job: Job, reading: PlanReading, stamp: string): string {
  const { timeZone } = job.site;
  const at = (minutes: number): Date => localTime(reading.t0, minutes, timeZone).toJSDate();
  const calendar = ical({
    name: job.name,
    prodId: { company: 'Nivel', product: 'Plan', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  const add = (id: string, painter: string, what: string, where: string, start: number, end: number): void => {
    const name = job.crew.find((member) => member.id === painter)?.name ?? painter;
    calendar.createEvent({
      id: `${job.id}/${id}/${painter}@nivel`,
      stamp: localTime(stamp, 0, timeZone).toJSDate(),
      start: at(start),
      end: at(Math.max(end, start + 1)),
      summary: `${name}: ${what}`,
      description: where,
      location: job.site.place,
    });
  };
  for (const run of reading.runs) {
    const [step] = run.steps;
    if (step === undefined) continue;
    const where = marksInWords(run.steps.map(({ piece }) => piece.mark));
    const what = `${stepWords(step)}, ${where}`;
    run.spans.forEach(([start, end], index) => {
      const id = index === 0 ? step.id : `${step.id}/${index + 1}`;
      for (const painter of run.painters) add(id, painter, what, where, start, end);
    });
  }
  for (const { id, place, words, start, end, painters } of reading.siteWork) {
    for (const painter of painters) add(id, painter, `${words}, ${place}`, place, start, end);
  }
  return calendar.toString();
}
