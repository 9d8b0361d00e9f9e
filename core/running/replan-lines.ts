import { counted } from '../units/sentence.ts';
import { formatMoment } from '../units/moments.ts';
import { marksInWords } from '../job/marks.ts';
import type { AcceptedPlan } from '../job/document/plan-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { localTime } from '../job/site-time.ts';
import { comparePlans } from '../planning/revising/compare-plans.ts';
import type { JobProblem } from '../planning/drafting/job-to-problem.ts';
import { stepWords } from '../steps/step-words.ts';
import { taskWords } from '../planning/reading/task-words.ts';
import { formatDuration } from '../units/measures.ts';

/** What a replan has come to, in three lines: why and what of the finish, what moved most, what it means for the day. */
export interface ReplanLines {
  why: string;
  moved: string;
  today: string;
  isLater: boolean;
}

/** Tells two accepted plans apart for whoever stands at the bench; `at` in minutes from their t0. */
export function replanLines(
  job: Job,
  problem: Pick<JobProblem, 'steps'>,
  before: AcceptedPlan,
  after: AcceptedPlan,
  at: number,
): ReplanLines {
  const when = (minutes: number): string => formatMoment(localTime(after.t0, minutes, job.site.timeZone), 'dayTime');
  const dateOf = (minutes: number): string => localTime(after.t0, minutes, job.site.timeZone).toISODate() ?? '';
  const { moved, finish, added } = comparePlans(problem, before, after, at);
  const shifted = moved.filter(({ from, to }) => from !== to);
  const [was, is] = finish;
  const slip = is - was;
  const why =
    slip === 0
      ? `${after.reason}: the finish stays ${when(is)}.`
      : `${after.reason}: the finish ${slip > 0 ? 'slips' : 'comes forward'} by ${formatDuration(Math.abs(slip))}, to ${when(is)}.`;
  const marksOf = (tasks: typeof moved): Set<string> =>
    new Set(tasks.flatMap(({ taskId }) => problem.steps.get(taskId)?.piece.mark ?? []));
  const farthest = shifted.reduce<(typeof moved)[number] | null>(
    (far, task) => (far && Math.abs(far.to - far.from) >= Math.abs(task.to - task.from) ? far : task),
    null,
  );
  const rework = added.filter((id) => problem.steps.get(id)?.rework).length;
  const news = rework > 0 ? `${counted(rework, 'step')} of rework stand in the plan. ` : '';
  const line = (): string => {
    if (farthest === null) {
      const handed = marksOf(moved).size;
      if (handed === 0) return 'Everything else stays where it was.';
      return `${counted(handed, 'piece goes', 'pieces go')} into other hands; no time changes.`;
    }
    const step = problem.steps.get(farthest.taskId);
    const what = step
      ? `${step.piece.mark}, ${stepWords(step).toLowerCase()}`
      : taskWords(job, problem, farthest.taskId);
    const others = [...marksOf(moved)].filter((mark) => mark !== step?.piece.mark).length;
    const besides = others === 0 ? '' : `; ${others} other ${others === 1 ? 'piece moves' : 'pieces move'}`;
    return `${what}: ${when(farthest.from)} → ${when(farthest.to)}${besides}.`;
  };
  const today = dateOf(at);
  const leave = marksOf(shifted.filter(({ from, to }) => dateOf(from) === today && dateOf(to) !== today));
  const come = marksOf(shifted.filter(({ from, to }) => dateOf(from) !== today && dateOf(to) === today));
  const changes = [
    leave.size > 0 ? `off today: ${marksInWords([...leave])}` : null,
    come.size > 0 ? `instead today: ${marksInWords([...come])}` : null,
  ].filter(Boolean);
  return {
    why,
    moved: news + line(),
    today:
      changes.length > 0
        ? `${changes.join('; ')}.`.replace(/^./, (first) => first.toUpperCase())
        : 'Today keeps its pieces.',
    isLater: slip > 0,
  };
}
