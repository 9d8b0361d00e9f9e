import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { madeUpProblem } from '../fixtures/made-up-problem.ts';
import { falseClaims, withoutFalseClaims } from './false-claims.ts';
import type { FoundPlan } from './plan.ts';
import { planProblemSchema, PLAN_PROBLEM_FORMAT } from './problem.ts';
import { solve, solveNear } from './solve/solve.ts';
import { verify } from './verify.ts';

/** Two painters of two days of ten hours, in ticks of an hour. */
const problem = planProblemSchema.parse({
  format: PLAN_PROBLEM_FORMAT,
  tickMinutes: 60,
  t0: '2027-03-01T00:00',
  horizon: 72,
  painters: ['p1', 'p2'].map((id) => ({
    id,
    shifts: [
      [8, 12],
      [13, 19],
      [32, 42],
    ],
  })),
  setups: [{ key: 'white', work: 1 }],
  tasks: [
    { id: 'a', work: 3, painters: 1, setup: 'white' },
    { id: 'b', work: 8, painters: 1, pausable: true },
    { id: 'c', work: 2, painters: 2 },
  ],
});
const task = (id: string, start: number, end: number, painters: string[]) => ({
  id,
  start,
  end,
  painters,
  late: false,
});
const PLAN: FoundPlan = {
  status: 'feasible',
  tasks: [task('a', 9, 12, ['p1']), task('b', 15, 36, ['p2']), task('c', 36, 38, ['p1', 'p2'])],
  setups: [{ key: 'white', painter: 'p1', start: 8, end: 9 }],
  finish: 38,
  lowerBound: 30,
  cost: { finish: 38, counted: 38, trouble: 0, painterDays: 4, setups: 1, sumOfEnds: 12 + 36 + 38 },
};
const claims = (facts: Partial<FoundPlan>, cost: Partial<FoundPlan['cost']> = {}): string[] =>
  falseClaims(problem, { ...PLAN, ...facts, cost: { ...PLAN.cost, ...cost } }).map(({ of }) => of);

test('a plan that says what it is claims nothing false', () => {
  assert.deepEqual(claims({}), []);
  assert.deepEqual(claims({ lowerBound: 38, status: 'optimal' }), []);
});

test('a bound above the finish, and a best that is not proved, are false', () => {
  assert.deepEqual(claims({ lowerBound: 39 }), ['bound']);
  assert.deepEqual(claims({ lowerBound: 37, status: 'optimal' }), ['status']);
});

test('a false bound is dropped, a false “optimal” keeps its bound, and a true plan is left as it is', () => {
  const told = (facts: Partial<FoundPlan>) => {
    const { status, lowerBound } = withoutFalseClaims(problem, { ...PLAN, ...facts });
    return [status, lowerBound];
  };
  assert.deepEqual(told({ status: 'optimal', lowerBound: 39 }), ['feasible', 0]);
  assert.deepEqual(told({ status: 'optimal', lowerBound: 37 }), ['feasible', 37]);
  assert.equal(withoutFalseClaims(problem, PLAN), PLAN);
});

test('where the crew’s half-days count, a plan is best that ends in the half-day of its bound', () => {
  const byHalfDays = planProblemSchema.parse({ ...problem, trouble: {} });
  const best = (lowerBound: number) =>
    falseClaims(byHalfDays, { ...PLAN, status: 'optimal', lowerBound }).map(({ of }) => of);
  // Ends at 38, in the half-day from 32 to 42.
  assert.deepEqual([best(33), best(19)], [[], ['status']]);
});

test('each figure of a cost is counted again', () => {
  assert.deepEqual(claims({}, { finish: 37 }), ['finish']);
  assert.deepEqual(claims({}, { setups: 0 }), ['setups']);
  assert.deepEqual(claims({}, { sumOfEnds: 85 }), ['sum of ends']);
  assert.deepEqual(claims({}, { painterDays: 3 }), ['painter-days']);
  assert.deepEqual(claims({ setups: [] }), ['setups'], 'the day of a set-up is the day of its work as well');
});

test('a painter-day is one on which somebody works: not a pause, and not the night that a task spans', () => {
  // The second painter's task lasts over the night: two days, and the first one has two by itself.
  const alone = { ...PLAN, tasks: [task('b', 18, 33, ['p2'])], setups: [], finish: 33, lowerBound: 0 };
  const cost = { ...PLAN.cost, finish: 33, setups: 0, sumOfEnds: 33, painterDays: 2 };
  assert.deepEqual(falseClaims(problem, { ...alone, cost }), []);
  const moment = [...alone.tasks, task('dry', 20, 20, [])];
  assert.deepEqual(falseClaims(problem, { ...alone, tasks: moment, cost: { ...cost, sumOfEnds: 53 } }), []);
});

test('no plan of the solver claims anything false, nor one near another', () => {
  fc.assert(
    fc.property(
      fc.record({
        pieces: fc.integer({ min: 1, max: 6 }),
        painters: fc.integer({ min: 1, max: 3 }),
        bench: fc.integer({ min: 1, max: 2 }),
        rack: fc.integer({ min: 1, max: 4 }),
        seed: fc.integer({ min: 1, max: 1000 }),
      }),
      (shape) => {
        const made = madeUpProblem({ ...shape, days: 60, passes: 2 });
        const found = solve(made, { steps: 12, seed: shape.seed });
        assert.ok(found.status !== 'infeasible', JSON.stringify(found));
        assert.deepEqual(verify(made, found), []);
        assert.deepEqual(falseClaims(made, found), []);
        const near = solveNear(made, found, { steps: 4 });
        if (near.status !== 'infeasible') assert.deepEqual(falseClaims(made, near), []);
      },
    ),
    { numRuns: 25 },
  );
});
