import { z } from 'zod';
import { hex, id, localTime } from './plain-fields.ts';

const litres = z.lazy(() =>
  z.number().min(0, 'A tin does not hold less than nothing.').max(200, 'Up to 200 L in one tin.'),
);

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
    litres: litres.unwrap().min(0.05, 'A tin holds 0.05 L at least.'),
    openedAt: localTime,
    /** Tins into whose bucket it was poured. */
    boxedWith: z.array(id).max(12, 'Twelve tins in one bucket at most.'),
    /** What somebody saw to be left in it, and when; null while only the reckoning knows. */
    seen: z.object({ litres, at: localTime }).nullable(),
    emptiedAt: localTime.nullable(),
    /** What became of the rest, and where it stands; null while it is in use. */
    end: z.object({ kind: z.enum(TIN_ENDS), where: z.string().max(120, 'Keep it under 120 characters.') }).nullable(),
    device: z.string().max(40).optional(),
  }),
);
export type OpenedTin = z.infer<typeof tinSchema>;
