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
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.exposure === 'outside' &&
      s.coats.some(
        ({ coating, extent }) => coating.exposure === 'inside' && !(extent === 'spots' && coating.spotsOutside),
      ),
    reason: 'A product for inside does not stand sun and rain: it chalks, cracks and lets water under.',
    fixText: 'Take a product for outside on this face.',
  },
  {
    id: 'outside-product-inside',
    severity: 'risk',
    source: 'safety',
    fires: (s) => s.exposure === 'inside' && s.coats.some(({ coating }) => coating.exposure === 'outside'),
    reason: 'Paint for outside stays softer and can carry mould inhibitors that are not meant for rooms.',
    fixText: 'Take a product for inside on this face.',
  },
  {
    id: 'vinyl-needs-acrylic',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.facts.substrate === 'vinyl' &&
      s.exposure === 'outside' &&
      s.topcoats.some((topcoat) => topcoat.family !== 'acrylic'),
    reason: 'Vinyl moves with the heat; only all-acrylic paint moves with it.',
    fixText: 'Take an exterior acrylic, on a plastic-safe base for anything dark.',
  },
  {
    id: 'vinyl-too-dark',
    severity: 'forbidden',
    source: 'optics',
    fires: (s) => isOutsideVinyl(s) && s.topcoats.length > 0 && s.colour.reflectance < DARK && !takesDark(s),
    reason: `This colour reflects less than ${DARK}% of the light: in the sun it heats plastic until it warps and buckles.`,
    fixText: `A colour with an LRV of ${DARK} or more, or a paint on a plastic-safe base, within its own list of colours.`,
  },
  {
    id: 'vinyl-dark-on-safe-base',
    severity: 'risk',
    source: 'optics',
    fires: (s) => isOutsideVinyl(s) && s.topcoats.length > 0 && s.colour.reflectance < DARK && takesDark(s),
    reason:
      'Dark on plastic looks superb on the day. Outside the list of this paint, or in full sun, it may still warp.',
    fixText:
      'See that the colour is on the list of the paint; say so to the customer in writing, or take a lighter one.',
  },
  {
    id: 'vinyl-darker-than-before',
    severity: 'risk',
    source: 'optics',
    fires: (s) =>
      isOutsideVinyl(s) &&
      s.colour.reflectance >= DARK &&
      (s.colour.reflectance < MIDDLING || s.colour.isDarker === true),
    reason: 'Darker than it was, or not far above the limit: plastic gets hotter than its maker reckoned with.',
    fixText: `An LRV of ${MIDDLING} or more and no darker than the old colour, or the plastic-safe base.`,
  },
  {
    id: 'not-hidden',
    severity: 'risk',
    source: 'optics',
    fires: (s) => s.topcoats.length > 1 && s.topcoats.length < s.colour.toHide,
    reason: 'The old colour will still be seen through so few coats of the new one.',
    fixText: 'As many topcoats as the colours need, or a primer tinted towards the new colour.',
    autoFix: anotherTopcoat,
  },
  {
    id: 'hides-badly',
    severity: 'advice',
    source: 'optics',
    fires: (s) => s.colour.base === 'bright',
    reason: 'Red, orange and yellow hide little of what lies under them.',
    fixText: 'Have the primer tinted grey or towards the colour: it saves a coat or two.',
  },
  {
    id: 'primer-saves-coats',
    severity: 'advice',
    source: 'optics',
    fires: (s) => s.colour.old !== null && s.primers.length === 0 && coatsToHide(s.colour.old, s.colour.next) > 2,
    reason: 'Without a primer the old colour takes more than two topcoats to hide.',
    fixText: 'A white or tinted primer hides most of it, for less money a coat.',
  },
  {
    id: 'old-colour-unknown',
    severity: 'advice',
    source: 'optics',
    fires: (s) => s.unknown.includes('old-colour'),
    reason: 'The old colour is not stated, so two topcoats are supposed to hide it.',
    fixText: 'State it, or pick it out of a photo.',
  },
  {
    id: 'no-topcoat',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.topcoats.length === 0,
    reason: 'A primer alone neither wears nor wipes clean.',
    fixText: 'Add a topcoat.',
  },
  {
    id: 'one-topcoat',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.topcoats.length === 1,
    reason: 'One topcoat is thin at every edge and shows where hands go.',
    fixText: 'Give it two.',
    autoFix: anotherTopcoat,
  },
  {
    id: 'spray-only',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.coats.some(({ coating, tool }) => coating.sprayOnly && !makesMist(tool)),
    reason: 'This lacquer is made for the spray gun; a brush or roller drags it.',
    fixText: 'Spray it, or take an enamel.',
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
    severity: 'forbidden',
    source: 'trade',
    fires: ({ coats }) => {
      const order = coats.map(({ coating }) => ['primer', 'topcoat', 'sealer'].indexOf(coating.role));
      return order.some((place, index) => index > 0 && place < (order[index - 1] ?? 0));
    },
    reason: 'Primer goes under topcoats and sealer over them; the other way round nothing holds.',
    fixText: 'Put the coats in order: primer, topcoat, sealer.',
    autoFix: (recipe, s) => {
      const place = (product: string): number =>
        ['primer', 'topcoat', 'sealer'].indexOf(s.shelf.coatings.find(({ id }) => id === product)?.role ?? 'topcoat');
      return onEach(recipe, s, (coats) => [...coats].sort((one, other) => place(one.product) - place(other.product)));
    },
  },
  {
    id: 'topcoats-of-two-kinds',
    severity: 'risk',
    source: 'chemistry',
    fires: (s) => new Set(s.topcoats.map(({ family }) => family)).size > 1,
    reason: 'Two kinds of binder in the topcoats: one goes on moving when the other has set.',
    fixText: 'Lay both topcoats from one product.',
  },
  {
    id: 'too-many-coats',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.coats.reduce((sum, { coating, extent }) => sum + (extent === 'all' ? coating.dryFilm : 0), 0) > 260,
    reason: 'So thick a film stays soft inside, chips at edges and sticks in frames.',
    fixText: 'Leave a coat out, or have the primer tinted instead.',
  },
  {
    id: 'mineral-unsealed',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.topcoats.some((topcoat) => topcoat.family === 'mineral') &&
      !s.hasSealer &&
      (s.traits.includes('handled') || s.traits.includes('loaded')),
    reason: 'Mineral matt wears and marks where hands go.',
    fixText: 'Finish it with the clear sealer, or take an enamel.',
    autoFix: seal,
  },
  {
    id: 'plate-unsealed',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.traits.includes('plate') && !s.hasSealer && needs(s) < 5,
    reason: 'A switch plate is touched with every switching: paint alone wears through at the switch.',
    fixText: 'Finish it with the clear sealer.',
    autoFix: seal,
  },
  {
    id: 'rail-too-soft',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.traits.includes('rail') && needs(s) < 4 && !s.hasSealer,
    reason: 'A handrail is held by everybody: a soft enamel gets sticky from hands.',
    fixText: 'Take a porch and rail enamel, or a harder one.',
  },
  {
    id: 'made-for-something-else',
    severity: 'risk',
    source: 'tin',
    fires: (s) => s.topcoats.some((topcoat) => saysItsWork(topcoat) && !isFor(topcoat, s.work)),
    reason: 'This paint is made for other work, and its tin does not name this one.',
    fixText: 'Take a topcoat whose tin names this work.',
  },
  {
    id: 'shelf-too-soft',
    severity: 'risk',
    source: 'trade',
    fires: (s) => s.traits.includes('loaded') && needs(s) < 4 && !s.hasSealer,
    reason: 'What stands on a soft enamel sticks to it and takes it along.',
    fixText: 'Take a harder enamel or a sealer, and load it late.',
    autoFix: seal,
  },
  {
    id: 'blocks-early',
    severity: 'advice',
    source: 'tin',
    fires: (s) =>
      s.traits.includes('handled') && s.topcoats.some(({ family, hours }) => family === 'acrylic' && hours.close > 120),
    reason: 'This enamel tends to block: a door that closes on it too early sticks and tears.',
    fixText: 'Hang it, and let it not close for the days that its figures ask; bumpers on cabinet doors.',
  },
  {
    id: 'plaster-sealed-in',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) =>
      isBare(s) &&
      s.facts.substrate === 'plaster' &&
      s.topcoats.some(({ madeFor, willDo }) => !madeFor.includes('plaster') && !willDo.includes('plaster')) &&
      s.primers.length === 0,
    reason: 'Fresh plaster under a closed skin of enamel or vinyl can’t dry out: the skin blisters and peels.',
    fixText: 'A wall or ceiling emulsion, the first coat thinned; anything else over that, once it has dried.',
  },
  {
    id: 'thinned-too-far',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.coats.some(({ coating, thinning }) => thinning > coating.mostThinning),
    reason: 'A coat is thinned by more than its tin allows: it runs, hides nothing, and its film is too thin to hold.',
    fixText: 'Thin it by what the tin allows at most.',
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
    severity: 'risk',
    source: 'optics',
    fires: (s) =>
      s.coveredIn === null &&
      hidingPrimers(s).length > 0 &&
      s.coats.every(({ tint }) => tint === undefined) &&
      s.colour.toHide > 3 &&
      s.colour.onGrey < s.colour.toHide,
    reason: 'Over white primer this colour takes four coats and more; over grey primer two or three cover.',
    fixText: 'Have the last primer tinted grey, as light as the colour.',
    autoFix: (recipe, s) => tintPrimer(recipe, s, greyUnder(s.colour.next)),
  },
  {
    id: 'plaster-first-coat',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.facts.substrate === 'plaster' &&
      isBare(s) &&
      s.coats.length > 0 &&
      (s.coats[0]?.thinning ?? 0) < 5 &&
      isThinnable(s),
    reason: 'Fresh plaster sucks a thick first coat dry before it can hold, and it peels.',
    fixText: 'Thin the first coat as far as its tin allows, and wait a day before the next.',
    autoFix: (recipe, s) => thinFirst(recipe, s, Math.min(25, s.coats[0]?.coating.mostThinning ?? 0)),
  },
  {
    id: 'sheen-not-made',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.sheen !== null && s.topcoats.some(({ sheens }) => s.sheen !== null && !sheens.includes(s.sheen)),
    reason: 'This topcoat is not made in the sheen that is wanted.',
    fixText: 'Take another topcoat, or another sheen.',
  },
  {
    id: 'sealer-sheen',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.hasSealer,
    reason: 'The sealer decides the sheen, whatever lies under it.',
    fixText: 'Buy it in the sheen that is wanted, and stir it: the matting settles.',
  },
  {
    id: 'gloss-shows',
    severity: 'advice',
    source: 'optics',
    fires: (s) => (s.sheen === 'gloss' || s.sheen === 'semi-gloss') && isWood(s) && s.fillers.length === 0,
    reason: 'Gloss shows every dent that is left.',
    fixText: 'Fill and sand once more, or take satin.',
  },
  {
    id: 'oil-yellows',
    severity: 'advice',
    source: 'chemistry',
    fires: (s) =>
      s.exposure === 'inside' && s.colour.reflectance > 60 && s.topcoats.some((topcoat) => topcoat.family === 'oil'),
    reason: 'Oil enamel yellows indoors, most in the dark and next to heat.',
    fixText: 'A waterborne enamel stays white.',
  },
  {
    id: 'alkyd-waits',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.topcoats.some((topcoat) => topcoat.family === 'alkyd-waterborne'),
    reason: 'Waterborne alkyd levels well and then wants a night between coats.',
    fixText: 'An acrylic enamel takes two coats in a day.',
  },
];

/** Mineral and acrylic paints are thinned with water on fresh plaster; what can't be is judged by other rules. */
function isThinnable({ coats }: Situation): boolean {
  const first = coats[0]?.coating;
  return first !== undefined && (first.family === 'mineral' || first.family === 'acrylic') && first.mostThinning >= 5;
}
