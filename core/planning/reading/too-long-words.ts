import { formatMoment } from '../../units/moments.ts';
import { formatDuration } from '../../units/measures.ts';
import { localTime } from '../../job/site-time.ts';
import { anyOf } from '../../units/sentence.ts';
import type { TooLong } from '../drafting/piece-tasks.ts';

/** Why a step fits into no hours, and ways out. `t0` and `timeZone` are those of the problem. */
export function tooLongWords({ work, longest, hours, ways }: TooLong, t0: string, timeZone: string): string {
  if (hours === 'crew' || ways === null) {
    return `needs ${formatDuration(work)} at a stretch. ${longestWords('half-day', longest)} Work longer, or paint it in place, joint to joint.`;
  }
  const at = (minutes: number): string => formatMoment(localTime(t0, minutes, timeZone), 'dayTime');
  const nearest =
    ways.nearest === null
      ? ''
      : ` Nearest spell: ${at(ways.nearest[0])}–${formatMoment(localTime(t0, ways.nearest[1], timeZone), 'time')}. Start earlier, or stay on.`;
  const offers = [
    ...(ways.warm ? ['warm the room'] : []),
    ...(ways.shade ? ['hang a sun sheet'] : []),
    ...(ways.lighter ? ['use a lighter colour'] : []),
    ...(ways.off ? ['take it off'] : []),
  ];
  const helps = offers.length === 0 ? 'Try another product or another season.' : `Try this: ${anyOf(offers)}.`;
  return `needs ${formatDuration(work)} at a stretch. ${longestWords('paintable spell', longest)}${nearest} ${helps}`;
}

const longestWords = (what: string, minutes: number): string =>
  minutes === 0 ? `There is no ${what} at all.` : `The longest ${what} is ${formatDuration(minutes)}.`;
