import { formatMoment } from '../../units/moments.ts';
import type { Job } from '../../job/document/schema.ts';
import { localTime } from '../../job/site-time.ts';
import { listed } from '../../units/sentence.ts';
import { comparePlans, type ComparedPlan, type PlanChanges } from './compare-plans.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { pinnedTasks, withPins, type PinnedTask } from '../drafting/pinned.ts';
import type { FoundPlan } from '../../scheduling/plan.ts';
import { fitPausing, fitWhole } from '../../scheduling/solve/calendar.ts';
import type { Prepared, PreparedTask } from '../../scheduling/solve/prepared.ts';
import { prepare } from '../../scheduling/solve/prepare.ts';
import { windowAt } from '../../scheduling/solve/placement.ts';
import { noPlanReason, taskPhrase, taskWords } from '../reading/task-words.ts';
import { verifiedNearPlan } from '../../scheduling/verified-plan.ts';

/** Tasks of a run that are to be done one after another from a tick on, by these painters. */
export interface Move {
  taskIds: readonly string[];
  start: number;
  painters: readonly string[];
}

/** Where the tasks would stand, or why they can't, as a sentence. */
export type Landing = { pins: PinnedTask[] } | { refused: string };

/** The plan in which the run stands there and the rest moved as little as it need, or why it can't. */
export type Moved = { plan: FoundPlan; pins: PinnedTask[]; changes: PlanChanges } | { refused: string };

/** Moves runs of a plan by hand: refuses what would touch wet paint, and plans the rest around what may stand there. */
export class Mover {
  readonly #job: Job;
  readonly #jobProblem: JobProblem;
  readonly #plan: ComparedPlan;
  readonly #now: number;
  readonly #prepared: Prepared;
  readonly #index: ReadonlyMap<string, number>;
  readonly #planned: ReadonlyMap<string, ComparedPlan['tasks'][number]>;
  #unmoved: ComparedPlan | null = null;

  /** `now` in minutes from the problem's t0. */
  constructor(job: Job, jobProblem: JobProblem, plan: ComparedPlan, now: number) {
    this.#job = job;
    this.#jobProblem = jobProblem;
    this.#plan = plan;
    this.#now = now;
    this.#prepared = prepare(jobProblem.unpinned);
    this.#index = new Map(this.#prepared.tasks.map(({ task, index }) => [task.id, index]));
    this.#planned = new Map(plan.tasks.map((task) => [task.id, task]));
  }

