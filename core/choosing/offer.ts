import { derived } from '../job/derived.ts';
import { candidates, forbiddenBySurface, blockingRules, type Candidate } from '../build-up/compose.ts';
import { judge } from '../build-up/judge.ts';
import type { Rule } from '../build-up/rule.ts';
import { keysOf, SCHOOLS, suitsPriming, toolOf } from '../build-up/schools.ts';
import { groundsOf } from '../build-up/situation.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import type { Tool } from '../shelf/tools.ts';
import type { BuildUp, FinishGroup, Schools, Weights } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { CRITERIA, CRITERION_IDS, ranked, Weigher, type Weighed } from './weigh.ts';

/** What may be chosen for a group, and what not. */
export interface Offer {
  /** Permitted build-ups, the best first. */
  permitted: Weighed[];
  /** What the rules forbid, with the rules. */
  excluded: Candidate[];
  /** Why nothing is permitted; empty when something is. */
  none: Rule[];
}

const NO_SCHOOLS: Schools = { keying: null, priming: null, tools: null };

/** The parts of a job that offers follow from, beside what is stated of their group. */
export const OFFERED_FROM = [
  ...(['pieces', 'shelf', 'findings', 'patches', 'weights', 'climates', 'crew', 'places'] as const),
  ...(['site', 'planning', 'rooms', 'strokes', 'readings', 'mixing', 'stock', 'settings'] as const),
] as const;

/** The identity of a request for a group's offers: it changes with anything that the offers follow from. */
export const questionOf = derived(
  OFFERED_FROM,
  (_job, groupId: string, ..._stated: readonly unknown[]): { groupId: string } => ({ groupId }),
);

export const offerQuestion = (job: Job, { id, colour, backColour, sheen, schools }: FinishGroup): { groupId: string } =>
  questionOf(job, id, colour.hex, backColour?.hex, sheen, schools);

/** Everything that could be put on a group's pieces: weighed and ranked where the rules permit it, with reasons where not. */
export function offerFor(job: Job, group: FinishGroup): Offer {
  const found = candidates(job, group);
  const weigher = new Weigher(job, group);
  const isPermitted = ({ verdict }: Candidate): boolean => verdict.level !== 'forbidden';
  const weighed = found
    .filter(isPermitted)
    .map((candidate) => ({ candidate, cost: weigher.cost(candidate.buildUp, candidate.verdict) }));
  const bySurface = forbiddenBySurface(job, groundsOf(job, group));
  return {
    permitted: ranked(weighed, job.weights),
    excluded: found.filter((candidate) => !isPermitted(candidate)),
    none: bySurface.length > 0 ? bySurface : blockingRules(found),
  };
}

/** In which criteria a build-up is the best of those offered, and what it gives up against the best in the others. */
export function rankingReasons(
  best: Weighed,
  all: readonly Weighed[],
): { leads: string[]; gives: { criterion: keyof Weights; more: number }[] } {
  const leads: string[] = [];
  const gives: { criterion: keyof Weights; more: number }[] = [];
  for (const criterion of CRITERION_IDS) {
    const { least, isMoreBetter } = CRITERIA[criterion];
    const sign = isMoreBetter ? -1 : 1;
    const values = all.map(({ cost }) => sign * cost[criterion]);
    const own = sign * best.cost[criterion];
    const lowest = Math.min(...values);
    if (own > lowest + 1e-9) gives.push({ criterion, more: own - lowest });
    else if (Math.max(...values) > lowest + 1e-9) leads.push(least);
  }
  return { leads, gives };
}

/** A school, and the best build-up that belongs to it; null where the rules permit none. */
export interface SchoolPrice {
  question: keyof Schools;
  school: string;
  name: string;
  does: string;
  costs: string;
  best: Weighed | null;
}

/** Whether a build-up belongs to a school. */
function belongs(job: Job, { buildUp }: Candidate, schools: Schools): boolean {
  if (schools.keying !== null && !keysOf(schools.keying).includes(buildUp.key)) return false;
  const coats = buildUp.coats.flatMap(({ product, extent }) => {
    const coating = coatingOf(job, product);
    return coating ? [{ coating, extent }] : [];
  });
  const primer = coats.find(({ coating, extent }) => coating.role === 'primer' && extent !== 'edges');
  const topcoat = coats.find(({ coating }) => coating.role === 'topcoat');
  const all = coats.some(({ coating, extent }) => coating.role === 'primer' && extent === 'all');
  return (
    topcoat !== undefined &&
    suitsPriming(
      schools.priming,
      primer ? { coating: primer.coating, extent: all ? 'all' : 'spots' } : null,
      topcoat.coating,
    )
  );
}

/** The same build-up, laid with the tools of a school. */
function laidWith(buildUp: BuildUp, tool: Tool): BuildUp {
  const laid = (coats: BuildUp['coats']): BuildUp['coats'] =>
    coats.map((coat) => (coat.extent === 'all' ? { ...coat, tool } : coat));
  const { back } = buildUp.faceCoats;
  return { ...buildUp, coats: laid(buildUp.coats), faceCoats: back ? { back: laid(back) } : {} };
}

/**
 * What each school would give on this group, the other schools being its own: of keying and priming its best build-up,
 * of tools the best one of `own`, the group's offer, laid with them.
 */
export function schoolPrices(job: Job, group: FinishGroup, own: Offer): SchoolPrice[] {
  const offers = new Map([[JSON.stringify(group.schools), own]]);
  const offered = (facts: Partial<Schools>): Offer => {
    const schools = { ...group.schools, ...facts };
    const key = JSON.stringify(schools);
    const known = offers.get(key) ?? offerFor(job, { ...group, schools });
    offers.set(key, known);
    return known;
  };
  const bestOf = (question: 'keying' | 'priming', school: string): Weighed | null => {
    const wanted = { ...NO_SCHOOLS, [question]: school };
    const pool = offered({ [question]: school === 'spots' ? 'spots' : null });
    return pool.permitted.find(({ candidate }) => belongs(job, candidate, wanted)) ?? null;
  };
  const laid = (school: NonNullable<Schools['tools']>): Weighed | null => {
    const [best] = own.permitted;
    if (best === undefined) return null;
    const sprayed = { ...group, schools: { ...group.schools, tools: school } };
    const buildUp = laidWith(best.candidate.buildUp, toolOf(school));
    const verdict = judge(job, sprayed, buildUp);
    const cost = new Weigher(job, sprayed).cost(buildUp, verdict);
    return verdict.level === 'forbidden' ? null : { ...best, candidate: { ...best.candidate, buildUp, verdict }, cost };
  };
  const priced = <Q extends keyof Schools>(
    question: Q,
    best: (school: NonNullable<Schools[Q]>) => Weighed | null,
  ): SchoolPrice[] =>
    Object.entries(SCHOOLS[question]).map(([school, said]) => ({
      question,
      school,
      ...said,
      best: best(school as NonNullable<Schools[Q]>),
    }));
  return [
    ...priced('keying', (school) => bestOf('keying', school)),
    ...priced('priming', (school) => bestOf('priming', school)),
    ...priced('tools', laid),
  ];
}
