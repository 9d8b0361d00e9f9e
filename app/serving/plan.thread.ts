import type { Job } from '../../core/job/document/schema.ts';
import { atTheDoor } from '../../core/job/door.ts';
import { jobToProblem, type JobProblem } from '../../core/planning/drafting/job-to-problem.ts';
import { noPlaceWords } from '../../core/planning/reading/no-place-words.ts';
import { tooLongWords } from '../../core/planning/reading/too-long-words.ts';
import { withReasonWords } from '../../core/scheduling/no-plan-words.ts';
import type { PlanSolution } from '../../core/scheduling/plan.ts';
import type { PlanProblem } from '../../core/scheduling/problem.ts';
import { verifiedPlan } from '../../core/scheduling/verified-plan.ts';

/** What a thread can be asked to plan, by the name of the function that does; all answer with JSON. */
export interface PlanQuestions {
  planProblem: PlanProblem;
  planJob: { job: Job; now: string };
}

/** A question, and the milliseconds that its search may take. */
export interface Limited<T> {
  asked: T;
  limit: number;
}

/** The verified solution of a problem; null where none was found in time, and none was shown to be impossible. */
export function planProblem({ asked, limit }: Limited<PlanProblem>): string | null {
  const solution = planWithin(asked, limit);
  return solution && JSON.stringify(withReasonWords(solution));
}

/** The problem of a job from a local ISO time on, its verified solution, and the marks of pieces that are not planned. */
export function planJob({ asked, limit }: Limited<PlanQuestions['planJob']>): string | null {
  const { problem, steps, unplanned, tooLong, noPlace } = jobToProblem(atTheDoor(asked.job), asked.now);
  const left = [
    ...unplanned,
    ...[...tooLong, ...noPlace.filter(({ isLate }) => !isLate)].map(({ step }) => step.piece),
  ];
  const planned = steps.size > 0 || left.length === 0 ? planWithin(problem, limit) : undefined;
  if (planned === null) return null;
  const solution = planned
    ? withReasonWords(planned)
    : withoutPlan(problem.t0, asked.job.site.timeZone, { tooLong, noPlace });
  return JSON.stringify({ problem, solution, unplanned: left.map((piece) => piece.mark) });
}

/** An answer for a job of which no piece can be planned, with why. */
function withoutPlan(
  t0: string,
  timeZone: string,
  { tooLong, noPlace }: Pick<JobProblem, 'tooLong' | 'noPlace'>,
): { status: 'infeasible'; reasons: { task: string | null; message: string }[] } {
  const reasons = [
    ...tooLong.map((each) => ({
      task: each.step.id,
      message: `${each.step.piece.mark}: ${tooLongWords(each, t0, timeZone)}`,
    })),
    ...noPlace.map((each) => ({ task: each.step.id, message: noPlaceWords(each) })),
  ];
  const noBuildUp = { task: null, message: 'No piece has both a build-up and something to paint.' };
  return { status: 'infeasible', reasons: reasons.length > 0 ? reasons : [noBuildUp] };
}

function planWithin(problem: PlanProblem, limit: number): PlanSolution | null {
  const end = performance.now() + limit;
  const isOver = (): boolean => performance.now() > end;
  const solution = verifiedPlan(problem, { shouldStop: isOver, giveUp: isOver });
  return solution.status === 'infeasible' && isOver() ? null : solution;
}
