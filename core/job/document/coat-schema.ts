import { z } from 'zod';
import { TOOL_IDS } from '../../shelf/tools.ts';
import { hex } from './plain-fields.ts';

/** Where a coat goes: over the whole face, on spots of bare wood, filler and stains, or on raw edges alone. */
export const EXTENTS = ['all', 'spots', 'edges'] as const;
export type Extent = (typeof EXTENTS)[number];

/** One coat: which product, how it is put on, by how many per cent it is thinned, and where it goes. */
export const coatSchema = z.lazy(() =>
  z.object({
    product: z.string().min(1).max(60),
    tool: z.enum(TOOL_IDS),
    thinning: z.number().min(0).max(30),
    extent: z.enum(EXTENTS),
    /** What a primer is tinted to; white, or what it is without, where nothing is said. */
    tint: hex.optional(),
  }),
);
export type Coat = z.infer<typeof coatSchema>;
