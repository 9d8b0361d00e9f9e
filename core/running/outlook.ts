import { marksInWords } from '../job/marks.ts';
import { progressByTask } from '../job/progress.ts';
import type { Job } from '../job/document/schema.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { jobSteps } from '../steps/job-steps.ts';
import { runWords } from '../steps/step-words.ts';
import { counted } from '../units/sentence.ts';
import { dayOf, timeOn } from './day.ts';
import { nextRun } from './day-sheet.ts';

/** A job that is worked by a plan, in a few words: what is next, what dries, what is late. */
export interface JobOutlook {
  /** “Second coat: trim enamel, D-01 to D-07, Mon 08:00”; null when all is done. */
  next: string | null;
  /** “9 pieces dry, first ready Mon 13:30”; null when nothing is wet. */
  drying: string | null;
  /** “12 steps behind since Thu 09:00”; null when nothing is. */
  late: string | null;
  /** Steps that are done, of all that are planned. */
  done: number;
  all: number;
}

/** Minutes after its end from which a run that is not done counts as late. */
const LATE_AFTER = 60;

/** How a job stands at a local ISO time; null while it has no plan. */
export function jobOutlook(job: Job, now: string): JobOutlook | null {
  if (job.plan === null) return null;
  const problem = jobSteps(job, `${now.slice(0, 10)}T00:00`);
  const reading = readPlan(job, problem, job.plan);
  const day = dayOf(job, problem, reading, now);
  const progress = progressByTask(job.log);
  const isOpen = ({ id }: { id: string }): boolean => !progress.get(id)?.doneAt;
  const steps = reading.runs.flatMap((run) => run.steps);

  const [next] = job.crew
    .flatMap(({ id }) => nextRun(job, reading, id)?.run ?? [])
    .sort((one, other) => one.start - other.start);
  const overdue = reading.runs.filter((run) => run.end + LATE_AFTER < day.at && run.steps.some((step) => isOpen(step)));
  const behind = overdue.flatMap((run) => run.steps.filter(isOpen));
  const { dryingPieces } = day;
  const ready = dryingPieces.filter(({ state }) => state === 'ready' || state === 'late').length;
  const opens = Math.min(...dryingPieces.flatMap((drying) => (drying.opens > day.at ? [drying.opens] : [])));
  const wait = Number.isFinite(opens) ? `, first ready ${timeOn(day, opens)}` : '';
  return {
    next: next
      ? `${runWords(next, { goesOn: false })}, ${marksInWords(next.steps.filter(isOpen).map(({ piece }) => piece.mark))}, ${timeOn(day, next.start)}`
      : null,
    drying:
      dryingPieces.length === 0
        ? null
        : ready === dryingPieces.length
          ? `${counted(ready, 'piece')} dry enough for the next step`
          : `${counted(dryingPieces.length - ready, 'piece')} drying${wait}`,
    late:
      behind.length === 0
        ? null
        : `${counted(behind.length, 'step')} behind since ${timeOn(day, Math.min(...overdue.map(({ start }) => start)))}`,
    done: steps.filter((step) => !isOpen(step)).length,
    all: steps.length,
  };
}
