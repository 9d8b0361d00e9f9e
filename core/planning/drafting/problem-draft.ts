import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { recoatableFor } from '../../steps/wetness/recoat-window.ts';
import { dryingProduct, type DryingProduct, type JobClocks } from '../../clocks/job-clocks.ts';
import { dryingClimateId, hangingClimateId } from '../../job/queries/places.ts';
import type { Job } from '../../job/document/schema.ts';
import type { Coating, DryingStage } from '../../shelf/coating.ts';
import { stageLegs, type CoatCondition } from '../../shelf/drying/stage-legs.ts';
import { shiftsFrom, shiftsOf } from '../../steps/crew-shifts.ts';
import { workOf } from '../../steps/crew-work.ts';
import { JobSetups } from './job-setups.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';
import { learntPaces, type LearntPaces } from '../../steps/learnt-paces.ts';
import { PLAN_PROBLEM_FORMAT, type PlanProblem, type PlanTask } from '../../scheduling/problem.ts';
import { recordedTasks } from '../../scheduling/recorded-work.ts';
import { offSpace } from './spaces.ts';
import { USUAL_TROUBLE } from '../../scheduling/trouble.ts';

/** The moment from which a coat is touch dry, as a task. */
export const touchDryOf = (stepId: string): string => `${stepId}/touch-dry`;

/** The step that a moment or a task is of. */
export const stepOfMoment = (task: string): string => task.replace(/\/touch-dry$/, '');

/** Rates as a list, as files have them. One by one: to spread a typed array takes many times as long. */
function listed(rates: Float64Array): number[] {
  const list: number[] = [];
  for (let hour = 0; hour < rates.length; hour++) list.push(rates[hour] ?? 0);
  return list;
}

/** A plan problem in the making, in minutes from the clocks' t0: what pieces, rooms and nights add to it. */
export class ProblemDraft {
  readonly job: Job;
  readonly clocks: JobClocks;
  /** Nothing that is open starts before. */
  readonly now: number;
  readonly tasks: PlanTask[] = [];
  readonly waits: PlanProblem['waits'] = [];
  readonly holds: PlanProblem['holds'] = [];
  /** Beside bench, rack and rooms. */
  readonly spaces: PlanProblem['spaces'] = [];
  /** What is done, running, or taken to be going on. */
  readonly recorded: { id: string; start: number; end: number }[] = [];
  /** Until when painters are busy with what is running; null for all of them. */
  readonly busy: { painter: string | null; until: number }[] = [];
  readonly steps = new Map<string, PieceStep>();
  readonly conditions = new Map<string, CoatCondition>();
  readonly setups: JobSetups;
  readonly #factor: number;
  readonly #paces: LearntPaces;
  readonly #windows = new Map<string, PlanProblem['windows'][number]>();
  readonly #clocks = new Map<string, PlanProblem['clocks'][number]>();
  readonly #milestones = new Set<string>();

  /** `factor`: the crew's pace against a professional's. */
  constructor(job: Job, clocks: JobClocks, now: number, factor: number) {
    this.job = job;
    this.clocks = clocks;
    this.now = now;
    this.#factor = factor;
    this.#paces = learntPaces(job);
    this.setups = new JobSetups(job, clocks, factor);
  }

