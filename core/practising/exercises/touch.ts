import type { DaySwing } from '../../air/climate.ts';
import { JobClocks } from '../../clocks/job-clocks.ts';
import { ToldJob } from '../../job/commands/told-job.ts';
import type { Piece } from '../../job/document/piece-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import { localIso, localTime, minutesSince } from '../../job/site-time.ts';
import { shelfOf } from '../../job/queries/shelf.ts';
import type { PieceKind } from '../../pieces/registry.ts';
import { howItDries } from '../../running/drying-how.ts';
import { dryingPieces, type DryingPiece } from '../../running/drying-status.ts';
import { jobSteps, type JobSteps } from '../../steps/job-steps.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { awaitedStage, coatDrying, isCoat, type CoatDrying } from '../../steps/wetness/current-coats.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';
import { kept } from '../../units/kept.ts';
import { formatDuration, TEMPERATURE } from '../../units/measures.ts';
import { formatMoment } from '../../units/moments.ts';
import { drawn, drawnFrom, shuffled, wholeBetween, type Random } from '../drawing-lots.ts';
import {
  FULL_MARKS,
  marks,
  type Exercise,
  type Judgement,
  type Level,
  type Point,
  type PracticeSettings,
} from '../exercise.ts';
import type { MistakeId } from '../mistakes.ts';
import { plainBuildUp } from '../plain-build-up.ts';
import { PRACTICE_DAY, practiceJob } from '../practice-job.ts';

/** What may be done with a drying piece. */
export const TOUCHES = {
  leave: 'Leave it',
  turn: 'Turn it',
  recoat: 'Next coat',
  hang: 'Hang it',
  'too-late': 'Too late: sand first',
} as const;
export type Touch = keyof typeof TOUCHES;
export const TOUCH_IDS = Object.keys(TOUCHES) as [Touch, ...Touch[]];

/** A rack of pieces, with what was put on when, at a moment. */
export interface TouchTask {
  job: Job;
  /** Local ISO time. */
  now: string;
  pieceIds: string[];
}
/** By piece. */
export type TouchAnswer = Readonly<Record<string, Touch>>;

/** The pieces that are asked about, as they dry. */
export function racked({ job, now, pieceIds }: TouchTask): DryingPiece[] {
  const wanted = new Set(pieceIds);
  return dryingPieces(job, jobSteps(job, now), now).filter(({ piece }) => wanted.has(piece.id));
}

const VERBS: Readonly<Record<DryingPiece['verb'], Touch>> = {
  turn: 'turn',
  'other-side': 'turn',
  recoat: 'recoat',
  'put-right': 'recoat',
  hang: 'hang',
  use: 'hang',
};

/** What may be done with a piece now. */
export function rightTouch({ state, verb }: Pick<DryingPiece, 'state' | 'verb'>): Touch {
  if (state === 'late') return 'too-late';
  return state === 'ready' ? VERBS[verb] : 'leave';
}

interface TouchLevel {
  pieces: number;
  air: DaySwing;
  /** How near the moment is to when a coat opens, as shares of its drying time: at least, and at most. */
  apart: readonly [number, number];
  /** Of ten pieces, how many lay too long. */
  late: number;
}

const day = (warmest: number, coldest: number): DaySwing => ({
  warmest,
  coldest,
  humidityAtWarmest: 50,
  humidityAtColdest: 75,
});

const TOUCH_LEVELS: Readonly<Record<Level, TouchLevel>> = {
  1: { pieces: 3, air: day(20, 16), apart: [0.2, 0.9], late: 0 },
  2: { pieces: 4, air: day(19, 12), apart: [0.15, 0.8], late: 1 },
  3: { pieces: 5, air: day(18, 9), apart: [0.12, 0.6], late: 1 },
  4: { pieces: 6, air: day(17, 7), apart: [0.08, 0.45], late: 2 },
  5: { pieces: 8, air: day(16, 5), apart: [0.05, 0.35], late: 2 },
};

const KINDS = ['panelled-door', 'flush-door', 'cabinet-door', 'drawer-front', 'panelled-shutter'] as const;
const GROUNDS = ['softwood', 'mdf', 'oak'] as const;
/** Days from the first one to the one that is asked about: so long a coat may have lain. */
const DAYS_BEFORE = 18;
/** Hours of a day in which a coat is finished. */
const [FIRST_HOUR, LAST_HOUR] = [8, 16];

