import { z } from 'zod';
import { hex, id } from './plain-fields.ts';

/** Paint that is there already, in the van or in the house, and need not be bought. */
export const stockSchema = z.lazy(() =>
  z.object({
    id,
    product: id,
    /** Of a topcoat, its colour; null for what has none. */
    hex: hex.nullable(),
    litres: z.number().positive('Write how many litres are there.').max(1000, 'Over 1,000 L in stock: check it.'),
  }),
);
export type StockEntry = z.infer<typeof stockSchema>;
