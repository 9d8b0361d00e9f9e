import assert from 'node:assert/strict';
import { test } from 'node:test';
import { madeUpProblem } from '../../fixtures/made-up-problem.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { PlanProblem } from '../problem.ts';
import { verify } from '../verify.ts';
import { annealOrders } from './anneal-orders.ts';
import { buildRepairing } from './build-repairing.ts';
import { blockMoved } from './block-moved.ts';
import { openingParams, dispatchRule } from './dispatch-params.ts';
import { OrderNeighbours } from './order-neighbours.ts';
import { prepare } from './prepare.ts';
import type { Prepared } from './prepared.ts';
import type { Schedule } from './schedule.ts';

/** Few places to lie: what goes there waits for what leaves. */
const tight = (seed: number): PlanProblem =>
  madeUpProblem({ pieces: 5, painters: 1 + (seed % 2), bench: 1, rack: 2, seed, days: 60 });

/** The latest of the schedules that plain dispatch rules make: there is something to better. */
function latest(prepared: Prepared): Schedule {
  const schedules = openingParams(prepared).flatMap((params) => {
    const built = buildRepairing(
      prepared,
      dispatchRule(prepared, params, { pieces: new Set(), dues: null }),
      () => false,
    );
    return 'schedule' in built ? [built.schedule] : [];
  });
  return schedules.reduce((last, each) => (each.cost().finish > last.cost().finish ? each : last));
}

test('what was annealed keeps every rule, ends sooner, and the same way with the same seed', () => {
  for (const seed of [1, 2, 3, 4]) {
    const problem = tight(seed);
    const prepared = prepare(problem);
    const start = latest(prepared);
    const annealed = (): Schedule[] => {
      const options = { steps: 800, random: seededRandom(seed), shouldStop: () => false };
      const found = annealOrders(prepared, start, options);
      assert.ok(found !== null, `seed ${seed} is built as an order`);
      return [found.best, found.last];
    };
    const schedules = annealed();
    for (const schedule of schedules)
      assert.deepEqual(verify(problem, { ...schedule.result(), finish: schedule.cost().finish }), []);
    const [best] = schedules;
    assert.ok(best !== undefined && best.cost().finish < start.cost().finish, `seed ${seed}: ${best?.cost().finish}`);
    assert.deepEqual(
      annealed().map((schedule) => schedule.result()),
      schedules.map((schedule) => schedule.result()),
    );
  }
});

test('where there is little place to lie, orders near one are built as well: what finds none lets others pass', () => {
  let [built, tried] = [0, 0];
  for (const seed of [1, 2, 3, 4]) {
    const prepared = prepare(tight(seed));
    const start = latest(prepared);
    const near = new OrderNeighbours(prepared, start, prepared.problem.horizon);
    const worth = near.goOnFrom(near.current);
    assert.ok(worth !== null && worth.finish <= start.cost().finish, `seed ${seed}: ${worth?.finish}`);
    const random = seededRandom(seed);
    for (let step = 0; step < 50; step++) {
      const { order, hands } = near.current;
      tried++;
      if (near.worthOf({ order: blockMoved(order, random), hands }, near.limit) !== null) built++;
    }
  }
  assert.ok(built > tried * 0.5, `${built} of ${tried}`);
});

test('a block that moves leaves all others in their turn', () => {
  const random = seededRandom(3);
  const order = Int32Array.from({ length: 9 }, (_unused, index) => index);
  for (let step = 0; step < 300; step++) {
    const moved = [...blockMoved(order, random)];
    assert.deepEqual([...moved].sort(), [...order]);
    // Cut into the runs that go up by one: a block out of its place makes at most four.
    const runs = moved.filter((own, at) => own !== (moved[at - 1] ?? -2) + 1).length;
    assert.ok(runs <= 4, moved.join());
  }
});
