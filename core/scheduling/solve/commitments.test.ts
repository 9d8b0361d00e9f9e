import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planProblemSchema, type PlanProblem } from '../problem.ts';
import { verify } from '../verify.ts';
import { buildSchedule } from './build.ts';
import { openingParams, dispatchRule } from './dispatch-params.ts';
import { prepare } from './prepare.ts';
import { solve } from './solve.ts';

const DAY = 1440;
const shifts = [0, 1, 2].map((day): [number, number] => [day * DAY + 480, day * DAY + 960]);

/** A door that is off for two hours at least and back on the same day, beside other work of one painter. */
function problemWith(tasks: object[], more: object = {}): PlanProblem {
  return planProblemSchema.parse({
    format: 'nivel.plan-problem/1',
    tickMinutes: 1,
    t0: '2027-03-01T00:00',
    horizon: 3 * DAY,
    painters: [{ id: 'p1', shifts }],
    spaces: [{ id: 'air', slots: 10 }],
    clocks: [],
    windows: [],
    setups: [],
    tasks: [
      { id: 'off', work: 10, painters: 1, spaces: [] },
      { id: 'back', work: 10, painters: 1, spaces: [] },
      ...tasks,
    ],
    waits: [{ from: 'off', to: 'back', atLeast: { ticks: 120 }, atMost: { ticks: 480 } }],
    holds: [],
    ...more,
  });
}

/** What is built by the plainest dispatch rule, without any repair. */
function builtPlainly(problem: PlanProblem) {
  const prepared = prepare(problem);
  return buildSchedule(
    prepared,
    dispatchRule(prepared, openingParams(prepared)[0]!, { pieces: new Set(), dues: null }),
  );
}

test('nobody takes up what would keep them from hanging a door in time', () => {
  // A balustrade of seven hours that may rest overnight would have the painter until the next morning.
  const problem = problemWith([{ id: 'long', work: 420, painters: 1, spaces: [], pausable: true, earliest: 500 }]);
  const built = builtPlainly(problem);
  assert.ok('schedule' in built, JSON.stringify(built));
  const { tasks } = built.schedule.result();
  const [off, back] = ['off', 'back'].map((id) => tasks.find((task) => task.id === id)!);
  assert.equal(Math.floor(off!.end / DAY), Math.floor(back!.start / DAY));
  const plan = solve(problem);
  assert.ok(plan.status !== 'infeasible' && verify(problem, plan).length === 0);
});

test('a door does not come off on a day on which it could not hang again', () => {
  // Until 790 something else is wet, and what is done to the door wants the air for itself.
  const problem = problemWith(
    [
      { id: 'wet', work: 10, painters: 1, spaces: [{ id: 'air', slots: 1 }], earliest: 480, latest: 490 },
      { id: 'dry', work: 0, painters: 0, spaces: [] },
      { id: 'denib', work: 10, painters: 1, spaces: [{ id: 'air', slots: 10 }] },
    ],
    {
      windows: [{ id: 'mornings', intervals: shifts.map(([from]) => [from, from + 60]) }],
      waits: [
        { from: 'wet', to: 'dry', atLeast: { ticks: 300 } },
        { from: 'off', to: 'denib', atLeast: { ticks: 0 } },
        { from: 'denib', to: 'back', atLeast: { ticks: 180 } },
        { from: 'off', to: 'back', atMost: { ticks: 470 } },
      ],
      holds: [{ space: 'air', slots: 1, after: 'wet', until: 'dry' }],
    },
  );
  const windowed = {
    ...problem,
    tasks: problem.tasks.map((task) => (task.id === 'off' ? { ...task, window: 'mornings' } : task)),
  };
  const built = builtPlainly(windowed);
  assert.ok('schedule' in built, JSON.stringify(built));
  const off = built.schedule.result().tasks.find(({ id }) => id === 'off')!;
  assert.equal(Math.floor(off.start / DAY), 1, 'on the second day');
});

test('commitments that wait for each other do not stop the work', () => {
  // Both doors need the painter at the same time of the same evening; one of them hangs late, or not on that day.
  const problem = problemWith(
    [
      { id: 'off-2', work: 10, painters: 1, spaces: [] },
      { id: 'back-2', work: 240, painters: 1, spaces: [] },
      { id: 'other', work: 400, painters: 1, spaces: [] },
    ],
    {
      waits: [
        { from: 'off', to: 'back', atLeast: { ticks: 120 }, atMost: { ticks: 300 } },
        { from: 'off-2', to: 'back-2', atLeast: { ticks: 120 }, atMost: { ticks: 300 } },
        { from: 'other', to: 'back', atLeast: { ticks: 0 } },
      ],
    },
  );
  const plan = solve(problem, { steps: 30 });
  assert.ok(plan.status !== 'infeasible', JSON.stringify(plan));
  assert.deepEqual(verify(problem, plan), []);
});
