import { formatMoment } from '../../../../core/units/moments.ts';
import { marksInWords } from '../../../../core/job/marks.ts';
import { localTime } from '../../../../core/job/site-time.ts';
import { stepPhrase, stepWords } from '../../../../core/steps/step-words.ts';
import type { BoardItem } from './layout.ts';

/** What something on the board is, as one would read it out. */
export function itemWords({ shows, from, until }: BoardItem, t0: string, timeZone: string): string {
  const when = (minutes: number): string => formatMoment(localTime(t0, minutes, timeZone), 'dayTime');
  const span = `${when(from)} to ${formatMoment(localTime(t0, until, timeZone), 'time')}`;
  switch (shows.kind) {
    case 'run':
    case 'bench': {
      const { steps } = shows.kind === 'run' ? shows.run : shows.use;
      const [step] = steps;
      const at = shows.kind === 'bench' ? 'At the bench: ' : '';
      return `${at}${span}, ${step ? stepWords(step) : ''}: ${marksInWords(steps.map(({ piece }) => piece.mark))}`;
    }
    case 'site': {
      const { place, words, doneAt } = shows.work;
      return `${span}, ${place}: ${words}${doneAt === null ? '' : ', done'}`;
    }
    case 'lying': {
      const { piece, after, next, stretches } = shows.lying;
      const ready = stretches.find(({ state }) => state === 'ready');
      const since = ready ? stretches[stretches.indexOf(ready) - 1]?.until : undefined;
      return `${piece.mark} after ${stepPhrase(after)}: ready ${when(since ?? until)}. Next: ${stepPhrase(next)}`;
    }
  }
}
