import { formatMoment } from '../../units/moments.ts';
import type { Job } from '../../job/document/schema.ts';
import { upkeepDates } from '../upkeep.ts';
import { cell, heading, text, type Block, type Cell } from '../blocks.ts';
import type { HandoverFacts } from '../handover-facts.ts';

/** What to look after, from when and how often. */
export function upkeep(job: Job, { now }: HandoverFacts): Block[] {
  const dates = upkeepDates(job, (job.handOver.at ?? now).slice(0, 10));
  const first = new Map(dates.toReversed().map((entry) => [entry.definition.id, entry]));
  const rows = [...first.values()]
    .sort((one, other) => (one.date < other.date ? -1 : 1))
    .map(({ definition, date, marks }): Cell[] => [
      cell(formatMoment(date, 'month')),
      cell(definition.name),
      cell(
        definition.everyMonths === null
          ? 'once'
          : definition.everyMonths === 12
            ? 'every year'
            : `every ${definition.everyMonths} months`,
      ),
      cell(marks),
      cell(definition.words),
    ]);
  return [
    heading('upkeep', 'Maintenance'),
    text('Touch up in time and it never needs restoring. The calendar file has the same dates.'),
    {
      kind: 'table',
      label: 'Maintenance',
      head: ['First', 'What', 'Again', 'On', 'How'],
      rows,
      widths: ['auto', 'auto', 'auto', 'auto', '*'],
    },
  ];
}
