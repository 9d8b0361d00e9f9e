import { medianOf } from '../steps/learnt-paces.ts';
import { longerWords } from '../units/comparison.ts';
import { formatDuration, hoursOfWork } from '../units/measures.ts';
import { formatMoment } from '../units/moments.ts';
import { counted } from '../units/sentence.ts';
import type { HoursRow } from './planned-against-real.ts';

/** The last so many timed steps are told one by one. */
const MAX_TOLD = 6;

/** How standard and actual hours of one kind of work came about: the last steps that were timed, then their sums. */
export function hoursAccount({ planned, real, timed }: Pick<HoursRow, 'planned' | 'real' | 'timed'>): string[] {
  const told = timed.slice(-MAX_TOLD).map(({ step, at, minutes, usual }) => {
    const when = formatMoment(at, 'dateTime');
    return `${step.piece.mark}, ${when}: ${formatDuration(minutes)}, standard ${formatDuration(usual)}.`;
  });
  const earlier = timed.length - told.length;
  const ratio = medianOf(timed.map(({ minutes, usual }) => minutes / usual));
  return [
    ...(earlier > 0 ? [`${counted(earlier, 'earlier time')}, and:`] : []),
    ...told,
    `Standard: a professional’s minutes, times how used to it the painter is. Together ${hoursOfWork(planned)}.`,
    `By Start and Done: ${hoursOfWork(real)}. The one in the middle: ${longerWords(ratio)} than standard.`,
  ];
}