  /** Whether tasks may stand somewhere, as the rest of the plan is: at once, without planning anything. */
  land({ taskIds, start, painters }: Move): Landing {
    if (start < this.#now) return { refused: `That time has gone (now ${this.#when(this.#now)}).` };
    const pins: PinnedTask[] = [];
    const ends = new Map<number, number>();
    let from = start;
    for (const id of taskIds) {
      const task = this.#prepared.tasks[this.#index.get(id) ?? -1];
      if (task === undefined) return { refused: `${this.#what(id)} is no longer in the plan.` };
      const team = painters.slice(0, task.task.painters);
      const end = this.#endOf(task, team, from, ends, pins.length === 0);
      if (typeof end === 'string') return { refused: end };
      pins.push({ taskId: id, start: end.start, painters: team });
      ends.set(task.index, end.end);
      from = end.end;
    }
    return { pins };
  }

  /** The plan with the tasks there: verified, and told what it changes. */
  move(move: Move): Moved {
    const landing = this.land(move);
    if ('refused' in landing) return landing;
    const { pins } = landing;
    const { problem, broken } = withPins(this.#jobProblem.unpinned, [...this.#otherPins(move), ...pins]);
    const moved = new Set(move.taskIds);
    const [first] = broken.filter(({ taskId }) => moved.has(taskId));
    if (first) return { refused: `${this.#what(first.taskId)} can’t go there.` };
    const plan = verifiedNearPlan(problem, this.#plan);
    if (plan.status === 'infeasible') {
      const [reason] = plan.reasons;
      return {
        refused:
          `The rest won’t fit round it. ${reason ? noPlanReason(this.#job, this.#jobProblem, reason) : ''}`.trimEnd(),
      };
    }
    const { distance: _distance, ...found } = plan;
    return { plan: found, pins, changes: comparePlans(this.#jobProblem, this.#withoutMove(), found, this.#now) };
  }

  /** What is pinned besides. */
  #otherPins({ taskIds }: Move): PinnedTask[] {
    return pinnedTasks(this.#job, this.#prepared.problem.t0).filter(({ taskId }) => !taskIds.includes(taskId));
  }

  /** The plan as it is now, where nothing is moved: what has been overtaken meanwhile is not this move's doing. */
  #withoutMove(): ComparedPlan {
    if (this.#unmoved === null) {
      const plan = verifiedNearPlan(this.#jobProblem.problem, this.#plan);
      this.#unmoved = plan.status === 'infeasible' ? this.#plan : plan;
    }
    return this.#unmoved;
  }

  /** From when to when a task would go, if it began at `from` or as soon after as its painters have hours; or why not. */
  #endOf(
    task: PreparedTask,
    team: readonly string[],
    from: number,
    ends: ReadonlyMap<number, number>,
    isFirst: boolean,
  ): { start: number; end: number } | string {
    const what = this.#what(task.task.id);
    if (task.isFixed) return `${what} is already started or done.`;
    if (team.length < task.task.painters) return `${what} needs two people.`;
    const { painters } = this.#prepared.problem;
    const indices = team.map((id) => painters.findIndex((painter) => painter.id === id));
    const fit = task.task.pausable ? fitPausing : fitWhole;
    const place = fit(this.#prepared.jointShifts(indices), from, task.task.work);
    if (place === null) return `${this.#names(team)} has no hours left for ${what}.`;
    if (isFirst && place.start !== from) {
      const isThere = this.#prepared.jointShifts(indices).some(([opens, closes]) => opens <= from && from < closes);
      const names = this.#names(team);
      const why = isThere
        ? `${names}’s shift ends first`
        : `${names} ${team.length > 1 ? 'aren’t' : 'isn’t'} in at ${this.#when(from)}`;
      return `${why}. Next fit: ${this.#when(place.start)}.`;
    }
    const wet = this.#touchesWet(task, place.start, ends);
    if (wet !== null) return wet;
    if (windowAt(task, place) !== place.start) {
      const open = windowAt(task, place);
      const next = open === null ? '' : ` Next paintable: ${this.#when(open)}.`;
      return `Can’t paint ${what} then.${next}`;
    }
    const pinned = this.#pinnedAt(task.task.id, team, place);
    if (pinned !== null) return `${pinned} is pinned there.`;
    if (place.end > task.latest) return `${what} is needed by ${this.#when(task.latest - 1)}.`;
    return place;
  }

  /** What else of these painters is pinned to a time. */
  #pinnedAt(id: string, team: readonly string[], { start, end }: { start: number; end: number }): string | null {
    const pin = this.#jobProblem.problem.tasks.find(
      (task) =>
        task.id !== id &&
        this.#job.pins.some(({ taskId }) => taskId === task.id) &&
        task.by?.some((painter) => team.includes(painter)) &&
        (task.earliest ?? 0) < end &&
        start < (task.latest ?? 0),
    );
    return pin ? this.#what(pin.id) : null;
  }

  /** Why a task can't begin at a tick: something before it is not done, or not dry enough to be touched. */
  #touchesWet(task: PreparedTask, start: number, ends: ReadonlyMap<number, number>): string | null {
    for (const { from, atLeast } of task.before) {
      const before = this.#prepared.tasks[from]?.task.id ?? '';
      const end = ends.get(from) ?? this.#planned.get(before)?.end ?? this.#prepared.tasks[from]?.latest ?? 0;
      const ready = atLeast?.reach(end) ?? end;
      if (start >= ready) continue;
      if (atLeast?.clock == null) return `After ${this.#phrase(before)}, which ends ${this.#when(end)}.`;
      const until = ready === Infinity ? 'won’t dry here' : `is still wet until ${this.#when(Math.ceil(ready))}`;
      return `${this.#phrase(before)} ${until}.`;
    }
    return null;
  }

  /** The same inside a sentence. */
  #phrase(taskId: string): string {
    return taskPhrase(this.#job, this.#jobProblem, taskId);
  }

  #what(taskId: string): string {
    return taskWords(this.#job, this.#jobProblem, taskId);
  }

  #names(team: readonly string[]): string {
    return listed(team.map((id) => this.#job.crew.find((painter) => painter.id === id)?.name ?? id));
  }

  #when(minutes: number): string {
    return formatMoment(localTime(this.#prepared.problem.t0, minutes, this.#job.site.timeZone), 'dayTime');
  }
}
