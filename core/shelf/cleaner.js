import { z } from 'zod';
/** A cleaner: how it is mixed, what it leaves behind, and how long the washed surface takes to dry. */
export const cleanerSchema = z.object({
  id: z.string(),
  name: z.string(),
  /** mL of cleaner per litre of water actually in the bucket; null when used as it comes. */
  dilution: z.number().nullable(),
  rinse: z.boolean(),
  /** Hours at 23 °C and 50 % RH until the washed surface is dry. */
  dryHours: z.number(),
  /** What stays on the surface when it is not rinsed. */
  residue: z.enum(['none', 'phosphate', 'soap']),
  /** Whether it also dulls a gloss. */
  deglosses: z.boolean(),
  protection: z.string(),
});
const GLOVES = 'Gloves that do not tear and eye protection. Never mix cleaners.';
/** The default cleaners: starting values, to be overridden from the label. */
export const DEFAULT_CLEANERS = [
  {
    id: 'mild-detergent',
    name: 'Mild detergent',
    dilution: 10,
    rinse: true,
    dryHours: 3,
    residue: 'soap',
    deglosses: false,
    protection: 'Household gloves.',
  },
  {
    id: 'alkaline-wash',
    name: 'Alkaline wash',
    dilution: 40,
    rinse: true,
    dryHours: 4,
    residue: 'soap',
    deglosses: false,
    protection: GLOVES,
  },
  {
    id: 'phosphate-wash',
    name: 'Phosphate wash',
    dilution: 60,
    rinse: true,
    dryHours: 4,
    residue: 'phosphate',
    deglosses: true,
    protection: GLOVES,
  },
  {
    id: 'no-rinse-wash',
    name: 'Phosphate-free no-rinse wash',
    dilution: 30,
    rinse: false,
    dryHours: 2.5,
    residue: 'none',
    deglosses: false,
    protection: GLOVES,
  },
  {
    id: 'solvent-wipe',
    name: 'Solvent wipe',
    dilution: null,
    rinse: false,
    dryHours: 0.5,
    residue: 'none',
    deglosses: false,
    protection:
      'Solvent vapour: organic-vapour cartridges and air change, no flame or pilot light. Lay oily rags flat or under water.',
  },
  {
    id: 'deglosser',
    name: 'Deglosser',
    dilution: null,
    rinse: false,
    dryHours: 0.8,
    residue: 'none',
    deglosses: true,
    protection: 'Solvent vapour: organic-vapour cartridges and air change, no flame or pilot light.',
  },
];
