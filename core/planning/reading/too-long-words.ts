import { formatMoment } from '../../units/moments.ts';
import { formatDuration } from '../../units/measures.ts';
import { localTime } from '../../job/site-time.ts';
import { anyOf } from '../../units/sentence.ts';
import type { TooLong } from '../drafting/piece-tasks.ts';

/** Why a step fits into no hours, and ways out. `t0` and `timeZone` are those of the problem. */
export function tooLongWords({ work, longest, hours, ways }: TooLong, t0: string, timeZone: string): string {
  const most = longest === 0 ? 'none at all' : formatDuration(longest);
  if (hours === 'crew' || ways === null) {
    return `it takes ${formatDuration(work)} in one go, and the longest half-day lasts ${most}. Lengthen it, or leave the piece in its place, where it is painted from joint to joint.`;
  }
  const at = (minutes: number): string => formatMoment(localTime(t0, minutes, timeZone), 'dayTime');
  const nearest =
    ways.nearest === null
      ? ''
      : ` The nearest hours are ${at(ways.nearest[0])} to ${formatMoment(localTime(t0, ways.nearest[1], timeZone), 'time')}: begin earlier, or stay on.`;
  const offers = [
    ...(ways.warm ? ['warming the place'] : []),
    ...(ways.shade ? ['a sheet that keeps the sun off'] : []),
    ...(ways.lighter ? ['a lighter colour'] : []),
    ...(ways.off ? ['taking it off'] : []),
  ];
  const helps = offers.length === 0 ? 'Another product or another season would help.' : `What helps: ${anyOf(offers)}.`;
  return `it takes ${formatDuration(work)}, and the crew's paintable hours in one go last ${most}.${nearest} ${helps}`;
}
