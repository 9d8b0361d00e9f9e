import { marksInWords } from '../../job/marks.ts';
import type { Job } from '../../job/document/schema.ts';
import { type FaceRecord } from '../face-record.ts';
import { cell, heading, text, type Block, type Cell } from '../blocks.ts';

/** What was put on, finish by finish: the page that whoever paints next needs first. */
export function finishes(job: Job, records: readonly FaceRecord[]): Block[] {
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
