import { inSentence } from '../units/sentence.ts';
import { readinessOf } from '../hanging/readiness.ts';
import { progressByTask } from '../job/progress.ts';
import { minutesSince } from '../job/site-time.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { ReminderKind } from '../running/reminder-kinds.ts';
import { dueFilmChecks, FILM_CHECK_DEFINITIONS } from './film-checks.ts';

/** The checks of the dry film, from when each of them says something, as long as nobody has made it. */
export const filmCheckDue: ReminderKind = {
  id: 'film-check',
  fades: 10_080,
  from({ job, problem, reading }) {
    const shift = minutesSince(reading.t0, problem.clocks.t0, job.site.timeZone);
    const progress = progressByTask(job.log);
    const coated = job.pieces.filter((piece) => {
      const coats = pieceSteps(job, piece).filter(isCoat);
      return coats.length > 0 && coats.every(({ id }) => progress.get(id)?.doneAt);
    });
    const rows = readinessOf({ ...job, pieces: coated }, problem, new Map());
    return dueFilmChecks(job, rows).flatMap(({ check, piece, from, last }) => {
      if (last !== null || from === null) return [];
      const { name, how } = FILM_CHECK_DEFINITIONS[check];
      return [
        {
          id: `film-check/${check}/${piece.id}`,
          at: from + shift,
          words: `${piece.mark} is ready for ${inSentence(name)}`,
          detail: how,
          pieceId: piece.id,
        },
      ];
    });
  },
};
