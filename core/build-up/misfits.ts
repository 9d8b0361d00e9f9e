import { WORK_IDS } from '../pieces/works.ts';
import type { Coating } from '../shelf/coating.ts';
import type { Use } from '../shelf/uses.ts';
import { laysMetalBare } from '../surface-tests/known-surface.ts';
import { groundOn, isWood, showsTannin } from './rule.ts';
import type { Situation } from './situation.ts';

const isMadeFor = (coating: Coating, use: Use): boolean => coating.madeFor.includes(use);

/** Whether a tin names any kind of work first; one that names a ground alone is for all work on it. */
const namesWork = ({ madeFor }: Coating): boolean => WORK_IDS.some((work) => madeFor.includes(work));

/** Whether something is to be blocked: what was found to bleed, or wood whose tannin rises. */
const bleeds = (s: Situation): boolean => s.facts.stains === 'bleeds' || showsTannin(s);

const isTinted = (s: Situation): boolean => s.coats.some(({ tint }) => tint !== undefined);

/** Mixed with a hardener, in hands that do not do it every day: what comes ready comes first. */
const isForProfessionals = (s: Situation): boolean =>
  !s.isProfessional && s.coats.some(({ coating }) => coating.hazards.includes('hardener'));

/** Made for the open, and put on inside. */
const isElsewhere = ({ exposure }: Coating, s: Situation): boolean => exposure === 'outside' && s.exposure === 'inside';

/** Topcoats from which on a tinted primer is the better way to a deep colour. */
const MANY_TOPCOATS = 4;

/** Whether a face asks for more topcoats than a primer tinted grey would leave to do: the long way to a deep colour. */
export const coversTheLongWay = (s: Situation): boolean =>
  s.coveredIn === null && !isTinted(s) && s.colour.toHide >= MANY_TOPCOATS && s.colour.onGrey < s.colour.toHide;

/**
 * How many coats of a face are of products that will do there, and are made for something else in the first place: the
 * first coat by the ground that it holds on, a primer on sound paint, which needs none unless it is tinted to hide, and a
 * topcoat by its work and place. What is mixed with a hardener is one more for whoever is no professional.
 */
export function misfits(s: Situation): number {
  const { first } = s;
  const ground = groundOn(s);
  const laidBare = s.facts.soundness === 'lets-go' && isWood(s);
  const asked: Use[] = [
    laysMetalBare(s.facts) ? 'metal' : ground,
    ...(bleeds(s) ? (['stains'] as const) : []),
    ...(laidBare ? (['bare-timber'] as const) : []),
  ];
  // A tinted primer is there to hide, on paint that needs none to hold.
  const isToHide = first?.role === 'primer' && ground === 'sound-paint' && isTinted(s);
  const onGround = first !== undefined && !isToHide && !asked.some((use) => isMadeFor(first, use)) ? 1 : 0;
  const needsNone = first?.role === 'primer' && ground === 'sound-paint' && !bleeds(s) && !isToHide ? 1 : 0;
  const works = [...new Set(s.topcoats)].filter(
    (topcoat) => !isMadeFor(topcoat, namesWork(topcoat) ? s.work : ground) || isElsewhere(topcoat, s),
  ).length;
  return Math.max(onGround, needsNone) + works + (isForProfessionals(s) ? 1 : 0);
}
