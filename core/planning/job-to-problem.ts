import { clocksOf, dryingProduct, PLAIN_WATER, type DryingProduct, type JobClocks } from '../job/job-clocks.ts';
import { progressByTask, type TaskProgress } from '../job/progress.ts';
import { heatedHours, warmingHours } from '../air/warming-up.ts';
import { climateOf, dryingClimateId, hangsByNight, placeOf, roomOf } from '../job/queries.ts';
import type { Piece } from '../job/piece-schema.ts';
import type { Job } from '../job/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import { crewFactor } from '../quantities/pace.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';
import { stageLegs, type CoatCondition } from '../shelf/drying/stage-legs.ts';
import { shiftsFrom, shiftsOf } from './crew-shifts.ts';
import { coatCondition } from './coat-condition.ts';
import { learntDrying, type LearntDrying } from './learnt-drying.ts';
import { awaitedStage, isCoat, lyingCoats } from './lying-coats.ts';
import { longestOpen, PaintableWindows } from './paintable-windows.ts';
import { JobSetups } from './job-setups.ts';
import { workOf } from './crew-work.ts';
import { AIR_SLOTS, sharedAir } from './shared-air.ts';
import { horizonDays } from './plan-horizon.ts';
import { patchWaits } from './patch-waits.ts';
import { pinnedTasks, withPins, type BrokenPin } from './pinned.ts';
import { pieceSteps, isPlannable, type CoatStep, type PieceStep } from './piece-steps.ts';
import {
  PLAN_PROBLEM_FORMAT,
  type Measure,
  type PlannedTask,
  type PlanProblem,
  type PlanTask,
  type PlanWait,
} from './problem.ts';
import { recordedTasks } from './recorded-work.ts';
import { isHinged, outingsOf, type Outing } from './night-hanging.ts';
import { SameDay, sameDayMinutes, workingDays } from './same-day.ts';
import { siteSteps, type SiteStep } from './site-work.ts';
import { isBenchWork, needsTwo } from './step-needs.ts';
import { zonesByTurns, type PieceSpan } from './zones.ts';

