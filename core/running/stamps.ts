import type { LogEntry } from '../job/document/log-schema.ts';
import { progressByTask } from '../job/progress.ts';
import { localIso, localTime, minutesSince } from '../job/site-time.ts';
import type { Job } from '../job/document/schema.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import type { PlanReading, Run } from '../planning/reading/read-plan.ts';

/** Minutes by which a stamp may differ from the plan before the rest is planned anew. */
const PLAN_TOLERANCE = 10;

/** The steps of a run that are not stamped done. */
export function openSteps(job: Job, run: Run): PieceStep[] {
  const progress = progressByTask(job.log);
  return run.steps.filter((step) => !progress.get(step.id)?.doneAt);
}

/** Who stamps, when and where, and what is noted beside each step. */
export interface Stamping {
  /** Local ISO time. */
  at: string;
  by: string | null;
  newId(): string;
  /** The device's id, where several are used. */
  device?: string;
  /** What goes into the stamp by itself: air and tin at a local ISO time. */
  noted?(step: PieceStep, at: string): Pick<LogEntry, 'air' | 'tinId'>;
}

function stampOf(step: PieceStep, stamping: Stamping, entry: Pick<LogEntry, 'event'> & Partial<LogEntry>): LogEntry {
  const { at, by, device, noted, newId } = stamping;
  return {
    id: newId(),
    at,
    taskId: step.id,
    by,
    minutes: null,
    ...(device === undefined ? {} : { device }),
    ...noted?.(step, entry.at ?? at),
    ...entry,
  };
}

/** The start stamp of a run's next step. */
export function startStamps(steps: readonly PieceStep[], stamping: Stamping): LogEntry[] {
  const [first] = steps;
  return first ? [stampOf(first, stamping, { event: 'started' })] : [];
}

/**
 * The done stamps of steps that end at `at`. The last one ends then; the others end before it as far apart as they were
 * planned, but not before the first one's stamped start: their coats have been drying since.
 */
export function doneStamps(
  job: Job,
  reading: PlanReading,
  steps: readonly PieceStep[],
  stamping: Stamping,
): LogEntry[] {
  const { t0 } = reading;
  const zone = job.site.timeZone;
  const now = minutesSince(t0, stamping.at, zone);
  const length = (step: PieceStep): number =>
    Math.max(1, (reading.ends.get(step.id) ?? 0) - (reading.starts.get(step.id) ?? 0));
  const planned = steps.reduce((sum, step) => sum + length(step), 0);
  const startedAt = startOf(job, reading, steps, now);
  const spent = startedAt === null ? planned : Math.max(0, now - startedAt);
  const squeeze = Math.min(1, spent / planned);
  let left = planned;
  return steps.map((step) => {
    left -= length(step);
    return stampOf(step, stamping, {
      at: localIso(localTime(t0, Math.round(now - left * squeeze), zone)),
      event: 'done',
      minutes: tenths(length(step) * (startedAt === null ? 1 : spent / planned)),
      ...(startedAt === null ? {} : { isMeasured: true }),
    });
  });
}

/** Minutes to a tenth: of many small pieces whole minutes would teach a wrong pace. */
const tenths = (minutes: number): number => Math.max(0.1, Math.round(minutes * 10) / 10);

/** Longest pause, in minutes, after which the next piece of a run is still supposed to follow at once. */
const MAX_GAP_IN_BATCH_MIN = 60;

/**
 * When work on these steps began, in minutes from the plan's t0: their own start stamp, or when the piece of the same run
 * before them was done, if that run was started; null where nobody timed it.
 */
function startOf(job: Job, reading: PlanReading, steps: readonly PieceStep[], now: number): number | null {
  const progress = progressByTask(job.log);
  const minutesAt = (at: string): number => minutesSince(reading.t0, at, job.site.timeZone);
  const [first] = steps;
  const own = first && progress.get(first.id)?.startedAt;
  if (own) return minutesAt(own);
  const run = reading.runs.find((candidate) => candidate.steps.some(({ id }) => id === first?.id));
  const isTimed = run?.steps.some(({ id }) => progress.get(id)?.startedAt);
  if (!run || !isTimed) return null;
  const ends = run.steps.flatMap(({ id }) => progress.get(id)?.doneAt ?? []).map(minutesAt);
  const last = Math.max(...ends.filter((end) => end <= now));
  return now - last <= MAX_GAP_IN_BATCH_MIN ? last : null;
}

/** That work was left when so much of it was done, from 0 to 1. */
export const partlyStamp = (step: PieceStep, share: number, stamping: Stamping): LogEntry =>
  stampOf(step, stamping, { event: 'partly', share });

/** That a coat was found still tacky. */
export const tackyStamp = (coated: PieceStep, { noted: _noted, ...stamping }: Stamping): LogEntry =>
  stampOf(coated, stamping, { event: 'tacky' });

/** A stamp in the place of an earlier one that had its time, or its tin, wrong. Minutes are kept. */
export function correctedStamp(
  { replaces: _before, ...stamp }: LogEntry,
  facts: Pick<LogEntry, 'at'> & Partial<Pick<LogEntry, 'by' | 'tinId'>>,
  { newId, device }: Pick<Stamping, 'newId' | 'device'>,
): LogEntry {
  return { ...stamp, ...facts, id: newId(), replaces: stamp.id, ...(device === undefined ? {} : { device }) };
}

/** That an earlier stamp does not count. */
export function withdrawnStamp({ id, taskId }: LogEntry, { at, by, newId, device }: Stamping): LogEntry {
  const own = device === undefined ? {} : { device };
  return { id: newId(), at, taskId, event: 'withdrawn', by, minutes: null, replaces: id, ...own };
}

/**
 * Whether stamps differ from the plan by so much that the rest has to be planned anew. Never once all is done: then
 * there is no rest.
 */
export function asksForReplan(job: Job, reading: PlanReading, entries: readonly LogEntry[]): boolean {
  const progress = progressByTask([...job.log, ...entries]);
  const isOver = reading.runs.every((run) => run.steps.every((step) => progress.get(step.id)?.doneAt));
  if (isOver) return false;
  return entries.some((entry) => {
    if (entry.event === 'tacky' || entry.event === 'partly' || entry.event === 'withdrawn') return true;
    const planned = (entry.event === 'started' ? reading.starts : reading.ends).get(entry.taskId);
    if (planned === undefined) return true;
    return Math.abs(minutesSince(reading.t0, entry.at, job.site.timeZone) - planned) > PLAN_TOLERANCE;
  });
}

/**
 * Whether work was stamped after the plan was made, up to `now`, that differs from it, or rework was decided on that it
 * does not have: the rest is still to be replanned.
 */
export function isOvertaken(job: Job, reading: PlanReading, now: string): boolean {
  if (hasUnplannedRework(job, reading)) return true;
  const madeAt = job.plan?.madeAt ?? now;
  return asksForReplan(
    job,
    reading,
    job.log.filter((entry) => entry.at > madeAt && entry.at <= now),
  );
}

/** Whether rework that is open stands in no plan yet. */
export function hasUnplannedRework(job: Job, { starts }: Pick<PlanReading, 'starts'>): boolean {
  const progress = progressByTask(job.log);
  const reworked = new Set(job.defects.flatMap(({ pieceId, rework }) => (rework ? [pieceId] : [])));
  return job.pieces
    .filter(({ id }) => reworked.has(id))
    .some((piece) =>
      pieceSteps(job, piece).some(({ id, rework }) => rework && !starts.has(id) && !progress.get(id)?.doneAt),
    );
}
