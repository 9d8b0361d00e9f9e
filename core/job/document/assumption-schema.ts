import { z } from 'zod';

/** What may be assumed until somebody has looked: of a piece, a place to work, the air, a group of like pieces. */
export const ASSUMED_FACTS = ['size', 'surface', 'closing', 'slots', 'air', 'colour'] as const;
export type AssumedFact = (typeof ASSUMED_FACTS)[number];

/** Of what, by its id, was assumed what. It is assumed for as long as the job still says the same. */
export const assumptionSchema = z.lazy(() =>
  z.object({
    fact: z.enum(ASSUMED_FACTS),
    of: z.string().min(1).max(60),
    /** What was assumed, as `ASSUMPTIONS` writes it. */
    value: z.string().max(2000),
  }),
);
export type Assumption = z.infer<typeof assumptionSchema>;
