import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { groupBy } from '../../units/maps.ts';
import { staysWhereItDries } from '../../steps/step-needs.ts';
import type { DryingStage } from '../../shelf/coating.ts';

import type { Piece } from '../../job/document/piece-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { coatDrying, currentCoats, slowest, type CoatDrying } from '../../steps/wetness/current-coats.ts';
import type { PieceStep } from '../../steps/step.ts';

/**
 * The states of a coat, in the order in which it goes through them. Hardening: it can be handled, and not yet do what
 * comes next.
 */
export const WETNESS = ['wet', 'tacky', 'hardening', 'ready', 'late', 'cured'] as const;
export type Wetness = (typeof WETNESS)[number];

/** A stretch of a lying coat in one state. */
export interface WetStretch {
  state: Wetness;
  from: number;
  until: number;
}

/** A piece on a slot of the rack between two steps. */
export interface Lying {
  piece: Piece;
  slot: number;
  from: number;
  until: number;
  stretches: WetStretch[];
  /** The step that put the coat on, and what it waits for. */
  after: PieceStep;
  next: PieceStep;
}

/** What lies on the rack between two steps, and what dries where it is. */
export function dryingOf(
  job: Job,
  { steps, clocks, conditions }: Pick<JobProblem, 'steps' | 'clocks' | 'conditions'>,
  starts: ReadonlyMap<string, number>,
  ends: ReadonlyMap<string, number>,
): { lyings: Lying[]; inPlace: Lying[] } {
  const lyings: Omit<Lying, 'slot'>[] = [];
  for (const own of groupBy(steps.values(), ({ piece }) => piece.id).values()) {
    own.forEach((step, index) => {
      const next = own[index + 1];
      const from = ends.get(step.id);
      const until = next && starts.get(next.id);
      if (!next || from === undefined || until === undefined || until <= from) return;
      if (!staysWhereItDries(step)) return;
      const coats = currentCoats(own.slice(0, index + 1)).flatMap((coated) => {
        const since = ends.get(coated.id);
        const { coating } = coated.coat;
        const climateId = coatClimateId(job, coated);
        const at = (stage: DryingStage): number =>
          clocks.reached(coating, stage, since ?? 0, climateId, conditions.get(coated.id)) ?? Infinity;
        return since === undefined ? [] : [coatDrying(coated, next, since, at)];
      });
      const drying = slowest(coats);
      const stretches = drying ? wetStretches(from, until, drying) : [{ state: 'ready' as const, from, until }];
      lyings.push({ piece: step.piece, from, until, stretches, after: step, next });
    });
  }
  return {
    lyings: onSlots(lyings.filter(({ piece }) => piece.comesOff)),
    inPlace: onSlots(lyings.filter(({ piece }) => !piece.comesOff)),
  };
}

/** Wet until touch dry, tacky until it can be handled, hardening until ready for what comes next, ready until its window closes. */
function wetStretches(from: number, until: number, { touchDry, handled, opens, closes }: CoatDrying): WetStretch[] {
  const limits: [Wetness, number][] = [
    ['wet', touchDry],
    ['tacky', Math.max(touchDry, Math.min(handled, opens))],
    ['hardening', Math.max(touchDry, opens)],
    ['ready', Math.max(opens, closes ?? Infinity)],
    ['late', Infinity],
  ];
  const stretches: WetStretch[] = [];
  let start = from;
  for (const [state, end] of limits) {
    const stop = Math.min(until, end);
    if (stop > start) stretches.push({ state, from: start, until: stop });
    start = Math.max(start, stop);
  }
  return stretches;
}

/** Gives whatever takes a slot from one time until another the lowest that is free. */
export function onSlots<T extends { from: number; until: number }>(uses: readonly T[]): (T & { slot: number })[] {
  const freeFrom: number[] = [];
  return [...uses]
    .sort((one, other) => one.from - other.from)
    .map((use) => {
      let slot = freeFrom.findIndex((free) => free <= use.from);
      if (slot < 0) slot = freeFrom.length;
      freeFrom[slot] = use.until;
      return { ...use, slot };
    });
}
