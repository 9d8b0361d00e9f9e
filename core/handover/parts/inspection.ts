import { formatMoment } from '../../units/moments.ts';
import { causeOf } from '../../checking/causes/registry.ts';
import { DEFECTS } from '../../checking/defects.ts';
import { FILM_CHECK_DEFINITIONS } from '../../checking/film-checks.ts';
import { defectStatus } from '../../checking/defect-status.ts';
import type { Job } from '../../job/document/schema.ts';
import { listed } from '../../units/sentence.ts';
import { unsignedRooms } from '../gaps.ts';
import { cell, heading, NOTHING, text, type Block, type Cell } from '../blocks.ts';

const day = (at: string): string => formatMoment(at, 'dateOfYear');

/** Defects, tests of the film and sign-off by room. */
export function checked(job: Job): Block[] {
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
