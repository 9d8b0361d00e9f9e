import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PLAN_PROBLEM_FORMAT, planProblemSchema } from '../problem.ts';
import { prepare } from '../solve/prepare.ts';
import { RemainingWork } from './remaining-work.ts';

const prepared = prepare(
  planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 15,
    t0: '2027-03-01T00:00',
    horizon: 100,
    painters: [
      {
        id: 'p1',
        shifts: [
          [0, 10],
          [20, 30],
        ],
      },
    ],
    setups: [{ key: 'white', work: 2, acrossShifts: true }],
    tasks: [
      { id: 'coat', work: 5, painters: 1, setup: 'white' },
      { id: 'wash', work: 6, painters: 1 },
    ],
  }),
);

test('what is left is more than the hours left, but for a set-up in hand or one that idle time had room for', () => {
  const hands = { freeFrom: 0, inHand: -1, hasIdled: false };
  const isTooMuch = (by: number, own: Partial<typeof hands> = {}, isOpen = (_task: number): boolean => true): boolean =>
    new RemainingWork(prepared, Float64Array.of(by, by)).isTooMuch(isOpen, [{ ...hands, ...own }]);
  // Eleven ticks of work and two of setting up: ten hours of the first shift, three of the second.
  assert.ok(!isTooMuch(23));
  assert.ok(isTooMuch(22));
  assert.ok(!isTooMuch(22, { inHand: 0 }), 'what is in hand need not be set up');
  assert.ok(!isTooMuch(21, { hasIdled: true }), 'it may have been set up before');
  assert.ok(isTooMuch(20, { hasIdled: true }));
  assert.ok(isTooMuch(23, { freeFrom: 1 }), 'hours that are gone do not count');
  assert.ok(!isTooMuch(20, {}, (task) => task === 1), 'nor does what is done');
});
