import { clocksOf, dryingProduct, PLAIN_WATER, type DryingProduct, type JobClocks } from '../job/job-clocks.ts';
import { progressByTask, type TaskProgress } from '../job/progress.ts';
import { dryingClimateId, placeOf, roomOf, TWO_PEOPLE_FROM, weightOf } from '../job/queries.ts';
import type { Piece } from '../job/piece-schema.ts';
import type { Job } from '../job/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import { crewFactor } from '../quantities/pace.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';
import { shareMade, stageLegs, type CoatCondition } from '../shelf/drying/stage-legs.ts';
import { shiftsFrom, shiftsOf } from './crew-shifts.ts';
import { filmRatioOf, learntDrying, type LearntDrying } from './learnt-drying.ts';
import { awaitedStage, isCoat, lyingCoats } from './lying-coats.ts';
import { longestOpen, PaintableWindows } from './paintable-windows.ts';
import { JobSetups } from './job-setups.ts';
import { workOf } from './crew-work.ts';
import { AIR_SLOTS, sharedAir } from './shared-air.ts';
import { horizonDays } from './plan-horizon.ts';
import { patchWaits } from './patch-waits.ts';
import { pinnedTasks, withPins, type BrokenPin } from './pinned.ts';
import { pieceSteps, isPlannable, type CoatStep, type PieceStep } from './piece-steps.ts';
import { PLAN_PROBLEM_FORMAT, type PlannedTask, type PlanProblem, type PlanTask, type PlanWait } from './problem.ts';
import { recordedTasks } from './recorded-work.ts';
import { openRoomSteps, type RoomStep } from './room-work.ts';

/** What is done on the bench, of pieces that come off. */
const BENCH_WORK: ReadonlySet<PieceStep['operation']> = new Set([
  'wash',
  'abrade',
  'wet-abrade',
  'degloss',
  'plant',
  'fill',
  'drill',
  'grain-fill',
  'preserve',
  'denib',
  'coat',
]);
/** What a coat that is still tacky is supposed to need beyond what it has made, as a share. */
const TACKY_MARGIN = 0.15;

/** A job as a plan problem, with what each of its tasks means. */
export interface JobProblem {
  problem: PlanProblem;
  /** The same with nothing pinned. */
  unpinned: PlanProblem;
  /** By task id; milestones of drying and what is done are not among them. */
  steps: Map<string, PieceStep>;
  clocks: JobClocks;
  /** What observations say of coats that dry slower than their tin, by the coat's step id. */
  conditions: Map<string, CoatCondition>;
  /** Pieces that wait for their build-up or have nothing in scope. */
  unplanned: Piece[];
  /** Pins that can't hold any more: what they say is planned as if they were not there. */
  brokenPins: BrokenPin[];
  /** Coats that no paintable hours of the plan are long enough for; their pieces are not planned. */
  unpaintable: Unpaintable[];
}

/** A coat that takes so many minutes in one go, where its paintable hours last so many at most. */
export interface Unpaintable {
  step: CoatStep;
  work: number;
  longest: number;
}

/** Whether a step is done on the bench. */
export const isBenchWork = ({ piece, operation }: PieceStep): boolean => piece.comesOff && BENCH_WORK.has(operation);

/** Whether a step takes two people: a heavy piece is lifted off its hinges and back by two, and two may share its strokes. */
export const needsTwo = ({ operation, piece, painters }: PieceStep): boolean =>
  painters === 2 || ((operation === 'rehang' || operation === 'take-off') && weightOf(piece) > TWO_PEOPLE_FROM);

/**
 * Turns a job into the plain planning problem, in minutes from the midnight before the first day.
 * Without stamps everything is to be planned, from `now` at the earliest. Work that is stamped done or running stands
 * where it was; a coat that was found tacky dries slower from there on; the rest is planned from `now`.
 * `now` is a local ISO time on the job's clock. With `goesOn`, work that the accepted plan has under way at `now` is taken
 * to be, although nobody has stamped it: a crew works by its plan, and stamps when a piece is done.
 */
