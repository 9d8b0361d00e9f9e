import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Pin } from '../../../core/job/document/plan-schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import type { ComparedPlan } from '../../../core/planning/revising/compare-plans.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { Mover, type Landing, type Move, type Moved } from '../../../core/planning/revising/moving.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { beginMoving, type Moving } from '../../asking/planner.ts';

/** A plan that came of moving a run, with the pins that hold it there. */
export type MovedPlan = Extract<Moved, { plan: unknown }>;

/** Where a run is held over the board, and what comes of letting it go there. */
export interface Aim extends Move {
  /** Whether it may stand there, as all else is now: known at once. */
  landing: Landing;
  /** What it changes; null while that is being planned. */
  moved: Moved | null;
}

export interface MovingState {
  aim: Aim | null;
  /** Holds a run over a place; the same place again changes nothing. */
  aimAt(move: Move): void;
  /** Lets it go: the plan is handed out when it is made, or the refusal stays in the aim. */
  letGo(): void;
  putBack(): void;
}

/** Before a place is planned with, ms: a hand that goes on does not ask. */
const HELD_STILL = 140;

const isSame = (one: Move, other: Move): boolean =>
  one.start === other.start &&
  one.painters.join() === other.painters.join() &&
  one.taskIds.join() === other.taskIds.join();

/** Moves runs of the plan that is shown: refusals at once, consequences from a worker, a plan when it is let go. */
export function useMoving(
  problem: JobProblem,
  plan: ComparedPlan | null,
  pins: readonly Pin[],
  onMoved: (moved: MovedPlan, move: Move) => void,
): MovingState {
  const job = useJob();
  const now = useNow();
  const worker = useRef<Moving | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const wanted = useRef<Move | null>(null);
  const isLetGo = useRef(false);
  const [aim, setAim] = useState<Aim | null>(null);
  const pinned = useMemo(() => ({ ...job, pins: [...pins] }), [job, pins]);
  const mover = useRef<Mover | null>(null);

  const forget = useCallback(() => {
    if (timer.current) clearTimeout(timer.current);
    wanted.current = null;
    isLetGo.current = false;
    setAim(null);
  }, []);

  // Another plan, another clock: whoever moves next begins anew.
  useEffect(() => {
    return () => {
      worker.current?.end();
      worker.current = null;
      mover.current = null;
      forget();
    };
  }, [pinned, problem, plan, now, forget]);

  const hand = useCallback(
    (moved: MovedPlan, move: Move) => {
      forget();
      onMoved(moved, move);
    },
    [forget, onMoved],
  );

  const ask = useCallback(
    (move: Move) => {
      if (plan === null) return;
      worker.current ??= beginMoving(pinned, now, plan);
      const tell = (moved: Moved): void => {
        if (wanted.current === null || !isSame(wanted.current, move)) return;
        if (isLetGo.current && 'plan' in moved) hand(moved, move);
        else setAim((held) => (held && isSame(held, move) ? { ...held, moved } : held));
      };
      worker.current
        .move(move)
        .then(tell)
        .catch((error: unknown) => tell({ refused: error instanceof Error ? error.message : String(error) }));
    },
    [pinned, now, plan, hand],
  );

  const aimAt = useCallback(
    (move: Move) => {
      if (plan === null || (wanted.current !== null && isSame(wanted.current, move))) return;
      mover.current ??= new Mover(pinned, problem, plan, minutesSince(problem.problem.t0, now, job.site.timeZone));
      wanted.current = move;
      isLetGo.current = false;
      if (timer.current) clearTimeout(timer.current);
      const landing = mover.current.land(move);
      setAim({ ...move, landing, moved: null });
      if ('pins' in landing) timer.current = setTimeout(() => ask(move), HELD_STILL);
    },
    [plan, pinned, problem, now, job.site.timeZone, ask],
  );

  const letGo = useCallback(() => {
    if (aim === null) return;
    isLetGo.current = true;
    if (aim.moved && 'plan' in aim.moved) hand(aim.moved, aim);
  }, [aim, hand]);

  return { aim, aimAt, letGo, putBack: forget };
}