function draw(level: Level, random: Random, settings: PracticeSettings): TouchTask | null {
  const { pieces, air } = TOUCH_LEVELS[level];
  const made = practiceJob({ settings, air, skill: 'steady' });
  const coatings = shelfOf(made.job).coatings.filter(
    ({ sprayOnly, exposure, family }) => !sprayOnly && exposure !== 'outside' && family !== 'mineral',
  );
  const [primers, topcoats] = [
    coatings.filter(({ role }) => role === 'primer'),
    coatings.filter(({ role }) => role === 'topcoat'),
  ];
  const ids = Array.from({ length: pieces }, (_unused, index) => `p${index + 1}`);
  for (const id of ids) {
    const kind: PieceKind = drawn(random, KINDS);
    const surface = { substrate: drawn(random, GROUNDS), existing: 'oil-gloss', condition: 'sound' } as const;
    made.tell('add-pieces', { ids: [id], kind, piece: usualPiece(kind, 'room-1', { surface, comesOff: true }) });
  }
  for (const { id: groupId } of made.job.groups) {
    const [primer, topcoat] = [drawnFrom(random, primers), drawnFrom(random, topcoats)];
    if (!primer || !topcoat) return null;
    made.tell('choose-build-up', {
      groupId,
      buildUp: plainBuildUp([primer, topcoat, topcoat], 'degloss', { isWashed: true }),
      chosenFor: null,
    });
  }
  const hour = wholeBetween(random, 8, 15);
  const at = (DAYS_BEFORE * 24 + hour) * 60 + 30 * wholeBetween(random, 0, 1);
  const now = localIso(localTime(`${PRACTICE_DAY}T00:00`, at, made.job.site.timeZone));
  return withLog(made.job, now, ids, TOUCH_LEVELS[level], random);
}

/** From the open job: pieces that will come off, as if they lay on the rack, in the job’s own air of this moment. */
function drawFrom(job: Job, now: string, random: Random): TouchTask | null {
  const bare: Job = { ...job, log: [], leftOut: [], tins: [], defects: [], filmChecks: [] };
  const ids = job.pieces.filter((piece) => piece.comesOff && pieceSteps(bare, piece).some(isCoat)).map(({ id }) => id);
  if (ids.length === 0) return null;
  const since = localIso(localTime(now, -DAYS_BEFORE * 1440, job.site.timeZone)).slice(0, 10);
  const start = since > job.planning.start ? job.planning.start : since;
  const planned: Job = { ...bare, planning: { ...job.planning, start } };
  const at = `${now.slice(0, 10)}T${String(wholeBetween(random, 8, 15)).padStart(2, '0')}:00`;
  return withLog(planned, at, shuffled(random, ids).slice(0, 6), TOUCH_LEVELS[3], random);
}

/** A coat that lies, and what comes after it. */
interface Lain {
  coated: CoatStep;
  next: PieceStep | null;
  done: readonly PieceStep[];
  drying: CoatDrying;
}

/** The job with a log in which the last coat of each piece is as near to its moment as the level asks; null without one. */
function withLog(job: Job, now: string, ids: readonly string[], level: TouchLevel, random: Random): TouchTask | null {
  const steps = jobSteps(job, now);
  const at = minutesSince(steps.clocks.t0, now, job.site.timeZone);
  const made = new ToldJob(job);
  let stamps = 0;
  for (const id of ids) {
    const piece = job.pieces.find((each) => each.id === id);
    const lain = piece ? lainOn(job, steps, piece, at, level, random) : null;
    if (lain === null) return null;
    const { done, drying } = lain;
    const entries = done.map(({ id: taskId }, index) => ({
      id: `s${++stamps}`,
      at: localIso(
        localTime(steps.clocks.t0, Math.max(0, drying.since - 60 * (done.length - 1 - index)), job.site.timeZone),
      ),
      taskId,
      event: 'done' as const,
      by: job.crew[0]?.id ?? null,
      minutes: 20,
    }));
    made.tell('stamp', { entries });
  }
  const task: TouchTask = { job: made.job, now, pieceIds: [...ids] };
  const lying = racked(task);
  if (lying.length !== ids.length) return null;
  const guess = firstGuess(task);
  return lying.some((each) => guess[each.piece.id] !== rightTouch(each)) ? task : null;
}

