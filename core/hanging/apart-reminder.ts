import { minutesSince } from '../job/site-time.ts';
import type { ReminderKind } from '../running/reminder-kinds.ts';
import { readinessOf } from './readiness.ts';

const HELD = { wedge: 'Take the wedge out of', bumpers: 'Take the bumpers off' } as const;

/** What is kept apart so that it does not stick, once it may close. */
export const mayClose: ReminderKind = {
  id: 'may-close',
  fades: 4320,
  from({ job, problem, reading }) {
    const shift = minutesSince(reading.t0, problem.clocks.t0, job.site.timeZone);
    const kept = job.pieces.filter(({ keptApart }) => keptApart !== null);
    return readinessOf({ ...job, pieces: kept }, problem, new Map()).flatMap(({ piece, from }) => {
      if (piece.keptApart === null || from.close === null) return [];
      return [
        {
          id: `may-close/${piece.id}/${piece.keptApart.since}`,
          at: from.close + shift,
          words: `${HELD[piece.keptApart.by]} ${piece.mark}`,
          detail: 'It should close without sticking now. Try it gently.',
          pieceId: piece.id,
        },
      ];
    });
  },
};
