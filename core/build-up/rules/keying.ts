import { keyWith } from '../fixing.ts';
import {
  isFor,
  isAbraded,
  isBare,
  isBareTimber,
  isGlossy,
  hasSheen,
  isKeyed,
  isProvedByPatch,
  isWaterborne,
  showsLaminate,
  showsVinyl,
  type Rule,
} from '../rule.ts';
import type { Situation } from '../situation.ts';
import type { Recipe } from '../system-coat.ts';

/** Dry where dust may rise, wet where it may hold lead; board is never sanded wet. */
const abrade = (recipe: Recipe, { facts }: Situation): boolean =>
  keyWith(recipe, facts.lead === 'lead' ? 'wet-abrade' : 'abrade');

/** What a new coat holds on by. */
export const KEYING: readonly Rule[] = [
  {
    id: 'waterborne-over-unkeyed-oil',
    name: 'Oil gloss not keyed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => isGlossy(s) && isWaterborne(s.first) && !isKeyed(s) && !isFor(s.first, 'glossy') && !showsVinyl(s),
    reason: 'Waterborne paint over unkeyed gloss peels off in sheets.',
    fixText: 'Sand (180–240) or degloss, or start with a bonding primer.',
    autoFix: (recipe) => keyWith(recipe, 'degloss'),
  },
  {
    id: 'sheen-not-keyed',
    name: 'Sheen not keyed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => hasSheen(s) && s.first !== undefined && !isKeyed(s) && !isFor(s.first, 'glossy'),
    reason: 'Satin and gloss acrylic are closed surfaces: an unkeyed coat lifts with a fingernail.',
    fixText: 'Sand (180–240) or degloss. Sound matt paint needs neither.',
    autoFix: (recipe) => keyWith(recipe, 'degloss'),
  },
  {
    id: 'oil-over-unkeyed-gloss',
    name: 'Gloss not keyed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) =>
      isGlossy(s) && s.first !== undefined && !isWaterborne(s.first) && !isKeyed(s) && !isFor(s.first, 'glossy'),
    reason: 'Unkeyed gloss gives a hard enamel nothing to hold on to.',
    fixText: 'Sand or degloss, or start with a primer that bonds to gloss.',
    autoFix: (recipe) => keyWith(recipe, 'degloss'),
  },
  {
    id: 'bonding-primer-alone',
    name: 'No key',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      (isGlossy(s) || hasSheen(s)) &&
      !isKeyed(s) &&
      isFor(s.first, 'glossy') &&
      !showsLaminate(s) &&
      !showsVinyl(s) &&
      !isProvedByPatch(s),
    reason: 'With no key, everything hangs on the primer and how clean the gloss is.',
    fixText: 'Sand or degloss first, or check with a test patch.',
  },
  {
    id: 'topcoat-on-gloss',
    name: 'Topcoat on keyed gloss',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      isGlossy(s) && isKeyed(s) && !showsLaminate(s) && !showsVinyl(s) && s.primers.length === 0 && !isProvedByPatch(s),
    reason: 'Keyed gloss may take the topcoat, but a bonding primer holds better.',
    fixText: 'Add a bonding primer, or check with a test patch.',
  },
  {
    id: 'deglossed-in-the-grooves',
    name: 'Deglosser in grooves',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.key === 'degloss' && (isGlossy(s) || hasSheen(s)),
    reason: 'A deglosser only works where the rag reaches, and for the time on its label.',
    fixText: 'Use a sponge in mouldings, and prime in that time. Sand where hardware sat.',
  },
  {
    id: 'laminate-needs-key',
    name: 'Laminate not keyed',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => showsLaminate(s) && s.first?.family === 'acrylic' && isFor(s.first, 'laminate') && !isAbraded(s),
    reason: 'The waterborne bonding primer only holds on keyed laminate.',
    fixText: 'Sand with 220, or use the two-part adhesion primer.',
    autoFix: abrade,
  },
  {
    id: 'flaking-needs-abrading',
    name: 'Loose paint',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.soundness === 'lets-go' && !isAbraded(s),
    reason: 'Loose paint takes the new paint with it.',
    fixText: 'Scrape and sand back to a sound edge, wet where it may contain lead.',
    autoFix: abrade,
  },
  {
    id: 'bare-not-sanded',
    name: 'Bare wood not sanded',
    severity: 'risk',
    source: 'wood',
    fires: (s) => isBareTimber(s) && s.key !== 'abrade',
    reason: 'Weathered or planed wood holds paint badly until it’s sanded.',
    fixText: 'Sand with 120, then 150.',
    autoFix: (recipe) => keyWith(recipe, 'abrade'),
  },
  {
    id: 'board-sanded-wet',
    name: 'Board sanded wet',
    severity: 'forbidden',
    source: 'wood',
    fires: (s) => s.facts.substrate === 'mdf' && isBare(s) && s.key === 'wet-abrade',
    reason: 'Water swells bare board, and it stays swollen.',
    fixText: 'Sand it dry with 220.',
    autoFix: (recipe) => keyWith(recipe, 'abrade'),
  },
  {
    id: 'lead-dry-abrasion',
    name: 'Lead: no dry sanding',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => s.facts.lead === 'lead' && s.key === 'abrade',
    reason: 'Never dry-sand or scrape paint that may contain lead. The dust is poisonous, worst for children.',
    fixText: 'Test it. If it’s lead, local rules and licensed practice decide. Wet sanding and deglosser make no dust.',
    autoFix: (recipe) => keyWith(recipe, 'wet-abrade'),
  },
  {
    id: 'lead-wet-abrasion',
    name: 'Lead waste',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.facts.lead === 'lead' && s.key === 'wet-abrade',
    reason: 'Slurry and rags from paint that may contain lead are lead waste.',
    fixText: 'Test it. Until then: sheets, P3 mask, gloves, bag everything wet. Local rules decide who may do it.',
  },
  {
    id: 'lead-unknown',
    name: 'Lead not tested',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.unknown.includes('lead'),
    reason: 'Old enough to contain lead and not tested: assumed lead.',
    fixText: 'Test with a certified kit or a laboratory.',
  },
  {
    id: 'coat-unknown',
    name: 'Old coat not tested',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.unknown.includes('old-coat'),
    reason: 'Old coat not tested: taken from Walk, or the worst usual coat.',
    fixText: 'Rub with alcohol on a rag: acrylic softens and comes off, oil doesn’t.',
  },
  {
    id: 'soundness-unknown',
    name: 'Adhesion not tested',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.unknown.includes('soundness'),
    reason: 'Adhesion not tested: assumed sound.',
    fixText: 'Cut a lattice, press tape on, pull (3 min).',
  },
  {
    id: 'chalk-not-bound',
    name: 'Chalk not bound',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.facts.soundness === 'chalks' && s.primers.length === 0 && !isAbraded(s),
    reason: 'Nothing binds the chalk left after washing.',
    fixText: 'Sand lightly, or prime all over.',
    autoFix: abrade,
  },
  {
    id: 'vinyl-sanded',
    name: 'Plastic sanded',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.facts.substrate === 'vinyl' && isAbraded(s),
    reason: 'Scratches in plastic show through thin coats.',
    fixText: 'Fine sponge only, and only where it shines.',
  },
  {
    id: 'sanding-dust',
    name: 'Sanding dust',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.key === 'abrade' || s.grainFill !== null,
    reason: 'Sanding dust harms lungs. A dust mask won’t stop solvent vapour.',
    fixText: 'P2 or P3 mask, extraction at the tool, no sanding where paint dries.',
  },
  {
    id: 'old-filler-asbestos',
    name: 'Asbestos',
    severity: 'caution',
    source: 'safety',
    fires: (s) =>
      isAbraded(s) &&
      (s.yearBuilt === null || s.yearBuilt < 1990) &&
      (s.facts.substrate === 'plaster' || s.traits.includes('putty')),
    reason: 'Very old fillers, boards and putties can contain asbestos.',
    fixText: 'If the building is that old: stop, have a sample tested, follow local rules.',
  },
];
