import { PLAIN_WATER } from '../../clocks/job-clocks.ts';
import type { LogEntry } from '../../job/document/log-schema.ts';
import type { Piece } from '../../job/document/piece-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { dryingClimateId } from '../../job/queries/places.ts';
import { localIso, localTime } from '../../job/site-time.ts';
import { SKILL_FACTOR } from '../../quantities/pace.ts';
import { jobSteps } from '../../steps/job-steps.ts';
import { operationOf } from '../../steps/operations.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import { isRehangStep } from '../../steps/rehanging.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';
import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { awaitedStage, currentCoats, isCoat } from '../../steps/wetness/current-coats.ts';

/** How work on a piece departs from the book; nothing of it is done by the book. */
export interface Slips {
  /** Of the time that a coat should have dried before the next one went onto it, the share that it did. */
  recoatedAfter?: number;
  /** Hours after its recoat window in which the last coat went on. */
  recoatedLate?: number;
  /** Steps that were skipped. */
  skips?: (step: PieceStep) => boolean;
  /** How many times as long as usual a coat took, by the clock. */
  slow?: number;
  /** Hours after the last coat at which it was hung; left out where it does not hang yet. */
  hungAfter?: number;
}

/** The hours of a working day. */
const [FIRST, LAST] = [8 * 60, 16 * 60];
/** Minutes from the end of one step to the beginning of the next, and how late one comes to what is ready. */
const BETWEEN = 10;
const MARGIN = 1.15;

/** The next moment in working hours. */
function inHours(at: number): number {
  const ofDay = at % 1440;
  if (ofDay < FIRST) return at - ofDay + FIRST;
  return ofDay > LAST ? at - ofDay + 1440 + FIRST : at;
}

const minutesOf = ({ minutes }: PieceStep, job: Job): number =>
  Math.max(2, Math.round(minutes * SKILL_FACTOR[job.crew[0]?.skill ?? 'steady']));

/**
 * A log of a piece that was worked on step by step from the job’s first morning on, each step as soon as the one before
 * has dried in the job’s air, but for its slips. Answers the entries and the steps that were skipped.
 */
export function workedLog(job: Job, piece: Piece, slips: Slips): { entries: LogEntry[]; leftOut: PieceStep[] } {
  const start = `${job.planning.start}T00:00`;
  const { clocks } = jobSteps(job, start);
  const steps = pieceSteps(job, piece);
  const coats = steps.filter(isCoat);
  const last = coats.at(-1);
  const done: { step: PieceStep; at: number }[] = [];
  const leftOut: PieceStep[] = [];
  const entries: LogEntry[] = [];
  let free = FIRST + 24 * 60;
  for (const step of steps) {
    if (slips.skips?.(step)) {
      leftOut.push(step);
      continue;
    }
    const isHanging = isRehangStep(step);
    if (isHanging && slips.hungAfter === undefined) break;
    let from = free + BETWEEN;
    for (const { step: before, at } of done) {
      const wet = before.dryHours * 60;
      if (wet > 0 && step.operation !== before.operation) {
        const dry = clocks.clock(dryingClimateId(job, piece), 'evaporating', PLAIN_WATER).reach(at, wet);
        from = Math.max(from, at + (dry - at) * MARGIN);
      }
    }
    const lying = currentCoats(done.map(({ step: each }) => each));
    for (const coated of lying) {
      const at = done.find(({ step: each }) => each.id === coated.id)?.at ?? 0;
      const stage = awaitedStage(coated, step);
      if (stage === null || isHanging) continue;
      const reached = clocks.reached(coated.coat.coating, stage, at, coatClimateId(job, coated)) ?? at;
      const share = isLastCoat(step, last) && stage === 'recoat' ? (slips.recoatedAfter ?? MARGIN) : MARGIN;
      from = share < 1 ? at + (reached - at) * share : Math.max(from, at + (reached - at) * share);
      const { recoatMax } = coated.coat.coating;
      if (isLastCoat(step, last) && slips.recoatedLate !== undefined && recoatMax !== null) {
        from = Math.max(from, at + 60 * (recoatMax + slips.recoatedLate));
      }
    }
    if (isHanging) from = (done.findLast(({ step: each }) => isCoat(each))?.at ?? 0) + 60 * (slips.hungAfter ?? 0);
    const minutes = minutesOf(step, job) * (isCoat(step) ? (slips.slow ?? 1) : 1);
    const at = Math.round(inHours(from) + minutes);
    free = Math.max(free, at);
    done.push({ step, at });
    entries.push({
      id: `w${entries.length + 1}`,
      at: localIso(localTime(clocks.t0, at, job.site.timeZone)),
      taskId: step.id,
      event: 'done',
      by: job.crew[0]?.id ?? null,
      minutes: Math.round(minutes),
      isMeasured: true,
    });
  }
  return { entries, leftOut };
}

/** Whether a step lays the last layer, on whatever face. */
const isLastCoat = (step: PieceStep, last: CoatStep | undefined): boolean =>
  step.coat !== null && step.coat.number === last?.coat.number;

/** Whether a step cleans, gives a key, is done between coats, or raises dust. */
export const serves = (what: 'cleaning' | 'key' | 'denib' | 'dust'): ((step: PieceStep) => boolean) => {
  const asked = {
    cleaning: (step: PieceStep) => operationOf(step).serves === 'cleaning',
    key: (step: PieceStep) => operationOf(step).disturbsOldPaint,
    denib: (step: PieceStep) => operationOf(step).isBetweenCoats,
    dust: (step: PieceStep) => operationOf(step).isDusty,
  };
  return asked[what];
};
