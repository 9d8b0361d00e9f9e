import { shortName } from '../shelf/entry.ts';
import { formatMoment } from '../units/moments.ts';
import { causeOf } from '../checking/causes/registry.ts';
import { DEFECTS } from '../checking/defects.ts';
import { FILM_CHECK_DEFINITIONS } from '../checking/film-checks.ts';
import { defectStatus } from '../checking/defect-status.ts';
import type { Readiness } from '../hanging/readiness.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import { marksInWords } from '../job/marks.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { groupOf } from '../job/queries/groups.ts';
import { roomOf } from '../job/queries/places.ts';
import type { Job } from '../job/document/schema.ts';
import { localTime } from '../job/site-time.ts';
import { definitionOf } from '../pieces/registry.ts';
import { HAZARDS } from '../shelf/hazards.ts';
import { bucketWords } from '../running/tins-in-use.ts';
import { TEMPERATURE, VOLUME, FILM } from '../units/measures.ts';
import { groupBy } from '../units/maps.ts';
import { counted, listed, capital } from '../units/sentence.ts';
import { lengthsIn } from '../units/length.ts';
import { inVocabulary, type Vocabulary } from '../units/vocabulary.ts';
import { cell, saidIn, type Block, type Cell } from './blocks.ts';
import { CARE_USES, careLines, cleaningOf, NOT_BEFORE } from './care.ts';
import { faceRecords, gapsIn, type FaceRecord, type RecordedCoat } from './face-record.ts';
import { unsignedRooms } from './gaps.ts';
import { leftPaints, TIN_END_WORDS } from './leftover-paint.ts';
import { upkeepDates } from './upkeep.ts';

/** What a handover is written from, beside the job. */
export interface HandoverFacts {
  clocks: JobClocks;
  rows: readonly Readiness[];
  /** Local ISO time. */
  now: string;
  vocabulary: Vocabulary;
}

const NOTHING = '—';

/** The whole handover: what was done, how to live with it, what is left, what to look after. From the log, gaps shown. */
export function handoverDocument(job: Job, facts: HandoverFacts): Block[] {
  const records = faceRecords(job, facts.clocks);
  const blocks = [
    titleOf(job, facts),
    ...finishes(job, records),
    ...care(job, facts),
    ...faces(job, records),
    ...checked(job),
    ...leftOver(job, facts),
    ...upkeep(job, facts),
    ...(job.handOver.words.trim() === '' ? [] : ([heading('words', 'Notes'), text(job.handOver.words)] as Block[])),
  ];
  return saidIn(blocks, (sentence) => lengthsIn(inVocabulary(sentence, facts.vocabulary), job.settings.units));
}

const heading = (id: string, words: string): Block => ({ kind: 'heading', id, text: words });
const text = (words: string): Block => ({ kind: 'text', text: words });
const day = (at: string): string => formatMoment(at, 'dateOfYear');
const moment = (at: string): string => formatMoment(at, 'dateTime');

function titleOf(job: Job, { now }: HandoverFacts): Block {
  const { owner, painter, at } = job.handOver;
  return {
    kind: 'title',
    text: job.name,
    lines: [
      [job.site.place, at === null ? `as of ${day(now)}` : `handed over on ${day(at)}`].filter(Boolean).join(', '),
      ...(owner === '' ? [] : [`For ${owner}`]),
      ...(painter === '' ? [] : [`Work by ${painter}`]),
    ],
  };
}

/** What was put on, finish by finish: the page that whoever paints next needs first. */
function finishes(job: Job, records: readonly FaceRecord[]): Block[] {
  const rows = job.groups.flatMap((group): Cell[][] => {
    const own = records.filter((record) => record.group?.id === group.id);
    const coats = own.flatMap((record) => record.coats);
    if (own.length === 0) return [];
    const batches = [
      ...new Set(coats.flatMap(({ batch, role }) => (role === 'topcoat' && batch !== null ? batch : []))),
    ];
    const laid = [...new Set(coats.filter(({ isRework }) => !isRework).map(({ product }) => product))];
    const colours = [group.colour, ...(group.backColour ? [group.backColour] : [])];
    return [
      [
        cell(group.name),
        cell(colours.map(({ name, hex }) => `${name} ${hex}`).join('; '), { hex: group.colour.hex }),
        laid.length === 0 ? cell('nothing logged yet', { isGap: true }) : cell(laid.join(', ')),
        batches.length === 0 ? cell('not recorded', { isGap: true }) : cell(batches.join(', ')),
        cell(marksInWords(own.map(({ piece }) => piece.mark))),
      ],
    ];
  });
  return [
    heading('finishes', 'Paints used'),
    text('From the job log. To buy more, quote the product, tint and batch – screen colours aren’t exact.'),
    {
      kind: 'table',
      label: 'Finishes',
      head: ['Finish', 'Colour', 'Products', 'Batch', 'On'],
      rows,
      widths: ['auto', 'auto', '*', 'auto', '*'],
    },
  ];
}