/** Minutes to board an opening up whose piece can't be back by night. */
const BOARDING_UP = 20;

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
  for (const step of siteSteps(job)) if (step.doneAt === null) draft.addSiteStep(step);
  draft.takeTurns();
  draft.shareAir();
  draft.hangByNight();
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
  readonly #spans: PieceSpan[] = [];
  readonly #zones: PlanProblem['spaces'] = [];
  /** By the first step of an outing, the one that takes the piece down. */
  readonly #takenDownFor = new Map<string, string>();
  /** What pieces do that hang again every night. */
  readonly #nightly: Outing[] = [];

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
    /** What was washed or filled last, as long as nothing has been done to the piece since but hanging it. */
    let damp: PieceStep | null = null;
    steps.forEach((step, index) => {
      const stamped = progress.get(step.id);
      const behind = index < lastDone && !stamped?.doneAt;
      if (!behind) this.#addStep(step, index <= lastDone ? (stamped ?? null) : null);
      this.#steps.set(step.id, step);
      if (previous !== null && !behind) {
        // It is not taken down before what it is taken down for can be done.
        const done = step.operation === 'take-down' ? (steps[index + 1] ?? step) : step;
        const dries = damp !== null && !isHinged(done) ? damp : null;
        this.#chain(previous, step, { done, dries, lying: lyingCoats(steps.slice(0, index)) });
        const lies = previous.coat !== null || previous.operation === 'denib';
        if (piece.comesOff && lies && !hangsByNight(piece))
          this.#hold(placeOf(this.#job, 'rack').id, previous.id, step.id);
      }
      if (isCoat(step)) {
        this.#conditions.set(step.id, coatCondition(this.#job, this.#clocks, this.#learnt, step, stamped ?? null));
      }
      if (!behind && previous?.operation === 'take-down') this.#takenDownFor.set(step.id, previous.id);
      if (!behind) previous = step;
      if (!behind && !isHinged(step)) damp = step.dryHours > 0 ? step : null;
    });
    const last = steps.at(-1);
    if (last) {
      const { id: pieceId, roomId, zone } = piece;
      this.#spans.push({ pieceId, roomId, zone, next: lastDone < 0 ? (steps[0]?.id ?? null) : null, last: last.id });
    }
    if (piece.comesOff) this.#offItsHinges(piece, steps, lastDone, progress);
  }

  /** A piece that is off takes one of the places of those that may be off at once, and is back by night where it has to. */
  #offItsHinges(
    piece: Piece,
    steps: readonly PieceStep[],
    lastDone: number,
    progress: ReadonlyMap<string, TaskProgress>,
  ): void {
    const room = roomOf(this.#job, piece);
    for (const outing of outingsOf(steps)) {
      const { off, back } = outing;
      const [from, until] = [steps.indexOf(off), steps.indexOf(back)];
      // Off since it was taken off, or, where nobody stamped that, since the first thing that was stamped.
      const first = steps.slice(from, until).find((step, at) => from + at >= lastDone || progress.get(step.id)?.doneAt);
      if (room?.maxOff != null && first) this.#hold(offSpace(room.id), first.id, back.id);
      if (!hangsByNight(piece)) continue;
      this.#nightly.push(outing);
      // It does not go out before there is a place for it: one without would not be back in time.
      if (first) this.#hold(placeOf(this.#job, 'rack').id, first.id, back.id);
    }
  }

  /** What is moved and sheeted in a room before its pieces and after them; heating that is on before the first coat. */
  addSiteStep({ id, of, ...step }: SiteStep): void {
    const { before, after } =
      of.kind === 'room' ? this.#aboutRoom(of) : { before: this.#coatsIn(of.climateId), after: [] };
    if (before.length + after.length === 0) return;
    this.#tasks.push({
      id,
      work: workOf(step.minutes, this.#factor),
      painters: Math.min(step.people, this.#job.crew.length),
      spaces: [],
      earliest: this.#now,
      pausable: false,
    });
    const warm = of.kind === 'heating' ? this.#warmingUp(of.climateId) : { ticks: 0 };
    for (const to of before) this.#waits.push({ from: id, to, atLeast: warm });
    for (const from of after) this.#waits.push({ from, to: id, atLeast: { ticks: 0 } });
  }

  /** What a room's task comes before, or after. */
  #aboutRoom({ roomId, when }: Extract<SiteStep['of'], { kind: 'room' }>): { before: string[]; after: string[] } {
    const spans = this.#spans.filter((span) => span.roomId === roomId);
    if (when === 'after') return { before: [], after: spans.map(({ last }) => last) };
    return { before: spans.flatMap(({ next }) => next ?? []), after: [] };
  }

  /** Of each piece the first coat to come that dries in a climate. */
  #coatsIn(climateId: string): string[] {
    const open = new Set(this.#tasks.map(({ id }) => id));
    const first = new Map<string, string>();
    for (const step of this.#steps.values()) {
      const isThere = isCoat(step) && open.has(step.id) && this.#climateId(step) === climateId;
      if (isThere && !first.has(step.piece.id)) first.set(step.piece.id, step.id);
    }
    return [...first.values()];
  }

  /** The hours of heating that a climate needs before it is warm. */
  #warmingUp(climateId: string): Measure {
    const climate = climateOf(this.#job, climateId);
    if (!climate?.heating) return { ticks: 0 };
    const id = `heating/${climateId}`;
    const heated = heatedHours(climate.heating);
    const rate = Array.from({ length: this.#clocks.hours }, (_hour, index) => {
      return heated[this.#clocks.localHour(index)?.hour ?? 0] ?? 0;
    });
    this.#usedClocks.set(id, { id, step: 60, rate });
    return { clock: id, dose: Math.ceil(warmingHours(climate) * 60) };
  }

  /** Zones of a room that take turns. */
  takeTurns(): void {
    for (const { space, tasks, waits, holds } of zonesByTurns(this.#job, this.#spans, this.#now)) {
      this.#zones.push(space);
      this.#tasks.push(...tasks);
      this.#waits.push(...waits);
      this.#holds.push(...holds);
    }
  }

  /**
   * Pieces that hang again every night go out only as long as a day allows. Where no day does, as it is in the plan,
   * and where one is out already and can't be back, its opening is boarded up.
   */
  hangByNight(): void {
    if (this.#nightly.length === 0) return;
    const calendars = this.#job.crew.map((painter) => ({
      id: painter.id,
      shifts: shiftsFrom(shiftsOf(painter, this.#clocks.days), this.#now),
    }));
    const days = workingDays(
      this.#clocks.days,
      calendars.map(({ shifts }) => shifts),
    );
    const within = { ticks: sameDayMinutes(days) };
    const open = new Map(this.#tasks.map((task) => [task.id, task]));
    const isOut = new Set(this.#recorded.map(({ id }) => id));
    const sameDay = new SameDay({ ...this.#used(), waits: this.#waits, painters: calendars }, days);
    for (const { off, back, steps } of this.#nightly) {
      const first = open.get(off.id);
      if (!open.has(back.id)) continue;
      if (!first) {
        const late = { work: workOf(BOARDING_UP, this.#factor) };
        if (isOut.has(off.id)) this.#waits.push({ from: off.id, to: back.id, atMost: within, late });
        continue;
      }
      const ids = steps.flatMap(({ id }) => [id, touchDryOf(id)]);
      const intervals = sameDay.beginnings(ids.flatMap((id) => open.get(id) ?? []));
      if (intervals.length === 0) continue;
      const id = `by-night/${off.id}`;
      this.#usedWindows.set(id, { id, intervals });
      first.window = id;
      this.#waits.push({ from: off.id, to: back.id, atMost: within });
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
  #chain(
    before: PieceStep,
    after: PieceStep,
    { done, dries, lying }: { done: PieceStep; dries: PieceStep | null; lying: readonly CoatStep[] },
  ): void {
    if (dries !== null) {
      const clock = this.#clock(this.#climateId(dries), 'evaporating', PLAIN_WATER);
      this.#waits.push({ from: dries.id, to: after.id, atLeast: { clock, dose: dries.dryHours * 60 } });
      if (dries === before) return;
    }
    this.#waits.push({ from: before.id, to: after.id, atLeast: { ticks: 0 } });
    for (const coated of lying) {
      const stage = awaitedStage(coated, done);
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
      for (const step of dusty) {
        use(step.id, AIR_SLOTS);
        const before = this.#takenDownFor.get(step.id);
        if (before === undefined || !open.has(before)) continue;
        // What comes down to be denibbed does not come down into wet paint: it would wait, and not be back by night.
        use(before, AIR_SLOTS);
        this.#hold(spaceId, before, step.id, AIR_SLOTS);
      }
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
    const id = touchDryOf(step.id);
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

  #hold(space: string, after: string, until: string, slots = 1): void {
    this.#holds.push({ space, slots, after, until });
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
          ...this.#zones,
        ],
        ...this.#used(),
        tasks: [...tasks, ...this.#tasks.map((task) => this.#forWhom(task))],
        waits: this.#waits.filter((wait) => kept.has(wait.from) && follows(wait.to)),
        holds,
      },
    };
  }

  /** The clocks, windows and set-ups that anything of the plan goes by. */
  #used(): Pick<PlanProblem, 'clocks' | 'windows' | 'setups'> {
    return {
      clocks: [...this.#usedClocks.values()],
      windows: [...this.#usedWindows.values()],
      setups: this.#setups.all(),
    };
  }

  /** Open work is for the crew, not for the record. */
  #forWhom(task: PlanTask): PlanTask {
    return { ...task, by: task.painters === 0 ? null : this.#job.crew.map((painter) => painter.id) };
  }
}

const touchDryOf = (stepId: string): string => `${stepId}/touch-dry`;
const offSpace = (roomId: string): string => `off/${roomId}`;
