import { PLAIN_WATER } from '../../clocks/job-clocks.ts';
import type { TaskProgress } from '../../job/progress.ts';
import { closesByNight, hangsByNight } from '../../job/queries/pieces.ts';
import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { closingHours, closingWithin } from './closing-windows.ts';
import { exposedFaceOf } from '../../air/exposed-face.ts';
import { openAirOf, placeOf, roomOf } from '../../job/queries/places.ts';
import type { Piece } from '../../job/document/piece-schema.ts';
import { definitionOf } from '../../pieces/registry.ts';
import type { Job } from '../../job/document/schema.ts';
import { minutesSince } from '../../job/site-time.ts';
import { coatCondition } from '../../steps/wetness/coat-condition.ts';
import { PRIMER_WHITE } from '../../colour/primer-tints.ts';
import { intersection, longestOf, type Intervals } from '../../units/intervals.ts';
import { shiftsFrom, shiftsOf } from '../../steps/crew-shifts.ts';
import { learntDrying, type LearntDrying } from '../../steps/wetness/learnt-drying.ts';
import { awaitedStage, isCoat, currentCoats } from '../../steps/wetness/current-coats.ts';
import { isRehangStep, isTakenDownAgain } from '../../steps/rehanging.ts';
import { isHinged, outingsOf, type Outing } from '../../steps/night-hanging.ts';
import { PaintableWindows, type HoursFor } from './paintable-windows.ts';
import { patchWaits } from '../../steps/patch-waits.ts';
import { flashRustOf, STAYS_BRIGHT } from '../../steps/flash-rust.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';
import type { ProblemDraft } from './problem-draft.ts';
import type { PlannedTask } from '../../scheduling/plan.ts';
import { isBenchWork, needsTwo, staysWhereItDries } from '../../steps/step-needs.ts';
import { offSpace, type PieceSpan } from './spaces.ts';

/** A step that takes so many minutes in one go, where the paintable hours, or the hours of the crew, last so many at most. */
export interface TooLong {
  step: PieceStep;
  work: number;
  longest: number;
  hours: 'paintable' | 'crew';
  /** What would give a coat hours; null where it is the crew that has none. */
  ways: WaysOut | null;
}

/** What would give a coat its hours: the nearest ones that are outside the crew's, and what may be changed. */
export interface WaysOut {
  /** Minutes from the problem's t0. */
  nearest: readonly [number, number] | null;
  /** Whether it dries within walls, where warmth can be had. */
  warm: boolean;
  shade: boolean;
  lighter: boolean;
  off: boolean;
}

/** A balustrade stops at a newel, a skirting at a corner: what fills more than a shift goes on in the next. */
const mayPause = ({ piece }: PieceStep): boolean => !piece.comesOff;

/** What pieces add to a plan problem: their steps, what dries between them, and where they lie. */
export class PieceTasks {
  /** Of every piece what comes next and last. */
  readonly spans: PieceSpan[] = [];
  /** By the first step of an outing, the one that takes the piece down. */
  readonly takenDownFor = new Map<string, string>();
  /** What pieces do that hang again every night. */
  readonly nightly: Outing[] = [];
  readonly #draft: ProblemDraft;
  readonly #job: Job;
  readonly #progress: ReadonlyMap<string, TaskProgress>;
  readonly #late: ReadonlySet<string>;
  /** What is taken to be going on as it was planned. */
  readonly #underWay: ReadonlyMap<string, PlannedTask>;
  /** By group, until when a test patch holds its coats up. */
  readonly #patches: ReadonlyMap<string, number>;
  readonly #windows: PaintableWindows;
  readonly #learnt: ReadonlyMap<string, LearntDrying>;
  readonly #shifts: readonly Intervals[];
  /** Minutes. */
  readonly #longestShift: number;

  constructor(
    draft: ProblemDraft,
    {
      progress,
      underWay,
      late,
    }: {
      progress: ReadonlyMap<string, TaskProgress>;
      underWay: readonly PlannedTask[];
      /** Pieces that can't be back by the day on which they are needed. */
      late: ReadonlySet<string>;
    },
  ) {
    const { job, clocks, now } = draft;
    this.#draft = draft;
    this.#job = job;
    this.#progress = progress;
    this.#late = late;
    this.#underWay = new Map(underWay.map((task) => [task.id, task]));
    this.#patches = patchWaits(job, clocks.t0);
    this.#windows = new PaintableWindows(job, clocks, now);
    this.#learnt = learntDrying(job, clocks);
    this.#shifts = job.crew.map((painter) => shiftsFrom(shiftsOf(painter, clocks.days), now));
    this.#longestShift = Math.max(0, ...this.#shifts.map(longestOf));
  }

