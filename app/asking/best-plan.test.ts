import assert from 'node:assert/strict';
import { test } from 'node:test';
import { compareByLimit } from '../../core/scheduling/aim.ts';
import { BestPlan } from './best-plan.ts';
import type { VerifiedPlan } from './planner.worker.ts';

const found = (finish: number, lowerBound: number, painterDays = 1): VerifiedPlan => ({
  plan: {
    status: finish === lowerBound ? 'optimal' : 'feasible',
    tasks: [],
    setups: [],
    finish,
    lowerBound,
    cost: { finish, counted: finish, trouble: 0, painterDays, setups: 0, sumOfEnds: 0 },
  },
  problem: { t0: '2027-03-01T00:00', tickMinutes: 1 },
  because: `no earlier than ${lowerBound}`,
});

test('the earliest plan of all is kept, with the best bound of all and what it rests on', () => {
  const told: number[] = [];
  const best = new BestPlan(({ plan }) => told.push(plan.finish));
  best.take(found(500, 300));
  best.take(found(480, 200));
  assert.deepEqual(
    [best.plan?.plan.finish, best.plan?.plan.lowerBound, best.plan?.because],
    [480, 300, 'no earlier than 300'],
  );
  best.take(found(490, 100));
  best.take(found(480, 300, 0));
  assert.deepEqual(told, [500, 480, 480], 'told where anything is better, and not otherwise');
  assert.ok(!best.isProved);
});

test('a plan is proved by what another worker has proved', () => {
  const best = new BestPlan(() => undefined);
  best.take(found(480, 300));
  best.take(found(600, 480));
  assert.ok(best.isProved);
  assert.deepEqual([best.plan?.plan.finish, best.plan?.plan.status], [480, 'optimal']);
});

test('where a plan may end later, the calmer one counts up to the limit, and an earlier one beyond it', () => {
  const calm = (finish: number, trouble: number): VerifiedPlan => {
    const { plan, ...rest } = found(finish, 300);
    return { ...rest, plan: { ...plan, cost: { ...plan.cost, trouble } } };
  };
  const best = new BestPlan(() => undefined, compareByLimit(500));
  best.take(calm(480, 90));
  best.take(calm(500, 60));
  assert.equal(best.plan?.plan.finish, 500);
  best.take(calm(501, 10));
  assert.equal(best.plan?.plan.finish, 500, 'too late, however calm');
});
