import { coatStays } from '../steps/wetness/coat-climate.ts';
import { operationOf } from '../steps/operations.ts';
import { rehungBy, hangsAgain, isHungAfter, isTakenDownAgain } from '../steps/rehanging.ts';
import type { JobSteps } from '../steps/job-steps.ts';
import { coatDrying, currentCoats, slowest, type CoatDrying } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import type { Wetness } from '../planning/reading/drying-places.ts';
import { progressByTask } from '../job/progress.ts';

import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import type { DryingStage } from '../shelf/coating.ts';

/** A piece with wet coats: what may be done with it, and from when to when, by the slowest of them. */
export interface DryingPiece extends CoatDrying {
  piece: Piece;
  /** What comes next; null when nothing does. */
  next: PieceStep | null;
  verb: 'turn' | 'other-side' | 'recoat' | 'put-right' | 'hang' | 'use';
  state: Wetness;
  /** Whether it is on its hinges, if only for a night. */
  hangs: boolean;
}

/** What the next step does with the piece. */
function verbOf(next: PieceStep | null): DryingPiece['verb'] {
  if (next === null) return 'use';
  const { phase, isLifted } = operationOf(next);
  if (phase === 'put-right') return 'put-right';
  if (hangsAgain(next)) return isLifted ? 'hang' : 'use';
  if (next.otherSide) return 'other-side';
  return next.turned ? 'turn' : 'recoat';
}

/**
 * Every piece with a coat on it that has not been touched since, what ripens next first.
 * From what was stamped, never from what was planned. `now` is local ISO time.
 */
export function dryingPieces(job: Job, { clocks, conditions }: JobSteps, now: string): DryingPiece[] {
  const progress = progressByTask(job.log);
  const minutes = (at: string): number => minutesSince(clocks.t0, at, job.site.timeZone);
  const at = minutes(now);
  const found = job.pieces.flatMap((piece): DryingPiece[] => {
    const steps = pieceSteps(job, piece);
    const last = steps.findLastIndex((step) => progress.get(step.id)?.doneAt);
    // What is taken down again is taken down for what is done to it then.
    const next = steps.slice(last + 1).find((step) => !isTakenDownAgain(step)) ?? null;
    if (next !== null && progress.get(next.id)?.startedAt) return [];
    const hangs = isHungAfter(steps.slice(0, last + 1));
    const hungAt = rehungBy(steps, (id) => progress.get(id)?.doneAt)?.at;
    let full = 0;
    // What was hung early lacks coats: those that are there dry all the same.
    const done = steps.slice(0, last + 1).filter(({ id }) => progress.get(id)?.doneAt);
    const coats = currentCoats(done).flatMap((coated): CoatDrying[] => {
      const doneAt = progress.get(coated.id)?.doneAt;
      if (!doneAt) return [];
      const since = minutes(doneAt);
      const stays = coatStays(job, coated, hungAt ? minutes(hungAt) : Infinity);
      const reached = (stage: DryingStage): number =>
        clocks.reached(coated.coat.coating, stage, since, stays, conditions.get(coated.id)) ?? Infinity;
      full = Math.max(full, reached('full'));
      return [coatDrying(coated, next, since, reached)];
    });
    const drying = slowest(coats);
    if (drying === null) return [];
    const verb = verbOf(next);
    const state = stateAt(at, drying, full);
    // Once it may be closed, there is nothing left to mind.
    if (state === 'cured' || (verb === 'use' && at >= drying.opens)) return [];
    return [{ ...drying, piece, next, verb, state, hangs }];
  });
  return found.sort((one, other) => one.opens - other.opens);
}

function stateAt(now: number, { touchDry, handled, opens, closes }: CoatDrying, full: number): Wetness {
  if (now < touchDry) return 'wet';
  if (now < opens) return now < handled ? 'tacky' : 'hardening';
  if (closes !== null && now > closes) return 'late';
  return now >= full ? 'cured' : 'ready';
}
