import { DateTime } from 'luxon';
import type { Piece } from '../job/piece-schema.ts';
import type { Job } from '../job/schema.ts';
import { localDate } from '../job/site-time.ts';
import { pieceSteps } from './piece-steps.ts';
import type { PlanReading } from './read-plan.ts';

/** A piece whose opening has to close at night, and the nights for which it is away. */
export interface OpenNights {
  piece: Piece;
  nights: number;
}

/** Openings that must close at night and stand without their piece in this plan, the longest first. */
export function openNights(job: Job, reading: Pick<PlanReading, 't0' | 'ends'>): OpenNights[] {
  const dayOf = (minutes: number): DateTime =>
    DateTime.fromISO(localDate(reading.t0, minutes, job.site.timeZone), { zone: 'utc' });
  return job.pieces
    .filter(({ access, comesOff }) => access.closesAtNight && comesOff)
    .flatMap((piece) => {
      const steps = pieceSteps(job, piece);
      const [off, back] = [reading.ends.get(steps[0]?.id ?? ''), reading.ends.get(steps.at(-1)?.id ?? '')];
      if (off === undefined || back === undefined) return [];
      const nights = dayOf(back).diff(dayOf(off), 'days').days;
      return nights > 0 ? [{ piece, nights }] : [];
    })
    .sort((one, other) => other.nights - one.nights);
}