/** How often a moment is drawn for a coat. */
const TRIES = 60;

/** A coat on a piece, finished so long ago that it is about to open, or has just opened, or was left too long. */
function lainOn(
  job: Job,
  { clocks }: JobSteps,
  piece: Piece,
  now: number,
  { apart: [least, most], late }: TouchLevel,
  random: Random,
): Lain | null {
  const all = pieceSteps(job, piece);
  const wantsLate = random() * 10 < late;
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const index = Math.floor(random() * all.length);
    const [coated, next] = [all[index], all[index + 1] ?? null];
    if (!coated || !isCoat(coated) || next === null || awaitedStage(coated, next) === null) continue;
    const daysAgo = wantsLate ? wholeBetween(random, 3, DAYS_BEFORE - 1) : wholeBetween(random, 0, 3);
    const midnight = Math.floor(now / 1440) * 1440 - daysAgo * 1440;
    const since = midnight + 60 * FIRST_HOUR + Math.floor((random() * (LAST_HOUR - FIRST_HOUR) * 60) / 5) * 5;
    if (since > now - 20 || since < 0) continue;
    const climateId = coatClimateId(job, coated);
    const drying = coatDrying(
      coated,
      next,
      since,
      (stage) => clocks.reached(coated.coat.coating, stage, since, climateId) ?? Infinity,
    );
    const lain: Lain = { coated, next, done: all.slice(0, index + 1), drying };
    if (wantsLate) {
      if (drying.closes !== null && now > drying.closes + 60) return lain;
      continue;
    }
    if (drying.closes !== null && now > drying.closes - 60) continue;
    const share = Math.abs(now - drying.opens) / Math.max(1, drying.opens - since);
    if (share >= least && share <= most && Math.abs(now - drying.opens) >= 15) return lain;
  }
  return null;
}

/** By the tin: what its hours say has passed may be touched. */
function firstGuess(task: TouchTask): TouchAnswer {
  return Object.fromEntries(
    racked(task).map(({ piece, coated, next, since, verb }) => {
      const stage = next === null ? 'close' : awaitedStage(coated, next);
      const stated = stage === null ? 0 : (coated.coat.coating.hours[stage] ?? 0);
      const elapsed = minutesSince(jobSteps(task.job, task.now).clocks.t0, task.now, task.job.site.timeZone) - since;
      return [piece.id, elapsed >= stated * 60 ? VERBS[verb] : 'leave'];
    }),
  );
}

/** The same job without nights: every day as warm all round as at its warmest. */
const withoutNights = (job: Job): Job['climates'] =>
  job.climates.map((climate) => {
    const warm = ({ warmest, humidityAtWarmest }: DaySwing): DaySwing => ({
      warmest,
      coldest: warmest,
      humidityAtWarmest,
      humidityAtColdest: humidityAtWarmest,
    });
    return {
      ...climate,
      usual: warm(climate.usual),
      exceptions: climate.exceptions.map((each) => ({ ...each, swing: warm(each.swing) })),
    };
  });

/** The clocks of a task had its nights been as warm as its days. */
const warmClocks = kept(({ job, now }: TouchTask): JobClocks => {
  const { clocks } = jobSteps(job, now);
  return new JobClocks({ ...job, climates: withoutNights(job) }, clocks.t0.slice(0, 10), clocks.days.length);
});

/** What the nights did to a coat; nothing where they cost less than ten minutes. */
function nightLines(task: TouchTask, { coated, next, since, opens }: DryingPiece): string[] {
  const { job, now } = task;
  const { clocks } = jobSteps(job, now);
  const stage = next === null ? 'close' : awaitedStage(coated, next);
  if (stage === null || opens === Infinity) return [];
  const climateId = coatClimateId(job, coated);
  const cost = opens - (warmClocks(task).reached(coated.coat.coating, stage, since, climateId) ?? opens);
  if (cost < 10) return [];
  let [coldest, hour] = [Infinity, Math.floor(since / 60)];
  for (let each = hour; each * 60 < opens; each++) {
    const temperature = clocks.air(climateId).at(each)?.temperature ?? Infinity;
    if (temperature < coldest) [coldest, hour] = [temperature, each];
  }
  const at = formatMoment(localTime(clocks.t0, hour * 60, job.site.timeZone), 'dayTime');
  return [
    `The cold hours cost it ${formatDuration(Math.round(cost))}. Coldest: ${TEMPERATURE.format(coldest, job.settings.units, 0)}, ${at}.`,
  ];
}

