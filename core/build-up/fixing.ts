import type { Coat, Extent } from '../job/document/coat-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { Key } from '../job/document/group-schema.ts';
import type { Cleaner, Soil } from '../shelf/cleaner.ts';
import type { Coating } from '../shelf/coating.ts';
import type { Filler } from '../shelf/filler.ts';
import type { Situation } from './situation.ts';
import type { Recipe } from './system-coat.ts';

/** The tool with which a coating is usually put on. */
export const usualTool = ({ sprayOnly, family }: Coating): Tool =>
  sprayOnly ? 'spray' : family === 'shellac' ? 'brush' : 'roller';

/** A coat as it is usually laid. */
export const usualCoat = (coating: Coating, extent: Extent = 'all'): Coat => ({
  product: coating.id,
  tool: extent === 'all' ? usualTool(coating) : 'brush',
  thinning: 0,
  extent,
});

const offered = <E extends { archived: boolean }>(entries: readonly E[]): E[] =>
  entries.filter(({ archived }) => !archived);

/** Rinses off every cleaner that leaves such a residue. */
export function rinse(recipe: Recipe, { shelf }: Situation, residue: (cleaner: Cleaner) => boolean): boolean {
  recipe.cleaning = recipe.cleaning.map((step) => {
    const cleaner = shelf.cleaners.find(({ id }) => id === step.product);
    return cleaner && residue(cleaner) ? { ...step, rinsed: true } : step;
  });
  return true;
}

/** Takes the gentlest cleaner of the shelf for a soil, in addition to what there is, in the order in which one cleans. */
export function wash(recipe: Recipe, { shelf }: Situation, soil: Soil): boolean {
  const able = offered(shelf.cleaners).filter(({ removes }) => removes.includes(soil));
  const cleaner = able.sort((one, other) => harshness(one) - harshness(other))[0];
  if (cleaner === undefined || recipe.cleaning.length >= 4) return false;
  // What the new one takes off as well, no other needs to.
  const others = recipe.cleaning.filter(({ product }) => {
    const other = shelf.cleaners.find(({ id }) => id === product);
    return other?.removes.some((taken) => !cleaner.removes.includes(taken)) ?? false;
  });
  const orderOf = (id: string): number => {
    const removes = shelf.cleaners.find((entry) => entry.id === id)?.removes ?? [];
    return removes.includes('mould') ? 0 : removes.includes('wax') ? 1 : 2;
  };
  recipe.cleaning = [...others, { product: cleaner.id, rinsed: cleaner.rinse }].sort(
    (one, other) => orderOf(one.product) - orderOf(other.product),
  );
  return true;
}

const harshness = ({ hazards, residue, dryHours }: Cleaner): number =>
  hazards.filter((hazard) => hazard !== 'caustic').length * 10 + (residue === 'phosphate' ? 5 : 0) + dryHours / 100;

/** Keys otherwise. */
export function keyWith(recipe: Recipe, key: Key): boolean {
  recipe.key = key;
  return true;
}

/** Puts a coat before all others of a face. */
export const coatFirst = (recipe: Recipe, s: Situation, coat: Coat): boolean =>
  onEach(recipe, s, (coats) => [coat, ...coats]);

/** Changes the coats of every face that a situation stands for; they are alike, and stay so. */
export function onEach(recipe: Recipe, { faces }: Situation, change: (coats: Coat[]) => Coat[] | null): boolean {
  const changed = change(recipe.coats[faces[0] ?? 'front']);
  if (changed === null) return false;
  for (const face of faces) recipe.coats[face] = changed;
  return true;
}

/** Puts a primer of the shelf on spots or edges, before all other coats: the one that dries soonest. */
export function primeFirst(
  recipe: Recipe,
  s: Situation,
  extent: Extent,
  suits: (coating: Coating) => boolean,
): boolean {
  const { shelf, exposure } = s;
  const isAllowed = (coating: Coating): boolean =>
    coating.exposure === 'both' || coating.exposure === exposure || (extent === 'spots' && coating.spotsOutside);
  const [found] = offered(shelf.coatings)
    .filter((coating) => coating.role === 'primer' && isAllowed(coating) && suits(coating))
    .sort((one, other) => one.hours.recoat - other.hours.recoat);
  return found !== undefined && coatFirst(recipe, s, usualCoat(found, extent));
}

/** Lays the last topcoat of a face once more. */
export function anotherTopcoat(recipe: Recipe, s: Situation): boolean {
  return onEach(recipe, s, (coats) => {
    const index = coats.findLastIndex(
      ({ product }) => s.shelf.coatings.find(({ id }) => id === product)?.role === 'topcoat',
    );
    const last = coats[index];
    if (last === undefined || coats.length >= 12) return null;
    return [...coats.slice(0, index + 1), last, ...coats.slice(index + 1)];
  });
}

/** Seals a face, with a sealer of the sheen that is wanted. */
export function seal(recipe: Recipe, s: Situation): boolean {
  const { shelf, exposure, sheen } = s;
  const sealer = offered(shelf.coatings).find(
    (coating) =>
      coating.role === 'sealer' &&
      (coating.exposure === 'both' || coating.exposure === exposure) &&
      (sheen === null || coating.sheens.includes(sheen)),
  );
  return sealer !== undefined && onEach(recipe, s, (coats) => [...coats, usualCoat(sealer)]);
}

/** Thins the first coat of a face, by per cent. */
export const thinFirst = (recipe: Recipe, s: Situation, thinning: number): boolean =>
  onEach(recipe, s, ([head, ...rest]) => (head === undefined ? null : [{ ...head, thinning }, ...rest]));

/** Has the last primer over a whole face that hides anything tinted. */
export function tintPrimer(recipe: Recipe, s: Situation, tint: string): boolean {
  return onEach(recipe, s, (coats) => {
    const index = coats.findLastIndex(({ product, extent }) => {
      const coating = s.shelf.coatings.find(({ id }) => id === product);
      return extent === 'all' && coating?.role === 'primer' && !coating.clear;
    });
    return index < 0 ? null : coats.map((coat, at) => (at === index ? { ...coat, tint } : coat));
  });
}

/** A filler of the shelf for a purpose and a place. */
export function fillerFor(
  { shelf, isOutdoorPiece }: Situation,
  suits: (filler: Filler) => boolean,
): Filler | undefined {
  return offered(shelf.fillers).find((filler) => suits(filler) && (filler.exposure === 'both' || !isOutdoorPiece));
}
