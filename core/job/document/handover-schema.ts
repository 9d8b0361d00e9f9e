import { z } from 'zod';
import { localTime } from './plain-fields.ts';

const short = z.lazy(() => z.string().max(120, 'Keep it under 120 characters.'));

/** What is stated for the handover, beside what the log says. */
export const handoverSchema = z.lazy(() =>
  z.object({
    /** Whom it is for. */
    owner: z.string().max(80, 'Keep it under 80 characters.'),
    /** Who did the work, as it is to stand on the record. */
    painter: z.string().max(80, 'Keep it under 80 characters.'),
    /** The touch-up kit: what lies in it beside the paint, and where it is kept. */
    kit: z.object({ where: short, contents: z.string().max(300, 'Keep it under 300 characters.') }),
    /** Further words to whoever lives with it. */
    words: z.string().max(1000, 'Keep it under 1,000 characters.'),
    /** When it was handed over, local; null while it was not. */
    at: localTime.nullable(),
  }),
);
export type Handover = z.infer<typeof handoverSchema>;

export const NO_HANDOVER: Handover = { owner: '', painter: '', kit: { where: '', contents: '' }, words: '', at: null };
