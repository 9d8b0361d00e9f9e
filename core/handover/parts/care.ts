import { formatMoment } from '../../units/moments.ts';
import { marksInWords } from '../../job/marks.ts';
import { coatingOf } from '../../job/queries/shelf.ts';
import { roomOf } from '../../job/queries/places.ts';
import type { Job } from '../../job/document/schema.ts';
import { localTime } from '../../job/site-time.ts';
import { definitionOf } from '../../pieces/registry.ts';
import { groupBy } from '../../units/maps.ts';
import { counted } from '../../units/sentence.ts';
import { CARE_USES, careLines, cleaningOf, NOT_BEFORE } from '../care.ts';
import { cell, heading, NOTHING, text, type Block, type Cell } from '../blocks.ts';
import type { HandoverFacts } from '../handover-facts.ts';

/** Until when each piece is spared, and how its finish is cleaned. */
export function care(job: Job, { rows, clocks, now }: HandoverFacts): Block[] {
  const lines = careLines(rows);
  if (lines.length === 0) return [];
  const nowDate = now.slice(0, 16);
  const when = (minutes: number | null, isSure: boolean): Cell => {
    if (minutes === null) return cell(NOTHING);
    const at = localTime(clocks.t0, Math.ceil(minutes), job.site.timeZone);
    if (formatMoment(at, 'isoMinute') <= nowDate) return cell('now');
    return cell(`${formatMoment(at, 'day')}${isSure ? '' : ' (planned)'}`);
  };
  const rooms = [...groupBy(lines, ({ piece }) => roomOf(job, piece))].flatMap(([room, own]): Block[] => {
    const dated = own.map(({ piece, dates, isSure }) => ({
      mark: piece.mark,
      cells: [cell(definitionOf(piece.kind).name), ...CARE_USES.map((use) => when(dates[use], isSure))],
    }));
    // Pieces of one kind with the same dates are one row.
    const rows = [...groupBy(dated, ({ cells }) => JSON.stringify(cells)).values()].map((alike): Cell[] => [
      cell(marksInWords(alike.map(({ mark }) => mark))),
      ...(alike[0]?.cells ?? []),
    ]);
    const name = room?.name ?? 'No room';
    return [
      { kind: 'subheading', text: name, summary: counted(own.length, 'piece') },
      {
        kind: 'table',
        label: `Ready-for-use dates, ${name}`,
        head: ['Tag', 'What', ...CARE_USES.map((use) => `${NOT_BEFORE[use].name} from`)],
        rows,
        widths: ['*', '*', 'auto', 'auto', 'auto'],
      },
    ];
  });
  const cleaned = job.groups.flatMap((group) => {
    const last = coatingOf(job, group.buildUp?.coats.at(-1)?.product ?? '');
    return last ? [{ name: group.name, words: cleaningOf(last) }] : [];
  });
  const families = [...groupBy(cleaned, ({ words }) => words)];
  const isWet = lines.some(
    ({ dates }) =>
      dates.full === null || formatMoment(localTime(clocks.t0, dates.full, job.site.timeZone), 'isoMinute') > nowDate,
  );
  return [
    heading('care', 'Care'),
    ...(isWet
      ? [
          {
            kind: 'caution',
            text: 'Keep small children and pets away from fresh paint. A cot or a toy needs a paint certified for it.',
          } as const,
        ]
      : []),
    { kind: 'list', items: CARE_USES.map((use) => NOT_BEFORE[use].until) },
    ...rooms,
    { kind: 'subheading', text: 'Cleaning' },
    ...cleaning(families.map(([words, own]) => ({ words, finishes: own.map(({ name }) => name) }))),
  ];
}

/** How the finishes are cleaned: in a sentence where it is the same for all, else each way with its finishes. */
function cleaning(ways: readonly { words: string; finishes: readonly string[] }[]): Block[] {
  const [only] = ways;
  if (ways.length === 1 && only) return [text(only.words)];
  return [
    {
      kind: 'table',
      label: 'Cleaning',
      head: ['Finish', 'How'],
      rows: ways.flatMap(({ words, finishes }) => finishes.map((name): Cell[] => [cell(name), cell(words)])),
      widths: ['auto', '*'],
    },
  ];
}
