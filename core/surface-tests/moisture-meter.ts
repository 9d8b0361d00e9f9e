import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import { fixedShare } from '../units/fixed-share.ts';

/** A stand-in for a moisture meter with two pins: it shows what such a piece would show, and is no measurement. */
export interface SimulatedReading {
  /** Three readings in %, and the highest. */
  readings: readonly [number, number, number];
  highest: number;
}

/** Wood settles at about this in heated rooms, and in the open air of a mild climate, in %. */
const SETTLED = { inside: 9, outside: 14 };
const SPREAD = { inside: 3, outside: 4 };
/** What washing adds at the surface, and the hours in which two thirds of it have gone. */
const WASHED = { adds: 9, hours: 8 };

const tenth = (value: number): number => Math.round(value * 10) / 10;

/**
 * What the simulated meter shows on a piece at `now` (local ISO): a level of its own, higher outside, and higher for
 * some hours after it was washed.
 */
export function simulatedMoisture(job: Pick<Job, 'log' | 'site'>, piece: Piece, now: string): SimulatedReading {
  const where = piece.exposure.front === 'outside' || piece.exposure.back === 'outside' ? 'outside' : 'inside';
  const washedAt = job.log.findLast(
    ({ taskId, event }) => event === 'done' && taskId.startsWith(`${piece.id}/wash`),
  )?.at;
  const since = washedAt ? Math.max(0, minutesSince(washedAt, now, job.site.timeZone)) / 60 : Infinity;
  const wet = WASHED.adds * Math.exp(-since / WASHED.hours);
  const at = (spot: string): number => tenth(SETTLED[where] + SPREAD[where] * fixedShare(`${piece.id}/${spot}`) + wet);
  const readings = [at('rail'), at('groove'), at('joint')] as const;
  return { readings, highest: Math.max(...readings) };
}
