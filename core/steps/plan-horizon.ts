import { ALL_ALONG } from '../job/document/new-job.ts';
import { definitionOf } from '../pieces/registry.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import { placeOf } from '../job/queries/places.ts';
import type { Job } from '../job/document/schema.ts';
import { localDays } from '../units/local-day.ts';
import { shiftsOf } from './crew-shifts.ts';
import { workOf } from './crew-work.ts';
import { isCoat } from './wetness/current-coats.ts';
import { pieceSteps } from './piece-steps.ts';

/** Days that a plan may reach at least beyond the day on which it is made, and at most. */
const HORIZON_DAYS = 90;
const MAX_DAYS = 700;
/** How much longer a job may take than its work, beside the days that its coats dry: not all hands are always busy. */
const IDLING = 1.8;
const DRYING_DAYS = 40;
/** Any week will do to count its hours. */
const A_WEEK = localDays('2027-03-01', 'UTC', 7);
/** Days for which a piece lies about for every coat that it gets, weekends among them. */
const DAYS_A_COAT = 1.4;

/**
 * Days within which a job can be done, however large it is: the crew's weeks against the work of all its pieces, and the
 * places that pieces wait for against the coats for which each of them lies there.
 */
export function horizonDays(job: Job, factor: number): number {
  const steps = job.pieces.flatMap((piece) => pieceSteps(job, piece));
  const work = steps.reduce((sum, { minutes }) => sum + workOf(minutes, factor), 0);
  const week = job.crew.flatMap((painter) => shiftsOf({ ...painter, ...ALL_ALONG }, A_WEEK));
  const weekly = week.reduce((sum, [from, until]) => sum + until - from, 0);
  const days = weekly === 0 ? 0 : DRYING_DAYS + Math.max((IDLING * 7 * work) / weekly, queueDays(job));
  return Math.min(MAX_DAYS, Math.max(HORIZON_DAYS, Math.ceil(days)));
}

/** Days for which pieces would queue for the rack, or to be off their hinges, were there nothing else to wait for. */
function queueDays(job: Job): number {
  const lain = (pieces: readonly Piece[]): number =>
    DAYS_A_COAT * pieces.reduce((sum, piece) => sum + pieceSteps(job, piece).filter(isCoat).length, 0);
  const loose = job.pieces.filter(({ comesOff }) => comesOff);
  const doors = loose.filter(({ kind }) => definitionOf(kind).closesOpening);
  const rooms = job.rooms.map(({ id, maxOff }) =>
    maxOff === null ? 0 : lain(doors.filter(({ roomId }) => roomId === id)) / maxOff,
  );
  return Math.max(lain(loose) / placeOf(job, 'rack').slots, ...rooms);
}
