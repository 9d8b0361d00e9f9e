import { DateTime } from 'luxon';
import type { Piece } from '../../job/document/piece-schema.ts';
import { hangsByNight } from '../../job/queries/pieces.ts';
import type { Job } from '../../job/document/schema.ts';
import { localDate } from '../../job/site-time.ts';
import { outingsOf } from '../../steps/night-hanging.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import type { PlanReading } from './read-plan.ts';

/** A piece that should hang again every night, and the most nights in a row for which it does not. */
export interface NightsLeftOpen {
  piece: Piece;
  nights: number;
}

/** Openings that must close at night, have nothing else to close them, and stand without their piece in this plan; the longest first. */
export function nightsLeftOpen(job: Job, reading: Pick<PlanReading, 't0' | 'ends'>): NightsLeftOpen[] {
  const dayOf = (minutes: number): DateTime =>
    DateTime.fromISO(localDate(reading.t0, minutes, job.site.timeZone), { zone: 'utc' });
  return job.pieces
    .filter(hangsByNight)
    .flatMap((piece) => {
      const away = outingsOf(pieceSteps(job, piece)).map(({ off, back }) => {
        const [gone, hung] = [reading.ends.get(off.id), reading.ends.get(back.id)];
        return gone === undefined || hung === undefined ? 0 : dayOf(hung).diff(dayOf(gone), 'days').days;
      });
      const nights = Math.max(0, ...away);
      return nights > 0 ? [{ piece, nights }] : [];
    })
    .sort((one, other) => other.nights - one.nights);
}
