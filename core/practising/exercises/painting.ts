import type { PassResult } from '../../sequence/simulated-pass.ts';
import { oldestLap } from '../../sequence/simulate.ts';
import { kept } from '../../units/kept.ts';
import { byRows, paintedByMethod, paintedInOrder, type OrderAnswer, type OrderTask } from './painted-order.ts';

/** Nothing painted yet. */
export const NOTHING_PAINTED: OrderAnswer = { order: [], waited: [] };

/** The parts that are not painted yet, as one reads them, which gives no order away. */
export const leftToPaint = (task: OrderTask, { order }: OrderAnswer): string[] => {
  const painted = new Set(order);
  return byRows(paintedByMethod(task).pass.strokes.filter(({ id }) => !painted.has(id)));
};

/**
 * A pass while it is painted: the parts tapped so far, and the laps that they have met. Times are minutes on the pass’s
 * clock, as in a whole one. What was answered last is kept: a frame has no time to simulate twice.
 */
export const paintedSoFar = kept((task: OrderTask, answer: OrderAnswer): PassResult => {
  // What is left stands at the end, so that who paints what is the same as in the whole pass.
  const whole = paintedInOrder(task, { ...answer, order: [...answer.order, ...leftToPaint(task, answer)] });
  const painted = new Set(answer.order);
  const strokes = whole.strokes.filter(({ stroke }) => painted.has(stroke.id));
  const laps = whole.laps.filter(({ lap }) => painted.has(lap.one) && painted.has(lap.other));
  return {
    ...whole,
    strokes,
    laps,
    worst: oldestLap(laps),
    until: strokes.reduce((latest, { until }) => Math.max(latest, until), whole.start),
    work: strokes.reduce((sum, { from, until }) => sum + until - from, 0),
  };
});

/**
 * The same with more parts, in the order in which they are tapped. `at` is the time on the pass’s clock at which they
 * are: where a painter was free before, the minutes until then were waited; null without a clock. A part that is painted
 * already changes nothing.
 */
export function withTapped(
  task: OrderTask,
  answer: OrderAnswer,
  ids: readonly string[],
  at: number | null,
): OrderAnswer {
  const tapped = [...new Set(ids)].filter((id) => !answer.order.includes(id));
  const [first, ...rest] = tapped;
  if (first === undefined) return answer;
  const straight = {
    order: [...answer.order, ...tapped],
    waited: [...answer.waited, ...tapped.map(() => 0)],
  };
  if (at === null) return straight;
  const from = paintedSoFar(task, straight).strokes.find(({ stroke }) => stroke.id === first)?.from ?? at;
  if (from >= at) return straight;
  const begun = { order: [...answer.order, first], waited: [...answer.waited, at - from] };
  return withTapped(task, begun, rest, at);
}

/** The same without the part that was tapped last. */
export const withoutLast = ({ order, waited }: OrderAnswer): OrderAnswer => ({
  order: order.slice(0, -1),
  waited: waited.slice(0, -1),
});
