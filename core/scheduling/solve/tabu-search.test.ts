import assert from 'node:assert/strict';
import { test } from 'node:test';
import { jobShopProblem, SIX_BY_SIX, TEN_BY_TEN } from '../../fixtures/job-shops.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import { verify } from '../verify.ts';
import { movedLater } from './moved-later.ts';
import { openingParams, dispatchRule } from './dispatch-params.ts';
import { prepare } from './prepare.ts';
import { buildRepairing } from './build-repairing.ts';
import { solve } from './solve.ts';
import { tabuSearch } from './tabu-search.ts';

test('the published six by six ends at its optimum', () => {
  const plan = solve(jobShopProblem(SIX_BY_SIX), { steps: 3000 });
  assert.equal(plan.status === 'infeasible' ? null : plan.finish, SIX_BY_SIX.optimum);
});

test('of the published ten by ten, changing the critical path takes off most of what it is too long', () => {
  const problem = jobShopProblem(TEN_BY_TEN);
  const prepared = prepare(problem);
  const [params] = openingParams(prepared);
  const first = buildRepairing(
    prepared,
    dispatchRule(prepared, params!, { pieces: new Set(), dues: null }),
    () => false,
  );
  assert.ok('schedule' in first);
  let best = first.schedule;
  const { finish } = best.cost();
  tabuSearch(prepared, best, {
    orders: 8000,
    random: seededRandom(1),
    shouldStop: () => false,
    onEarlier: (schedule) => {
      assert.ok(schedule.cost().finish < best.cost().finish, 'only what is earlier is told');
      best = schedule;
      return false;
    },
  });
  const over = (ends: number): number => ends - TEN_BY_TEN.optimum;
  assert.ok(over(best.cost().finish) <= over(finish) / 2, `${finish} became ${best.cost().finish}`);
  assert.deepEqual(verify(problem, { ...best.result(), finish: best.cost().finish }), []);
});

test('what is moved later takes along what follows it, and what the same hands do after that; all others keep their turn', () => {
  // By one painter 0, 2, 3 and by another 1, 4, 5; 1 follows 0, and 4 is done by the hands of 1.
  const teams = [[0], [1], [0], [0], [1], [1]];
  const leadsTo = [[1], [], [], [], [], []];
  const moved = movedLater(Int32Array.from([0, 1, 2, 4, 3, 5]), 0, 3, { teamOf: (number) => teams[number]!, leadsTo });
  assert.deepEqual([...moved], [2, 3, 0, 1, 4, 5]);
});
