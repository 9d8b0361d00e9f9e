import { expose } from 'comlink';
import { localTime } from '../../core/job/site-time.ts';
import { boundWords } from '../../core/planning/bound-words.ts';
import { jobToProblem } from '../../core/planning/job-to-problem.ts';
import type { FoundPlan, NoPlan, PlanProblem } from '../../core/planning/problem.ts';
import { whatWouldItTake, type Bought } from '../../core/planning/what-would-it-take.ts';
import { verifiedPlan } from '../../core/planning/verified-plan.ts';
import type { AcceptedPlan } from '../../core/job/record.ts';
import { riskOf, type Risk } from '../../core/planning/risk.ts';
import type { Job } from '../../core/job/schema.ts';

/** A plan that has passed the verifier, with the head of the problem that it answers. */
export interface VerifiedPlan {
  plan: FoundPlan;
  problem: Pick<PlanProblem, 't0' | 'tickMinutes'>;
  /** Why no plan can finish before its bound, as the second half of a sentence. */
  because: string;
}

const NOTHING: NoPlan = {
  status: 'infeasible',
  reasons: [{ task: null, message: 'There is nothing to plan: choose a build-up for some pieces first.' }],
};

/** The planner behind its door: turns a job into a problem, solves it, and lets only verified plans out. */
const planner = {
  /** Plans a job from `now`; `onBetter` is told of every better verified plan while it searches. */
  async plan(job: Job, now: string, onBetter: (found: VerifiedPlan) => Promise<void>): Promise<VerifiedPlan | NoPlan> {
    const jobProblem = jobToProblem(job, now);
    const { problem } = jobProblem;
    if (problem.tasks.length === 0) return NOTHING;
    const when = (tick: number): string => localTime(problem.t0, tick, job.site.timeZone).toFormat('ccc d LLL, HH:mm');
    let because = '';
    const head = { t0: problem.t0, tickMinutes: problem.tickMinutes };
    const told: Promise<void>[] = [];
    const solution = verifiedPlan(problem, {
      onBetter: (plan) => told.push(onBetter({ plan, problem: head, because })),
      onBound: (bound) => (because = boundWords(job, jobProblem, bound.because, when)),
    });
    await Promise.all(told);
    if (solution.status === 'infeasible') return solution;
    return { plan: solution, problem: head, because };
  },

  /** How the accepted or found plan of a job would turn out in many sampled runs. */
  risk(job: Job, now: string, plan: Pick<AcceptedPlan, 'tasks'>): Risk {
    return riskOf(jobToProblem(job, now).problem, plan);
  },

  /** What it would take to be done by `due`; `onTried` is told of everything that has been tried. */
  async take(job: Job, now: string, due: number, onTried: (bought: Bought) => Promise<void>): Promise<Bought[]> {
    const told: Promise<void>[] = [];
    const bought = whatWouldItTake(job, now, due, { onTried: (tried) => told.push(onTried(tried)) });
    await Promise.all(told);
    return bought;
  },
};

export type Planner = typeof planner;

expose(planner);
