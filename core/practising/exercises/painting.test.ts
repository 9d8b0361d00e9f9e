import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { shuffled } from '../drawing-lots.ts';
import { LEVELS } from '../exercise.ts';
import { madeTask } from '../making.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import { ORDER } from './order.ts';
import { paintedByMethod, paintedInOrder } from './painted-order.ts';
import { leftToPaint, NOTHING_PAINTED, paintedSoFar, withoutLast, withTapped } from './painting.ts';

const SETTINGS = { units: 'metric', vocabulary: 'uk', currency: 'EUR' } as const;
const anyTask = fc
  .record({ level: fc.constantFrom(...LEVELS), seed: fc.nat(60) })
  .map(({ level, seed }) => ({ task: madeTask(ORDER, level, seed, SETTINGS), seed }));

test('tapped one by one without a clock it comes to the same as judged in one go, and each part keeps its time', () => {
  fc.assert(
    fc.property(anyTask, ({ task, seed }) => {
      const order = shuffled(seededRandom(seed), paintedByMethod(task).pass.strokes).map(({ id }) => id);
      const whole = paintedInOrder(task, { order, waited: [] });
      let answer = NOTHING_PAINTED;
      for (const [index, id] of order.entries()) {
        answer = withTapped(task, answer, [id], null);
        const soFar = paintedSoFar(task, answer);
        assert.deepEqual(soFar.strokes.map(({ stroke }) => stroke.id).sort(), order.slice(0, index + 1).sort());
        for (const { stroke, from } of soFar.strokes) {
          assert.equal(from, whole.strokes.find((each) => each.stroke.id === stroke.id)?.from);
        }
      }
      const end = paintedSoFar(task, answer);
      assert.deepEqual([end.laps.length, end.worst?.age], [whole.laps.length, whole.worst?.age]);
      assert.deepEqual(leftToPaint(task, answer), []);
    }),
    { numRuns: 6 },
  );
});

test('by the clock nothing begins before it is tapped, and what is tapped ahead follows at once', () => {
  fc.assert(
    fc.property(
      anyTask,
      fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 40, maxLength: 40 }),
      ({ task }, gaps) => {
        const { start, pass } = paintedByMethod(task);
        let [answer, at] = [NOTHING_PAINTED, start];
        const tappedAt = new Map<string, number>();
        for (const [index, { id }] of pass.strokes.entries()) {
          at += gaps[index % gaps.length] ?? 0;
          tappedAt.set(id, at);
          answer = withTapped(task, answer, [id], at);
        }
        const { strokes } = paintedSoFar(task, answer);
        for (const { stroke, from } of strokes) assert.ok(from >= (tappedAt.get(stroke.id) ?? 0) - 1e-6);
        const free = new Map<string, number>();
        for (const { stroke, hand, from, until } of strokes) {
          const due = Math.max(free.get(hand.id) ?? start, tappedAt.get(stroke.id) ?? 0);
          if (task.setting.painters === 1) assert.ok(Math.abs(from - due) < 1e-6, 'neither idle nor early');
          free.set(hand.id, until);
        }
      },
    ),
    { numRuns: 6 },
  );
});

test('a part tapped twice is painted once, and the last one can be taken back', () => {
  const task = madeTask(ORDER, 1, 8, SETTINGS);
  const [first = '', second = ''] = leftToPaint(task, NOTHING_PAINTED);
  const both = withTapped(task, NOTHING_PAINTED, [first, second, first], null);
  assert.deepEqual(withTapped(task, both, [second], null), both);
  assert.deepEqual(withoutLast(both).order, [first]);
});
