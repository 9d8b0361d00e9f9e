import { fillerFor, keyWith, primeFirst, thinFirst } from '../fixing.ts';
import { isAbraded, isBare, isBareTimber, isWood, laysWoodBare, showsTannin, type Rule } from '../rule.ts';
import type { Situation } from '../situation.ts';

/** Oak and ash whose pores stand open to the first coat. */
const showsGrain = showsTannin;
const isPutty = (s: Situation): boolean => s.traits.includes('putty');
const isOil = ({ family }: { family: string }): boolean => family === 'oil';

const preserve: NonNullable<Rule['autoFix']> = (recipe, s) => {
  const found = s.shelf.preservatives.find(({ archived }) => !archived);
  recipe.preservative = found?.id ?? null;
  return found !== undefined;
};

/** Grain, water, putty and what slides. */
export const TIMBER: readonly Rule[] = [
  {
    id: 'open-grain',
    name: 'Open grain',
    severity: 'risk',
    source: 'wood',
    fires: (s) => showsGrain(s) && s.exposure === 'inside' && s.grainFill === null && !s.isFilledElsewhere,
    reason: 'Oak and ash are open-grained: pores show through paint as fine dark lines.',
    fixText: 'Fill the grain, two to four passes, sanded between. Skip it where grain should show.',
    autoFix: (recipe, s) => {
      const filler = fillerFor(s, ({ fills, sands }) => fills === 'grain' && sands === 'well');
      if (filler === undefined) return false;
      recipe.grainFill = { product: filler.id, passes: filler.passes };
      return true;
    },
  },
  {
    id: 'grain-on-one-face',
    name: 'One face filled',
    severity: 'advice',
    source: 'trade',
    fires: (s) => showsGrain(s) && s.exposure === 'inside' && s.grainFill === null && s.isFilledElsewhere,
    reason: 'Only the other face is filled, so pores show on this one.',
    fixText: 'Fine on the back of a cupboard door. Elsewhere fill both.',
  },
  {
    id: 'grain-filler-too-thin',
    name: 'Too few passes',
    severity: 'risk',
    source: 'trade',
    fires: ({ grainFill }) => grainFill !== null && grainFill.passes < grainFill.filler.passes,
    reason: 'Grain filler shrinks into the pores as it dries.',
    fixText: 'Two passes of putty type, three of gel.',
    autoFix: (recipe, { grainFill }) => {
      if (grainFill === null) return false;
      const { onlyFace } = recipe.grainFill ?? {};
      recipe.grainFill = {
        product: grainFill.filler.id,
        passes: grainFill.filler.passes,
        ...(onlyFace === undefined ? {} : { onlyFace }),
      };
      return true;
    },
  },
  {
    id: 'grain-filler-on-gloss',
    name: 'Grain filler on a coat',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.grainFill !== null && !isBare(s) && !isAbraded(s),
    reason: 'Grain filler holds in open pores, not on varnish or paint.',
    fixText: 'Sand until the pores are open.',
    autoFix: (recipe, { facts }) => keyWith(recipe, facts.lead === 'lead' ? 'wet-abrade' : 'abrade'),
  },
  {
    id: 'no-grain-filler',
    name: 'Wrong filler',
    severity: 'forbidden',
    source: 'trade',
    fires: ({ grainFill }) => grainFill !== null && grainFill.filler.fills !== 'grain',
    reason: 'This filler isn’t made for pores: sanding tears it out.',
    fixText: 'Use a grain filler.',
    autoFix: (recipe) => {
      recipe.grainFill = null;
      return true;
    },
  },
  {
    id: 'grain-filled-in-vain',
    name: 'No open grain',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.grainFill !== null && !showsGrain(s),
    reason: 'There’s no open grain here to fill.',
    fixText: 'Skip the grain filler.',
    autoFix: (recipe) => {
      recipe.grainFill = null;
      return true;
    },
  },
  {
    id: 'grain-gel',
    name: 'Clear grain gel',
    severity: 'advice',
    source: 'trade',
    fires: ({ grainFill }) => grainFill?.filler.sands === 'badly',
    reason: 'Clear gel is easy to apply, but hard to see, level and sand.',
    fixText: 'Putty type shows up and sands well, with more dust and work.',
  },
  {
    id: 'preservative',
    name: 'No preservative',
    severity: 'risk',
    source: 'wood',
    fires: (s) => s.exposure === 'outside' && laysWoodBare(s) && s.facts.substrate !== 'mdf' && s.preservative === null,
    reason: 'Bare wood outside draws water at every joint and end grain.',
    fixText: 'Water-repellent preservative first, then a full day before primer.',
    autoFix: preserve,
  },
  {
    id: 'preservative-inside',
    name: 'Preservative indoors',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.preservative !== null && !s.isOutdoorPiece,
    reason: 'Preservative contains biocides: not for indoors.',
    fixText: 'Skip it: there’s no rain indoors.',
    autoFix: (recipe) => {
      recipe.preservative = null;
      return true;
    },
  },
  {
    id: 'preservative-on-paint',
    name: 'Preservative on paint',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.preservative !== null && s.isOutdoorPiece && !s.preservesRest && !laysWoodBare(s),
    reason: 'Preservative works in bare wood. On paint it leaves a film that nothing holds on.',
    fixText: 'Skip it, or scrape back to the wood.',
    autoFix: (recipe) => {
      recipe.preservative = null;
      return true;
    },
  },
  {
    id: 'damp',
    name: 'Too damp',
    severity: 'forbidden',
    source: 'wood',
    fires: (s) => s.facts.moisture === 'damp',
    reason: 'Too damp: water under the film blisters and lifts it.',
    fixText: 'Let it dry to 15% or less and test again. No product makes up for it.',
    ofSurface: true,
  },
  {
    id: 'moisture-unknown',
    name: 'Moisture not tested',
    severity: 'risk',
    source: 'wood',
    fires: (s) => s.unknown.includes('moisture'),
    reason: 'Moisture not tested: assumed dry.',
    fixText: 'Take three readings with a moisture meter.',
  },
  {
    id: 'board-outside',
    name: 'Board outside',
    severity: 'forbidden',
    source: 'wood',
    fires: (s) => s.facts.substrate === 'mdf' && s.exposure === 'outside',
    reason: 'Board swells outside whatever you put on it. Edges open first.',
    fixText: 'Have it made in timber or exterior board. No paint makes up for it.',
    ofSurface: true,
  },
  {
    id: 'bare-putty',
    name: 'Bare putty',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      isPutty(s) && s.exposure === 'outside' && laysWoodBare(s) && ![...s.primers, ...s.spotPrimers].some(isOil),
    reason: 'Linseed putty needs an oil primer. Waterborne paint crawls off it and cracks.',
    fixText: 'Oil undercoat on the putty once it has skinned for a week.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', isOil),
  },
  {
    id: 'putty-line',
    name: 'Putty line',
    severity: 'advice',
    source: 'trade',
    fires: (s) => isPutty(s),
    reason: 'Water gets in between putty and glass.',
    fixText: 'Run the paint 2 mm onto the glass.',
  },
  {
    id: 'rest-preserved',
    name: 'No preservative chosen',
    severity: 'risk',
    source: 'wood',
    fires: (s) =>
      s.preservesRest && s.isOutdoorPiece && isWood(s) && s.facts.substrate !== 'mdf' && s.preservative === null,
    reason: 'Bare faces should be preserved, but no preservative is chosen.',
    fixText: 'Choose a water-repellent preservative. Let it dry a full day before primer.',
    autoFix: preserve,
  },
  {
    id: 'sliding-faces',
    name: 'Sliding faces',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.traits.includes('slides'),
    reason: 'Wood that slides on wood sticks once painted.',
    fixText: 'Leave it bare with a little wax. Keep paint off the cords.',
  },
  {
    id: 'open-edge-outside',
    name: 'Unpainted edge outside',
    severity: 'risk',
    source: 'wood',
    fires: (s) => s.exposure === 'outside' && isWood(s) && s.hasOpenEdges && s.hasEdges,
    reason: 'An unpainted edge drinks rain, and the faces above it blister.',
    fixText: 'In Walk, paint all its edges, the bottom one too.',
  },
  {
    id: 'filler-for-inside',
    name: 'Indoor filler outside',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.isOutdoorPiece && s.fillers.some(({ exposure }) => exposure === 'inside'),
    reason: 'Indoor filler soaks up rain and falls out.',
    fixText: 'Use an exterior filler, or two-part repair filler.',
    autoFix: (recipe, s) => {
      const other = fillerFor(s, ({ fills }) => fills === 'repair' || fills === 'holes')?.id;
      const kept = s.fillers.flatMap(({ id, exposure }) => (exposure === 'inside' ? (other ?? []) : id));
      recipe.fillers = [...new Set(kept)];
      return true;
    },
  },
  {
    id: 'repair-before-dry',
    name: 'Two-part filler',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.fillers.some(({ potLife }) => potLife !== null),
    reason: 'Two-part filler needs sound, dry wood and sets within its pot life.',
    fixText: 'Cut out soft wood first. Mix what you can use in 20 min.',
  },
  {
    id: 'bare-wood-drinks',
    name: 'Thirsty wood',
    severity: 'advice',
    source: 'tin',
    fires: (s) => isBareTimber(s) && s.coats[0]?.coating.family === 'oil' && s.coats[0].thinning < 5,
    reason: 'Thirsty wood takes the first coat of oil unevenly.',
    fixText: 'Thin it by 5 to 10%.',
    autoFix: (recipe, s) => thinFirst(recipe, s, 5),
  },
  {
    id: 'section-joints',
    name: 'Section joints',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.traits.includes('sections'),
    reason: 'Paint stays sticky for weeks where sections meet.',
    fixText: 'Paint the joints thinly with the door part open. Don’t close it tight.',
  },
  {
    id: 'wood-in-dark-sun',
    name: 'Dark in the sun',
    severity: 'risk',
    source: 'wood',
    fires: (s) =>
      s.exposure === 'outside' && isWood(s) && s.colour.reflectance < 15 && s.facts.substrate === 'softwood',
    reason: 'Very dark paint in the sun heats softwood until resin runs and joints open.',
    fixText: 'Choose a lighter colour, or a face out of the sun.',
  },
];
