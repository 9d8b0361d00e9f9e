import { formatMoment } from '../units/moments.ts';
import { marksInWords } from '../job/marks.ts';
import type { Job } from '../job/document/schema.ts';
import { localTime } from '../job/site-time.ts';
import type { PlanReading } from '../planning/reading/read-plan.ts';
import { stepWords } from '../steps/step-words.ts';
import { writeCsv } from './csv.ts';

/** A plan as a list: a row for each run, in the order of time, in the site's local time. */
export function writePlanCsv(job: Job, reading: PlanReading): string {
  const names = (painters: readonly string[]): string =>
    painters.map((id) => job.crew.find((member) => member.id === id)?.name ?? id).join(', ');
  const entries = [
    ...reading.runs.flatMap(({ steps, ...run }) =>
      steps[0] === undefined
        ? []
        : [{ ...run, what: stepWords(steps[0]), where: marksInWords(steps.map(({ piece }) => piece.mark)) }],
    ),
    ...reading.siteWork.map(({ place, words, start, end, painters }) => ({
      start,
      end,
      painters,
      setupMinutes: 0,
      what: words,
      where: place,
    })),
  ].sort((one, other) => one.start - other.start);
  const data = entries.map(({ start, end, painters, setupMinutes, what, where }) => {
    const [from, until] = [start, end].map((minutes) => localTime(reading.t0, minutes, job.site.timeZone));
    return [
      from?.toISODate(),
      from && formatMoment(from, 'time'),
      until && formatMoment(until, 'isoDateTime'),
      names(painters),
      what,
      where,
      setupMinutes,
    ];
  });
  return writeCsv(['Day', 'From', 'Until', 'Who', 'What', 'Where', 'Set-up minutes'], data);
}
