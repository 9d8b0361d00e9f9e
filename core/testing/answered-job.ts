import { knownOf } from '../build-up/build-up-review.ts';
import { offerFor } from '../choosing/offer.ts';
import { applyCommand } from '../job/commands/apply.ts';
import type { Job } from '../job/document/schema.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { priceOf } from '../pricing/price.ts';
import { productNeeds } from '../quantities/litres.ts';
import { verifiedPlan } from '../scheduling/verified-plan.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';

/** What Nivel answers about a job when what it recommends is taken wherever nothing is chosen. */
export interface AnsweredJob {
  /** Products of the front by group, from the surface up. */
  coats: Record<string, string[]>;
  /** Hours of work of the crew that there is, with setting up. */
  hours: number;
  litres: Record<string, number>;
  /** Litres of the tins to buy. */
  tins: Record<string, number[]>;
  /** Marks of pieces that have no plan. */
  leftOut: string[];
  /** Days from the first one on which work ends, the first being 1. */
  days: number;
  /** Kinds of pieces in the order in which the last coat is begun on them. */
  order: string[];
  /** Kinds of pieces with a coat in sections. */
  sections: string[];
  /** Most coats that one outside face takes in a day. */
  outsideADay: number;
}

const MINUTES_A_DAY = 1440;

/** The job with the first offer taken for every group that has no build-up yet. Throws where there is none to take. */
export function withFirstOffers(stated: Job): Job {
  return stated.groups.reduce((job, group) => {
    if (group.buildUp) return job;
    const [best] = offerFor(job, group).permitted;
    if (!best) throw new Error(`${group.name} has no build-up.`);
    const { buildUp } = best.candidate;
    const chosen = applyCommand(job, 'choose-build-up', { groupId: group.id, buildUp, chosenFor: knownOf(job, group) });
    if (!chosen.ok) throw new Error(chosen.message);
    return chosen.value.job;
  }, stated);
}

/** What Nivel answers with first offers taken and the plan made from the job's first day. Throws without a plan. */
export function answeredJob(stated: Job): AnsweredJob {
  const job = withFirstOffers(stated);
  const needs = productNeeds(job);
  return {
    coats: Object.fromEntries(
      job.groups.map(({ name, buildUp }) => [name, buildUp?.coats.map(({ product }) => product) ?? []]),
    ),
    hours: priceOf(job).handsOn,
    litres: Object.fromEntries(needs.map(({ product, litres }) => [product, litres])),
    tins: Object.fromEntries(needs.map(({ product, tins }) => [product, tins.best.tins])),
    ...planOf(job),
  };
}

function planOf(job: Job): Pick<AnsweredJob, 'leftOut' | 'days' | 'order' | 'sections' | 'outsideADay'> {
  const { problem, steps, tooLong } = jobToProblem(job, `${job.planning.start}T00:00`);
  const solution = verifiedPlan(problem, { seed: 1, steps: 30 });
  if (solution.status === 'infeasible') throw new Error('There is no plan.');
  const coats = solution.tasks.flatMap(({ id, start }) => {
    const step = steps.get(id);
    return step && isCoat(step) ? [{ step, start }] : [];
  });
  const last = new Map<string, number>();
  const aDay = new Map<string, Set<number>>();
  for (const { step, start } of coats) {
    last.set(step.piece.kind, Math.max(start, last.get(step.piece.kind) ?? 0));
    for (const face of step.coat.faces.filter((side) => step.piece.exposure[side] === 'outside')) {
      const key = `${step.piece.id}/${face}/${Math.floor(start / MINUTES_A_DAY)}`;
      aDay.set(key, (aDay.get(key) ?? new Set()).add(step.coat.number));
    }
  }
  return {
    leftOut: [...new Set(tooLong.map(({ step }) => step.piece.mark))],
    days: Math.floor(Math.max(0, ...solution.tasks.map(({ end }) => end)) / MINUTES_A_DAY) + 1,
    order: [...last].sort((one, other) => one[1] - other[1]).map(([kind]) => kind),
    sections: [...new Set(coats.flatMap(({ step }) => (step.coat.section ? [step.piece.kind] : [])))],
    outsideADay: Math.max(0, ...[...aDay.values()].map(({ size }) => size)),
  };
}
