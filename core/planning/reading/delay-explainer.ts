import type { AcceptedPlan } from '../../job/document/plan-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { capital, counted } from '../../units/sentence.ts';
import { CriticalPath, type Blocker, type PlanTimes } from '../../scheduling/why/critical-path.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import type { Prepared } from '../../scheduling/solve/prepared.ts';
import { prepare } from '../../scheduling/solve/prepare.ts';
import { planTimes } from '../../scheduling/why/plan-times.ts';
import { patchWaits } from '../../steps/patch-waits.ts';
import { zoneSpace } from '../drafting/spaces.ts';
import { stepWords } from '../../steps/step-words.ts';
import { taskPlace, taskWords } from './task-words.ts';

/** One link of the chain that leads to a task, the last one first; minutes from the plan's t0. */
export interface Link {
  taskId: string;
  /** What is done: “D-03: second coat, front and edges”. */
  what: string;
  /** The same without its piece, and the id of the piece or of the room. */
  step: string;
  piece: string;
  /** Whether it takes no time, as becoming touch dry does. */
  isMoment: boolean;
  start: number;
  end: number;
  /** What holds it up; drying or warming up apart from other waits. */
  kind: Blocker['kind'] | 'drying';
  /** Why it starts no earlier, as a sentence; with `until`, when that is over, where that can be told. */
  because: string;
  until: number | null;
}

/** Tells of a plan why anything in it starts no earlier. */
export class DelayExplainer {
  readonly #job: Job;
  readonly #jobProblem: JobProblem;
  readonly #patches: ReadonlyMap<string, number>;
  readonly #prepared: Prepared;
  readonly #standing: PlanTimes;
  readonly #holding: CriticalPath;
  readonly #index: ReadonlyMap<string, number>;

  constructor(job: Job, jobProblem: JobProblem, plan: Pick<AcceptedPlan, 'tasks' | 'setups'>) {
    const { problem } = jobProblem;
    this.#job = job;
    this.#jobProblem = jobProblem;
    this.#patches = patchWaits(job, problem.t0);
    this.#prepared = prepare(problem);
    this.#standing = planTimes(problem, plan);
    this.#holding = new CriticalPath(this.#prepared, this.#standing);
    this.#index = new Map(problem.tasks.map((task, index) => [task.id, index]));
  }

  /** The chain back from a task, itself first; empty for one that is not in the problem. */
  explainStart(taskId: string): Link[] {
    const index = this.#index.get(taskId);
    return index === undefined ? [] : this.#holding.chain(index).map(({ task, held }) => this.#link(task, held));
  }

  /** The chain back from the end of the plan: whatever is saved in it could bring the finish forward. */
  explainFinish(): Link[] {
    const { ends } = this.#standing;
    let last = -1;
    for (const { index } of this.#prepared.tasks) if (last < 0 || (ends[index] ?? 0) > (ends[last] ?? 0)) last = index;
    return last < 0 ? [] : this.#holding.chain(last).map(({ task, held }) => this.#link(task, held));
  }

  #link(task: number, held: Blocker): Link {
    const { starts, ends } = this.#standing;
    const start = starts[task] ?? 0;
    const id = this.#prepared.tasks[task]?.task.id ?? '';
    const step = this.#jobProblem.steps.get(id);
    return {
      taskId: id,
      what: this.#what(task),
      step: step === undefined ? this.#what(task) : stepWords(step),
      piece: step?.piece.id ?? id,
      isMoment: (ends[task] ?? start) === start,
      start,
      end: ends[task] ?? start,
      kind: held.kind === 'wait' && held.wait.atLeast?.clock != null ? 'drying' : held.kind,
      ...this.#because(task, held),
    };
  }

  /** What a task is, with the mark of its piece or the name of its room. */
  #what(task: number): string {
    const id = this.#prepared.tasks[task]?.task.id ?? '';
    return taskWords(this.#job, this.#jobProblem, id);
  }

  /** Where it is done: what is done there is the next link of the chain. */
  #place(task: number): string {
    return taskPlace(this.#job, this.#jobProblem, this.#prepared.tasks[task]?.task.id ?? '');
  }

  #because(task: number, held: Blocker): { because: string; until: number | null } {
    const { starts, ends } = this.#standing;
    switch (held.kind) {
      case 'wait': {
        const end = ends[held.task] ?? 0;
        const ready = held.wait.atLeast?.reach(end) ?? end;
        const clock = held.wait.atLeast?.clock;
        if (clock?.startsWith('heating/')) return { because: 'Waiting for the room to warm up.', until: ready };
        if (clock != null) return { because: `Waiting for ${this.#place(held.task)} to dry.`, until: ready };
        return { because: `After ${this.#what(held.task)}.`, until: ready };
      }
      case 'hands': {
        const name = this.#nameOf(held.painter);
        const sets = held.setupMinutes > 0 ? `, then ${held.setupMinutes} min set-up` : '';
        const until = (ends[held.task] ?? 0) + held.setupMinutes;
        return { because: `${name} is busy with ${this.#place(held.task)}${sets}.`, until };
      }
      case 'setup':
        return {
          because: `${this.#nameOf(held.painter)} has to set up first.`,
          until: held.end,
        };
      case 'place': {
        const until = Math.max(starts[task] ?? 0, starts[held.task] ?? 0);
        return { because: `${capital(this.#placeWords(held.space))} ${this.#place(held.task)}.`, until };
      }
      case 'earliest': {
        const { task: planned, isPinned } = this.#prepared.tasks[task] ?? {};
        const group = this.#jobProblem.steps.get(planned?.id ?? '')?.piece.groupId ?? '';
        const isHeldUp = (planned?.earliest ?? 0) > 0 && this.#patches.get(group) === planned?.earliest;
        const because = isHeldUp
          ? 'Waiting for the test patch result.'
          : isPinned
            ? 'Pinned to this time.'
            : planned?.latest != null && planned.latest - (planned.earliest ?? 0) <= planned.work
              ? 'Already done.'
              : 'First job in the plan.';
        return { because, until: null };
      }
      case 'order':
        return { because: 'Grouped with other work, or done after it.', until: null };
    }
  }

  #nameOf(painter: number): string {
    const { id } = this.#prepared.problem.painters[painter] ?? { id: '' };
    return this.#job.crew.find((member) => member.id === id)?.name ?? 'Another painter';
  }

  /** What has to happen at a place: the sentence ends with the task that makes room. */
  #placeWords(space: number): string {
    const id = this.#prepared.problem.spaces[space]?.id ?? '';
    const place = this.#job.places.find((candidate) => candidate.id === id);
    const room = this.#job.rooms.find((candidate) => id === `off/${candidate.id}`);
    if (room) return `only ${room.maxOff ?? 1} off at once in ${room.name}: waiting for`;
    const zoned = this.#job.rooms.find((candidate) => id === zoneSpace(candidate.id));
    if (zoned) return `only ${counted(zoned.zonesAtOnce ?? 1, 'zone')} at once in ${zoned.name}: waiting for`;
    if (id.startsWith('air/')) return 'no sanding near wet paint: waiting for';
    return place ? `${place.name} full until` : 'no space until';
  }
}
