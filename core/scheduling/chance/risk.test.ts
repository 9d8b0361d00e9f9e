import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblem } from '../problem.ts';
import { chanceBy, finishBy, riskOf, together } from './risk.ts';
import { madeUpProblem } from '../../fixtures/made-up-problem.ts';
import { solve } from '../solve/solve.ts';

const days = (count: number): [number, number][] =>
  Array.from({ length: count }, (_unused, day): [number, number] => [day * 288 + 96, day * 288 + 198]);

/** Two pieces, each coated and hung once dry, by one painter. */
function twoPieces(): PlanProblem {
  const coats = ['one', 'two'].map((id) => ({ id: `${id}/coat`, work: 6, painters: 1 }));
  return planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 5,
    t0: '2027-03-01T00:00',
    horizon: 30 * 288,
    painters: [{ id: 'p', shifts: days(30) }],
    clocks: [{ id: 'room', step: 12, rate: Array.from({ length: 30 * 24 }, () => 1) }],
    tasks: [...coats, ...coats.map(({ id }) => ({ id: id.replace('coat', 'hang'), work: 2, painters: 1 }))],
    waits: coats.map(({ id }) => ({ from: id, to: id.replace('coat', 'hang'), atLeast: { clock: 'room', dose: 48 } })),
  });
}

const planOf = (problem: PlanProblem) => {
  const plan = solve(problem, { steps: 30 });
  assert.ok(plan.status !== 'infeasible');
  return plan;
};

const NONE = { pace: 0, task: 0, drying: 0, dryingByDay: 0 };

test('without any spread every run of a plan is the plan', () => {
  const problem = twoPieces();
  const plan = planOf(problem);
  const { finishes } = riskOf(problem, plan, { samples: 5, spread: NONE });
  assert.deepEqual(finishes, [plan.finish, plan.finish, plan.finish, plan.finish, plan.finish]);
});

test('without any spread a long plan is played as it is, too: nobody gets into the way of what was planned', () => {
  for (const seed of [1, 2, 3]) {
    const problem = madeUpProblem({ pieces: 14, painters: 2, bench: 2, rack: 5, seed });
    const plan = planOf(problem);
    assert.deepEqual(riskOf(problem, plan, { samples: 1, spread: NONE }).finishes, [plan.finish], `seed ${seed}`);
  }
});

test('slower hands are later, slower air is later, and what dries decides', () => {
  const problem = twoPieces();
  const plan = planOf(problem);
  const median = (spread: typeof NONE): number => finishBy(riskOf(problem, plan, { samples: 200, spread }), 0.9);
  assert.ok(median({ ...NONE, pace: 0.3 }) > plan.finish);
  assert.ok(median({ ...NONE, dryingByDay: 0.3 }) > plan.finish);
  const { decisive } = riskOf(problem, plan, { samples: 200 });
  const [first] = decisive;
  assert.ok(first && first.from.endsWith('/coat') && first.to === first.from.replace('coat', 'hang'));
  assert.ok(decisive.reduce((sum, { share }) => sum + share, 0) <= 1 + 1e-9, 'one wait a run');
});

test('the same seed draws the same runs, another one others; chances are shares of them', () => {
  const problem = twoPieces();
  const plan = planOf(problem);
  const one = riskOf(problem, plan, { samples: 50, seed: 3 });
  assert.deepEqual(riskOf(problem, plan, { samples: 50, seed: 3 }), one);
  assert.notDeepEqual(riskOf(problem, plan, { samples: 50, seed: 4 }).finishes, one.finishes);
  assert.ok(chanceBy(one, finishBy(one, 0.8)) >= 0.8);
  assert.ok(chanceBy(one, finishBy(one, 0.8) - 1) < 0.8);
  assert.equal(chanceBy(one, 0), 0);
});

test('runs that were played apart are one, with chances and shares over all of them', () => {
  const problem = twoPieces();
  const plan = planOf(problem);
  const parts = [1, 2].map((seed) => riskOf(problem, plan, { samples: 60, seed }));
  const all = together(parts);
  assert.deepEqual(
    all.finishes,
    parts.flatMap(({ finishes }) => finishes).sort((one, other) => one - other),
  );
  for (const { from, to, share } of all.decisive) {
    const own = parts.map(({ decisive }) => decisive.find((wait) => wait.from === from && wait.to === to)?.share ?? 0);
    assert.ok(Math.abs(share - (own[0]! + own[1]!) / 2) < 1e-12);
  }
  assert.deepEqual(together([parts[0]!]), parts[0]);
});

test('a run goes on where a latest time or a longest wait is missed, and is asked to stop when it takes too long', () => {
  const problem = twoPieces();
  const plan = planOf(problem);
  problem.tasks[2]!.latest = plan.finish;
  problem.waits[0]!.atMost = { ticks: 60 };
  const { finishes } = riskOf(problem, plan, { samples: 60, spread: { ...NONE, pace: 0.5, drying: 0.5 } });
  assert.ok(finishes.every((finish) => finish < Infinity) && finishes.at(-1)! > plan.finish);
  assert.equal(riskOf(problem, plan, { samples: 60, shouldStop: () => true }).finishes.length, 0);
});
