import { colourDifference, labOf } from './colour.ts';

/**
 * Bases into which colours are tinted, and the share of a colour difference that one coat of each hides. Defaults, to be
 * overridden by experience.
 */
export const BASES = {
  white: { name: 'white base', hiding: 0.8 },
  pastel: { name: 'pastel base', hiding: 0.85 },
  mid: { name: 'mid base', hiding: 0.88 },
  deep: { name: 'deep base', hiding: 0.7 },
  bright: { name: 'bright red, orange or yellow', hiding: 0.55 },
  black: { name: 'black', hiding: 0.95 },
} as const;
export type Base = keyof typeof BASES;

const HUES_OF_RED_TO_YELLOW = [10, 110] as const;

/** The base that a colour is tinted into, by its lightness, chroma and hue in CIELAB. */
export function baseOf(hex: string): Base {
  const { l, a, b } = labOf(hex);
  const chroma = Math.hypot(a, b);
  const hue = (Math.atan2(b, a) * 180) / Math.PI;
  // Charcoal, navy and bottle green are deep bases; black alone covers at once.
  if (l <= 12 && chroma < 8) return 'black';
  if (chroma >= 50 && hue >= HUES_OF_RED_TO_YELLOW[0] && hue <= HUES_OF_RED_TO_YELLOW[1]) return 'bright';
  if (l >= 90) return 'white';
  if (l >= 75) return 'pastel';
  return l >= 45 ? 'mid' : 'deep';
}

/** A difference that is not seen any more. */
export const HIDDEN = 1.5;
/** What a film needs to last, whatever it hides. */
const MIN_COATS = 2;
/** More than this nobody puts on: the ground is changed instead. */
export const MAX_COATS = 6;

/**
 * Remaining colour difference after `coats` coats: ΔE_n = ΔE_0 · (1 − h)^n, with CIEDE2000 and the hiding of one coat of
 * the new colour's base.
 */
export function remainingDifference(under: string, over: string, coats: number): number {
  return colourDifference(under, over) * (1 - BASES[baseOf(over)].hiding) ** coats;
}

/** The smallest number of coats of `over` after which `under` is not seen any more: at least 2, at most {@link MAX_COATS}. */
export function coatsToHide(under: string, over: string): number {
  for (let coats = MIN_COATS; coats < MAX_COATS; coats++) {
    if (remainingDifference(under, over, coats) <= HIDDEN) return coats;
  }
  return MAX_COATS;
}

/** How {@link coatsToHide} came about: the difference that is still seen after each coat, until it is not. */
export function hidingAccount(under: string, over: string): string[] {
  const { name, hiding } = BASES[baseOf(over)];
  const enough = coatsToHide(under, over);
  const after = Array.from(
    { length: enough },
    (_unused, index) => `${index + 1}: ${remainingDifference(under, over, index + 1).toFixed(1)}`,
  );
  return [
    `Difference now: ${colourDifference(under, over).toFixed(1)} (CIEDE2000).`,
    `The new colour is a ${name}: each coat hides ${Math.round(hiding * 100)}% of what is left.`,
    `Left after coat ${after.join(', ')}.`,
    remainingDifference(under, over, enough) <= HIDDEN
      ? `Up to ${HIDDEN} isn’t seen. Two coats at least, so that the film lasts.`
      : `Still more than ${HIDDEN}: a primer tinted towards the new colour is better.`,
  ];
}
