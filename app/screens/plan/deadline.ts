import type { VialReading } from '../../drawing/vial-reading.ts';

const DAY = 1440;

/**
 * How a finish stands to its due time on the vial: between the lines with up to three days in hand, left of them with
 * more (time is lying idle), right of them when late. Minutes.
 */
export function deadlineReading(finish: number, due: number): { reading: VialReading; words: string } {
  const inHand = due - finish;
  if (inHand < 0)
    return { reading: { side: 'after', share: Math.min(1, -inHand / (3 * DAY)) }, words: 'later than promised' };
  if (inHand > 3 * DAY) {
    return {
      reading: { side: 'before', share: Math.max(0, 1 - (inHand - 3 * DAY) / (7 * DAY)) },
      words: 'well ahead of the promised day',
    };
  }
  return { reading: { side: 'between', share: 1 - inHand / (3 * DAY) }, words: 'in time for the promised day' };
}
