import { z } from 'zod';
import { AS_DEFAULT, entryFields, hours } from './entry.ts';

/** What a cleaner takes off. */
export const SOILS = ['grease', 'hand-oils', 'wax', 'mould', 'chalk', 'salts'] as const;
export type Soil = (typeof SOILS)[number];

/** A cleaner: how it is mixed, what it takes off and leaves behind, and how long the washed surface takes to dry. */
export const cleanerSchema = z.lazy(() =>
  z.object({
    ...entryFields(),
    /** mL of cleaner per litre of water actually in the bucket; null when used as it comes. */
    dilution: z.number().positive().max(1000, 'At most 1,000 mL a litre.').nullable(),
    rinse: z.boolean(),
    /** Hours at 23 °C and 50 % RH until the washed surface is dry. */
    dryHours: hours,
    removes: z.array(z.enum(SOILS)),
    /** What stays on the surface when it is not rinsed. */
    residue: z.enum(['none', 'phosphate', 'soap', 'bleach']),
    /** Whether it also dulls a gloss. */
    deglosses: z.boolean(),
    /** Whether it etches bare galvanised steel. */
    etches: z.boolean(),
  }),
);
export type Cleaner = z.infer<typeof cleanerSchema>;

const cleaner = (stated: Pick<Cleaner, 'id' | 'name' | 'dilution' | 'dryHours'> & Partial<Cleaner>): Cleaner => ({
  ...AS_DEFAULT,
  rinse: false,
  removes: [],
  residue: 'none',
  deglosses: false,
  etches: false,
  ...stated,
});

/** The default cleaners: starting values, to be overridden from the label. */
export const DEFAULT_CLEANERS: readonly Cleaner[] = [
  cleaner({
    id: 'mild-detergent',
    name: 'Mild detergent',
    dilution: 10,
    rinse: true,
    dryHours: 3,
    residue: 'soap',
    removes: ['salts', 'hand-oils'],
    note: 'Hand marks and dust on clean surfaces.',
  }),
  cleaner({
    id: 'alkaline-wash',
    name: 'Alkaline wash',
    dilution: 40,
    rinse: true,
    dryHours: 4,
    residue: 'soap',
    removes: ['grease', 'hand-oils', 'salts', 'chalk'],
    hazards: ['caustic'],
    note: 'Kitchen grease, hand oils.',
  }),
  cleaner({
    id: 'phosphate-wash',
    name: 'Phosphate wash',
    dilution: 60,
    rinse: true,
    dryHours: 4,
    residue: 'phosphate',
    removes: ['grease', 'hand-oils', 'salts', 'chalk'],
    deglosses: true,
    hazards: ['phosphate', 'caustic'],
    note: 'Strong, and dulls gloss. Residue spoils some primers.',
  }),
  cleaner({
    id: 'no-rinse-wash',
    name: 'Phosphate-free no-rinse wash',
    dilution: 30,
    dryHours: 2.5,
    removes: ['salts', 'chalk', 'hand-oils'],
    hazards: ['caustic'],
    note: 'For hand oils, not kitchen grease.',
  }),
  cleaner({
    id: 'solvent-wipe',
    name: 'Solvent wipe',
    dilution: null,
    dryHours: 0.5,
    removes: ['grease', 'hand-oils', 'wax'],
    hazards: ['solvent', 'oily-rags'],
    note: 'Wax, polish, silicone, mould-release oil: two rags, one wet and one dry.',
  }),
  cleaner({
    id: 'mould-wash',
    name: 'Mould wash',
    dilution: 250,
    rinse: true,
    dryHours: 6,
    residue: 'bleach',
    removes: ['mould'],
    hazards: ['bleach'],
    note: 'Stand 15 min, then rinse.',
  }),
  cleaner({
    id: 'white-vinegar',
    name: 'White vinegar',
    dilution: null,
    rinse: true,
    dryHours: 2,
    removes: ['salts'],
    etches: true,
    hazards: ['acid'],
    note: 'Etches bare galvanised steel. Removes lime.',
  }),
  cleaner({
    id: 'deglosser',
    name: 'Deglosser',
    dilution: null,
    dryHours: 0.8,
    removes: ['grease', 'hand-oils'],
    deglosses: true,
    hazards: ['solvent'],
    note: 'Dulls gloss without dust. Coat within the time on its label.',
  }),
];
