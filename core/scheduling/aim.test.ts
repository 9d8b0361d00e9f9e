import assert from 'node:assert/strict';
import { test } from 'node:test';
import { compareCosts, countedFinish } from './aim.ts';
import { planCost, planTrouble } from './plan-cost.ts';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblemFile } from './problem.ts';
import type { PlanCost } from './plan.ts';
import { USUAL_TROUBLE } from './trouble.ts';

const file = (facts: Partial<PlanProblemFile> = {}): PlanProblemFile => ({
  format: PLAN_PROBLEM_FORMAT,
  tickMinutes: 5,
  t0: '2027-03-01T00:00',
  horizon: 1000,
  painters: [
    {
      id: 'p1',
      shifts: [
        [96, 144],
        [150, 204],
      ],
    },
    {
      id: 'p2',
      shifts: [
        [102, 150],
        [150, 198],
      ],
    },
  ],
  tasks: [],
  ...facts,
});

test('a finish counts to the crew’s half-day where trouble is stated, to the tick otherwise', () => {
  const painters = planProblemSchema.parse(file()).painters;
  const toHalfDay = countedFinish({ painters, trouble: USUAL_TROUBLE });
  assert.deepEqual([100, 144, 145, 160, 198, 300].map(toHalfDay), [144, 144, 145, 198, 198, 300]);
  assert.equal(countedFinish({ painters, trouble: null })(100), 100);
});

test('plans are compared by the finish as it counts, then trouble, painter-days, finish and ends', () => {
  const cost = { finish: 10, counted: 12, trouble: 5, painterDays: 1, setups: 1, sumOfEnds: 20 };
  const isBetter = (facts: Partial<PlanCost>): boolean => compareCosts({ ...cost, ...facts }, cost) < 0;
  assert.ok(isBetter({ counted: 11, trouble: 99 }));
  assert.ok(isBetter({ trouble: 4, painterDays: 2, finish: 12 }));
  assert.ok(isBetter({ painterDays: 0, finish: 12 }));
  assert.ok(isBetter({ finish: 9, sumOfEnds: 30 }));
  assert.ok(!isBetter({ setups: 0 }));
});

test('trouble worked by hand: set-ups, batches, what is short, mixes, walks, turns of the air', () => {
  const problem = planProblemSchema.parse(
    file({
      spaces: [{ id: 'air', slots: 10 }],
      setups: [{ key: 'pot', work: 2, mixes: true }],
      tasks: [
        { id: 'a/denib', work: 2, painters: 1, place: 'bench', spaces: [{ id: 'air', slots: 10 }] },
        { id: 'a/coat', work: 4, painters: 1, place: 'bench', setup: 'pot', spaces: [{ id: 'air', slots: 1 }] },
        { id: 'b/denib', work: 1, painters: 1, place: 'hall', spaces: [{ id: 'air', slots: 10 }] },
        { id: 'c/denib', work: 1, painters: 1, place: 'hall', spaces: [{ id: 'air', slots: 10 }] },
        { id: 'a/hang', work: 3, painters: 1 },
      ],
      waits: [{ from: 'a/denib', to: 'a/coat' }],
      holds: [{ space: 'air', slots: 1, after: 'a/coat', until: 'a/hang' }],
    }),
  );
  const task = (id: string, start: number, end: number) => ({ id, start, end, painters: ['p1'], late: false });
  const plan = {
    tasks: [
      task('a/denib', 96, 98),
      task('a/coat', 100, 104),
      task('a/hang', 110, 113),
      task('b/denib', 120, 121),
      task('c/denib', 150, 151),
    ],
    setups: [{ key: 'pot', painter: 'p1', start: 98, end: 100 }],
  };
  const trouble = planTrouble(problem, plan);
  // Denib 10 min, coat 20, hang 15, denib twice 5 with the break between them: four batches, two of them tiny.
  const { minutes, ...counts } = trouble;
  assert.deepEqual(counts, {
    ...{ setups: 1, setupMinutes: 10, batches: 4, tiny: 2, mixes: 1, walks: 1, turns: 1, slowEarly: 0, painterDays: 1 },
  });
  assert.equal(minutes, 10 + 4 * 5 + (5 + 5) + 10 + 3 + 10);
  assert.equal(planCost(problem, plan).trouble, minutes);
});

test('in the last shift of a day it counts whether what stays wet longest goes on last', () => {
  const wet = [
    { id: 'slow', ticks: 60 },
    { id: 'quick', ticks: 6 },
  ];
  const problem = planProblemSchema.parse(
    file({
      spaces: [{ id: 'air', slots: 10 }],
      tasks: wet.flatMap(({ id }) => [
        { id, work: 4, painters: 1 },
        { id: `${id}/dry`, work: 0, painters: 0 },
      ]),
      waits: wet.map(({ id, ticks }) => ({ from: id, to: `${id}/dry`, atLeast: { ticks } })),
      holds: wet.map(({ id }) => ({ space: 'air', slots: 1, after: id, until: `${id}/dry` })),
    }),
  );
  const slowEarly = (slow: number, quick: number): number => {
    const starts = { slow, quick, 'slow/dry': slow + 64, 'quick/dry': quick + 10 };
    const tasks = Object.entries(starts).map(([id, start]) => {
      const isDry = id.endsWith('dry');
      return { id, start, end: isDry ? start : start + 4, painters: isDry ? [] : ['p1'], late: false };
    });
    return planTrouble(problem, { tasks, setups: [] }).slowEarly;
  };
  assert.equal(slowEarly(160, 164), 1);
  assert.equal(slowEarly(164, 160), 0);
  assert.equal(slowEarly(100, 104), 0, 'before the break of noon it dries by day');
});

test('ids that are not unique are refused, each where it stands', () => {
  const painter = { id: 'p1', shifts: [] };
  const read = planProblemSchema.safeParse(
    file({
      painters: [painter, painter],
      spaces: [
        { id: 'rack', slots: 1 },
        { id: 'rack', slots: 2 },
      ],
    }),
  );
  assert.deepEqual(
    read.error?.issues.map(({ path, message }) => [path.join('.'), message]),
    [
      ['painters.1', 'Two painters have the same id “p1”.'],
      ['spaces.1', 'Two spaces have the same id “rack”.'],
    ],
  );
});
