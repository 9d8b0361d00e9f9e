import { OLD_COATS, SUBSTRATES } from '../pieces/substrate.ts';
import type { Coating } from '../shelf/coating.ts';
import type { SurfaceGround, Use } from '../shelf/uses.ts';
import type { Situation } from './situation.ts';
import type { Recipe } from './system-coat.ts';

/** Forbidden: won't work. Risk: may fail, and is shown as one. Caution: can hurt someone. Advice: a tip. */
export const SEVERITIES = ['forbidden', 'risk', 'caution', 'advice'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** What a rule rests on. */
export const SOURCES = {
  trade: 'common practice of the trade',
  tin: 'what tins of this kind usually direct',
  chemistry: 'how the binders behave',
  wood: 'how wood and water behave',
  optics: 'colour measurement: CIEDE2000 and CIE Y',
  safety: 'safety sheets and local rules, which decide',
} as const;
export type Source = keyof typeof SOURCES;

/** A rule of the craft as data: when it fires, why in the painter's words, what fixes it, and what it is based on. */
export interface Rule {
  id: string;
  /** What it is called on screen, in one to four words. */
  name: string;
  severity: Severity;
  source: Source;
  fires(situation: Situation): boolean;
  reason: string;
  fixText: string;
  /** Whether it judges the surface alone, so that nothing which is put on can lift it. */
  ofSurface?: true;
  /**
   * Does to a recipe what would lift it, if the shelf can. False when it can't. Composing build-ups and the button
   * beside a verdict both do it this way. Rules that only a person can lift, by a test or another wish, have none.
   */
  autoFix?(recipe: Recipe, situation: Situation): boolean;
}

/** Whether water is what a coating lets go of, whatever its binder: two-part products among them. */
export const isWaterborne = (coating: Coating | undefined): boolean => coating?.thinner === 'water';
/** Whether a coating is for a use, by what its tin names first or says that it will also do. */
export const isFor = (coating: Coating | undefined, use: Use): boolean =>
  coating !== undefined && (coating.madeFor.includes(use) || coating.willDo.includes(use));

export const isBare = ({ facts }: Situation): boolean => facts.oldCoat === 'bare';
export const isWood = ({ facts }: Situation): boolean => SUBSTRATES[facts.substrate].isWood;
/** Timber that has been scraped or came bare: it drinks, moves and may bleed. */
export const isBareTimber = (s: Situation): boolean =>
  isBare(s) && (s.facts.substrate === 'softwood' || s.facts.substrate === 'oak');
/** Hard and closed: a coat needs a key or a primer that bonds to gloss. */
export const isGlossy = ({ facts }: Situation): boolean => OLD_COATS[facts.oldCoat].hold === 'hard';
/** Waterborne paint with a sheen: a coat needs a key, and then no primer. */
export const hasSheen = ({ facts }: Situation): boolean => OLD_COATS[facts.oldCoat].hold === 'sheen';
export const isAbraded = ({ key }: Situation): boolean => key === 'abrade' || key === 'wet-abrade';
export const isKeyed = (s: Situation): boolean =>
  s.key !== 'none' || s.cleaning.some(({ cleaner }) => cleaner.deglosses);
/** Melamine and laminate are slippery, unless somebody has put sound paint on them before. */
export const showsLaminate = (s: Situation): boolean =>
  s.facts.substrate === 'laminate' && (isBare(s) || s.facts.oldCoat === 'factory-finish');
/** Plastic that nobody has painted before. */
export const showsVinyl = (s: Situation): boolean =>
  s.facts.substrate === 'vinyl' && (isBare(s) || s.facts.oldCoat === 'factory-finish');
/** Oak and ash whose tannin can rise: bare, or under varnish alone. */
export const showsTannin = (s: Situation): boolean =>
  SUBSTRATES[s.facts.substrate].tannin && (isBare(s) || s.facts.oldCoat === 'varnish');
/** Wood is laid bare, whether it came so or is scraped so. */
export const laysWoodBare = (s: Situation): boolean => isWood(s) && (isBare(s) || s.facts.soundness === 'lets-go');
/** What the first coat of a face has to hold on. */
export function groundOn(s: Situation): SurfaceGround {
  if (showsLaminate(s)) return 'laminate';
  if (showsVinyl(s)) return 'vinyl';
  if (isGlossy(s)) return 'glossy';
  if (!isBare(s)) return 'sound-paint';
  if (s.facts.substrate === 'metal') return 'metal';
  if (s.facts.substrate === 'plaster') return 'plaster';
  return s.facts.substrate === 'mdf' ? 'board' : 'bare-timber';
}

/** Whether bonding has been proved by a patch with this first coat and this key. */
export const isProvedByPatch = (s: Situation): boolean =>
  s.patch?.held === true && s.patch.first === s.first?.id && s.patch.key === s.key;
