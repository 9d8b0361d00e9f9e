import { useCallback, useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import type { Pin } from '../../../core/job/document/plan-schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { ComparedPlan } from '../../../core/planning/revising/compare-plans.ts';
import { Mover, type Move } from '../../../core/planning/revising/moving.ts';
import { beginMoving, type Moving } from '../../asking/planner.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { HeldRun, type Aim, type MovedPlan } from './held-run.ts';

export interface MovingState extends Pick<HeldRun, 'aimAt' | 'drop' | 'putBack'> {
  aim: Aim | null;
}

/** Before a place is planned with, ms: a hand that goes on does not ask. */
const HELD_STILL = 140;

/** Moves runs of the plan that is shown: refusals at once, consequences from a worker, a plan when it is let go. */
export function useMoving(
  problem: JobProblem,
  plan: ComparedPlan | null,
  pins: readonly Pin[],
  onMoved: (moved: MovedPlan, move: Move) => void,
): MovingState {
  const job = useJob();
  const now = useNow();
  const [aim, setAim] = useState<Aim | null>(null);
  const held = useRef<HeldRun | null>(null);
  const pinned = useMemo(() => ({ ...job, pins: [...pins] }), [job, pins]);
  const hand = useEffectEvent(onMoved);

  // Another plan, another clock: whoever moves next begins anew.
  useEffect(() => {
    if (plan === null) return undefined;
    let mover: Mover | null = null;
    let worker: Moving | null = null;
    const run = new HeldRun({
      land: (move) => {
        mover ??= new Mover(pinned, problem, plan, minutesSince(problem.problem.t0, now, pinned.site.timeZone));
        return mover.land(move);
      },
      plan: (move) => (worker ??= beginMoving(pinned, now, plan)).move(move),
      onceStill: (act) => {
        const timer = setTimeout(act, HELD_STILL);
        return () => clearTimeout(timer);
      },
      onAim: setAim,
      onMoved: (moved, move) => hand(moved, move),
    });
    held.current = run;
    return () => {
      worker?.end();
      run.putBack();
      held.current = null;
    };
  }, [pinned, problem, plan, now]);

  return {
    aim,
    aimAt: useCallback((move) => held.current?.aimAt(move), []),
    drop: useCallback(() => held.current?.drop(), []),
    putBack: useCallback(() => held.current?.putBack(), []),
  };
}
