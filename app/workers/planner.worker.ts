import { expose } from 'comlink';
import { jobToProblem } from '../../core/planning/job-to-problem.ts';
import type { FoundPlan, NoPlan, PlanProblem } from '../../core/planning/problem.ts';
import { solve } from '../../core/planning/solve/solve.ts';
import { verify } from '../../core/planning/verify.ts';
import type { Job } from '../../core/job/schema.ts';

/** A plan that has passed the verifier, with the head of the problem that it answers. */
export interface VerifiedPlan {
  plan: FoundPlan;
  problem: Pick<PlanProblem, 't0' | 'tickMinutes'>;
}

/** The planner behind its door: turns a job into a problem, solves it, and lets only verified plans out. */
const planner = {
  /** Plans a job from `now`; `onBetter` is told of every better verified plan while it searches. */
  async plan(job: Job, now: string, onBetter: (found: VerifiedPlan) => Promise<void>): Promise<VerifiedPlan | NoPlan> {
    const { problem } = jobToProblem(job, now);
    if (problem.tasks.length === 0) return none('There is nothing to plan: choose a build-up for some pieces first.');
    const head = { t0: problem.t0, tickMinutes: problem.tickMinutes };
    const told: Promise<void>[] = [];
    const solution = solve(problem, {
      onBetter: (plan) => {
        if (verify(problem, plan).length === 0) told.push(onBetter({ plan, problem: head }));
      },
    });
    await Promise.all(told);
    if (solution.status === 'infeasible') return solution;
    const broken = verify(problem, solution);
    if (broken.length > 0) {
      return none(
        `The plan was thrown away: it breaks the rule “${broken[0]?.rule}” at ${broken[0]?.tasks.join(', ')}.`,
      );
    }
    return { plan: solution, problem: head };
  },
};

function none(message: string): NoPlan {
  return { status: 'infeasible', reasons: [{ task: null, message }] };
}

export type Planner = typeof planner;

expose(planner);
