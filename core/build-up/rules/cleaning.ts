import { rinse, wash } from '../fixing.ts';
import { isBare, isWood, showsVinyl, type Rule } from '../rule.ts';
import type { Situation } from '../situation.ts';
import type { Soil } from '../../shelf/cleaner.ts';

const takesOff = ({ cleaning }: Situation, soil: Soil): boolean =>
  cleaning.some(({ cleaner }) => cleaner.removes.includes(soil));
const leaves = ({ cleaning }: Situation, residue: string): boolean =>
  cleaning.some(({ cleaner, rinsed }) => cleaner.residue === residue && !rinsed);

/** What must come off before anything goes on. */
export const CLEANING: readonly Rule[] = [
  {
    id: 'phosphate-residue',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      leaves(s, 'phosphate') && [...s.primers, ...s.spotPrimers].some((primer) => primer.spoiledByPhosphate),
    reason: 'What a phosphate wash leaves behind spoils this primer: it will not hold.',
    fixText: 'Rinse twice with clean water, or wash with a phosphate-free cleaner.',
    autoFix: (recipe, s) => rinse(recipe, s, ({ residue }) => residue === 'phosphate'),
  },
  {
    id: 'bleach-residue',
    severity: 'forbidden',
    source: 'chemistry',
    fires: (s) => leaves(s, 'bleach'),
    reason: 'Salts of a mould wash that is not rinsed off draw water and push the paint off.',
    fixText: 'Rinse with clean water and let it dry.',
    autoFix: (recipe, s) => rinse(recipe, s, ({ residue }) => residue === 'bleach'),
  },
  {
    id: 'soap-residue',
    severity: 'risk',
    source: 'tin',
    fires: (s) => leaves(s, 'soap') || leaves(s, 'phosphate'),
    reason: 'This cleaner has to be rinsed off. Its film lies between the old coat and the new one.',
    fixText: 'Rinse, or choose a no-rinse cleaner.',
    autoFix: (recipe, s) => rinse(recipe, s, (cleaner) => cleaner.rinse),
  },
  {
    id: 'etch-not-rinsed',
    severity: 'risk',
    source: 'chemistry',
    fires: (s) => s.cleaning.some(({ cleaner, rinsed }) => cleaner.etches && !rinsed),
    reason: 'Acid that stays on the metal goes on etching under the primer.',
    fixText: 'Rinse it off.',
    autoFix: (recipe, s) => rinse(recipe, s, ({ etches }) => etches),
  },
  {
    id: 'not-cleaned',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.cleaning.length === 0 && !isBare(s),
    reason: 'Hand oils, polish and dust are on every surface that has been in use. Paint over them lifts.',
    fixText: 'Choose a cleaner.',
    autoFix: (recipe, s) => wash(recipe, s, 'hand-oils'),
  },
  {
    id: 'grease',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.contamination === 'grease' && !takesOff(s, 'grease'),
    reason: 'Grease is on it. Paint crawls into fish-eyes and comes off again.',
    fixText: 'Clean with an alkaline or phosphate wash, or wipe with solvent.',
    autoFix: (recipe, s) => wash(recipe, s, 'grease'),
  },
  {
    id: 'wax-or-silicone',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.contamination === 'wax' && !takesOff(s, 'wax'),
    reason: 'Wax, polish or silicone is on it: water stands in beads, and so will the paint.',
    fixText: 'Wipe with solvent, two rags, then test with water again.',
    autoFix: (recipe, s) => wash(recipe, s, 'wax'),
  },
  {
    id: 'mould',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.mould === 'mould' && !takesOff(s, 'mould'),
    reason: 'Mould grows on under the paint and comes through it.',
    fixText: 'Mould wash, let it stand, rinse and dry.',
    autoFix: (recipe, s) => wash(recipe, s, 'mould'),
  },
  {
    id: 'chalk-not-washed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.soundness === 'chalks' && !takesOff(s, 'chalk'),
    reason: 'The old coat chalks: new paint sticks to the powder, and the powder to nothing.',
    fixText: 'Wash the chalk off until a dark rag stays dark.',
    autoFix: (recipe, s) => wash(recipe, s, 'chalk'),
  },
  {
    id: 'weather-dirt',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.exposure === 'outside' && !takesOff(s, 'salts'),
    reason: 'Salt, soot and bird lime are on everything outside, and solvent does not take them off.',
    fixText: 'Wash with water and a detergent as well.',
    autoFix: (recipe, s) => wash(recipe, s, 'salts'),
  },
  {
    id: 'new-vinyl-oil',
    severity: 'risk',
    source: 'trade',
    fires: (s) => showsVinyl(s) && !takesOff(s, 'grease') && !takesOff(s, 'wax'),
    reason: 'Plastic that was never painted carries oil from its mould.',
    fixText: 'Clean it with an alkaline wash, or wipe with solvent.',
    autoFix: (recipe, s) => wash(recipe, s, 'grease'),
  },
  {
    id: 'contamination-unknown',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.unknown.includes('contamination'),
    reason: 'Nobody has looked for grease, wax or silicone, so this is judged as clean.',
    fixText: 'Water drops and a white rag tell in two minutes.',
  },
  {
    id: 'mould-unknown',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.unknown.includes('mould'),
    reason: 'Nobody has looked for mould, so this is judged as free of it.',
    fixText: 'A drop of bleach on a dark spot tells: mould pales, dirt stays.',
  },
  {
    id: 'water-on-bare-wood',
    severity: 'advice',
    source: 'wood',
    fires: (s) => isWood(s) && isBare(s) && s.cleaning.some(({ cleaner }) => cleaner.dryHours >= 2),
    reason: 'Water raises the grain of bare wood and swells board.',
    fixText: 'Wipe damp, not wet, and sand once more when it has dried.',
  },
  {
    id: 'cleaners-never-mixed',
    severity: 'caution',
    source: 'safety',
    fires: ({ cleaning }) => cleaning.some(({ cleaner }) => cleaner.hazards.includes('bleach')) && cleaning.length > 1,
    reason: 'Bleach with acid, vinegar or ammonia makes a poisonous gas.',
    fixText: 'Rinse between the two, take another bucket, and open the window.',
  },
  {
    id: 'wash-protection',
    severity: 'caution',
    source: 'safety',
    fires: ({ cleaning }) =>
      cleaning.some(({ cleaner }) => cleaner.hazards.some((hazard) => hazard === 'caustic' || hazard === 'phosphate')),
    reason: 'Caustic and phosphate cleaners burn skin and eyes.',
    fixText: 'Gloves that do not tear, closed goggles; mild detergent where it is enough.',
  },
];
