import { jobToProblem, type JobProblem } from '../../planning/drafting/job-to-problem.ts';
import type { Job } from '../../job/document/schema.ts';
import { planCost } from '../../scheduling/plan-cost.ts';
import type { OpenPlan, PlanCost } from '../../scheduling/plan.ts';
import { listedSchedule, type Listed } from '../../scheduling/solve/listed-schedule.ts';
import { openPlan } from '../../scheduling/solve/open-plan.ts';
import { prepare } from '../../scheduling/solve/prepare.ts';
import type { Prepared } from '../../scheduling/solve/prepared.ts';
import { verify, type BrokenRule } from '../../scheduling/verify.ts';
import { stepPhrase } from '../../steps/step-words.ts';
import type { PieceStep } from '../../steps/step.ts';
import { kept } from '../../units/kept.ts';
import { capital } from '../../units/sentence.ts';

/** A small job to plan, from a moment on. */
export interface DayTask {
  job: Job;
  /** Local ISO time. */
  now: string;
  /**
   * The order of work of the best plan that was found; whether none can end in an earlier half-day, and before when
   * none can end at all, in minutes.
   */
  best: { order: string[]; isProved: boolean; bound: number };
}

/** Batches in the order in which they are done, each the ids of its tasks. */
export interface DayAnswer {
  batches: readonly (readonly string[])[];
}

export const problemIn = kept(({ job, now }: Pick<DayTask, 'job' | 'now'>): JobProblem => jobToProblem(job, now));
const preparedIn = kept((task: Pick<DayTask, 'job' | 'now'>): Prepared => prepare(problemIn(task).problem));

/** Work of one kind on several pieces, that could be a batch: by what is done, with what, on which faces. */
export interface BatchKind {
  key: string;
  words: string;
  steps: PieceStep[];
}

const kindKey = ({ operation, coat, product }: PieceStep): string =>
  [operation, coat?.number, coat?.coat.product, coat?.faces.join('+'), product].join('/');

/** Every kind of work of a job, in the order of the work. */
export const batchKindsIn = kept((task: Pick<DayTask, 'job' | 'now'>): BatchKind[] => {
  const kinds = new Map<string, BatchKind & { place: number }>();
  const placeOn = new Map<string, number>();
  for (const step of problemIn(task).steps.values()) {
    const place = (placeOn.get(step.piece.id) ?? -1) + 1;
    placeOn.set(step.piece.id, place);
    const key = kindKey(step);
    const known = kinds.get(key);
    if (known) known.steps.push(step);
    else kinds.set(key, { key, words: capital(stepPhrase(step)), steps: [step], place });
  }
  return [...kinds.values()].sort((one, other) => one.place - other.place);
});

/** The tasks of a job that take hands. */
export const workIn = (task: Pick<DayTask, 'job' | 'now'>): string[] =>
  problemIn(task).problem.tasks.flatMap(({ id, painters }) => (painters > 0 ? [id] : []));

/** A plan that was made batch by batch. */
export interface DayPlan {
  plan: OpenPlan;
  cost: PlanCost;
  /** The first task that had no place, and of what; null where all had one. */
  stuck: { taskId: string; refusal: NonNullable<Listed['stuck']>['refusal'] } | null;
  /** Tasks that are not in any batch yet. */
  left: string[];
  /** Rules that it breaks, by a check that shares nothing with what made it; of what is planned. */
  broken: BrokenRule[];
}

/** Batches one after another, each task as early as it can be: the rest of a batch that has no place is left out. */
export function plannedDay(task: Pick<DayTask, 'job' | 'now'>, order: readonly string[]): DayPlan {
  const { problem } = problemIn(task);
  const prepared = preparedIn(task);
  const index = new Map(prepared.tasks.map((each) => [each.task.id, each.index]));
  const { schedule, stuck } = listedSchedule(
    prepared,
    order.flatMap((id) => index.get(id) ?? []),
  );
  const { tasks, setups } = openPlan(prepared, schedule.placements);
  const planned = new Set(tasks.map(({ id }) => id));
  const finish = tasks.reduce((latest, { end }) => Math.max(latest, end), 0);
  return {
    plan: { tasks, setups },
    cost: planCost(problem, { tasks, setups }),
    stuck: stuck && { taskId: stuck.task.task.id, refusal: stuck.refusal },
    left: workIn(task).filter((id) => !planned.has(id)),
    broken: verify(problem, { tasks, setups, finish }).filter(({ rule }) => rule !== 'tasks'),
  };
}

/** The best plan that was found. */
export const bestDay = kept((task: DayTask): DayPlan => plannedDay(task, task.best.order));
