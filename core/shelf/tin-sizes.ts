import { VOLUME } from '../units/measures.ts';
import { systemOf, type UnitSystem } from '../units/unit-systems.ts';
import type { Coating } from './coating.ts';

type Tins = Coating['tins'];

/**
 * Tins in the sizes of a system of units, each for the nearest that is sold there, at the same price a litre. As they
 * are where the system has no sizes of its own.
 */
export function tinsSoldIn(tins: Tins, system: UnitSystem): Tins {
  const { tinSizes } = systemOf(system);
  if (tinSizes === null) return tins;
  const sizes = Object.values(tinSizes);
  const sold = new Map<number, number>();
  for (const { litres, price } of tins) {
    const apart = (size: number): number => Math.abs(Math.log(size / litres));
    const size = sizes.reduce((nearest, other) => (apart(other) < apart(nearest) ? other : nearest));
    const cost = Math.round(((price * size) / litres) * 100) / 100;
    sold.set(size, Math.min(cost, sold.get(size) ?? Infinity));
  }
  return [...sold].map(([litres, price]) => ({ litres, price })).sort((one, other) => one.litres - other.litres);
}

/** The size of a tin as one asks for it in a shop: `2.5 L`, `quart`, `five gallons`. */
export function tinSizeInWords(litres: number, system: UnitSystem): string {
  const named = Object.entries(systemOf(system).tinSizes ?? {}).find(([, size]) => Math.abs(size - litres) < 0.002);
  return named ? named[0] : VOLUME.brief(litres, system);
}
