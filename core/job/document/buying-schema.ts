import { z } from 'zod';
import { GUN_IDS } from '../../shelf/tools.ts';
import { hex, id, localTime, name } from './plain-fields.ts';

/** A colour of one's own: what goes into it, in parts that can be repeated, and what its drawdowns showed. */
export const recipeSchema = z.lazy(() =>
  z.object({
    id,
    name,
    /** The colour that was aimed at, or that came out; null while nobody has said. */
    hex: hex.nullable(),
    parts: z
      .array(
        z.object({
          what: name,
          amount: z.number().positive('Must be above 0.').max(100_000, 'At most 100 L of one part.'),
        }),
      )
      .min(1, 'Add at least one part.')
      .max(20, 'At most 20 parts.'),
    drawdowns: z
      .array(
        z.object({
          id,
          at: localTime,
          words: z.string().trim().min(1, 'Type what it showed.').max(300, 'Keep it under 300 characters.'),
          hex: hex.nullable(),
        }),
      )
      .max(60),
  }),
);
export type Recipe = z.infer<typeof recipeSchema>;

/** How paint is mixed and sprayed here. */
export const mixingSchema = z.lazy(() =>
  z.object({
    /** Litres of the bucket in which tins are boxed. */
    bucket: z.number().min(0.5, 'At least 0.5 L.').max(200, 'At most 200 L.'),
    /** mL of hardener that can still be measured. */
    smallest: z.number().min(0.5, 'Enter at least 0.5 mL.').max(500, 'At most 500 mL.'),
    gun: z.enum(GUN_IDS),
  }),
);

const money = z.lazy(() => z.number().min(0, 'Must be 0 or more.').max(1_000_000, 'Must be under 1,000,000.'));
const percent = z.lazy(() => z.number().min(0, 'Must be 0% or more.').max(200, 'At most 200%.'));

/** What work and things cost, as the painter states them. */
export const pricingSchema = z.lazy(() =>
  z.object({
    /** For an hour of hands-on work. */
    hourlyRate: money,
    /** Hours beside hands-on work, such as driving and fetching, as a share of it. */
    overhead: percent,
    margin: percent,
    /** As typed: what applies is for the painter and their adviser to know. */
    tax: percent,
    /** By consumable: how many are in a pack, and what it costs. */
    packs: z.record(z.string().max(40), z.object({ count: z.number().positive().max(10_000), price: money })),
    /** By kind of piece: what a new one costs, fitted and painted. */
    replacements: z.record(z.string().max(40), money),
  }),
);
export type Pricing = z.infer<typeof pricingSchema>;

export const USUAL_MIXING: z.infer<typeof mixingSchema> = { bucket: 10, smallest: 5, gun: 'low-pressure' };
export const USUAL_PRICING: Pricing = { hourlyRate: 45, overhead: 15, margin: 12, tax: 0, packs: {}, replacements: {} };
