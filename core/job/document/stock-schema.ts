import { z } from 'zod';
import { hex, id } from './plain-fields.ts';

/** Paint that is there already, in the van or in the house, and need not be bought. */
export const stockSchema = z.lazy(() =>
  z.object({
    id,
    product: id,
    /** Of a topcoat, its colour; null for what has none. */
    hex: hex.nullable(),
    litres: z.number().positive('Type the litres in stock.').max(1000, 'At most 1,000 L in stock.'),
  }),
);
export type StockEntry = z.infer<typeof stockSchema>;