export function jobToProblem(job: Job, now: string, { goesOn = false }: { goesOn?: boolean } = {}): JobProblem {
  const nowTick = Math.max(0, minutesSince(`${job.planning.start}T00:00`, now, job.site.timeZone));
  const factor = crewFactor(job.crew);
  const days = horizonDays(job, factor) + Math.floor(nowTick / 1440);
  const clocks = clocksOf(job, days);
  const progress = progressByTask(job.log);
  const underWay = goesOn ? underWayAt(job.plan, clocks.t0, nowTick) : [];
  const draft = new ProblemDraft(job, clocks, nowTick, factor, underWay);
  const unplanned: Piece[] = [];
  const unpaintable: Unpaintable[] = [];
  for (const piece of job.pieces) {
    const tooShort = draft.unpaintable(piece, progress);
    if (tooShort !== null) unpaintable.push(tooShort);
    else if (isPlannable(job, piece)) draft.addPiece(piece, progress);
    else unplanned.push(piece);
  }
  for (const step of openRoomSteps(job)) draft.addRoomStep(step);
  draft.shareAir();
  const finished = draft.finished();
  const { problem, broken } = withPins(finished.problem, pinnedTasks(job, clocks.t0));
  return { ...finished, problem, unpinned: finished.problem, clocks, unplanned, unpaintable, brokenPins: broken };
}

/** What a plan that begins at `t0` has under way at a tick. */
function underWayAt(plan: Job['plan'], t0: string, now: number): readonly PlannedTask[] {
  if (plan === null || plan.t0 !== t0) return [];
  return plan.tasks.filter(({ start, end, painters }) => painters.length > 0 && start < now && now < end);
}

class ProblemDraft {
  readonly #job: Job;
  readonly #clocks: JobClocks;
  readonly #now: number;
  /** By group, until when a test patch holds its coats up. */
  readonly #patches: ReadonlyMap<string, number>;
  /** What is taken to be going on as it was planned. */
  readonly #underWay: ReadonlyMap<string, PlannedTask>;
  /** Minutes. */
  readonly #longestShift: number;
  readonly #factor: number;
  readonly #tasks: PlanTask[] = [];
  readonly #waits: PlanWait[] = [];
  readonly #holds: PlanProblem['holds'] = [];
  readonly #windows: PaintableWindows;
  readonly #usedWindows = new Map<string, PlanProblem['windows'][number]>();
  readonly #usedClocks = new Map<string, PlanProblem['clocks'][number]>();
  readonly #setups: JobSetups;
  readonly #recorded: { id: string; start: number; end: number }[] = [];
  readonly #busy: { painter: string | null; until: number }[] = [];
  readonly #steps = new Map<string, PieceStep>();
  readonly #milestones = new Set<string>();
  /** Rooms in which dust is kept out of wet paint. */
  readonly #airs: string[] = [];
  readonly #conditions = new Map<string, CoatCondition>();
  readonly #learnt: ReadonlyMap<string, LearntDrying>;
  /** The next and the last step of every piece, by its room; next is null of a piece whose work has begun. */
  readonly #spans: { roomId: string; next: string | null; last: string }[] = [];

  constructor(job: Job, clocks: JobClocks, now: number, factor: number, underWay: readonly PlannedTask[]) {
    this.#underWay = new Map(underWay.map((task) => [task.id, task]));
    this.#job = job;
    this.#clocks = clocks;
    this.#now = now;
    this.#patches = patchWaits(job, clocks.t0);
    const shifts = job.crew.flatMap((painter) => shiftsOf(painter, clocks.days));
    this.#longestShift = shifts.reduce((longest, [from, until]) => Math.max(longest, until - from), 0);
    this.#factor = factor;
    this.#learnt = learntDrying(job, clocks);
    this.#windows = new PaintableWindows(job, clocks, now);
    this.#setups = new JobSetups(job, clocks, factor);
  }

