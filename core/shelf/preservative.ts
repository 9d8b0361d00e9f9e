import { z } from 'zod';
import { AS_DEFAULT, entryFields, hours } from './entry.ts';

/** Water-repellent preservative for bare wood outside. */
export const preservativeSchema = z.lazy(() =>
  z.object({
    ...entryFields(),
    /** Hours at 23 °C and 50 % RH before it may be primed. */
    dryHours: hours,
  }),
);
export type Preservative = z.infer<typeof preservativeSchema>;

/** The default preservative. */
export const DEFAULT_PRESERVATIVES: readonly Preservative[] = [
  {
    ...AS_DEFAULT,
    id: 'water-repellent',
    name: 'Water-repellent wood preservative',
    dryHours: 24,
    hazards: ['solvent', 'biocide'],
    note: 'Bare wood outside, end grain twice. A full day before primer.',
  },
];
