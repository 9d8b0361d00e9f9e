import { airWords } from '../../forecasting/drying-account.ts';
import { formatMoment } from '../../units/moments.ts';
import { FILM, formatDuration, TEMPERATURE } from '../../units/measures.ts';
import { localTime } from '../../job/site-time.ts';
import { FOUND, resultInWords } from '../../pieces/found.ts';
import { shortName } from '../../shelf/entry.ts';
import { wetFilm } from '../../shelf/film.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import { stepWords } from '../../steps/step-words.ts';
import { capital, inSentence } from '../../units/sentence.ts';
import { evidenceIn, stepsIn, type WrongTask } from './wrong-task.ts';

/** A line of what is known: what it is about, and what was noted. */
export interface Noted {
  about: string;
  words: string;
}

/** Every step of the piece and of the one beside it, with when it was done and how long it took; skipped ones last. */
export function loggedIn({ job }: WrongTask): Noted[] {
  const steps = new Map(
    job.pieces.flatMap((piece) => pieceSteps({ ...job, leftOut: [] }, piece)).map((step) => [step.id, step]),
  );
  const isPlain = new Set(job.pieces.slice(0, 1).map(({ id }) => id));
  const done = job.log
    .toSorted((one, other) => one.at.localeCompare(other.at))
    .flatMap(({ taskId, at, minutes }): Noted[] => {
      const step = steps.get(taskId);
      if (!step) return [];
      const where = isPlain.has(step.piece.id) ? '' : `${step.piece.mark}, beside it: `;
      const took = minutes === null ? '' : `, took ${formatDuration(minutes)}`;
      const words = where === '' ? stepWords(step) : `${where}${inSentence(stepWords(step))}`;
      return [{ about: formatMoment(at, 'weekdayTime'), words: `${words}${took}.` }];
    });
  const skipped = job.leftOut.flatMap(({ taskId }): Noted[] => {
    const step = steps.get(taskId);
    return step ? [{ about: 'Skipped', words: `${stepWords(step)}.` }] : [];
  });
  return [...done, ...skipped];
}

/** The air in which each coat was put on and dried. */
export function airIn(task: WrongTask): Noted[] {
  const { clocks } = stepsIn(task);
  const { units } = task.job.settings;
  const when = (at: number): string =>
    formatMoment(localTime(clocks.t0, Math.round(at), task.job.site.timeZone), 'weekdayTime');
  return evidenceIn(task).coats.map(({ laid, air, coldest, dampest }) => ({
    about: capital(shortName(laid.step.coat.coating)),
    words: `Put on at ${airWords(air, units)}. Then coldest ${TEMPERATURE.format(coldest.figure, units, 0)} (${when(coldest.at)}), dampest ${Math.round(dampest.figure)}% (${when(dampest.at)}).`,
  }));
}

/** What was tested, read and mixed. */
export function notedIn(task: WrongTask): Noted[] {
  const { job } = task;
  const { units } = job.settings;
  const coats = evidenceIn(task).coats.map(({ laid }) => laid.step.coat);
  const top = coats.at(-1);
  const film = job.readings.flatMap((reading) => (reading.kind === 'film' ? [reading.film] : []))[0];
  return [
    ...(film !== undefined && top
      ? [
          {
            about: 'Wet film',
            words: `${FILM.format(film, units)}. Its tin: ${FILM.format(wetFilm(top.coating.volumeSolids, top.coating.dryFilm, top.coat.thinning), units)}.`,
          },
        ]
      : []),
    ...(top && top.coat.thinning > 0
      ? [{ about: 'Thinned', words: `${capital(shortName(top.coating))} by ${top.coat.thinning}%.` }]
      : []),
    ...job.patches.flatMap(({ read }) =>
      read ? [{ about: 'Test patch', words: read.held ? 'Held.' : 'Let go.' }] : [],
    ),
    ...job.findings.flatMap(({ found, result }) =>
      found === 'old-colour' ? [] : [{ about: FOUND[found].name, words: `${resultInWords(found, result)}.` }],
    ),
    { about: 'Lead', words: 'Not tested.' },
    ...(job.site.yearBuilt === null ? [] : [{ about: 'House', words: `Built in ${job.site.yearBuilt}.` }]),
  ];
}
