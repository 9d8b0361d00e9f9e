import { labOf } from './colour.ts';

/** The white of primers that are not tinted. */
export const PRIMER_WHITE = '#f4f2ec';

/** Greys into which primers are usually tinted, from light to dark. */
export const PRIMER_GREYS = ['#c6c6c3', '#8c8d8c', '#5c5d5d'] as const;

/** The grey to which a primer is tinted under a colour: the one that is as light as it, as near as there is. */
export function greyUnder(hex: string): string {
  const { l } = labOf(hex);
  return [...PRIMER_GREYS].sort((one, other) => Math.abs(labOf(one).l - l) - Math.abs(labOf(other).l - l))[0] ?? hex;
}

/** Behind a primer's name, what it is tinted to; nothing for its own white. */
export function tintWords(tint: string | undefined): string {
  if (tint === undefined) return '';
  return PRIMER_GREYS.some((grey) => grey === tint.toLowerCase()) ? ', tinted grey' : ', tinted';
}
