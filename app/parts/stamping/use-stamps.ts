import { GESTURE } from '../../keeping/history.ts';
import { nanoid } from 'nanoid';
import { useEffect, useEffectEvent, useState } from 'react';
import type { LogEntry } from '../../../core/job/document/log-schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import type { PlanReading, Run } from '../../../core/planning/reading/read-plan.ts';
import { notedWith } from '../../../core/running/applied-coats.ts';
import { asksForReplan, isOvertaken, openSteps, type Stamping } from '../../../core/running/stamps.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { notify } from '../../device/notices.ts';
import { useStableCalls } from '../../device/use-stable-calls.ts';
import { deviceId } from '../../keeping/device.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { useReplanning, type Replanning } from '../replanning/use-replanning.ts';
import {
  doubtAbout,
  marksOf,
  writtenAt,
  writtenCorrection,
  writtenDone,
  writtenPartly,
  writtenStart,
  writtenTacky,
  writtenWithdrawal,
  type Written,
} from './stamp-writing.ts';

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

  const write = (written: Written): void => {
    const [first] = written.entries;
    if (!first) return;
    const last = doubtAbout(written, job, deviceId());
    if (last === null) {
      record(written);
      return;
    }
    setDoubt({
      at: first.at,
      last,
      write: (at) => {
        setDoubt(null);
        record(writtenAt(written, at));
      },
      drop: () => setDoubt(null),
    });
  };
  const record = ({ entries, reason }: Written): void => {
    const gesture = `${GESTURE}stamp/${entries[0]?.id ?? ''}`;
    if (!apply('stamp', { entries }, { strokes: gesture }).ok) return;
    if (asksForReplan(job, reading, entries)) void replan(reason, gesture);
  };

  // A tab that was closed while the rest was being planned left a plan behind that the stamps have overtaken.
  const overtaken = useEffectEvent(() => {
    if (isOvertaken(job, reading, now)) void replan('Logged since the last plan', `overtaken/${now}`);
  });
  useEffect(() => overtaken(), []);

  const stamps = useStableCalls<Stamps>({
    replan: (reason = 'Replanned after new readings') => void replan(reason, `replan/${now}`),
    start: (steps) => write(writtenStart(steps, stamping)),
    done: (steps) => write(writtenDone(job, reading, steps, stamping)),
    partly: (step, share) => write(writtenPartly(step, share, stamping)),
    tacky: (coated) => write(writtenTacky(coated, stamping)),
    leaveOut: (steps, why) => {
      const gesture = `${GESTURE}left-out/${nanoid(6)}`;
      const left = steps.map(({ id }) => ({ taskId: id, at: now, by: painter, why, device: deviceId() }));
      if (!apply('leave-out', { steps: left }, { strokes: gesture }).ok) return;
      void replan(`${marksOf(steps)}: skipped a step`, gesture);
    },
    first: (run) => {
      const open = openSteps(job, run);
      const start = minutesSince(reading.t0, now, job.site.timeZone) + 1;
      void move({ taskIds: open.map(({ id }) => id), start, painters: run.painters }, `${marksOf(open)} put first`);
    },
    correct: (stamp, at) => {
      const written = writtenCorrection(stamp, at, stamping);
      if (written.ok) write(written.value);
      else notify(written.message, { variant: 'error' });
    },
    withdraw: (stamp) => write(writtenWithdrawal(stamp, stamping)),
  });
  return { stamps, replanning, doubt };
}
