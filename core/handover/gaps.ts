import { isOpen } from '../checking/defect-status.ts';
import type { Job } from '../job/document/schema.ts';
import { counted } from '../units/sentence.ts';
import { gapsIn, type FaceRecord } from './face-record.ts';

/** Where a gap is filled: in the details of the handover, in the log of coats, or by the inspection. */
export type GapIn = 'details' | 'coats' | 'inspection';

/** What a handover still lacks, in a few words. */
export interface HandoverGap {
  where: GapIn;
  words: string;
}

/** Rooms with pieces and no sign-off, in the order of the walk. */
export const unsignedRooms = (job: Job): Job['rooms'] =>
  job.rooms.filter(
    ({ id }) => job.pieces.some(({ roomId }) => roomId === id) && !job.signOffs.some(({ roomId }) => roomId === id),
  );

/** The gaps of a handover by its log and its details; empty when it is ready. */
export function handoverGaps(job: Job, records: readonly FaceRecord[]): HandoverGap[] {
  const { unfinished } = gapsIn(records);
  const open = job.defects.filter((defect) => isOpen(job, defect)).length;
  const unsigned = unsignedRooms(job).length;
  const gap = (where: GapIn, isMissing: boolean, words: string): HandoverGap[] => (isMissing ? [{ where, words }] : []);
  return [
    ...gap('coats', unfinished > 0, `${counted(unfinished, 'face')} with coats not logged`),
    ...gap('inspection', open > 0, `${counted(open, 'defect')} open`),
    ...gap('inspection', unsigned > 0, `${counted(unsigned, 'room')} not signed off`),
    ...gap('details', job.handOver.owner === '', 'client not named'),
    ...gap('details', job.handOver.kit.where === '', 'no place for the touch-up kit'),
  ];
}