  /** A coat of a piece that is still to come and that no paintable hours are long enough for; null where all have some. */
  unpaintable(piece: Piece, progress: ReadonlyMap<string, TaskProgress>): Unpaintable | null {
    for (const step of pieceSteps(this.#job, piece)) {
      const window = isCoat(step) && !progress.has(step.id) ? this.#windows.of(step) : null;
      const work = workOf(step.minutes, this.#factor);
      const longest = window === null ? Infinity : longestOpen(window);
      if (isCoat(step) && longest < work) return { step, work, longest };
    }
    return null;
  }

  /** All tasks, waits and holds of one piece. */
  addPiece(piece: Piece, progress: ReadonlyMap<string, TaskProgress>): void {
    const steps = pieceSteps(this.#job, piece);
    // What comes before a step that is stamped has been done, whether or not it was stamped itself.
    const lastDone = steps.findLastIndex((step) => progress.get(step.id)?.doneAt || progress.get(step.id)?.startedAt);
    let previous: PieceStep | null = null;
    steps.forEach((step, index) => {
      const stamped = progress.get(step.id);
      const behind = index < lastDone && !stamped?.doneAt;
      if (!behind) this.#addStep(step, index <= lastDone ? (stamped ?? null) : null);
      this.#steps.set(step.id, step);
      if (previous !== null && !behind) {
        this.#chain(previous, step, lyingCoats(steps.slice(0, index)));
        const lies = previous.coat !== null || previous.operation === 'denib';
        if (piece.comesOff && lies) this.#hold(placeOf(this.#job, 'rack').id, previous.id, step.id);
      }
      if (isCoat(step)) {
        this.#conditions.set(step.id, this.#conditionOf(step, stamped ?? null));
      }
      if (!behind) previous = step;
    });
    const room = roomOf(this.#job, piece);
    // Off its hinges since it was taken off, or, where nobody stamped that, since the first thing that was stamped.
    const first = steps.find((step, index) => index >= lastDone || progress.get(step.id)?.doneAt);
    const last = steps.at(-1);
    if (last)
      this.#spans.push({ roomId: piece.roomId, next: lastDone < 0 ? (steps[0]?.id ?? null) : null, last: last.id });
    if (room?.maxOff != null && piece.comesOff && first && last && first !== last) {
      this.#hold(offSpace(room.id), first.id, last.id);
    }
  }

  /** What is moved and sheeted in a room before the first of its pieces is begun, and put back after the last. */
  addRoomStep({ id, room, task }: RoomStep): void {
    const spans = this.#spans.filter(({ roomId }) => roomId === room.id);
    if (spans.length === 0) return;
    this.#tasks.push({
      id,
      work: workOf(task.minutes, this.#factor),
      painters: Math.min(task.people, this.#job.crew.length),
      spaces: [],
      earliest: this.#now,
      pausable: false,
    });
    for (const { next, last } of spans) {
      if (task.when === 'after') this.#waits.push({ from: last, to: id, atLeast: { ticks: 0 } });
      else if (next !== null) this.#waits.push({ from: id, to: next, atLeast: { ticks: 0 } });
    }
  }

  /** The task of a step: to be planned, running, or recorded as it was. */
  #addStep(step: PieceStep, stamped: TaskProgress | null): void {
    const { zone, t0 } = { zone: this.#job.site.timeZone, t0: this.#clocks.t0 };
    const work = workOf(step.minutes, this.#factor);
    if (stamped?.doneAt || stamped?.startedAt) {
      const startedAt = stamped.startedAt ? minutesSince(t0, stamped.startedAt, zone) : null;
      // Running work is supposed to need its usual time, and at least one more minute.
      const end = stamped.doneAt
        ? minutesSince(t0, stamped.doneAt, zone)
        : Math.max(this.#now + 1, (startedAt ?? this.#now) + work);
      const start = Math.max(0, Math.min(end - 1, startedAt ?? end - (stamped.minutes ?? work)));
      this.#recorded.push({ id: step.id, start, end: Math.max(start + 1, end) });
      if (!stamped.doneAt) this.#busy.push({ painter: stamped.by, until: end });
      return;
    }
    const going = stamped === null ? this.#underWay.get(step.id) : undefined;
    if (going) {
      this.#recorded.push({ id: step.id, start: going.start, end: going.end });
      for (const painter of going.painters) this.#busy.push({ painter, until: going.end });
      return;
    }
    const heavy = needsTwo(step);
    this.#tasks.push({
      id: step.id,
      work,
      painters: heavy ? Math.min(2, this.#job.crew.length) : 1,
      setup: this.#setups.of(step, this.#climateId(step)),
      spaces: isBenchWork(step) ? [{ id: placeOf(this.#job, 'bench').id, slots: 1 }] : [],
      earliest: this.#earliestOf(step),
      latest: this.#latestOf(step),
      // A balustrade stops at a newel, a skirting at a corner: what fills more than a shift goes on in the next.
      pausable: !step.piece.comesOff && work > this.#longestShift,
      window: this.#windowOf(step),
      by: null,
    });
  }

  /** Coats wait until the test patch of their surface can be read. */
  #earliestOf(step: PieceStep): number {
    const patch = isCoat(step) ? (this.#patches.get(step.piece.groupId) ?? 0) : 0;
    return Math.max(this.#now, patch);
  }

  /** The window of a coat that is put on in the open. */
  #windowOf(step: PieceStep): string | null {
    const window = isCoat(step) ? this.#windows.of(step) : null;
    if (window === null) return null;
    this.#usedWindows.set(window.id, window);
    return window.id;
  }

  /** A piece is back where it belongs by the end of the day on which somebody needs its opening. */
  #latestOf({ operation, piece }: PieceStep): number | null {
    if (piece.access.neededBy === null || (operation !== 'rehang' && operation !== 'refit')) return null;
    return Math.max(0, minutesSince(this.#clocks.t0, `${piece.access.neededBy}T23:59`, this.#job.site.timeZone)) + 1;
  }

  /** Where what a step leaves behind dries: the faces of its coat, or the whole piece. */
  #climateId({ piece, coat }: PieceStep): string {
    return dryingClimateId(this.#job, piece, coat?.faces);
  }

  /** What lies between two steps of a piece: plain order, water that dries, coats that dry. */
  #chain(before: PieceStep, after: PieceStep, lying: readonly CoatStep[]): void {
    if (before.dryHours > 0) {
      this.#waits.push({
        from: before.id,
        to: after.id,
        atLeast: {
          clock: this.#clock(this.#climateId(before), 'evaporating', PLAIN_WATER),
          dose: before.dryHours * 60,
        },
      });
      return;
    }
    this.#waits.push({ from: before.id, to: after.id, atLeast: { ticks: 0 } });
    for (const coated of lying) {
      const stage = awaitedStage(coated, after);
      if (stage !== null) this.#dryingWait(coated, after, stage);
    }
  }

  #dryingWait(step: CoatStep, after: PieceStep, stage: DryingStage): void {
    const { coating } = step.coat;
    const legs = stageLegs(coating, stage, this.#conditions.get(step.id)) ?? [];
    let from = step.id;
    legs.forEach((leg, index) => {
      const last = index === legs.length - 1;
      const to = last ? after.id : this.#milestone(step);
      const recoats = last && after.coat !== null && stage === 'recoat' && coating.recoatMax !== null;
      const clock = this.#clock(this.#climateId(step), leg.kind, dryingProduct(coating));
      const known = !last && this.#milestones.has(to);
      if (!known) this.#waits.push({ from, to, atLeast: { clock, dose: leg.dose * 60 } });
      if (!last) this.#milestones.add(to);
      if (recoats) this.#recoatWindow(step, after, coating.recoatMax ?? 0);
      from = to;
    });
  }

  /** Later than this it is abraded again. The tin's limit is in hours of the clock on the wall. */
  #recoatWindow(step: PieceStep, after: PieceStep, hours: number): void {
    this.#waits.push({
      from: step.id,
      to: after.id,
      atMost: { ticks: Math.round(hours * 60) },
      late: { work: workOf(after.coat?.reAbrade ?? 1, this.#factor) },
    });
  }

  /**
   * Keeps dust out of wet paint: coats take some of the air of their room until they are touch dry, and what makes dust
   * takes all of it.
   */
  shareAir(): void {
    const open = new Map(this.#tasks.map((task) => [task.id, task]));
    const ends = new Map(this.#recorded.map(({ id, end }) => [id, end]));
    for (const { spaceId, coats, dusty } of sharedAir(this.#job, [...this.#steps.values()])) {
      const use = (id: string, slots: number): void => void open.get(id)?.spaces.push({ id: spaceId, slots });
      for (const step of dusty) use(step.id, AIR_SLOTS);
      for (const step of coats) {
        use(step.id, 1);
        const end = ends.get(step.id);
        const isWet = end === undefined ? open.has(step.id) : this.#touchDryAt(step, end) > this.#now;
        if (isWet) this.#hold(spaceId, step.id, this.#touchDry(step));
      }
      this.#airs.push(spaceId);
    }
  }

  #touchDryAt(step: CoatStep, from: number): number {
    const condition = this.#conditions.get(step.id);
    return this.#clocks.reached(step.coat.coating, 'touch', from, this.#climateId(step), condition) ?? from;
  }

  /** The moment of touch dry of a coat, whether or not something of its own piece waits for it. */
  #touchDry(step: CoatStep): string {
    const id = this.#milestone(step);
    if (this.#milestones.has(id)) return id;
    this.#milestones.add(id);
    for (const { kind, dose } of stageLegs(step.coat.coating, 'touch', this.#conditions.get(step.id)) ?? []) {
      const clock = this.#clock(this.#climateId(step), kind, dryingProduct(step.coat.coating));
      this.#waits.push({ from: step.id, to: id, atLeast: { clock, dose: dose * 60 } });
    }
    return id;
  }

  /** The moment of touch dry, from which a coat of two drying kinds goes on by the second: a task of no work. */
  #milestone(step: PieceStep): string {
    const id = `${step.id}/touch-dry`;
    if (!this.#milestones.has(id)) this.#tasks.push({ id, work: 0, painters: 0, spaces: [], pausable: false });
    return id;
  }

  #clock(climateId: string, kind: Coating['drying'][number], product: DryingProduct): string {
    const id = this.#clocks.id(climateId, kind, product);
    if (!this.#usedClocks.has(id)) {
      this.#usedClocks.set(id, { id, step: 60, rate: [...this.#clocks.rates(climateId, kind, product)] });
    }
    return id;
  }

  #hold(space: string, after: string, until: string): void {
    this.#holds.push({ space, slots: 1, after, until });
  }

  /**
   * How a coat differs from its tin: its film where it was read, what was learnt of its product, and, when it was found
   * tacky, so much slower that what it had made then was not yet enough to handle it.
   */
  #conditionOf(step: CoatStep, stamped: TaskProgress | null): CoatCondition {
    const filmRatio = filmRatioOf(this.#job, step);
    const factor = this.#learnt.get(step.coat.coating.id)?.factor ?? 1;
    if (!stamped?.tackyAt || !stamped.doneAt) return { filmRatio, factor };
    const { coating } = step.coat;
    const legs = stageLegs(coating, 'full') ?? [];
    const minutesAt = (at: string): number => minutesSince(this.#clocks.t0, at, this.#job.site.timeZone);
    const share = shareMade(legs, minutesAt(stamped.doneAt), minutesAt(stamped.tackyAt), (kind) =>
      this.#clocks.clock(this.#climateId(step), kind, dryingProduct(coating)),
    );
    const made = share * coating.hours.full;
    return { filmRatio, factor: Math.max(factor, ((1 + TACKY_MARGIN) * made) / coating.hours.handle) };
  }

  /** The finished problem. What was done is kept where something that is still open follows from it. */
  finished(): {
    problem: PlanProblem;
    steps: Map<string, PieceStep>;
    conditions: Map<string, CoatCondition>;
  } {
    const open = new Set(this.#tasks.map((task) => task.id));
    const matters = new Set(
      [
        ...this.#waits.map((wait) => [wait.from, wait.to]),
        ...this.#holds.map((hold) => [hold.after, hold.until]),
      ].flatMap(([from, to]) => (from && to && open.has(to) && !open.has(from) ? [from] : [])),
    );
    const recorded = this.#recorded.filter((task) => matters.has(task.id));
    const { tasks, painters } = recordedTasks(recorded);
    const kept = new Set([...open, ...recorded.map((task) => task.id)]);
    const follows = (to: string): boolean => open.has(to);
    const holds = this.#holds.filter((hold) => kept.has(hold.after) && follows(hold.until));
    const taken = (space: string): number =>
      holds.filter((hold) => hold.space === space && !open.has(hold.after)).length;
    const freeFrom = (painter: string): number =>
      Math.max(
        this.#now,
        ...this.#busy.flatMap((entry) => (entry.painter === null || entry.painter === painter ? [entry.until] : [])),
      );
    const offRooms = this.#job.rooms.filter((room) => room.maxOff !== null);
    return {
      steps: this.#steps,
      conditions: this.#conditions,
      problem: {
        format: PLAN_PROBLEM_FORMAT,
        tickMinutes: 1,
        t0: this.#clocks.t0,
        horizon: this.#clocks.days.reduce((sum, day) => sum + day.minutes, 0),
        painters: [
          ...this.#job.crew.map((painter) => ({
            id: painter.id,
            shifts: shiftsFrom(shiftsOf(painter, this.#clocks.days), freeFrom(painter.id)),
          })),
          ...painters,
        ],
        // More may lie there than there is room for, if that is how it was stamped; a plan goes on from what is.
        spaces: [
          ...this.#job.places.map(({ id, slots }) => ({ id, slots: Math.max(slots, taken(id)) })),
          ...offRooms.map((room) => ({
            id: offSpace(room.id),
            slots: Math.max(room.maxOff ?? 1, taken(offSpace(room.id))),
          })),
          ...this.#airs.map((id) => ({ id, slots: AIR_SLOTS })),
        ],
        clocks: [...this.#usedClocks.values()],
        windows: [...this.#usedWindows.values()],
        setups: this.#setups.all(),
        tasks: [...tasks, ...this.#tasks.map((task) => this.#forWhom(task))],
        waits: this.#waits.filter((wait) => kept.has(wait.from) && follows(wait.to)),
        holds,
      },
    };
  }

  /** Open work is for the crew, not for the record. */
  #forWhom(task: PlanTask): PlanTask {
    return { ...task, by: task.painters === 0 ? null : this.#job.crew.map((painter) => painter.id) };
  }
}

const offSpace = (roomId: string): string => `off/${roomId}`;
