import { nanoid } from 'nanoid';
import { useEffect, useEffectEvent, useLayoutEffect, useRef, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { LogEntry } from '../../../core/job/document/log-schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import type { PlanReading, Run } from '../../../core/planning/reading/read-plan.ts';
import { clockDoubt } from '../../../core/running/clock-doubt.ts';
import { notedWith } from '../../../core/running/applied-coats.ts';
import {
  asksForReplan,
  correctedStamp,
  doneStamps,
  isOvertaken,
  openSteps,
  partlyStamp,
  startStamps,
  tackyStamp,
  withdrawnStamp,
  type Stamping,
} from '../../../core/running/stamps.ts';
import { deviceId } from '../../keeping/device.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { useReplanning, type Replanning } from '../replanning/use-replanning.ts';
import { notify } from '../../device/notices.ts';

/** What may be stamped; stays the same for as long as the screen does. */
export interface Stamps {
  start(steps: readonly PieceStep[]): void;
  done(steps: readonly PieceStep[]): void;
  /** Work is left when so much of it is done, from 0 to 1. */
  partly(step: PieceStep, share: number): void;
  tacky(coated: PieceStep): void;
  /** Steps are not done at all, though the build-up asks for them. */
  leaveOut(steps: readonly PieceStep[], why: string): void;
  /** Puts a run before what is on now. */
  first(run: Run): void;
  /** A stamp had the wrong time. */
  correct(stamp: LogEntry, at: string): void;
  withdraw(stamp: LogEntry): void;
  /** Plans the rest anew, moving as little of it as need be. */
  replan(reason?: string): void;
}

/** Stamps that would lie before the last one: they wait until the painter says which time is right. */
export interface DoubtfulStamps {
  /** What the device says, and when its last stamp was made; local. */
  at: string;
  last: string;
  /** Writes them as made at one of both. */
  write(at: string): void;
  drop(): void;
}

/**
 * Stamps of one painter, each with the air of the moment and the tin in use. One that differs from the plan has the rest
 * planned anew, verified, and put in its place, also when the painter has gone on to another stage meanwhile.
 */
export function useStamps(
  problem: JobSteps,
  reading: PlanReading,
  painter: string,
): {
  stamps: Stamps;
  replanning: Pick<Replanning, 'isReplanning' | 'lines' | 'putAway'>;
  doubt: DoubtfulStamps | null;
} {
  const [doubt, setDoubt] = useState<DoubtfulStamps | null>(null);
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { replan, move, ...replanning } = useReplanning();
  const stamping: Stamping = {
    at: now,
    by: painter,
    newId: () => nanoid(10),
    device: deviceId(),
    noted: (step, at) => notedWith(job, problem.clocks, step, at),
  };

  const write = (entries: LogEntry[], reason: string): void => {
    const [first] = entries;
    if (!first) return;
    // A workshop clock is set back on purpose.
    const doubtful =
      job.settings.clock.kind === 'real' && first.replaces === undefined
        ? clockDoubt(job.log, first.at, stamping.device ?? '', job.site.timeZone)
        : null;
    if (doubtful === null) {
      record(entries, reason);
      return;
    }
    setDoubt({
      at: first.at,
      last: doubtful.last.at,
      write: (at) => {
        setDoubt(null);
        record(
          entries.map((entry) => ({ ...entry, at })),
          reason,
        );
      },
      drop: () => setDoubt(null),
    });
  };
  const record = (entries: LogEntry[], reason: string): void => {
    const gesture = `stamp/${entries[0]?.id ?? ''}`;
    if (!apply('stamp', { entries }, { strokes: gesture }).ok) return;
    if (asksForReplan(job, reading, entries)) void replan(reason, gesture);
  };

  const marks = (steps: readonly PieceStep[]): string => marksInWords(steps.map((step) => step.piece.mark));

  // A tab that was closed while the rest was being planned left a plan behind that the stamps have overtaken.
  const overtaken = useEffectEvent(() => {
    if (isOvertaken(job, reading, now)) void replan('Stamps since the last plan', `overtaken/${now}`);
  });
  useEffect(() => overtaken(), []);

  const acting: Stamps = {
    replan: (reason = 'Replanned by what has been read') => void replan(reason, `replan/${now}`),
    start: (steps) => write(startStamps(steps, stamping), `${marks(steps.slice(0, 1))} started off plan`),
    done: (steps) => write(doneStamps(job, reading, steps, stamping), `${marks(steps)} done off plan`),
    partly: (step, share) =>
      write([partlyStamp(step, share, stamping)], `${step.piece.mark} left at ${Math.round(share * 100)} %`),
    tacky: (coated) => write([tackyStamp(coated, stamping)], `${coated.piece.mark} still tacky`),
    leaveOut: (steps, why) => {
      const gesture = `left-out/${nanoid(6)}`;
      const { device } = stamping;
      const left = steps.map(({ id }) => ({ taskId: id, at: now, by: painter, why, ...(device ? { device } : {}) }));
      if (!apply('leave-out', { steps: left }, { strokes: gesture }).ok) return;
      void replan(`${marks(steps)}: a step left out`, gesture);
    },
    first: (run) => {
      const open = openSteps(job, run);
      const start = minutesSince(reading.t0, now, job.site.timeZone) + 1;
      void move({ taskIds: open.map(({ id }) => id), start, painters: run.painters }, `${marks(open)} put first`);
    },
    correct: (stamp, at) => {
      if (at > now) {
        notify('That is still to come: a stamp says what has been.', { variant: 'error' });
        return;
      }
      write([correctedStamp(stamp, { at }, stamping)], 'A stamp was corrected');
    },
    withdraw: (stamp) => write([withdrawnStamp(stamp, stamping)], 'A stamp was taken back'),
  };
  const latest = useRef(acting);
  useLayoutEffect(() => {
    latest.current = acting;
  });
  const [stamps] = useState((): Stamps => ({
    replan: (reason) => latest.current.replan(reason),
    start: (steps) => latest.current.start(steps),
    done: (steps) => latest.current.done(steps),
    partly: (step, share) => latest.current.partly(step, share),
    tacky: (coated) => latest.current.tacky(coated),
    leaveOut: (steps, why) => latest.current.leaveOut(steps, why),
    first: (run) => latest.current.first(run),
    correct: (stamp, at) => latest.current.correct(stamp, at),
    withdraw: (stamp) => latest.current.withdraw(stamp),
  }));
  return { stamps, replanning, doubt };
}
