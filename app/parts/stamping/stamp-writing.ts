import type { LogEntry } from '../../../core/job/document/log-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { marksInWords } from '../../../core/job/marks.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { clockDoubt } from '../../../core/running/clock-doubt.ts';
import {
  correctedStamp,
  doneStamps,
  partlyStamp,
  startStamps,
  tackyStamp,
  withdrawnStamp,
  type Stamping,
} from '../../../core/running/stamps.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';

/** Stamps to write, and the history label of any replan they trigger. */
export interface Written {
  entries: LogEntry[];
  reason: string;
}

export const marksOf = (steps: readonly PieceStep[]): string => marksInWords(steps.map((step) => step.piece.mark));

export const writtenStart = (steps: readonly PieceStep[], stamping: Stamping): Written => ({
  entries: startStamps(steps, stamping),
  reason: `${marksOf(steps.slice(0, 1))} started off plan`,
});

export const writtenDone = (
  job: Job,
  reading: PlanReading,
  steps: readonly PieceStep[],
  stamping: Stamping,
): Written => ({ entries: doneStamps(job, reading, steps, stamping), reason: `${marksOf(steps)} done off plan` });

/** `share` of the work is done, from 0 to 1. */
export const writtenPartly = (step: PieceStep, share: number, stamping: Stamping): Written => ({
  entries: [partlyStamp(step, share, stamping)],
  reason: `${step.piece.mark} left at ${Math.round(share * 100)}%`,
});

export const writtenTacky = (coated: PieceStep, stamping: Stamping): Written => ({
  entries: [tackyStamp(coated, stamping)],
  reason: `${coated.piece.mark} still tacky`,
});

/** A stamp with another time, local; refused where that is still to come. */
export function writtenCorrection(stamp: LogEntry, at: string, stamping: Stamping): Outcome<Written> {
  if (at > stamping.at) return refused('That’s in the future. Log work once it’s done.');
  return accepted({ entries: [correctedStamp(stamp, { at }, stamping)], reason: 'Corrected a log entry' });
}

export const writtenWithdrawal = (stamp: LogEntry, stamping: Stamping): Written => ({
  entries: [withdrawnStamp(stamp, stamping)],
  reason: 'Undid a log entry',
});

/** The time of this device's last stamp if the new ones would come before it; otherwise null. */
export function doubtAbout({ entries }: Written, job: Job, device: string): string | null {
  const [first] = entries;
  // A workshop clock is set back on purpose, and a correction says when something was.
  if (!first || job.settings.clock.kind !== 'real' || first.replaces !== undefined) return null;
  return clockDoubt(job.log, first.at, device, job.site.timeZone)?.last.at ?? null;
}

/** The same stamps, made at another local time. */
export const writtenAt = ({ entries, reason }: Written, at: string): Written => ({
  entries: entries.map((entry) => ({ ...entry, at })),
  reason,
});
