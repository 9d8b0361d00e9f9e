import { WORK_IDS } from '../pieces/works.ts';
import type { Coating } from '../shelf/coating.ts';
import type { Use } from '../shelf/uses.ts';
import { groundOn, isWood, showsTannin } from './rule.ts';
import type { Situation } from './situation.ts';

const isMadeFor = (coating: Coating, use: Use): boolean => coating.madeFor.includes(use);

/** Whether a tin names any kind of work first; one that names a ground alone is for all work on it. */
const namesWork = ({ madeFor }: Coating): boolean => WORK_IDS.some((work) => madeFor.includes(work));

/** Whether something is to be blocked: what was found to bleed, or wood whose tannin rises. */
const bleeds = (s: Situation): boolean => s.facts.stains === 'bleeds' || showsTannin(s);

/**
 * How many coats of a face are of products that will do there, and are made for something else in the first place: the
 * first coat by the ground that it holds on, a primer on sound paint, which needs none, and a topcoat by its work.
 */
export function misfits(s: Situation): number {
  const { first } = s;
  const ground = groundOn(s);
  const laidBare = s.facts.soundness === 'lets-go' && isWood(s);
  const asked: Use[] = [
    ground,
    ...(bleeds(s) ? (['stains'] as const) : []),
    ...(laidBare ? (['bare-timber'] as const) : []),
  ];
  const onGround = first !== undefined && !asked.some((use) => isMadeFor(first, use)) ? 1 : 0;
  const needsNone = first?.role === 'primer' && ground === 'sound-paint' && !bleeds(s) ? 1 : 0;
  const works = [...new Set(s.topcoats)].filter(
    (topcoat) => !isMadeFor(topcoat, namesWork(topcoat) ? s.work : ground),
  ).length;
  return Math.max(onGround, needsNone) + works;
}
