import { z } from 'zod';
import { hex, id, localTime } from './plain-fields.ts';

const litres = z.lazy(() => z.number().min(0, 'Must be 0 or more.').max(200, 'At most 200 L.'));

/** What becomes of what is left in a tin. */
export const TIN_ENDS = ['touch-up', 'kept', 'given-on', 'collected', 'dried-out'] as const;
export type TinEnd = (typeof TIN_ENDS)[number];

/** A tin that was opened on the job: what is in it, which batch, and how much of it is left. */
export const tinSchema = z.lazy(() =>
  z.object({
    id,
    /** The coating's id. */
    product: id,
    /** The colour it was tinted to; null for primers and sealers. */
    hex: hex.nullable(),
    /** As printed on the tin; empty where nobody wrote it down. */
    batch: z.string().trim().max(60, 'Keep the batch under 60 characters.'),
    litres: litres.unwrap().min(0.05, 'At least 0.05 L.'),
    openedAt: localTime,
    /** Tins into whose bucket it was poured. */
    boxedWith: z.array(id).max(12, 'At most 12 tins in one bucket.'),
    /** What somebody saw to be left in it, and when; null while only the reckoning knows. */
    seen: z.object({ litres, at: localTime }).nullable(),
    emptiedAt: localTime.nullable(),
    /** What became of the rest, and where it stands; null while it is in use. */
    end: z.object({ kind: z.enum(TIN_ENDS), where: z.string().max(120, 'Keep it under 120 characters.') }).nullable(),
    device: z.string().max(40).optional(),
  }),
);
export type OpenedTin = z.infer<typeof tinSchema>;
