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
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => isGlossy(s) && isWaterborne(s.first) && !isKeyed(s) && !isFor(s.first, 'glossy') && !showsVinyl(s),
    reason: 'Waterborne paint over hard gloss that has not been keyed peels off in sheets; a fingernail lifts it.',
    fixText: 'Abrade (180–240) or degloss, or start with a bonding primer.',
    autoFix: (recipe) => keyWith(recipe, 'degloss'),
  },
  {
    id: 'sheen-not-keyed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => hasSheen(s) && s.first !== undefined && !isKeyed(s) && !isFor(s.first, 'glossy'),
    reason: 'Satin and gloss acrylic is as closed as gloss: a coat over it that has no key lifts with a fingernail.',
    fixText: 'Abrade (180–240) or degloss. Matt paint that is sound needs neither.',
    autoFix: (recipe) => keyWith(recipe, 'degloss'),
  },
  {
    id: 'oil-over-unkeyed-gloss',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) =>
      isGlossy(s) && s.first !== undefined && !isWaterborne(s.first) && !isKeyed(s) && !isFor(s.first, 'glossy'),
    reason: 'Gloss that has not been keyed gives a hard enamel nothing to hold on.',
    fixText: 'Abrade or degloss, or start with a primer that bonds to gloss.',
    autoFix: (recipe) => keyWith(recipe, 'degloss'),
  },
  {
    id: 'bonding-primer-alone',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      (isGlossy(s) || hasSheen(s)) &&
      !isKeyed(s) &&
      isFor(s.first, 'glossy') &&
      !showsLaminate(s) &&
      !showsVinyl(s) &&
      !isProvedByPatch(s),
    reason: 'With no key the whole system hangs on the bonding primer and on how clean the gloss is.',
    fixText: 'Abrade or degloss first, or prove it with a test patch.',
  },
  {
    id: 'topcoat-on-gloss',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      isGlossy(s) && isKeyed(s) && !showsLaminate(s) && !showsVinyl(s) && s.primers.length === 0 && !isProvedByPatch(s),
    reason: 'Keyed gloss may take the topcoat itself, but nothing bonds as surely as a primer made for it.',
    fixText: 'Add a bonding primer, or prove it with a test patch.',
  },
  {
    id: 'deglossed-in-the-grooves',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.key === 'degloss' && (isGlossy(s) || hasSheen(s)),
    reason: 'A deglosser works as far as the rag reaches, and only for the time on its label.',
    fixText: 'Go into mouldings with a sponge, and prime within that time. Sand where hardware sat.',
  },
  {
    id: 'laminate-needs-key',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => showsLaminate(s) && s.first?.family === 'acrylic' && isFor(s.first, 'laminate') && !isAbraded(s),
    reason: 'The waterborne bonding primer holds on laminate only where it has been keyed.',
    fixText: 'Abrade with 220, or take the two-part adhesion primer.',
    autoFix: abrade,
  },
  {
    id: 'flaking-needs-abrading',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.soundness === 'lets-go' && !isAbraded(s),
    reason: 'Whatever lets go takes the new paint with it.',
    fixText: 'Scrape and abrade back to a sound edge, wet where it may hold lead.',
    autoFix: abrade,
  },
  {
    id: 'bare-not-sanded',
    severity: 'risk',
    source: 'wood',
    fires: (s) => isBareTimber(s) && s.key !== 'abrade',
    reason: 'Weathered or planed wood holds paint badly until fresh fibres are open.',
    fixText: 'Sand with 120, then 150.',
    autoFix: (recipe) => keyWith(recipe, 'abrade'),
  },
  {
    id: 'board-sanded-wet',
    severity: 'forbidden',
    source: 'wood',
    fires: (s) => s.facts.substrate === 'mdf' && isBare(s) && s.key === 'wet-abrade',
    reason: 'Water swells bare board, and it does not go back.',
    fixText: 'Sand it dry with 220.',
    autoFix: (recipe) => keyWith(recipe, 'abrade'),
  },
  {
    id: 'lead-dry-abrasion',
    severity: 'forbidden',
    source: 'safety',
    fires: (s) => s.facts.lead === 'lead' && s.key === 'abrade',
    reason:
      'Paint that may hold lead is not sanded or scraped dry: the dust poisons whoever lives there, children first.',
    fixText:
      'Have it tested; if it holds lead, local rules and licensed practice decide. Wet abrasion and deglosser make no dust.',
    autoFix: (recipe) => keyWith(recipe, 'wet-abrade'),
  },
  {
    id: 'lead-wet-abrasion',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.facts.lead === 'lead' && s.key === 'wet-abrade',
    reason: 'Slurry of paint that may hold lead is lead waste, and so are the rags.',
    fixText:
      'Have it tested. Until then: sheets, P3 mask, gloves, everything bagged wet; local rules decide who may do it.',
  },
  {
    id: 'lead-unknown',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.unknown.includes('lead'),
    reason: 'The paint is old enough to hold lead and nobody has tested it, so it is treated as lead.',
    fixText: 'A certified kit or a laboratory tells.',
  },
  {
    id: 'coat-unknown',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.unknown.includes('old-coat'),
    reason:
      'Nobody has proved what the old coat is: it is judged by what the walk says, or else as the worst that is usual on this material.',
    fixText: 'Rub it with alcohol on a rag: acrylic softens and comes off, oil does not.',
  },
  {
    id: 'soundness-unknown',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.unknown.includes('soundness'),
    reason: 'Nobody has tried whether the old coat holds, so this is judged as if it did.',
    fixText: 'Cut a lattice, press tape on, pull: three minutes.',
  },
  {
    id: 'chalk-not-bound',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.facts.soundness === 'chalks' && s.primers.length === 0 && !isAbraded(s),
    reason: 'What the wash leaves of a chalking coat is bound by nothing.',
    fixText: 'Abrade lightly, or prime over all of it.',
    autoFix: abrade,
  },
  {
    id: 'vinyl-sanded',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.facts.substrate === 'vinyl' && isAbraded(s),
    reason: 'Scratches in plastic show through thin coats.',
    fixText: 'Only a fine sponge, and only where it shines.',
  },
  {
    id: 'sanding-dust',
    severity: 'caution',
    source: 'safety',
    fires: (s) => s.key === 'abrade' || s.grainFill !== null,
    reason: 'Sanding dust harms lungs, and a mask for dust is none against solvent vapour.',
    fixText: 'P2 or P3 mask, extraction at the tool, and no sanding where paint dries.',
  },
  {
    id: 'old-filler-asbestos',
    severity: 'caution',
    source: 'safety',
    fires: (s) =>
      isAbraded(s) &&
      (s.yearBuilt === null || s.yearBuilt < 1990) &&
      (s.facts.substrate === 'plaster' || s.traits.includes('putty')),
    reason: 'Very old fillers, boards and putties can hold asbestos.',
    fixText: 'If the building is of that time: stop, have a sample tested, follow local rules.',
  },
];