  /** A step of a piece that is still to come and that no hours are long enough for; null where all have some. */
  tooLong(piece: Piece): TooLong | null {
    for (const step of pieceSteps(this.#job, piece)) {
      if (this.#progress.has(step.id)) continue;
      const work = this.#draft.workOn(step);
      const window = isCoat(step) ? this.#windows.of(step) : null;
      const longest = window === null ? Infinity : this.#longestWithin(window.intervals);
      if (longest < work)
        return { step, work, longest, hours: 'paintable', ways: this.#waysOut(step as CoatStep, work) };
      if (!mayPause(step) && this.#longestShift > 0 && this.#longestShift < work)
        return { step, work, longest: this.#longestShift, hours: 'crew', ways: null };
    }
    return null;
  }

  /** Minutes of the longest time within some hours for which somebody of the crew is there. */
  #longestWithin(intervals: Intervals): number {
    return Math.max(0, ...this.#shifts.map((shifts) => longestOf(intersection(intervals, shifts))));
  }

  /** What would give a coat its hours. */
  #waysOut(step: CoatStep, work: number): WaysOut {
    const enough = (hours: HoursFor): boolean => this.#longestWithin(this.#windows.under(step, hours)) >= work;
    const open = this.#windows.of(step)?.intervals ?? [];
    const climateId = coatClimateId(this.#job, step);
    return {
      nearest: open.find(([from, until]) => until - from >= work) ?? null,
      shade: enough({ shade: true }),
      lighter: enough({ hex: PRIMER_WHITE }),
      warm: exposedFaceOf(climateId) === null && climateId !== openAirOf(this.#job)?.id,
      off: definitionOf(step.piece.kind).comesOff !== 'never',
    };
  }

  /** All tasks, waits and holds of one piece. */
  add(piece: Piece): void {
    const progress = this.#progress;
    const steps = pieceSteps(this.#job, piece);
    // What comes before a step that is stamped has been done, whether or not it was stamped itself.
    const lastDone = steps.findLastIndex((step) => progress.get(step.id)?.doneAt || progress.get(step.id)?.startedAt);
    let previous: PieceStep | null = null;
    /** What was washed or filled last, as long as nothing has been done to the piece since but hanging it. */
    let damp: PieceStep | null = null;
    steps.forEach((step, index) => {
      const stamped = progress.get(step.id);
      const behind = index < lastDone && !stamped?.doneAt;
      if (isCoat(step)) {
        this.#draft.conditions.set(
          step.id,
          coatCondition(this.#job, this.#draft.clocks, this.#learnt, step, stamped ?? null),
        );
      }
      if (!behind) this.#addStep(step, index <= lastDone ? (stamped ?? null) : null);
      this.#draft.steps.set(step.id, step);
      if (previous !== null && !behind) {
        // It is not taken down before what it is taken down for can be done.
        const done = isTakenDownAgain(step) ? (steps[index + 1] ?? step) : step;
        const dries = damp !== null && !isHinged(done) ? damp : null;
        this.#chain(previous, step, { done, dries, lying: currentCoats(steps.slice(0, index)) });
        const lies = staysWhereItDries(previous) && !previous.rework?.isInPlace;
        if (piece.comesOff && lies && !hangsByNight(piece))
          this.#draft.hold(placeOf(this.#job, 'rack').id, previous.id, step.id);
      }
      if (!behind && previous && isTakenDownAgain(previous)) this.takenDownFor.set(step.id, previous.id);
      if (!behind) previous = step;
      if (!behind && !isHinged(step)) damp = step.dryHours > 0 ? step : null;
    });
    for (const { from, to, again } of flashRustOf(this.#job, piece, steps)) {
      if (progress.has(to.id) || steps.indexOf(to) <= lastDone) continue;
      this.#draft.lateAfter(from, to, STAYS_BRIGHT, again);
    }
    const last = steps.at(-1);
    if (last) {
      const { id: pieceId, roomId, zone } = piece;
      this.spans.push({ pieceId, roomId, zone, next: lastDone < 0 ? (steps[0]?.id ?? null) : null, last: last.id });
    }
    if (piece.comesOff) this.#offItsHinges(piece, steps, lastDone);
    // With nothing to follow, as where hanging is left out, the last coat still lies until it is touch dry.
    const lies = last && isCoat(last) && piece.comesOff && !last.rework?.isInPlace && !hangsByNight(piece);
    if (lies && !progress.has(last.id))
      this.#draft.hold(placeOf(this.#job, 'rack').id, last.id, this.#draft.touchDry(last));
  }

  /** What closes an opening takes, while it is off, one of the places of those that may be off at once, and is back by night where it has to. */
  #offItsHinges(piece: Piece, steps: readonly PieceStep[], lastDone: number): void {
    const room = roomOf(this.#job, piece);
    for (const outing of outingsOf(steps)) {
      const { off, back } = outing;
      const [from, until] = [steps.indexOf(off), steps.indexOf(back)];
      // Off since it was taken off, or, where nobody stamped that, since the first thing that was stamped.
      const first = steps
        .slice(from, until)
        .find((step, at) => from + at >= lastDone || this.#progress.get(step.id)?.doneAt);
      if (room?.maxOff != null && first && definitionOf(piece.kind).closesOpening)
        this.#draft.hold(offSpace(room.id), first.id, back.id);
      if (!hangsByNight(piece)) continue;
      this.nightly.push(outing);
      // It does not go out before there is a place for it: one without would not be back in time.
      if (first) this.#draft.hold(placeOf(this.#job, 'rack').id, first.id, back.id);
    }
  }

  /** The task of a step: to be planned, running, or recorded as it was. */
  #addStep(step: PieceStep, stamped: TaskProgress | null): void {
    const { zone, t0 } = { zone: this.#job.site.timeZone, t0: this.#draft.clocks.t0 };
    const left = this.#progress.get(step.id)?.left ?? null;
    const work = this.#draft.workOn(step, 1 - (left?.share ?? 0));
    if (stamped?.doneAt || stamped?.startedAt) {
      const startedAt = stamped.startedAt ? minutesSince(t0, stamped.startedAt, zone) : null;
      // Running work is supposed to need its usual time, and at least one more minute.
      const end = stamped.doneAt
        ? minutesSince(t0, stamped.doneAt, zone)
        : Math.max(this.#draft.now + 1, (startedAt ?? this.#draft.now) + work);
      const start = Math.max(0, Math.min(end - 1, startedAt ?? end - Math.round(stamped.minutes ?? work)));
      this.#draft.recorded.push({ id: step.id, start, end: Math.max(start + 1, end) });
      if (!stamped.doneAt) this.#draft.busy.push({ painter: stamped.by, until: end });
      return;
    }
    const going = stamped === null ? this.#underWay.get(step.id) : undefined;
    if (going) {
      this.#draft.recorded.push({ id: step.id, start: going.start, end: going.end });
      for (const painter of going.painters) this.#draft.busy.push({ painter, until: going.end });
      return;
    }
    const heavy = needsTwo(step);
    this.#draft.tasks.push({
      id: step.id,
      work,
      painters: heavy ? Math.min(2, this.#job.crew.length) : 1,
      setup: this.#draft.setups.of(step, this.#draft.climateId(step)),
      spaces: isBenchWork(step) ? [{ id: placeOf(this.#job, 'bench').id, slots: 1 }] : [],
      earliest: this.#earliestOf(step),
      latest: this.#latestOf(step),
      pausable: mayPause(step) && work > this.#longestShift,
      window: this.#windowOf(step),
      by: null,
      place: isBenchWork(step) ? placeOf(this.#job, 'bench').id : step.piece.roomId,
    });
  }

  /** Coats wait until the test patch of their surface can be read. */
  #earliestOf(step: PieceStep): number {
    const patch = isCoat(step) ? (this.#patches.get(step.piece.groupId) ?? 0) : 0;
    return Math.max(this.#draft.now, patch);
  }

  /** The window of a coat that is put on in the open. */
  #windowOf(step: PieceStep): string | null {
    if (!isCoat(step)) return null;
    const window = this.#windows.of(step);
    const { piece } = step;
    if (piece.comesOff || !closesByNight(piece)) return window === null ? null : this.#draft.window(window);
    const { clocks, conditions, now } = this.#draft;
    const climateId = coatClimateId(this.#job, step);
    const all: [number, number][] = [[now, clocks.hours * 60]];
    const closing = closingHours(clocks, step, climateId, conditions.get(step.id));
    const intervals = closingWithin(window?.intervals ?? all, closing, this.#draft.workOn(step));
    return this.#draft.window({
      id: `${window?.id ?? climateId}/by-night/${step.id}`,
      intervals: [...intervals] as [number, number][],
    });
  }

  /**
   * A piece is back where it belongs by the end of the day on which somebody needs its opening. What is taken down again
   * after that day was there on it.
   */
  #latestOf(step: PieceStep): number | null {
    const { neededBy } = step.piece.access;
    if (neededBy === null || !isRehangStep(step) || this.#late.has(step.piece.id)) return null;
    const until = minutesSince(this.#draft.clocks.t0, `${neededBy}T23:59`, this.#job.site.timeZone) + 1;
    return step.rework && until <= this.#draft.now ? null : Math.max(1, until);
  }

  /** What lies between two steps of a piece: plain order, water that dries, coats that dry. */
  #chain(
    before: PieceStep,
    after: PieceStep,
    { done, dries, lying }: { done: PieceStep; dries: PieceStep | null; lying: readonly CoatStep[] },
  ): void {
    if (dries !== null) {
      const clock = this.#draft.clock(this.#draft.climateId(dries), 'evaporating', PLAIN_WATER);
      this.#draft.waits.push({ from: dries.id, to: after.id, atLeast: { clock, dose: dries.dryHours * 60 } });
      if (dries === before) return;
    }
    this.#draft.waits.push({ from: before.id, to: after.id, atLeast: { ticks: 0 } });
    for (const coated of lying) {
      const stage = awaitedStage(coated, done);
      if (stage !== null) this.#draft.dryingWait(coated, after, stage);
      const { restHours } = coated.coat;
      if (stage === 'recoat' && restHours > 0)
        this.#draft.waits.push({ from: coated.id, to: after.id, atLeast: { ticks: restHours * 60 } });
    }
  }
}
