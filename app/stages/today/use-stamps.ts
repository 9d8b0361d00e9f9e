import { nanoid } from 'nanoid';
import { useSnackbar } from 'notistack';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { LogEntry } from '../../../core/job/record.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { acceptedPlan } from '../../../core/planning/accept.ts';
import type { NoPlan } from '../../../core/planning/problem.ts';
import type { PieceStep } from '../../../core/planning/piece-steps.ts';
import type { PlanReading } from '../../../core/planning/read-plan.ts';
import { asksForReplan, doneStamps, isOvertaken, startStamps, tackyStamp } from '../../../core/running/stamps.ts';
import { useJob } from '../../ui/job-context.tsx';
import type { Asked } from '../../workers/asked.ts';
import { startNearPlanning, startPlanning } from '../../workers/planner.ts';

export interface Stamps {
  isReplanning: boolean;
  start(steps: readonly PieceStep[]): void;
  done(steps: readonly PieceStep[]): void;
  tacky(coated: PieceStep): void;
  /** Plans the rest anew, moving as little of it as need be. */
  replan(): void;
}

const unplannable = (error: unknown): NoPlan => ({
  status: 'infeasible',
  reasons: [{ task: null, message: error instanceof Error ? error.message : String(error) }],
});

/**
 * Stamps of one painter. One that differs from the plan has the rest planned anew, verified, and put in its place,
 * also when the painter has gone on to another stage meanwhile.
 */
export function useStamps(reading: PlanReading, painter: string): Stamps {
  const { job, now, apply, store } = useJob();
  const { enqueueSnackbar } = useSnackbar();
  const [isReplanning, setIsReplanning] = useState(false);
  const running = useRef<Pick<Asked<unknown>, 'cancel'> | null>(null);
  const zone = job.site.timeZone;

  /** What a planning comes to; null where another stamp has overtaken it. */
  const answerOf = async <A>(planning: Asked<A>): Promise<A | NoPlan | null> => {
    running.current = planning;
    const answer = await planning.result.catch((error: unknown) => unplannable(error));
    return running.current === planning ? answer : null;
  };

  /** `gesture` names the stamp that asked for it: stamp and new plan are one step of history. */
  const replan = async (reason: string, gesture: string): Promise<void> => {
    const stamped = store.snapshot()?.job;
    if (!stamped) return;
    running.current?.cancel();
    setIsReplanning(true);
    // The day goes on as it was planned, as far as it can; where that leads nowhere, all is planned anew.
    const near = stamped.plan ? await answerOf(startNearPlanning(stamped, now, stamped.plan)) : unplannable('no plan');
    if (near === null) return;
    const answer = 'plan' in near ? near : await answerOf(startPlanning(stamped, now, () => undefined));
    if (answer === null) return;
    running.current = null;
    setIsReplanning(false);
    if (!('plan' in answer)) {
      enqueueSnackbar(`The rest can’t be planned: ${answer.reasons[0]?.message ?? ''}`, { variant: 'error' });
      return;
    }
    const { because } = answer;
    const plan = acceptedPlan(stamped, answer.problem, answer.plan, { at: now, reason, because });
    if (!apply('accept-plan', { plan }, { strokes: gesture }).ok) return;
    const when = (minutes: number): string => localTime(reading.t0, minutes, zone).toFormat('ccc d LLL, HH:mm');
    enqueueSnackbar(
      answer.plan.finish === reading.finish
        ? `${reason}: the rest is planned anew, the finish stays ${when(reading.finish)}.`
        : `${reason}: the finish moves from ${when(reading.finish)} to ${when(answer.plan.finish)}.`,
      { variant: answer.plan.finish > reading.finish ? 'warning' : 'success', autoHideDuration: 9000 },
    );
  };

  const write = (entries: LogEntry[], reason: string): void => {
    const [first] = entries;
    if (!first) return;
    const gesture = `stamp/${first.id}`;
    if (!apply('stamp', { entries }, { strokes: gesture }).ok) return;
    if (asksForReplan(job, reading, entries)) void replan(reason, gesture);
  };

  const marks = (steps: readonly PieceStep[]): string => marksInWords(steps.map((step) => step.piece.mark));

  // A tab that was closed while the rest was being planned left a plan behind that the stamps have overtaken.
  const overtaken = useEffectEvent(() => {
    if (isOvertaken(job, reading, now)) void replan('Stamps since the last plan', `overtaken/${now}`);
  });
  useEffect(() => overtaken(), []);

  return {
    isReplanning,
    replan: () => void replan('Replanned by what has been read', `replan/${now}`),
    start: (steps) =>
      write(
        startStamps(steps, now, painter, () => nanoid(10)),
        `${marks(steps.slice(0, 1))} started off plan`,
      ),
    done: (steps) =>
      write(
        doneStamps(job, reading, steps, { at: now, by: painter, newId: () => nanoid(10) }),
        `${marks(steps)} done off plan`,
      ),
    tacky: (coated) => write([tackyStamp(coated, now, painter, nanoid(10))], `${coated.piece.mark} still tacky`),
  };
}
