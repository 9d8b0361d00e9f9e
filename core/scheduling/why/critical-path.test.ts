import assert from 'node:assert/strict';
import { test } from 'node:test';
import { CriticalPath } from './critical-path.ts';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblemFile } from '../problem.ts';
import { prepare } from '../solve/prepare.ts';
import { planTimes } from './plan-times.ts';

/** One painter from 10 to 50 and from 110 to 150; a bench and a rack of one place each. */
function holdingOf(
  facts: Partial<PlanProblemFile>,
  tasks: readonly [id: string, start: number, end: number][],
  setups: { key: string; start: number; end: number }[] = [],
) {
  const problem = planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 5,
    t0: '2027-03-01T00:00',
    horizon: 200,
    painters: [
      {
        id: 'p',
        shifts: [
          [10, 50],
          [110, 150],
        ],
      },
    ],
    spaces: [
      { id: 'bench', slots: 1 },
      { id: 'rack', slots: 1 },
    ],
    setups: [{ key: 'white', work: 3 }],
    tasks: [],
    ...facts,
  });
  const plan = {
    tasks: tasks.map(([id, start, end]) => ({ id, start, end, painters: ['p'], late: false })),
    setups: setups.map((setup) => ({ ...setup, painter: 'p' })),
  };
  return new CriticalPath(prepare(problem), planTimes(problem, plan));
}

const coat = (id: string, work = 5) => ({ id, work, painters: 1 });

test('a task waits for what dries, also over a night', () => {
  const holding = holdingOf(
    { tasks: [coat('one'), coat('two')], waits: [{ from: 'one', to: 'two', atLeast: { ticks: 40 } }] },
    [
      ['one', 10, 15],
      ['two', 110, 115],
    ],
  );
  assert.equal(holding.of(1).kind, 'wait');
  assert.deepEqual(
    holding.chain(1).map(({ task, held }) => [task, held.kind]),
    [
      [1, 'wait'],
      [0, 'earliest'],
    ],
  );
});

test('a task waits for hands, with the set-up between', () => {
  const holding = holdingOf(
    { tasks: [coat('one'), { ...coat('two'), setup: 'white' }] },
    [
      ['one', 10, 15],
      ['two', 18, 23],
    ],
    [{ key: 'white', start: 15, end: 18 }],
  );
  assert.deepEqual(holding.of(1), { kind: 'hands', task: 0, painter: 0, setupMinutes: 3 });
});

test('a tool is set up first where nobody has hours before', () => {
  const holding = holdingOf(
    { tasks: [coat('one'), { ...coat('two'), setup: 'white', earliest: 100 }] },
    [
      ['one', 10, 15],
      ['two', 113, 118],
    ],
    [{ key: 'white', start: 110, end: 113 }],
  );
  assert.deepEqual(holding.of(1), { kind: 'setup', painter: 0, start: 110, end: 113 });
});

test('a task waits for a place only where there was none: the one who makes room is told', () => {
  const facts = {
    tasks: [coat('one'), coat('hang'), coat('two'), coat('later')],
    waits: [{ from: 'one', to: 'hang', atLeast: { ticks: 10 } }],
    holds: [
      { space: 'rack', slots: 1, after: 'one', until: 'hang' },
      { space: 'rack', slots: 1, after: 'two', until: 'later' },
    ],
  };
  const full = holdingOf(facts, [
    ['one', 10, 15],
    ['hang', 25, 30],
    ['two', 30, 35],
    ['later', 40, 45],
  ]);
  assert.equal(full.of(2).kind, 'hands');
  // Painted from 20 on, it comes onto the rack just when the other piece leaves it.
  const swapped = holdingOf(
    {
      ...facts,
      painters: [
        { id: 'p', shifts: [[10, 50]] },
        { id: 'q', shifts: [[10, 50]] },
      ],
    },
    [
      ['one', 10, 15],
      ['hang', 25, 30],
      ['two', 20, 25],
      ['later', 40, 45],
    ],
  );
  assert.deepEqual(swapped.of(2), { kind: 'place', task: 1, space: 1 });
  const free = holdingOf(
    {
      ...facts,
      spaces: [
        { id: 'bench', slots: 1 },
        { id: 'rack', slots: 2 },
      ],
    },
    [
      ['one', 10, 15],
      ['hang', 25, 30],
      ['two', 20, 25],
      ['later', 40, 45],
    ],
  );
  assert.equal(free.of(2).kind, 'order');
});
