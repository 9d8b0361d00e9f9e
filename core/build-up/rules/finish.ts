import { makesMist } from '../../shelf/tools.ts';
import { coatsToHide } from '../../colour/hiding.ts';
import { WORK_IDS } from '../../pieces/works.ts';
import type { Coating } from '../../shelf/coating.ts';
import { greyUnder } from '../../colour/primer-tints.ts';
import { anotherTopcoat, onEach, seal, thinFirst, tintPrimer } from '../fixing.ts';
import { isBare, isFor, isWood, type Rule } from '../rule.ts';
import type { Situation } from '../situation.ts';

const needs = (s: Situation): number => Math.max(0, ...s.topcoats.map(({ toughness }) => toughness));
const isOutsideVinyl = (s: Situation): boolean => s.facts.substrate === 'vinyl' && s.exposure === 'outside';
const takesDark = (s: Situation): boolean => s.topcoats.every(({ darkOnPlastic }) => darkOnPlastic);
const hidingPrimers = ({ primers }: Situation): Coating[] => primers.filter(({ clear }) => !clear);
const NAMED_WORKS: ReadonlySet<string> = new Set(WORK_IDS);
/** Whether the tin of a coating tells of any kind of work; one that does not may be for all. */
const saysItsWork = ({ madeFor, willDo }: Coating): boolean =>
  [...madeFor, ...willDo].some((use) => NAMED_WORKS.has(use));
/** LRV below which plastic warps in the sun, and below which care is wanted, in %. */
const DARK = 45;
const MIDDLING = 55;

