import { getOrInsertComputed } from '../units/maps.ts';
import { colourDifference, labOf, reflectance } from '../colour/colour.ts';
import { BASES, baseOf, coatsToHide, HIDDEN, MAX_COATS, remainingDifference, type Base } from '../colour/hiding.ts';
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
}

/** The white of primers that are not tinted. */
export const PRIMER_WHITE = '#f4f2ec';

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

/**
 * Topcoats of `next` that hide `old` under so many full coats of white primer: what the primer leaves of the difference
 * between old and new colour, added to that between primer and new colour, as CIEDE2000. An upper estimate, since the
 * two need not point the same way.
 */
export function topcoatsToHide(old: string | null, next: string, primerCoats: number): number {
  if (old === null) return 2;
  return keptIn(hiding, `${old}/${next}/${primerCoats}`, () => {
    if (primerCoats === 0) return coatsToHide(old, next);
    // What the primer leaves of the old colour is seen as a shade of its white.
    const left = remainingDifference(old, PRIMER_WHITE, primerCoats);
    const start = colourDifference(PRIMER_WHITE, next) + left;
    const share = 1 - BASES[readingOf(next).base].hiding;
    let coats = 2;
    while (coats < MAX_COATS && start * share ** coats > HIDDEN) coats++;
    return coats;
  });
}

/** Old and new colour of a face under these coats. */
export function faceColour(old: string | null, next: string, coats: readonly SystemCoat[]): FaceColour {
  const { base, reflectance: lrv } = readingOf(next);
  const primerCoats = coats.filter(
    ({ coating, extent }) => coating.role === 'primer' && extent === 'all' && !coating.clear,
  ).length;
  return {
    old,
    next,
    base,
    reflectance: lrv,
    isDarker: old === null ? null : labOf(next).l < labOf(old).l - 1,
    toHide: topcoatsToHide(old, next, primerCoats),
  };
}
