import { formatMoment } from '../../units/moments.ts';
import { shortName } from '../../shelf/entry.ts';
import { groupOf } from '../../job/queries/groups.ts';
import type { Job } from '../../job/document/schema.ts';
import { TEMPERATURE, FILM } from '../../units/measures.ts';
import { counted, capital } from '../../units/sentence.ts';
import { gapsIn, type FaceRecord, type RecordedCoat } from '../face-record.ts';
import { cell, heading, NOTHING, text, type Block, type Cell } from '../blocks.ts';

const moment = (at: string): string => formatMoment(at, 'dateTime');

/** Every coat on every face, room by room, with its gaps. */
export function faces(job: Job, records: readonly FaceRecord[]): Block[] {
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
