import assert from 'node:assert/strict';
import { test } from 'node:test';
import { lowerBound } from './bound.ts';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblemFile } from './problem.ts';
import { prepare } from './solve/prepared.ts';

const bound = (facts: Partial<PlanProblemFile>) =>
  lowerBound(
    prepare(
      planProblemSchema.parse({
        format: PLAN_PROBLEM_FORMAT,
        tickMinutes: 5,
        t0: '2027-03-01T00:00',
        horizon: 400,
        painters: [
          {
            id: 'p',
            shifts: [
              [10, 50],
              [110, 150],
              [210, 250],
            ],
          },
        ],
        clocks: [{ id: 'room', step: 100, rate: [0.5, 1, 1, 1] }],
        tasks: [],
        ...facts,
      }),
    ),
  );

test('a chain waits for its clock and then for the next shift', () => {
  const found = bound({
    tasks: [
      { id: 'coat', work: 5, painters: 1 },
      { id: 'hang', work: 5, painters: 1 },
    ],
    // 15–100 makes 42.5, and 20 more from 100 on: 120.
    waits: [{ from: 'coat', to: 'hang', atLeast: { clock: 'room', dose: 62.5 } }],
  });
  assert.deepEqual(found, { finish: 125, because: 'chain', chain: ['coat', 'hang'] });
});

test('work that does not fit the first day pushes the bound to the second, with its set-up', () => {
  const tasks = Array.from({ length: 4 }, (_unused, index) => ({
    id: `t${index}`,
    work: 10,
    painters: 1,
    setup: 'white',
  }));
  const found = bound({ tasks, setups: [{ key: 'white', work: 3 }] });
  assert.ok('finish' in found);
  assert.deepEqual([found.finish, found.because], [113, 'work']);
});

test('work that can only start late is counted from there', () => {
  const found = bound({ tasks: [1, 2, 3].map((index) => ({ id: `t${index}`, work: 20, painters: 1, earliest: 100 })) });
  assert.ok('finish' in found);
  // Two fill the second day's forty ticks; the third is done on the third day at the earliest.
  assert.equal(found.finish, 230);
});

test('a task that no calendar has room for is named', () => {
  const found = bound({ tasks: [{ id: 'long', work: 41, painters: 1 }] });
  assert.ok('task' in found);
  assert.equal(found.task.task.id, 'long');
});
