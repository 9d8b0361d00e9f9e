import { marksInWords } from '../job/marks.ts';
import type { AcceptedPlan } from '../job/record.ts';
import type { Job } from '../job/schema.ts';
import { localTime } from '../job/site-time.ts';
import { comparePlans } from '../planning/compare-plans.ts';
import type { JobProblem } from '../planning/job-to-problem.ts';
import { stepWords } from '../planning/step-words.ts';
import { formatDuration } from '../units/quantity.ts';

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
  const when = (minutes: number): string =>
    localTime(after.t0, minutes, job.site.timeZone).toFormat('ccc d LLL, HH:mm');
  const dateOf = (minutes: number): string => localTime(after.t0, minutes, job.site.timeZone).toISODate() ?? '';
  const { moved, finish, added } = comparePlans(problem, before, after, at);
  const [was, is] = finish;
  const slip = is - was;
  const why =
    slip === 0
      ? `${after.reason}: the finish stays ${when(is)}.`
      : `${after.reason}: the finish ${slip > 0 ? 'slips' : 'comes forward'} by ${formatDuration(Math.abs(slip))}, to ${when(is)}.`;
  const markOf = (id: string): string => problem.steps.get(id)?.piece.mark ?? '';
  const farthest = moved.reduce<(typeof moved)[number] | null>(
    (far, task) => (far && Math.abs(far.to - far.from) >= Math.abs(task.to - task.from) ? far : task),
    null,
  );
  const step = farthest && problem.steps.get(farthest.taskId);
  const others = new Set(
    moved.map(({ taskId }) => markOf(taskId)).filter((mark) => mark !== '' && mark !== step?.piece.mark),
  );
  const rework = added.filter((id) => problem.steps.get(id)?.rework).length;
  const news = rework > 0 ? `${rework} ${rework === 1 ? 'step' : 'steps'} of rework stand in the plan. ` : '';
  const line =
    farthest && step
      ? `${step.piece.mark}, ${stepWords(step).toLowerCase()}: ${when(farthest.from)} → ${when(farthest.to)}${others.size > 0 ? `; ${others.size} other ${others.size === 1 ? 'piece moves' : 'pieces move'}` : ''}.`
      : 'Everything else stays where it was.';
  const today = dateOf(at);
  const leave = moved
    .filter(({ from, to }) => dateOf(from) === today && dateOf(to) !== today)
    .map(({ taskId }) => markOf(taskId));
  const come = moved
    .filter(({ from, to }) => dateOf(from) !== today && dateOf(to) === today)
    .map(({ taskId }) => markOf(taskId));
  const changes = [
    leave.length > 0 ? `off today: ${marksInWords(leave)}` : null,
    come.length > 0 ? `instead today: ${marksInWords(come)}` : null,
  ].filter(Boolean);
  return {
    why,
    moved: news + line,
    today:
      changes.length > 0
        ? `${changes.join('; ')}.`.replace(/^./, (first) => first.toUpperCase())
        : 'Today keeps its pieces.',
    isLater: slip > 0,
  };
}