/** Which kind of mistake an answer is, or would have been. */
function mistakeOf(given: Touch | undefined, right: Touch): MistakeId {
  if (right === 'too-late' || given === 'too-late') return 'window-missed';
  if (right === 'leave') return 'touched-early';
  return given === undefined || given === 'leave' || given === right ? 'left-waiting' : 'next-step';
}

function pointOf(task: TouchTask, drying: DryingPiece, given: Touch | undefined): Point {
  const { piece, opens, closes } = drying;
  const steps = jobSteps(task.job, task.now);
  const { clocks } = steps;
  const { timeZone } = task.job.site;
  const now = minutesSince(clocks.t0, task.now, timeZone);
  const right = rightTouch(drying);
  const when = (at: number): string => formatMoment(localTime(clocks.t0, Math.round(at), timeZone), 'dayTime');
  const off = (at: number): string => formatDuration(Math.abs(Math.round(at - now)));
  const isRight = given === right;
  const verb = TOUCHES[VERBS[drying.verb]].toLowerCase();
  const words = {
    leave:
      opens === Infinity
        ? 'leave it. Too cold: it never gets there'
        : isRight || given === 'too-late'
          ? `leave it, ${verb} from ${when(opens)}`
          : `${off(opens)} too soon. ${TOUCHES[VERBS[drying.verb]]} from ${when(opens)}`,
    turn: `${verb}. Ready for ${off(opens)}, since ${when(opens)}`,
    recoat: `${verb}. Ready for ${off(opens)}, since ${when(opens)}`,
    hang: `${verb}. Ready for ${off(opens)}, since ${when(opens)}`,
    'too-late': `sand first. The window closed ${closes === null ? '' : `${off(closes)} ago, ${when(closes)}`}`,
  }[right];
  return {
    isRight,
    mistake: mistakeOf(given, right),
    words: `${piece.mark}: ${words}.`,
    why: [...howItDries(task.job, steps, drying), ...nightLines(task, drying)],
  };
}

/** What a wrong answer still earns: waiting harms nothing but the day. */
const WAITED = 0.4;

function judge(task: TouchTask, answer: TouchAnswer): Judgement {
  const lying = racked(task);
  const points = lying.map((drying) => pointOf(task, drying, answer[drying.piece.id]));
  const earned = points.reduce(
    (sum, { isRight, mistake }, index) =>
      sum + (isRight ? 1 : mistake === 'left-waiting' && answer[lying[index]?.piece.id ?? ''] === 'leave' ? WAITED : 0),
    0,
  );
  return {
    score: marks((FULL_MARKS * earned) / Math.max(1, points.length)),
    dangers: [],
    points,
    best: lying.map((drying) => `${drying.piece.mark}: ${TOUCHES[rightTouch(drying)].toLowerCase()}.`),
  };
}

/** A rack of drying pieces: what may be touched, and how. */
export const TOUCH: Exercise<TouchTask, TouchAnswer> = {
  name: 'May I touch it?',
  asks: 'Say for each piece what may be done with it now.',
  stage: 'today',
  levels: {
    1: 'Three pieces, a mild night',
    2: 'Four pieces, a cool night',
    3: 'Five pieces, a cold night',
    4: 'Six pieces, close calls',
    5: 'Eight pieces, near frost, closer calls',
  },
  mistakes: ['touched-early', 'left-waiting', 'window-missed', 'next-step'],
  draw,
  drawFrom,
  firstGuess,
  anyAnswer: (task, random) => Object.fromEntries(task.pieceIds.map((id) => [id, drawn(random, TOUCH_IDS)])),
  best: (task) => Object.fromEntries(racked(task).map((drying) => [drying.piece.id, rightTouch(drying)])),
  judge,
};