function care(job: Job, { rows, clocks, now }: HandoverFacts): Block[] {
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

function faces(job: Job, records: readonly FaceRecord[]): Block[] {
  const gaps = gapsIn(records);
  const summary = [
    `${gaps.coats} coats logged.`,
    gaps.unfinished > 0
      ? `${counted(gaps.unfinished, 'face still lacks', 'faces still lack')} coats.`
      : 'No coats missing.',
    gaps.noBatch > 0 ? `${counted(gaps.noBatch, 'coat')} without a batch.` : '',
    gaps.noAir > 0 ? `${counted(gaps.noAir, 'coat')} without conditions.` : '',
    gaps.noFilm > 0 ? `Wet film measured on ${gaps.coats - gaps.noFilm}.` : '',
  ].filter(Boolean);
  const { units } = job.settings;
  const airOf = ({ air }: RecordedCoat): Cell =>
    air === null
      ? cell('not recorded', { isGap: true })
      : cell(`${TEMPERATURE.format(air.temperature, units)}, ${Math.round(air.humidity)}%`);
  const rowOf = (record: FaceRecord, coat: RecordedCoat, isFirst: boolean): Cell[] => [
    cell(isFirst ? record.piece.mark : ''),
    cell(isFirst ? record.faceName : ''),
    cell(
      [
        coat.isRework ? 'again' : coat.number,
        ...(coat.extent === 'all' ? [] : [coat.extent]),
        ...(coat.section === null ? [] : [coat.section]),
      ].join(', '),
    ),
    cell(capital(shortName({ name: coat.product }))),
    coat.colour ? cell(coat.colour.name, { hex: coat.colour.hex }) : cell(NOTHING),
    coat.batch === null ? cell('not recorded', { isGap: true }) : cell(coat.batch),
    cell(moment(coat.at)),
    airOf(coat),
    cell(coat.film === null ? NOTHING : FILM.brief(coat.film, job.settings.units)),
    coat.by === null ? cell('not recorded', { isGap: true }) : cell(coat.by),
  ];
  const rooms = job.rooms.flatMap((room): Block[] => {
    const own = records.filter(({ piece }) => piece.roomId === room.id && groupOf(job, piece)?.buildUp);
    if (own.length === 0) return [];
    const rows = own.flatMap((record) => {
      const laid = record.coats.map((coat, index) => rowOf(record, coat, index === 0));
      const missing = record.missing.map((words, index): Cell[] => [
        cell(laid.length === 0 && index === 0 ? record.piece.mark : ''),
        cell(laid.length === 0 && index === 0 ? record.faceName : ''),
        cell(words, { isGap: true }),
        cell('not logged', { isGap: true }),
        ...Array.from({ length: 6 }, () => cell('')),
      ]);
      const left = record.leftOut.map((words): Cell[] => [
        cell(''),
        cell(''),
        cell(words, { isGap: true }),
        cell('skipped', { isGap: true }),
        ...Array.from({ length: 6 }, () => cell('')),
      ]);
      return [...laid, ...missing, ...left];
    });
    return [
      { kind: 'subheading', text: room.name, summary: coatsSummary(own) },
      {
        kind: 'table',
        label: `Coats in ${room.name}`,
        head: ['Tag', 'Face', 'Coat', 'Product', 'Colour', 'Batch', 'When', 'Conditions', 'Film', 'By'],
        rows,
        widths: ['auto', 'auto', '*', '*', 'auto', 'auto', 'auto', 'auto', 'auto', 'auto'],
      },
    ];
  });
  return [heading('record', 'Coats on each face'), text(summary.join(' ')), ...rooms];
}

/** How many coats the faces of a room have, and how many they still lack. */
function coatsSummary(records: readonly FaceRecord[]): string {
  const missing = records.reduce((sum, record) => sum + record.missing.length, 0);
  return `${gapsIn(records).coats} logged${missing > 0 ? `, ${missing} not logged` : ''}`;
}

function checked(job: Job): Block[] {
  const defects = job.defects.map((defect): Cell[] => {
    const piece = job.pieces.find(({ id }) => id === defect.pieceId);
    const standing = defectStatus(job, defect);
    const words = {
      found: 'open',
      planned: 'planned',
      'under-way': 'under way',
      'put-right': 'made good',
      accepted: 'accepted as is',
    }[standing];
    return [
      cell(piece?.mark ?? ''),
      cell(DEFECTS[defect.kind].name),
      cell(causeOf(defect.cause)?.name ?? NOTHING),
      cell(day(defect.at)),
      cell([words, defect.settled?.why].filter(Boolean).join(': '), {
        isGap: standing === 'found' || standing === 'planned' || standing === 'under-way',
      }),
    ];
  });
  const checks = job.filmChecks.map(({ check, pieceId, at, held, note }): Cell[] => {
    const definition = FILM_CHECK_DEFINITIONS[check];
    return [
      cell(definition.name),
      cell(job.pieces.find(({ id }) => id === pieceId)?.mark ?? ''),
      cell(day(at)),
      cell([held ? definition.held : definition.failed, note].filter(Boolean).join(' '), { isGap: !held }),
    ];
  });
  const signed = job.signOffs.map(({ roomId, by, at, remark }): Cell[] => [
    cell(job.rooms.find(({ id }) => id === roomId)?.name ?? ''),
    cell(by),
    cell(day(at)),
    cell(remark),
  ]);
  const unsigned = unsignedRooms(job);
  return [
    heading('checked', 'Inspection and sign-off'),
    ...(defects.length === 0
      ? [text('No defects logged.')]
      : [
          {
            kind: 'table',
            label: 'Defects',
            head: ['Tag', 'Defect', 'Cause', 'Found', 'Outcome'],
            rows: defects,
            widths: ['auto', 'auto', '*', 'auto', '*'],
          } as const,
        ]),
    ...(checks.length === 0
      ? [text('No film tests logged.')]
      : [
          {
            kind: 'table',
            label: 'Film tests',
            head: ['Check', 'On', 'When', 'Result'],
            rows: checks,
            widths: ['auto', 'auto', 'auto', '*'],
          } as const,
        ]),
    ...(signed.length === 0
      ? []
      : [
          {
            kind: 'table',
            label: 'Rooms signed off',
            head: ['Room', 'By', 'When', 'Note'],
            rows: signed,
            widths: ['auto', 'auto', 'auto', '*'],
          } as const,
        ]),
    ...(unsigned.length === 0 ? [] : [text(`Not signed off: ${listed(unsigned.map(({ name }) => name))}.`)]),
  ];
}

function leftOver(job: Job, { clocks }: HandoverFacts): Block[] {
  const { where, contents } = job.handOver.kit;
  const rests = leftPaints(job, clocks);
  const rows = rests.map(({ bucket, on, lastUsed, disposal }): Cell[] => {
    const [tin] = bucket.tins;
    const end = tin?.end;
    const batches = bucket.tins.flatMap(({ batch }) => (batch === '' ? [] : batch));
    return [
      cell(bucketWords(bucket), bucket.hex === null ? {} : { hex: bucket.hex }),
      batches.length === 0 ? cell('not recorded', { isGap: true }) : cell(batches.join(', ')),
      cell(`${VOLUME.format(bucket.left, job.settings.units)}${bucket.isSeen ? '' : ' (estimated)'}`),
      cell(lastUsed === null ? 'not used' : `${on}; ${day(lastUsed)}`),
      cell(end ? [TIN_END_WORDS[end.kind], end.where].filter(Boolean).join(', ') : 'in use', { isGap: !end }),
      cell(disposal.advice),
    ];
  });
  const hazards = new Set(
    rests.flatMap(({ bucket }) => bucket.coating.hazards.flatMap((id) => HAZARDS[id].waste ?? [])),
  );
  return [
    heading('left', 'Touch-up kit and leftover paint'),
    text(
      where === '' && contents === ''
        ? 'Touch-up kit: location not recorded.'
        : `Touch-up kit: ${where === '' ? 'location not recorded' : where}.${contents === '' ? '' : ` Contents: ${contents}.`}`,
    ),
    ...(rows.length === 0
      ? [text('No tins logged.')]
      : [
          {
            kind: 'table',
            label: 'Leftover paint',
            head: ['Paint', 'Batch', 'Left', 'On', 'Stored at', 'If not needed'],
            rows,
            widths: ['auto', 'auto', 'auto', '*', 'auto', '*'],
          } as const,
        ]),
    ...(hazards.size === 0
      ? []
      : [{ kind: 'caution', text: `${[...hazards].join(' ')} Local rules decide.` } as const]),
  ];
}

function upkeep(job: Job, { now }: HandoverFacts): Block[] {
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
