import { z } from 'zod';
import { definitionOf, PIECE_KINDS } from '../../../core/pieces/registry.ts';
import { statedPieceSchema } from '../../../core/job/document/piece-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { drafts } from '../../keeping/drafts.ts';

const begunSchema = z.lazy(() =>
  z.object({
    kind: z.enum(PIECE_KINDS),
    piece: statedPieceSchema,
    count: z.string().max(20),
    /** How often sizes were begun anew: fields of each time have names of their own. */
    round: z.number().int().default(0),
  }),
);
/** Pieces that are being entered and not added yet. */
export type BegunPieces = z.infer<typeof begunSchema>;

/** Names the drafts of the form's fields; its whole stands under the name itself. */
export const begunName = (jobId: string): string => `${jobId}/new`;

/** What was being entered when the form, the tab or the browser was closed; null if nothing was. */
export async function readBegun(job: Job): Promise<BegunPieces | null> {
  const kept = await drafts.read(begunName(job.id));
  if (kept === null) return null;
  const read = begunSchema.safeParse(JSON.parse(kept));
  if (!read.success) return null;
  const { kind, piece } = read.data;
  const hasRoom = job.rooms.some((room) => room.id === piece.roomId);
  return hasRoom && definitionOf(kind).schema.safeParse(piece.shape).success ? read.data : null;
}

export async function keepBegun(jobId: string, begun: BegunPieces): Promise<void> {
  await drafts.keep(begunName(jobId), JSON.stringify(begun));
}

/** Forgets the form and what stands in its fields, or only the fields. */
export async function forgetBegun(jobId: string, what: 'all' | 'fields' = 'all'): Promise<void> {
  const name = begunName(jobId);
  await drafts.forgetAll(what === 'all' ? name : `${name}/`);
}
