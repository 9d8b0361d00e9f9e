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
    severity: 'risk',
    source: 'wood',
    fires: (s) => showsGrain(s) && s.exposure === 'inside' && s.grainFill === null && !s.isFilledElsewhere,
    reason: 'Oak and ash are open-grained: every pore shows through paint as a fine dark line.',
    fixText: 'Fill the grain, two to four passes, sanded between. Leave it where the grain is meant to be seen.',
    autoFix: (recipe, s) => {
      const filler = fillerFor(s, ({ fills, sands }) => fills === 'grain' && sands === 'well');
      if (filler === undefined) return false;
      recipe.grainFill = { product: filler.id, passes: filler.passes };
      return true;
    },
  },
  {
    id: 'grain-on-one-face',
    severity: 'advice',
    source: 'trade',
    fires: (s) => showsGrain(s) && s.exposure === 'inside' && s.grainFill === null && s.isFilledElsewhere,
    reason: 'The grain is filled on the other face only, so pores show on this one.',
    fixText: 'Fine on the back of a cupboard door; elsewhere fill both.',
  },
  {
    id: 'grain-filler-too-thin',
    severity: 'risk',
    source: 'trade',
    fires: ({ grainFill }) => grainFill !== null && grainFill.passes < grainFill.filler.passes,
    reason: 'Grain filler shrinks into the pores as it dries.',
    fixText: 'Two passes of the putty kind, three of the gel.',
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
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.grainFill !== null && !isBare(s) && !isAbraded(s),
    reason: 'Grain filler holds in open pores, not on a skin of varnish or paint.',
    fixText: 'Abrade until the pores are open.',
    autoFix: (recipe, { facts }) => keyWith(recipe, facts.lead === 'lead' ? 'wet-abrade' : 'abrade'),
  },
  {
    id: 'no-grain-filler',
    severity: 'forbidden',
    source: 'trade',
    fires: ({ grainFill }) => grainFill !== null && grainFill.filler.fills !== 'grain',
    reason: 'This filler is not made for pores: it tears out when it is sanded.',
    fixText: 'Take a grain filler.',
    autoFix: (recipe) => {
      recipe.grainFill = null;
      return true;
    },
  },
  {
    id: 'grain-filled-in-vain',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.grainFill !== null && !showsGrain(s),
    reason: 'There is no open grain here to fill.',
    fixText: 'Leave the grain filler out.',
    autoFix: (recipe) => {
      recipe.grainFill = null;
      return true;
    },
  },
  {
    id: 'grain-gel',
    severity: 'advice',
    source: 'trade',
    fires: ({ grainFill }) => grainFill?.filler.sands === 'badly',
    reason: 'Clear gel is easy to lay, and hard to see, to level and to sand.',
    fixText: 'A putty kind shows where it is and sands well, with much more dust and work.',
  },
  {
    id: 'preservative',
    severity: 'risk',
    source: 'wood',
    fires: (s) => s.exposure === 'outside' && laysWoodBare(s) && s.facts.substrate !== 'mdf' && s.preservative === null,
    reason: 'Bare wood outside draws water at every joint and end grain.',
    fixText: 'Water-repellent preservative first, and a full day before the primer.',
    autoFix: preserve,
  },
  {
    id: 'preservative-inside',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.preservative !== null && !s.isOutdoorPiece,
    reason: 'Preservative carries biocides that have no business in rooms.',
    fixText: 'Leave it out: inside there is no rain to keep off.',
    autoFix: (recipe) => {
      recipe.preservative = null;
      return true;
    },
  },
  {
    id: 'preservative-on-paint',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.preservative !== null && s.isOutdoorPiece && !s.preservesRest && !laysWoodBare(s),
    reason: 'Preservative works in bare wood; on paint it only leaves a film that nothing holds on.',
    fixText: 'Leave it out, or scrape back to the wood.',
    autoFix: (recipe) => {
      recipe.preservative = null;
      return true;
    },
  },
  {
    id: 'damp',
    severity: 'forbidden',
    source: 'wood',
    fires: (s) => s.facts.moisture === 'damp',
    reason: 'It is too damp: water under the film comes out as blisters, and takes the film with it.',
    fixText: 'Let it dry to 15% or less and read again. No product makes up for that.',
    ofSurface: true,
  },
  {
    id: 'moisture-unknown',
    severity: 'risk',
    source: 'wood',
    fires: (s) => s.unknown.includes('moisture'),
    reason: 'Nobody has measured how wet it is, so this is judged as dry.',
    fixText: 'Three readings with a moisture meter.',
  },
  {
    id: 'board-outside',
    severity: 'forbidden',
    source: 'wood',
    fires: (s) => s.facts.substrate === 'mdf' && s.exposure === 'outside',
    reason: 'Board swells outside, whatever is on it; its edges open first.',
    fixText: 'Have it made of timber or of board for outside. No paint makes up for that.',
    ofSurface: true,
  },
  {
    id: 'bare-putty',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      isPutty(s) && s.exposure === 'outside' && laysWoodBare(s) && ![...s.primers, ...s.spotPrimers].some(isOil),
    reason: 'Linseed putty needs an oil primer; waterborne paint crawls off it and cracks.',
    fixText: 'Oil undercoat on the putty lines, when new putty has had its skin for a week.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', isOil),
  },
  {
    id: 'putty-line',
    severity: 'advice',
    source: 'trade',
    fires: (s) => isPutty(s),
    reason: 'The line between putty and glass lets the water in.',
    fixText: 'Run the paint 2 mm onto the glass.',
  },
  {
    id: 'rest-preserved',
    severity: 'risk',
    source: 'wood',
    fires: (s) =>
      s.preservesRest && s.isOutdoorPiece && isWood(s) && s.facts.substrate !== 'mdf' && s.preservative === null,
    reason: 'Bare faces are to be preserved, but no preservative is chosen.',
    fixText: 'Choose a water-repellent preservative, and let it dry a full day before primer.',
    autoFix: preserve,
  },
  {
    id: 'sliding-faces',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.traits.includes('slides'),
    reason: 'Faces that slide wood on wood stick as soon as they are painted.',
    fixText: 'Leave them bare, with a little wax, and keep the paint off the cords.',
  },
  {
    id: 'open-edge-outside',
    severity: 'risk',
    source: 'wood',
    fires: (s) => s.exposure === 'outside' && isWood(s) && s.hasOpenEdges && s.hasEdges,
    reason: 'An edge that gets no paint drinks rain, and the faces blister above it.',
    fixText: 'Take all of its edges into the scope on the walk, the bottom edge too.',
  },
  {
    id: 'filler-for-inside',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.isOutdoorPiece && s.fillers.some(({ exposure }) => exposure === 'inside'),
    reason: 'A filler for inside takes up rain and falls out.',
    fixText: 'Take an exterior filler, or the two-part repair filler.',
    autoFix: (recipe, s) => {
      const other = fillerFor(s, ({ fills }) => fills === 'repair' || fills === 'holes')?.id;
      const kept = s.fillers.flatMap(({ id, exposure }) => (exposure === 'inside' ? (other ?? []) : id));
      recipe.fillers = [...new Set(kept)];
      return true;
    },
  },
  {
    id: 'repair-before-dry',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.fillers.some(({ potLife }) => potLife !== null),
    reason: 'Two-part filler is worked within its pot life, in wood that is sound and dry.',
    fixText: 'Mix what twenty minutes allow; cut soft wood out first.',
  },
  {
    id: 'bare-wood-drinks',
    severity: 'advice',
    source: 'tin',
    fires: (s) => isBareTimber(s) && s.coats[0]?.coating.family === 'oil' && s.coats[0].thinning < 5,
    reason: 'Thirsty wood takes the first coat of oil unevenly.',
    fixText: 'Thin it by 5 to 10%.',
    autoFix: (recipe, s) => thinFirst(recipe, s, 5),
  },
  {
    id: 'section-joints',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.traits.includes('sections'),
    reason: 'Where sections meet, paint stays sticky for weeks.',
    fixText: 'Paint the joints with the door part open, thinly, and keep it from closing tight.',
  },
  {
    id: 'wood-in-dark-sun',
    severity: 'risk',
    source: 'wood',
    fires: (s) =>
      s.exposure === 'outside' && isWood(s) && s.colour.reflectance < 15 && s.facts.substrate === 'softwood',
    reason: 'Very dark paint in the sun heats softwood until its resin runs and its joints open.',
    fixText: 'A lighter colour, or a face that never has the sun.',
  },
];
