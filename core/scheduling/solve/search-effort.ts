import type { Prepared } from './prepared.ts';

/** Steps of the first round in which plans are made calmer, and how much longer each next one is. */
const FIRST_ROUND = 1000;
const ROUND_GROWTH = 2.5;
/** For how many tasks as many steps go into earlier plans as into calmer ones; of more tasks fewer do. */
const HURRYING_TASKS = 120;
/**
 * Against the steps of a round, where every tick of the finish counts: what goes into earlier plans, less for few tasks,
 * whose orders are annealed; up to how many are few; and what goes into calmer ones.
 */
const EXACT_HURRYING = { few: 0.25, many: 3 };
const FEW_TASKS = 60;
const EXACT_CALMING = 0.1;
/** How many orders are annealed there; of up to so many tasks, since each is built anew. */
const EXACT_ANNEALING = 3;
const ANNEALED_TASKS = 120;
/** The same where nothing is set up and nothing lies anywhere. */
const SHOP = { hurrying: 0.3, annealing: 0.3, shortening: 12 };
/** Up to so many tasks the bound is computed in the first round; with more, from a later round on. */
const QUICK_TASKS = 1000;
const BOUND_ROUND = 2;

/** How the steps of a search are shared out, by the kind of its problem; each against the steps of a round. */
export interface SearchEffort {
  /** Whether every tick of the finish counts: trouble does not. */
  isExact: boolean;
  /** Building plans that are calmer, or earlier. */
  calming: number;
  hurrying: number;
  /** Annealing the best schedule; whether as an order as well; and changing its critical path. 0 where it is not done. */
  annealing: number;
  annealsOrders: boolean;
  shortening: number;
  /** The first round, from 0, in which the bound is computed. */
  boundRound: number;
}

/** Steps of a round, from 0 on: each is longer than the one before. */
export const roundSteps = (round: number): number => FIRST_ROUND * ROUND_GROWTH ** round;

/** How a search shares out its steps over what it can do for a problem. */
export function searchEffort(
  prepared: Pick<Prepared, 'tasks' | 'holds'> & { problem: { trouble?: unknown } },
): SearchEffort {
  const count = prepared.tasks.length;
  const boundRound = count <= QUICK_TASKS ? 0 : BOUND_ROUND;
  if (prepared.problem.trouble != null) {
    const hurrying = Math.min(1, HURRYING_TASKS / count);
    return { isExact: false, calming: 1, hurrying, annealing: 0, annealsOrders: false, shortening: 0, boundRound };
  }
  const isAnnealed = count <= ANNEALED_TASKS;
  const exact = { isExact: true, calming: EXACT_CALMING, boundRound };
  if (isShop(prepared)) {
    const { hurrying, annealing, shortening } = SHOP;
    return { ...exact, hurrying, annealing: isAnnealed ? annealing : 0, annealsOrders: false, shortening };
  }
  const hurrying = EXACT_HURRYING[count > FEW_TASKS ? 'many' : 'few'];
  return { ...exact, hurrying, annealing: isAnnealed ? EXACT_ANNEALING : 0, annealsOrders: true, shortening: 0 };
}

/** Whether nothing is set up and nothing is left anywhere: what counts then is who, and what, goes first. */
const isShop = ({ tasks, holds }: Pick<Prepared, 'tasks' | 'holds'>): boolean =>
  holds.length === 0 && tasks.every(({ setup }) => setup === null);
