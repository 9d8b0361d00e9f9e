import { z } from 'zod';
import { FOUND, FOUND_IDS } from '../../pieces/found.ts';
import { hex, id, localTime, note } from './plain-fields.ts';

/** What a test of a group's surface showed: a stamp, kept when a later one says otherwise. */
export const findingSchema = z.lazy(() =>
  z
    .object({
      id,
      groupId: id,
      found: z.enum(FOUND_IDS),
      result: z.string().min(1).max(40),
      /** Of a moisture meter, in %. */
      reading: z.number().min(0, 'Must be 0% or more.').max(100, 'At most 100%.').nullable(),
      /** For the old colour. */
      hex: hex.nullable(),
      at: localTime,
      /** On which spot: “D-03, hinge edge”. */
      where: z.string().max(120, 'Keep it under 120 characters.'),
      /** A photo of a piece that shows it. */
      photoId: id.nullable(),
      note,
    })
    .superRefine(({ found, result, hex: colour }, context) => {
      const { name, results } = FOUND[found];
      if (!(result in results)) {
        const message = `“${result}” isn’t a result of ${name}. Use one of: ${Object.values(results).join(', ')}.`;
        context.addIssue({ code: 'custom', path: ['result'], message });
      }
      if (found === 'old-colour' && colour === null) {
        context.addIssue({ code: 'custom', path: ['hex'], message: 'Set the old colour.' });
      }
    }),
);
export type FindingStamp = z.infer<typeof findingSchema>;

/** A proposed system tried on a spot of the piece itself, left to dry, then scratched and taped. */
export const patchSchema = z.lazy(() =>
  z.object({
    id,
    groupId: id,
    where: z.string().trim().min(1, 'Type where, e.g. “D-03, hinge edge”.').max(120, 'Keep it under 120 characters.'),
    /** How the spot was keyed before. */
    key: z.enum(['abrade', 'wet-abrade', 'degloss', 'none']),
    /** Coats in the order in which they were laid, with when. */
    coats: z
      .array(z.object({ product: id, at: localTime }))
      .min(1)
      .max(6),
    read: z.object({ at: localTime, held: z.boolean() }).nullable(),
    note,
  }),
);
export type Patch = z.infer<typeof patchSchema>;
