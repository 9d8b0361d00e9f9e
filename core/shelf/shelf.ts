import { z } from 'zod';
import { abrasiveSchema, DEFAULT_ABRASIVES } from './abrasive.ts';
import { cleanerSchema, DEFAULT_CLEANERS } from './cleaner.ts';
import { coatingSchema } from './coating.ts';
import { DEFAULT_COATINGS } from './default-coatings.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { tinsSoldIn } from './tin-sizes.ts';
import { DEFAULT_FILLERS, fillerSchema } from './filler.ts';
import { DEFAULT_PRESERVATIVES, preservativeSchema } from './preservative.ts';

const MAX_ENTRIES = 200;

/** A shelf: what there is to clean, fill, sand, preserve and coat with. */
export const shelfSchema = z.lazy(() =>
  z.object({
    coatings: z.array(coatingSchema).max(MAX_ENTRIES),
    cleaners: z.array(cleanerSchema).max(MAX_ENTRIES),
    fillers: z.array(fillerSchema).max(MAX_ENTRIES),
    abrasives: z.array(abrasiveSchema).max(MAX_ENTRIES),
    preservatives: z.array(preservativeSchema).max(MAX_ENTRIES),
  }),
);
export type Shelf = z.infer<typeof shelfSchema>;

/** The compartments of a shelf, with what one entry is called. */
export const COMPARTMENTS = {
  coatings: { name: 'Coatings', one: 'coating', schema: coatingSchema },
  cleaners: { name: 'Cleaners', one: 'cleaner', schema: cleanerSchema },
  fillers: { name: 'Fillers', one: 'filler', schema: fillerSchema },
  abrasives: { name: 'Abrasives', one: 'abrasive', schema: abrasiveSchema },
  preservatives: { name: 'Preservatives', one: 'preservative', schema: preservativeSchema },
} as const;
export type Compartment = keyof typeof COMPARTMENTS;
export const COMPARTMENT_IDS = Object.keys(COMPARTMENTS) as [Compartment, ...Compartment[]];

/** Generic products with middling figures: starting values, none of them a maker's. */
export const DEFAULT_SHELF: Readonly<{ [C in Compartment]: readonly Shelf[C][number][] }> = {
  coatings: DEFAULT_COATINGS,
  cleaners: DEFAULT_CLEANERS,
  fillers: DEFAULT_FILLERS,
  abrasives: DEFAULT_ABRASIVES,
  preservatives: DEFAULT_PRESERVATIVES,
};

/** A shelf with nothing on it. */
export const emptyShelf = (): Shelf => ({ coatings: [], cleaners: [], fillers: [], abrasives: [], preservatives: [] });

/** The defaults as they are sold where this system of units is in use. */
export const usualShelf = (units: UnitSystem): typeof DEFAULT_SHELF => ({
  ...DEFAULT_SHELF,
  coatings: DEFAULT_SHELF.coatings.map((coating) => ({ ...coating, tins: tinsSoldIn(coating.tins, units) })),
});

/** The defaults with a painter's own figures over them, then what the painter adds. Archived entries are among them. */
export function overDefaults(own: Readonly<Shelf>, usual = DEFAULT_SHELF): Shelf {
  const laid = <E extends { id: string }>(defaults: readonly E[], stated: readonly E[]): E[] => [
    ...defaults.map((entry) => stated.find(({ id }) => id === entry.id) ?? entry),
    ...stated.filter(({ id }) => !defaults.some((entry) => entry.id === id)),
  ];
  return {
    coatings: laid(usual.coatings, own.coatings),
    cleaners: laid(usual.cleaners, own.cleaners),
    fillers: laid(usual.fillers, own.fillers),
    abrasives: laid(usual.abrasives, own.abrasives),
    preservatives: laid(usual.preservatives, own.preservatives),
  };
}
