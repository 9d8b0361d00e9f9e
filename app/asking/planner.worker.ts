import { formatMoment } from '../../core/units/moments.ts';
import { expose } from 'comlink';
import { atTheDoor } from '../../core/job/door.ts';
import { localTime, minutesSince } from '../../core/job/site-time.ts';
import { boundWords } from '../../core/planning/reading/bound-words.ts';
import { jobToProblem } from '../../core/planning/drafting/job-to-problem.ts';
import type { PlanProblem } from '../../core/scheduling/problem.ts';
import type { FoundPlan, NoPlan } from '../../core/scheduling/plan.ts';
import { findSpeedUps, type SpeedUp, type DayAsked } from '../../core/choosing/speed-ups.ts';
import {
  comparePlans,
  type ComparedPlan,
  type DatedPlan,
  type PlanChanges,
} from '../../core/planning/revising/compare-plans.ts';
import { Mover, type Move, type Moved } from '../../core/planning/revising/moving.ts';
import { waitConflicts, type WaitConflict } from '../../core/scheduling/wait-conflicts.ts';
import { verifiedNearPlan, verifiedPlan } from '../../core/scheduling/verified-plan.ts';
import type { AcceptedPlan } from '../../core/job/document/plan-schema.ts';
import { riskOf, type Risk } from '../../core/scheduling/chance/risk.ts';
import type { Job } from '../../core/job/document/schema.ts';

/** A plan that has passed the verifier, with the head of the problem that it answers. */
export interface VerifiedPlan {
  plan: FoundPlan;
  problem: Pick<PlanProblem, 't0' | 'tickMinutes'>;
  /** Why no plan can finish before its bound, as the second half of a sentence. */
  because: string;
}

const NOTHING: NoPlan = {
  status: 'infeasible',
  reasons: [{ kind: 'nothing-to-plan', task: null }],
};

/** How many schedules are tried around the nearest one. */
const NEAR_STEPS = 30;

const nowTick = (job: Job, t0: string, now: string): number => minutesSince(t0, now, job.site.timeZone);

let mover: Mover | null = null;

/**
 * The planner behind its door: turns a job into a problem, solves it, and lets only verified plans out. A job that comes
 * through the door is a copy that nobody changes: frozen, so that what follows from it is kept.
 */
export const planner = {
  /**
   * Plans a job from `now`; `onBetter` is told of every better verified plan while it searches. Begins from what holds of
   * a plan of the same days, or with nothing in mind; may end so many minutes later where it is calmer for that.
   */
  async plan(
    job: Job,
    now: string,
    onBetter: (found: VerifiedPlan) => Promise<void>,
    { seed, from, laterBy }: { seed: number; from: DatedPlan | null; laterBy: number },
  ): Promise<VerifiedPlan | NoPlan> {
    atTheDoor(job);
    const jobProblem = jobToProblem(job, now, { goesOn: true });
    const problem = { ...jobProblem.problem, later: laterBy / jobProblem.problem.tickMinutes };
    if (problem.tasks.length === 0) return NOTHING;
    const when = (tick: number): string => formatMoment(localTime(problem.t0, tick, job.site.timeZone), 'dayTime');
    let because = '';
    const head = { t0: problem.t0, tickMinutes: problem.tickMinutes };
    const told: Promise<void>[] = [];
    const solution = verifiedPlan(problem, {
      seed,
      ...(from !== null && from.t0 === problem.t0 ? { from: from.tasks } : {}),
      onBetter: (plan) => told.push(onBetter({ plan, problem: head, because })),
      onBound: (bound) => (because = boundWords(job, jobProblem, bound.because, when)),
    });
    await Promise.all(told);
    if (solution.status === 'infeasible') return solution;
    return { plan: solution, problem: head, because };
  },

  /** The job planned from `now`, with as little of a plan moved as it need. */
  planNear(job: Job, now: string, plan: ComparedPlan): NearAnswer {
    atTheDoor(job);
    const jobProblem = jobToProblem(job, now, { goesOn: true });
    const { problem } = jobProblem;
    if (problem.tasks.length === 0) return NOTHING;
    const near = verifiedNearPlan(problem, plan, { steps: NEAR_STEPS });
    if (near.status === 'infeasible') return near;
    const { distance: _distance, ...found } = near;
    const changes = comparePlans(jobProblem, plan, found, nowTick(job, problem.t0, now));
    return { plan: found, problem: { t0: problem.t0, tickMinutes: problem.tickMinutes }, because: '', changes };
  },

  /** What of the accepted plan would touch wet paint by what is known now. */
  lookAhead(job: Job, now: string): WaitConflict[] {
    atTheDoor(job);
    return job.plan === null ? [] : waitConflicts(jobToProblem(job, `${now.slice(0, 10)}T00:00`).problem, job.plan);
  },

  /** Gets ready to move runs of a plan by hand. */
  beginMoving(job: Job, now: string, plan: ComparedPlan): void {
    atTheDoor(job);
    const jobProblem = jobToProblem(job, now, { goesOn: true });
    mover = new Mover(job, jobProblem, plan, nowTick(job, jobProblem.problem.t0, now));
  },

  /** The plan with a run elsewhere; only after moving has begun. */
  move(move: Move): Moved {
    return mover?.move(move) ?? { refused: 'Not ready yet. Try again in a moment.' };
  },

  /** How the accepted or found plan of a job would turn out in many sampled runs. */
  risk(job: Job, now: string, plan: Pick<AcceptedPlan, 'tasks'>, options: { samples: number; seed: number }): Risk {
    atTheDoor(job);
    return riskOf(jobToProblem(job, now, { goesOn: true }).problem, plan, options);
  },

  /** What it would take to be done by a day; `tell` is told of the estimate and of everything that has been tried. */
  async take(job: Job, now: string, asked: DayAsked, tell: (told: Taken) => Promise<void>): Promise<SpeedUp[]> {
    const told: Promise<void>[] = [];
    const bought = findSpeedUps(atTheDoor(job), now, asked, {
      onEstimated: (estimate) => told.push(tell({ estimate })),
      onTried: (tried) => told.push(tell({ tried })),
    });
    await Promise.all(told);
    return bought;
  },
};

/** What is told on the way: the estimate once, then each change that has been tried. */
export type Taken = { estimate: string } | { tried: SpeedUp };

export type Planner = typeof planner;
export type NearAnswer = (VerifiedPlan & { changes: PlanChanges }) | NoPlan;

expose(planner);