  /** Minutes that a step takes this crew, as far as the log has taught: what is left of it where it was begun. */
  workOn(step: PieceStep, share = 1): number {
    return workOf(step.minutes * share * this.#paces.factorOf(step), this.#factor);
  }

  /** Minutes of work at the crew's pace. */
  work(minutes: number): number {
    return workOf(minutes, this.#factor);
  }

  /** Tasks that are to be planned, by their id. */
  open(): Map<string, PlanTask> {
    return new Map(this.tasks.map((task) => [task.id, task]));
  }

  /** Where what a step leaves behind dries: the faces of its coat, or the whole piece. */
  climateId(step: PieceStep): string {
    const { piece, rework } = step;
    if (rework?.isInPlace) return hangingClimateId(this.job, piece, [rework.face]);
    return isCoat(step) ? coatClimateId(this.job, step) : dryingClimateId(this.job, piece);
  }

  hold(space: string, after: string, until: string, slots = 1): void {
    this.holds.push({ space, slots, after, until });
  }

  /** Has something lie in a window, and answers its id. */
  window(window: PlanProblem['windows'][number]): string {
    this.#windows.set(window.id, window);
    return window.id;
  }

  /** Has something go by a clock, and answers its id. */
  clockOf(clock: PlanProblem['clocks'][number]): string {
    this.#clocks.set(clock.id, clock);
    return clock.id;
  }

  /** Has something dry by the clock of a product in a climate, and answers its id. */
  clock(climateId: string, kind: Coating['drying'][number], product: DryingProduct): string {
    const id = this.clocks.id(climateId, kind, product);
    if (this.#clocks.has(id)) return id;
    return this.clockOf({ id, step: 60, rate: listed(this.clocks.rates(climateId, kind, product)) });
  }

  /** Has a step wait until a coat has reached a stage. */
  dryingWait(step: CoatStep, after: PieceStep, stage: DryingStage): void {
    const { coating } = step.coat;
    const legs = stageLegs(coating, stage, this.conditions.get(step.id)) ?? [];
    let from = step.id;
    legs.forEach((leg, index) => {
      const last = index === legs.length - 1;
      const to = last ? after.id : this.#milestone(step);
      const isRecoated = last && after.coat !== null && stage === 'recoat';
      const window = isRecoated ? recoatableFor(coating) : null;
      const clock = this.clock(this.climateId(step), leg.kind, dryingProduct(coating));
      const known = !last && this.#milestones.has(to);
      if (!known) this.waits.push({ from, to, atLeast: { clock, dose: leg.dose * 60 } });
      if (!last) this.#milestones.add(to);
      if (window !== null) this.lateAfter(step, after, window, after.coat?.reAbrade ?? 1);
      from = to;
    });
  }

  /** More minutes after a step than this, what follows takes so much longer: it is abraded again. */
  lateAfter(step: PieceStep, after: PieceStep, minutes: number, again: number): void {
    this.waits.push({ from: step.id, to: after.id, atMost: { ticks: minutes }, late: { work: this.work(again) } });
  }

  /** The moment of touch dry of a coat, whether or not something of its own piece waits for it. */
  touchDry(step: CoatStep): string {
    const id = this.#milestone(step);
    if (this.#milestones.has(id)) return id;
    this.#milestones.add(id);
    for (const { kind, dose } of stageLegs(step.coat.coating, 'touch', this.conditions.get(step.id)) ?? []) {
      const clock = this.clock(this.climateId(step), kind, dryingProduct(step.coat.coating));
      this.waits.push({ from: step.id, to: id, atLeast: { clock, dose: dose * 60 } });
    }
    return id;
  }

  /** The moment of touch dry, from which a coat of two drying kinds goes on by the second: a task of no work. */
  #milestone(step: PieceStep): string {
    const id = touchDryOf(step.id);
    if (!this.#milestones.has(id)) this.tasks.push({ id, work: 0, painters: 0, spaces: [], pausable: false });
    return id;
  }

  /** The finished problem. What was done is kept where something that is still open follows from it. */
  finished(): {
    problem: PlanProblem;
    steps: Map<string, PieceStep>;
    conditions: Map<string, CoatCondition>;
  } {
    const open = new Set(this.tasks.map((task) => task.id));
    const matters = new Set(
      [
        ...this.waits.map((wait) => [wait.from, wait.to]),
        ...this.holds.map((hold) => [hold.after, hold.until]),
      ].flatMap(([from, to]) => (from && to && open.has(to) && !open.has(from) ? [from] : [])),
    );
    const recorded = this.recorded.filter((task) => matters.has(task.id));
    const { tasks, painters } = recordedTasks(recorded);
    const kept = new Set([...open, ...recorded.map((task) => task.id)]);
    const follows = (to: string): boolean => open.has(to);
    const holds = this.holds.filter((hold) => kept.has(hold.after) && follows(hold.until));
    const taken = (space: string): number =>
      holds.filter((hold) => hold.space === space && !open.has(hold.after)).length;
    const freeFrom = (painter: string): number =>
      Math.max(
        this.now,
        ...this.busy.flatMap((entry) => (entry.painter === null || entry.painter === painter ? [entry.until] : [])),
      );
    const offRooms = this.job.rooms.filter((room) => room.maxOff !== null);
    return {
      steps: this.steps,
      conditions: this.conditions,
      problem: {
        format: PLAN_PROBLEM_FORMAT,
        tickMinutes: 1,
        trouble: USUAL_TROUBLE,
        t0: this.clocks.t0,
        horizon: this.clocks.days.reduce((sum, day) => sum + day.minutes, 0),
        painters: [
          ...this.job.crew.map((painter) => ({
            id: painter.id,
            shifts: shiftsFrom(shiftsOf(painter, this.clocks.days), freeFrom(painter.id)),
          })),
          ...painters,
        ],
        // More may lie there than there is room for, if that is how it was stamped; a plan goes on from what is.
        spaces: [
          ...this.job.places.map(({ id, slots }) => ({ id, slots: Math.max(slots, taken(id)) })),
          ...offRooms.map((room) => ({
            id: offSpace(room.id),
            slots: Math.max(room.maxOff ?? 1, taken(offSpace(room.id))),
          })),
          ...this.spaces,
        ],
        ...this.used(),
        tasks: [...tasks, ...this.tasks.map((task) => this.#forWhom(task))],
        waits: this.waits.filter((wait) => kept.has(wait.from) && follows(wait.to)),
        holds,
      },
    };
  }

  /** The clocks, windows and set-ups that anything of the plan goes by. */
  used(): Pick<PlanProblem, 'clocks' | 'windows' | 'setups'> {
    return {
      clocks: [...this.#clocks.values()],
      windows: [...this.#windows.values()],
      setups: this.setups.all(),
    };
  }

  /** Open work is for the crew, not for the record. */
  #forWhom(task: PlanTask): PlanTask {
    return { ...task, by: task.painters === 0 ? null : this.job.crew.map((painter) => painter.id) };
  }
}
