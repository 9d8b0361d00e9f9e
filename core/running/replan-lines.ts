import { formatMoment, type MomentStyle } from '../units/moments.ts';
import { counted } from '../units/sentence.ts';
import { marksInWords } from '../job/marks.ts';
import type { AcceptedPlan } from '../job/document/plan-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { forecastAt, localTime } from '../job/site-time.ts';
import { comparePlans } from '../planning/revising/compare-plans.ts';
import type { JobProblem } from '../planning/drafting/job-to-problem.ts';
import { stepPhrase } from '../steps/step-words.ts';
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
  const when = (minutes: number): string => forecastAt(after.t0, minutes, job.site.timeZone, at);
  const dateOf = (minutes: number): string => localTime(after.t0, minutes, job.site.timeZone).toISODate() ?? '';
  const { moved, finish, added } = comparePlans(problem, before, after, at);
  const shifted = moved.filter(({ from, to }) => from !== to);
  const [was, is] = finish;
  const slip = is - was;
  const why =
    slip === 0
      ? `${after.reason}. Finish unchanged: ${when(is)}.`
      : `${after.reason}. Finish ${formatDuration(Math.abs(slip))} ${slip > 0 ? 'later' : 'sooner'}: ${when(is)}.`;
  const marksOf = (tasks: typeof moved): Set<string> =>
    new Set(tasks.flatMap(({ taskId }) => problem.steps.get(taskId)?.piece.mark ?? []));
  const farthest = shifted.reduce<(typeof moved)[number] | null>(
    (far, task) => (far && Math.abs(far.to - far.from) >= Math.abs(task.to - task.from) ? far : task),
    null,
  );
  const rework = added.filter((id) => problem.steps.get(id)?.rework).length;
  const news = rework > 0 ? `${counted(rework, 'step')} of rework in the plan. ` : '';
  const line = (): string => {
    if (farthest === null) {
      const handed = marksOf(moved).size;
      if (handed === 0) return 'Nothing else moves.';
      return `${counted(handed, 'piece changes', 'pieces change')} painter. Times stay the same.`;
    }
    const step = problem.steps.get(farthest.taskId);
    const what = step ? `${step.piece.mark}, ${stepPhrase(step)}` : taskWords(job, problem, farthest.taskId);
    const others = [...marksOf(moved)].filter((mark) => mark !== step?.piece.mark).length;
    const besides = others === 0 ? '' : `. ${counted(others, 'other piece moves', 'other pieces move')}`;
    const isSameDay = dateOf(farthest.from) === dateOf(farthest.to);
    const then = (minutes: number, style: MomentStyle): string =>
      formatMoment(localTime(after.t0, minutes, job.site.timeZone), style);
    const from = then(farthest.from, isSameDay ? 'dayTime' : 'day');
    return `${what}: ${from} → ${then(farthest.to, isSameDay ? 'time' : 'day')}${besides}.`;
  };
  const today = dateOf(at);
  const leave = marksOf(shifted.filter(({ from, to }) => dateOf(from) === today && dateOf(to) !== today));
  const come = marksOf(shifted.filter(({ from, to }) => dateOf(from) !== today && dateOf(to) === today));
  const changes = [
    ...(leave.size > 0 ? [`Moved off today: ${marksInWords([...leave])}.`] : []),
    ...(come.size > 0 ? [`Moved to today: ${marksInWords([...come])}.`] : []),
  ];
  return {
    why,
    moved: news + line(),
    today: changes.length > 0 ? changes.join(' ') : 'Today’s work is unchanged.',
    isLater: slip > 0,
  };
}
