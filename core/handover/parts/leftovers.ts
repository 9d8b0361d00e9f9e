import { formatMoment } from '../../units/moments.ts';
import type { Job } from '../../job/document/schema.ts';
import { HAZARDS } from '../../shelf/hazards.ts';
import { bucketWords } from '../../running/tins-in-use.ts';
import { VOLUME } from '../../units/measures.ts';
import { leftPaints, TIN_END_WORDS } from '../leftover-paint.ts';
import { cell, heading, text, type Block, type Cell } from '../blocks.ts';
import type { HandoverFacts } from '../handover-facts.ts';

const day = (at: string): string => formatMoment(at, 'dateOfYear');

/** The touch-up kit, and the paint that is left. */
export function leftOver(job: Job, { clocks }: HandoverFacts): Block[] {
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
