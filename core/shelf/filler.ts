import { z } from 'zod';
import { AS_DEFAULT, entryFields, hours } from './entry.ts';

/** What a filler closes. */
export const FILLS = {
  grain: 'open grain',
  holes: 'nail holes and dents',
  repair: 'rotten or broken wood',
  joints: 'joints that move: between trim and wall, at mitres',
  putty: 'the line between glass and wood',
} as const;
export type Fills = keyof typeof FILLS;
export const FILLS_IDS = Object.keys(FILLS) as [Fills, ...Fills[]];

/** A filler, putty or caulk. */
export const fillerSchema = z.lazy(() =>
  z.object({
    ...entryFields(),
    fills: z.enum(FILLS_IDS),
    /** Hours at 23 °C and 50 % RH until it can be sanded, or coated where it is not sanded. */
    dryHours: hours,
    exposure: z.enum(['inside', 'both']),
    /** Minutes to mixing and working it off; null for what comes ready. */
    potLife: z.number().positive().max(600).nullable(),
    sands: z.enum(['well', 'badly', 'not']),
    /** How many passes are usual. */
    passes: z.number().int().min(1).max(4),
  }),
);
export type Filler = z.infer<typeof fillerSchema>;

const filler = (stated: Pick<Filler, 'id' | 'name' | 'fills' | 'dryHours'> & Partial<Filler>): Filler => ({
  ...AS_DEFAULT,
  exposure: 'inside',
  potLife: null,
  sands: 'well',
  passes: 1,
  ...stated,
});

/** The default fillers: starting values. */
export const DEFAULT_FILLERS: readonly Filler[] = [
  filler({
    id: 'grain-gel',
    name: 'Grain filler, clear gel',
    fills: 'grain',
    dryHours: 3,
    sands: 'badly',
    passes: 3,
    note: 'Easy to apply, little dust. Hard to see and level.',
  }),
  filler({
    id: 'grain-putty',
    name: 'Grain filler, putty',
    fills: 'grain',
    dryHours: 6,
    passes: 2,
    hazards: ['dust'],
    note: 'Shows up and sands well. More dust and work.',
  }),
  filler({ id: 'wood-putty', name: 'Wood putty', fills: 'holes', dryHours: 2, note: 'Nail and screw holes.' }),
  filler({
    id: 'epoxy-2k',
    name: 'Repair filler, two-part epoxy',
    fills: 'repair',
    dryHours: 12,
    exposure: 'both',
    potLife: 20,
    hazards: ['hardener', 'dust'],
    note: 'Broken edges and soft sills, once dry and sound underneath.',
  }),
  filler({
    id: 'spackle',
    name: 'Fine surface filler',
    fills: 'holes',
    dryHours: 2,
    note: 'Shallow dents in plaster and paint.',
  }),
  filler({
    id: 'exterior-filler',
    name: 'Exterior filler',
    fills: 'holes',
    dryHours: 4,
    exposure: 'both',
    note: 'Holes and open joints in scraped wood outside.',
  }),
  filler({
    id: 'caulk',
    name: 'Decorators’ caulk',
    fills: 'joints',
    dryHours: 6,
    exposure: 'both',
    sands: 'not',
    note: 'Between trim and wall. Never silicone: paint won’t hold.',
  }),
  filler({
    id: 'glazing-putty',
    name: 'Linseed glazing putty',
    fills: 'putty',
    dryHours: 168,
    exposure: 'both',
    sands: 'not',
    note: 'Paint once skinned: a week, or two in the cold.',
  }),
];
