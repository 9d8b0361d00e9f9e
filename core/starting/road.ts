import { outdatedBuildUps } from '../build-up/build-up-review.ts';
import { unchosenGroups } from '../choosing/recommended.ts';
import { standingAssumptions } from '../job/assumptions.ts';
import type { Job } from '../job/document/schema.ts';
import { productNeeds } from '../quantities/litres.ts';
import { openQuestions } from '../surface-tests/known-surface.ts';
import { VOLUME } from '../units/measures.ts';
import { counted } from '../units/sentence.ts';

/** Stages from the first piece to an accepted plan. */
export const ROAD = ['walk', 'test', 'build-up', 'quantities', 'conditions', 'sequence', 'plan'] as const;
export type RoadStage = (typeof ROAD)[number];

/** What is needed at a stage before the next one, and which that is. */
export interface RoadStep {
  needs: string;
  /** Null where something has to be done here first. */
  next: RoadStage | null;
}

/** Tins to buy and what they cost, at the prices of the job's shelf. */
export function toBuy(job: Job): { tins: number; cost: number } {
  const needs = productNeeds(job);
  return {
    tins: needs.reduce((sum, need) => sum + need.tins.best.tins.length, 0),
    cost: needs.reduce((sum, need) => sum + need.tins.best.cost, 0),
  };
}

const money = (amount: number, currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency, maximumFractionDigits: 0 }).format(amount);

/** What is bought, as in “Buy 7 tins, about €240”. */
export function buyWords(job: Job): string {
  const { tins, cost } = toBuy(job);
  return `Buy ${counted(tins, 'tin')}, about ${money(cost, job.settings.currency)}`;
}

/** The same by product, as in “Trim enamel, white: 3.1 L, £64”. */
export function buyLines(job: Job): string[] {
  const { currency, units } = job.settings;
  return productNeeds(job).map(({ coating, colour, litres, tins }) => {
    const named = colour ? `${coating.name}, ${colour.name}` : coating.name;
    return `${named}: ${VOLUME.format(litres, units)}, ${counted(tins.best.tins.length, 'tin')}, ${money(tins.best.cost, currency)}`;
  });
}

const hasPieces = (job: Job): boolean => job.pieces.length > 0;

function openTests(job: Job): number {
  return job.groups.reduce((sum, { id }) => sum + openQuestions(job, id).size, 0);
}

const STEPS: Readonly<Record<RoadStage, (job: Job) => RoadStep>> = {
  walk: (job) => {
    const assumed = standingAssumptions(job).length;
    const pieces = counted(job.pieces.length, 'piece');
    return {
      needs:
        assumed > 0
          ? `${pieces}. ${assumed === 1 ? 'One thing is' : `${assumed} things are`} assumed: check now, or later.`
          : `${pieces}. Add what is missing.`,
      next: 'test',
    };
  },
  test: (job) => {
    const open = openTests(job);
    return {
      needs:
        open === 0
          ? 'All tests done.'
          : `${open === 1 ? 'One test is' : `${open} tests are`} open. They can wait: until then a usual or worse case is taken.`,
      next: 'build-up',
    };
  },
  'build-up': (job) => {
    const open = unchosenGroups(job).length;
    if (open > 0) return { needs: `Choose the coats of ${counted(open, 'group')}.`, next: null };
    const doubts = outdatedBuildUps(job).length;
    return doubts > 0
      ? { needs: `Check ${counted(doubts, 'build-up')} again.`, next: 'quantities' }
      : { needs: 'Every group has its coats.', next: 'quantities' };
  },
  quantities: (job) => {
    if (unchosenGroups(job).length > 0) return { needs: 'Choose coats first, then see what to buy.', next: 'build-up' };
    return { needs: `${buyWords(job)}. Enter what you have in stock.`, next: 'plan' };
  },
  conditions: () => ({
    needs: 'Usual weather will do for a first plan. Import a forecast before the work.',
    next: 'plan',
  }),
  sequence: () => ({ needs: 'The usual order will do for a first plan.', next: 'plan' }),
  plan: (job) =>
    unchosenGroups(job).length > 0
      ? { needs: 'Choose coats first: a plan needs them.', next: 'build-up' }
      : { needs: `${buyWords(job)}, then accept the plan.`, next: null },
};

/** What a stage needs before the next one; null once a plan is accepted, and at stages after it. */
export function roadStep(job: Job, stage: string): RoadStep | null {
  const step = ROAD.find((id) => id === stage);
  if (step === undefined || job.plan !== null) return null;
  if (!hasPieces(job)) return step === 'walk' ? { needs: 'Add a piece: all else follows from it.', next: null } : null;
  return STEPS[step](job);
}