/** Topcoats and sealers: weather, plastic, colour, wear, sheen. */
export const FINISH: readonly Rule[] = [
  {
    id: 'inside-product-outside',
    name: 'Indoor product outside',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.exposure === 'outside' &&
      s.coats.some(
        ({ coating, extent }) => coating.exposure === 'inside' && !(extent === 'spots' && coating.spotsOutside),
      ),
    reason: 'Indoor products chalk, crack and let water in outside.',
    fixText: 'Choose an exterior product for this face.',
  },
  {
    id: 'outside-product-inside',
    name: 'Outdoor product inside',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.exposure === 'inside' && s.coats.some(({ coating }) => coating.exposure === 'outside'),
    reason: 'Exterior paint stays softer and can contain mould inhibitors.',
    fixText: 'Choose an interior product for this face.',
  },
  {
    id: 'vinyl-needs-acrylic',
    name: 'Vinyl needs acrylic',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.facts.substrate === 'vinyl' &&
      s.exposure === 'outside' &&
      s.topcoats.some((topcoat) => topcoat.family !== 'acrylic'),
    reason: 'Vinyl moves with heat. Only all-acrylic paint moves with it.',
    fixText: 'Choose an exterior acrylic, on a plastic-safe base if dark.',
  },
  {
    id: 'vinyl-too-dark',
    name: 'Too dark for plastic',
    severity: 'forbidden',
    source: 'optics',
    fires: (s) => isOutsideVinyl(s) && s.topcoats.length > 0 && s.colour.reflectance < DARK && !takesDark(s),
    reason: `This colour reflects under ${DARK}% of light: in the sun plastic warps and buckles.`,
    fixText: `Choose LRV ${DARK} or more, or a plastic-safe base within its own colours.`,
  },
  {
    id: 'vinyl-dark-on-safe-base',
    name: 'Dark on plastic',
    severity: 'risk',
    source: 'optics',
    fires: (s) => isOutsideVinyl(s) && s.topcoats.length > 0 && s.colour.reflectance < DARK && takesDark(s),
    reason: 'Dark on plastic may still warp in full sun, or outside this paint’s colour list.',
    fixText: 'Check the paint’s colour list. Tell the customer in writing, or go lighter.',
  },
  {
    id: 'vinyl-darker-than-before',
    name: 'Darker than before',
    severity: 'risk',
    source: 'optics',
    fires: (s) =>
      isOutsideVinyl(s) &&
      s.colour.reflectance >= DARK &&
      (s.colour.reflectance < MIDDLING || s.colour.isDarker === true),
    reason: 'Darker than before, or near the limit: the plastic will run hotter than it’s made for.',
    fixText: `LRV ${MIDDLING} or more and no darker than the old colour, or a plastic-safe base.`,
  },
  {
    id: 'not-hidden',
    name: 'Old colour shows',
    severity: 'risk',
    source: 'optics',
    fires: (s) => s.topcoats.length > 1 && s.topcoats.length < s.colour.toHide,
    reason: 'The old colour will show through this few coats.',
    fixText: 'Add the topcoats the colours need, or tint the primer towards the new colour.',
    autoFix: anotherTopcoat,
  },
  {
    id: 'hides-badly',
    name: 'Hides badly',
    severity: 'advice',
    source: 'optics',
    fires: (s) => s.colour.base === 'bright',
    reason: 'Red, orange and yellow hide badly.',
    fixText: 'Have the primer tinted grey or towards the colour: it saves a coat or two.',
  },
  {
    id: 'primer-saves-coats',
    name: 'Primer saves coats',
    severity: 'advice',
    source: 'optics',
    fires: (s) => s.colour.old !== null && s.primers.length === 0 && coatsToHide(s.colour.old, s.colour.next) > 2,
    reason: 'Without a primer, hiding the old colour takes over two topcoats.',
    fixText: 'A white or tinted primer hides most of it, for less per coat.',
  },
  {
    id: 'old-colour-unknown',
    name: 'Old colour not set',
    severity: 'advice',
    source: 'optics',
    fires: (s) => s.unknown.includes('old-colour'),
    reason: 'Old colour not set: assuming two topcoats.',
    fixText: 'Set it, or pick it from a photo.',
  },
  {
    id: 'no-topcoat',
    name: 'No topcoat',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.topcoats.length === 0,
    reason: 'Primer alone won’t wear or wipe clean.',
    fixText: 'Add a topcoat.',
  },
  {
    id: 'one-topcoat',
    name: 'One topcoat',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.topcoats.length === 1,
    reason: 'One topcoat is thin at edges and shows where hands go.',
    fixText: 'Give it two.',
    autoFix: anotherTopcoat,
  },
  {
    id: 'spray-only',
    name: 'Spray only',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.coats.some(({ coating, tool }) => coating.sprayOnly && !makesMist(tool)),
    reason: 'This lacquer is made for the spray gun. Brush and roller drag it.',
    fixText: 'Spray it, or choose an enamel.',
    autoFix: (recipe, s) =>
      onEach(recipe, s, (coats) =>
        coats.map((coat) => {
          const coating = s.shelf.coatings.find(({ id }) => id === coat.product);
          return coating?.sprayOnly ? { ...coat, tool: 'spray' } : coat;
        }),
      ),
  },
  {
    id: 'coats-out-of-order',
    name: 'Coats out of order',
    severity: 'forbidden',
    source: 'trade',
    fires: ({ coats }) => {
      const order = coats.map(({ coating }) => ['primer', 'topcoat', 'sealer'].indexOf(coating.role));
      return order.some((place, index) => index > 0 && place < (order[index - 1] ?? 0));
    },
    reason: 'Primer goes under topcoats and sealer over them, or nothing holds.',
    fixText: 'Reorder: primer, topcoat, sealer.',
    autoFix: (recipe, s) => {
      const place = (product: string): number =>
        ['primer', 'topcoat', 'sealer'].indexOf(s.shelf.coatings.find(({ id }) => id === product)?.role ?? 'topcoat');
      return onEach(recipe, s, (coats) => [...coats].sort((one, other) => place(one.product) - place(other.product)));
    },
  },
  {
    id: 'topcoats-of-two-kinds',
    name: 'Mixed topcoats',
    severity: 'risk',
    source: 'chemistry',
    fires: (s) => new Set(s.topcoats.map(({ family }) => family)).size > 1,
    reason: 'Two kinds of binder: one keeps moving after the other has set.',
    fixText: 'Use one product for both topcoats.',
  },
  {
    id: 'too-many-coats',
    name: 'Film too thick',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.coats.reduce((sum, { coating, extent }) => sum + (extent === 'all' ? coating.dryFilm : 0), 0) > 260,
    reason: 'A film this thick stays soft inside, chips at edges and sticks in frames.',
    fixText: 'Drop a coat, or tint the primer instead.',
  },
  {
    id: 'mineral-unsealed',
    name: 'Mineral matt unsealed',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.topcoats.some((topcoat) => topcoat.family === 'mineral') &&
      !s.hasSealer &&
      (s.traits.includes('handled') || s.traits.includes('loaded')),
    reason: 'Mineral matt wears and marks where hands go.',
    fixText: 'Finish with the clear sealer, or choose an enamel.',
    autoFix: seal,
  },
  {
    id: 'plate-unsealed',
    name: 'Switch plate unsealed',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.traits.includes('plate') && !s.hasSealer && needs(s) < 5,
    reason: 'A switch plate is touched every time it’s used: paint alone wears through.',
    fixText: 'Finish with the clear sealer.',
    autoFix: seal,
  },
  {
    id: 'rail-too-soft',
    name: 'Too soft for a handrail',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.traits.includes('rail') && needs(s) < 4 && !s.hasSealer,
    reason: 'Everyone holds a handrail: a soft enamel gets sticky.',
    fixText: 'Choose a porch and rail enamel, or a harder one.',
  },
  {
    id: 'made-for-something-else',
    name: 'Not made for this',
    severity: 'risk',
    source: 'tin',
    fires: (s) => s.topcoats.some((topcoat) => saysItsWork(topcoat) && !isFor(topcoat, s.work)),
    reason: 'This paint is made for other work, and its tin doesn’t name this one.',
    fixText: 'Choose a topcoat whose tin names this work.',
  },
  {
    id: 'shelf-too-soft',
    name: 'Too soft for a shelf',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.traits.includes('loaded') && needs(s) < 4 && !s.hasSealer,
    reason: 'Things left on a soft enamel stick to it and tear it.',
    fixText: 'Choose a harder enamel or a sealer, and load it late.',
    autoFix: seal,
  },
  {
    id: 'blocks-early',
    name: 'Tends to block',
    severity: 'advice',
    source: 'tin',
    fires: (s) =>
      s.traits.includes('handled') && s.topcoats.some(({ family, hours }) => family === 'acrylic' && hours.close > 120),
    reason: 'This enamel tends to block: close the door too soon and it sticks and tears.',
    fixText: 'Hang it but keep it ajar until its close date. Bumpers on cupboard doors.',
  },
  {
    id: 'plaster-sealed-in',
    name: 'Plaster sealed in',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) =>
      isBare(s) &&
      s.facts.substrate === 'plaster' &&
      s.topcoats.some(({ madeFor, willDo }) => !madeFor.includes('plaster') && !willDo.includes('plaster')) &&
      s.primers.length === 0,
    reason: 'Fresh plaster can’t dry under enamel or vinyl: the skin blisters and peels.',
    fixText: 'Wall or ceiling emulsion, first coat thinned. Anything else over it, once dry.',
  },
  {
    id: 'thinned-too-far',
    name: 'Thinned too far',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.coats.some(({ coating, thinning }) => thinning > coating.mostThinning),
    reason: 'Thinned more than its tin allows: it runs, hides badly and won’t hold.',
    fixText: 'Thin it no more than the tin allows.',
    autoFix: (recipe, s) =>
      onEach(recipe, s, (coats) =>
        coats.map((coat) => {
          const most = s.shelf.coatings.find(({ id }) => id === coat.product)?.mostThinning ?? coat.thinning;
          return { ...coat, thinning: Math.min(coat.thinning, most) };
        }),
      ),
  },
  {
    id: 'white-under-deep',
    name: 'White under a deep colour',
    severity: 'risk',
    source: 'optics',
    fires: (s) =>
      s.coveredIn === null &&
      hidingPrimers(s).length > 0 &&
      s.coats.every(({ tint }) => tint === undefined) &&
      s.colour.toHide > 3 &&
      s.colour.onGrey < s.colour.toHide,
    reason: 'Over white primer this colour takes four coats or more. Over grey, two or three.',
    fixText: 'Have the last primer tinted grey, as light as the colour.',
    autoFix: (recipe, s) => tintPrimer(recipe, s, greyUnder(s.colour.next)),
  },
  {
    id: 'plaster-first-coat',
    name: 'First coat on plaster',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.facts.substrate === 'plaster' &&
      isBare(s) &&
      s.coats.length > 0 &&
      (s.coats[0]?.thinning ?? 0) < 5 &&
      isThinnable(s),
    reason: 'Fresh plaster sucks a thick first coat dry before it holds, and it peels.',
    fixText: 'Thin the first coat as far as its tin allows. Wait a day before the next.',
    autoFix: (recipe, s) => thinFirst(recipe, s, Math.min(25, s.coats[0]?.coating.mostThinning ?? 0)),
  },
  {
    id: 'sheen-not-made',
    name: 'Sheen not made',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.sheen !== null && s.topcoats.some(({ sheens }) => s.sheen !== null && !sheens.includes(s.sheen)),
    reason: 'This topcoat isn’t made in the sheen you want.',
    fixText: 'Choose another topcoat, or another sheen.',
  },
  {
    id: 'sealer-sheen',
    name: 'Sealer sets the sheen',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.hasSealer,
    reason: 'The sealer sets the sheen, whatever is under it.',
    fixText: 'Buy it in the sheen you want, and stir: the matting settles.',
  },
  {
    id: 'gloss-shows',
    name: 'Gloss shows dents',
    severity: 'advice',
    source: 'optics',
    fires: (s) => (s.sheen === 'gloss' || s.sheen === 'semi-gloss') && isWood(s) && s.fillers.length === 0,
    reason: 'Gloss shows every dent left.',
    fixText: 'Fill and sand once more, or choose satin.',
  },
  {
    id: 'oil-yellows',
    name: 'Oil yellows',
    severity: 'advice',
    source: 'chemistry',
    fires: (s) =>
      s.exposure === 'inside' && s.colour.reflectance > 60 && s.topcoats.some((topcoat) => topcoat.family === 'oil'),
    reason: 'Oil enamel yellows indoors, most in the dark and near heat.',
    fixText: 'A waterborne enamel stays white.',
  },
  {
    id: 'alkyd-waits',
    name: 'Alkyd waits overnight',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.topcoats.some((topcoat) => topcoat.family === 'alkyd-waterborne'),
    reason: 'Waterborne alkyd levels well but needs a night between coats.',
    fixText: 'An acrylic enamel takes two coats a day.',
  },
];

/** Mineral and acrylic paints are thinned with water on fresh plaster; what can't be is judged by other rules. */
function isThinnable({ coats }: Situation): boolean {
  const first = coats[0]?.coating;
  return first !== undefined && (first.family === 'mineral' || first.family === 'acrylic') && first.mostThinning >= 5;
}
