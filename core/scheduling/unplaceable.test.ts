import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblem } from './problem.ts';
import { unplaceable } from './unplaceable.ts';

const problem = (facts: object = {}): PlanProblem =>
  planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 1,
    t0: '2027-03-01T00:00',
    horizon: 400,
    painters: [{ id: 'p', shifts: [[0, 200]] }],
    spaces: [{ id: 'bench', slots: 1 }],
    clocks: [{ id: 'cold', step: 60, rate: Array<number>(7).fill(0.1) }],
    windows: [{ id: 'morning', intervals: [[10, 60]] }],
    setups: [],
    tasks: [
      { id: 'prime', work: 20, painters: 1 },
      { id: 'coat', work: 20, painters: 1, spaces: [{ id: 'bench', slots: 1 }] },
    ],
    waits: [{ from: 'prime', to: 'coat', atLeast: { ticks: 10 } }],
    holds: [],
    ...facts,
  });
const because = (facts: object): [string, string][] =>
  unplaceable(problem(facts)).map((found) => [found.task, found.because]);
const tasks = (coat: object): object => ({
  tasks: [
    { id: 'prime', work: 20, painters: 1 },
    { id: 'coat', work: 20, painters: 1, ...coat },
  ],
});

test('nothing is said of tasks that could each be placed by themselves', () => {
  assert.deepEqual(because({}), []);
  assert.deepEqual(because(tasks({ window: 'morning' })), [], 'the window is open from 30 to 60');
});

test('a task without place is told with what stands in its way', () => {
  const waits = [{ from: 'prime', to: 'coat', atLeast: { clock: 'cold', dose: 60 } }];
  assert.deepEqual(because({ waits }), [['coat', 'never-dry']]);
  assert.deepEqual(because(tasks({ latest: 45 })), [['coat', 'too-late']]);
  assert.deepEqual(
    because({ ...tasks({ window: 'morning' }), waits: [{ from: 'prime', to: 'coat', atLeast: { ticks: 30 } }] }),
    [['coat', 'no-hours']],
  );
  assert.deepEqual(because(tasks({ painters: 2 })), [['coat', 'no-means']]);
  assert.deepEqual(because(tasks({ spaces: [{ id: 'bench', slots: 2 }] })), [['coat', 'no-means']]);
});
