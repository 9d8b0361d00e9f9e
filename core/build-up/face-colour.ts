import { getOrInsertComputed } from '../units/maps.ts';
import { colourDifference, labOf, reflectance } from '../colour/colour.ts';
import { BASES, baseOf, coatsToHide, HIDDEN, MAX_COATS, remainingDifference, type Base } from '../colour/hiding.ts';
import { greyUnder, PRIMER_WHITE } from '../colour/primer-tints.ts';
import type { SystemCoat } from './system-coat.ts';

/** Old and new colour of a face, and what follows for the coats. */
export interface FaceColour {
  old: string | null;
  next: string;
  base: Base;
  /** LRV of the new colour, in %. */
  reflectance: number;
  /** Whether the new colour takes up more of the sun than the old; null while the old one is not known. */
  isDarker: boolean | null;
  /** Topcoats of the new colour until what lies under them is hidden; at least two. */
  toHide: number;
  /** The same over a primer that is tinted grey. */
  onGrey: number;
}

const readings = new Map<string, { base: Base; reflectance: number }>();
const hiding = new Map<string, number>();
/** As many colours as a job may well have; then the notes are thrown away, so that nothing grows for ever. */
const MAX_KEPT = 500;

function keptIn<T>(notes: Map<string, T>, key: string, make: () => T): T {
  if (notes.size > MAX_KEPT) notes.clear();
  return getOrInsertComputed(notes, key, make);
}

const readingOf = (hex: string): { base: Base; reflectance: number } =>
  keptIn(readings, hex, () => ({ base: baseOf(hex), reflectance: reflectance(hex) }));

/** Under a colour that is not known nothing is left of it, as of one that the primer hides. */
const leftOf = (old: string | null, primer: string, coats: number): number =>
  old === null ? 0 : remainingDifference(old, primer, coats);

/**
 * Topcoats of `next` that hide `old` under full coats of primers of these colours, the last one uppermost: what the
 * primers leave of the difference between old colour and primer, added to that between primer and new colour, as
 * CIEDE2000. An upper estimate, since the two need not point the same way.
 */
export function topcoatsToHide(old: string | null, next: string, primers: readonly string[]): number {
  const primer = primers.at(-1);
  if (primer === undefined) return old === null ? 2 : coatsToHide(old, next);
  return keptIn(hiding, `${old ?? ''}/${next}/${primer}/${primers.length}`, () => {
    // What the primer leaves of the old colour is seen as a shade of its own.
    const start = colourDifference(primer, next) + leftOf(old, primer, primers.length);
    const share = 1 - BASES[readingOf(next).base].hiding;
    let coats = 2;
    while (coats < MAX_COATS && start * share ** coats > HIDDEN) coats++;
    return coats;
  });
}

/** Old and new colour of a face under these coats, and, where it was seen, in how many topcoats it covered. */
export function faceColour(
  old: string | null,
  next: string,
  coats: readonly SystemCoat[],
  coveredIn: number | null = null,
): FaceColour {
  const { base, reflectance: lrv } = readingOf(next);
  const primers = coats.flatMap(({ coating, extent, tint }) =>
    coating.role === 'primer' && extent === 'all' && !coating.clear ? [tint ?? PRIMER_WHITE] : [],
  );
  return {
    old,
    next,
    base,
    reflectance: lrv,
    isDarker: old === null ? null : labOf(next).l < labOf(old).l - 1,
    toHide: coveredIn ?? topcoatsToHide(old, next, primers),
    onGrey: topcoatsToHide(old, next, [...primers.slice(0, -1), greyUnder(next)]),
  };
}
