import { derived } from '../../job/derived.ts';
import { progressByTask } from '../../job/progress.ts';
import type { Piece } from '../../job/document/piece-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { clocksAt, STEPS_FROM, type JobSteps } from '../../steps/job-steps.ts';
import { shareAir } from './air-tasks.ts';
import { hangByNight } from './night-tasks.ts';
import { PieceTasks, type TooLong } from './piece-tasks.ts';
import { isPlannable, pieceSteps } from '../../steps/piece-steps.ts';
import { pinnedTasks, withPins, type BrokenPin } from './pinned.ts';
import { ProblemDraft, stepOfMoment } from './problem-draft.ts';
import { isTight } from './tightness.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';
import { unplaceable, type Unplaceable } from '../../scheduling/unplaceable.ts';
import type { PieceStep } from '../../steps/step.ts';
import type { PlannedTask } from '../../scheduling/plan.ts';
import { addSiteStep } from './site-tasks.ts';
import { siteSteps } from './site-work.ts';
import { orderTrades } from './trades.ts';
import { waitOutside } from './outside-waits.ts';
import { takeTurns } from './zones.ts';

/** A job as a plan problem, with what each of its tasks means. */
export interface JobProblem extends JobSteps {
  problem: PlanProblem;
  /** The same with nothing pinned. */
  unpinned: PlanProblem;
  /** Pieces that wait for their build-up or have nothing in scope. */
  unplanned: Piece[];
  /** Pins that can't hold any more: what they say is planned as if they were not there. */
  brokenPins: BrokenPin[];
  /** Steps that no hours of the plan are long enough for; their pieces are left out, and the rest is planned. */
  tooLong: TooLong[];
  /** Steps that have no place even by themselves, each with why; their pieces are left out as well, or late. */
  noPlace: NoPlace[];
}

/** A step that could not be done whatever else is left: what stands in its way. */
export interface NoPlace {
  step: PieceStep;
  because: Unplaceable['because'];
  /** Whether its piece is begun, and planned all the same, later than it is needed. */
  isLate: boolean;
}

/**
 * Turns a job into the plain planning problem, in minutes from the midnight before the first day.
 * Without stamps everything is to be planned, from `now` at the earliest. Work that is stamped done or running stands
 * where it was; a coat that was found tacky dries slower from there on; the rest is planned from `now`.
 * `now` is a local ISO time on the job's clock. With `goesOn`, work that the accepted plan has under way at `now` is taken
 * to be, although nobody has stamped it: a crew works by its plan, and stamps when a piece is done.
 */
export function jobToProblem(job: Job, now: string, { goesOn = false }: { goesOn?: boolean } = {}): JobProblem {
  const noPlace = new Map<string, NoPlace>();
  for (;;) {
    const made = drafted(job, now, { goesOn, noPlace });
    const pieceOf = (task: string): string | null => made.steps.get(task)?.piece.id ?? null;
    const found = isTight(made.unpinned, made.nowTick, pieceOf) ? unplaceable(made.unpinned) : [];
    const left = found.flatMap(({ task, because }): NoPlace[] => {
      const step = made.steps.get(stepOfMoment(task));
      if (!step) return [];
      // What is begun can't be left as it is: it is planned for as soon as it can be, after its day.
      const isLate = because === 'too-late' && made.begun.has(step.piece.id);
      return [{ step, because, isLate }];
    });
    if (left.length === 0) return made;
    for (const each of left) noPlace.set(each.step.piece.id, each);
  }
}

function drafted(
  job: Job,
  now: string,
  { goesOn, noPlace }: { goesOn: boolean; noPlace: ReadonlyMap<string, NoPlace> },
): JobProblem & { nowTick: number; begun: ReadonlySet<string> } {
  const { clocks, nowTick, factor } = clocksAt(job, now);
  const progress = progressByTask(job.log);
  const underWay = goesOn ? underWayAt(job.plan, clocks.t0, nowTick) : [];
  const draft = new ProblemDraft(job, clocks, nowTick, factor);
  const late = new Set([...noPlace.values()].flatMap(({ step, isLate }) => (isLate ? [step.piece.id] : [])));
  const pieces = new PieceTasks(draft, { progress, underWay, late });
  const begun = new Set<string>();
  const unplanned: Piece[] = [];
  const tooLong: TooLong[] = [];
  for (const piece of job.pieces) {
    if (noPlace.get(piece.id)?.isLate === false) continue;
    if (pieceSteps(job, piece).some(({ id }) => progress.has(id))) begun.add(piece.id);
    const tooShort = pieces.tooLong(piece);
    if (tooShort !== null) tooLong.push(tooShort);
    else if (isPlannable(job, piece)) pieces.add(piece);
    else unplanned.push(piece);
  }
  for (const step of siteSteps(job)) if (step.doneAt === null) addSiteStep(draft, pieces.spans, step);
  takeTurns(draft, pieces.spans);
  orderTrades(draft);
  waitOutside(draft);
  shareAir(draft, pieces.takenDownFor);
  hangByNight(draft, pieces.nightly);
  const finished = draft.finished();
  const { problem, broken } = withPins(finished.problem, pinnedTasks(job, clocks.t0));
  return {
    ...finished,
    problem,
    unpinned: finished.problem,
    clocks,
    nowTick,
    begun,
    unplanned,
    tooLong,
    noPlace: [...noPlace.values()],
    brokenPins: broken,
  };
}

/** What a plan that begins at `t0` has under way at a tick. */
function underWayAt(plan: Job['plan'], t0: string, now: number): readonly PlannedTask[] {
  if (plan === null || plan.t0 !== t0) return [];
  return plan.tasks.filter(({ start, end, painters }) => painters.length > 0 && start < now && now < end);
}

/** The job as the problem of one of its days, `today` at the site: with all that is stamped, and nothing under way. */
export const problemOfDay = derived([...STEPS_FROM, 'pins', 'paces'], (job, today: string): JobProblem =>
  jobToProblem(job, `${today}T00:00`),
);

/** The question whether a plan would touch wet paint on a day: another one when anything that its answer follows from is. */
export const aheadOf = derived(problemOfDay.parts, (_job, today: string, plan: Job['plan']) => ({ today, plan }));
