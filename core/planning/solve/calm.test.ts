import assert from 'node:assert/strict';
import { test } from 'node:test';
import { madeUpProblem } from '../../testing/made-up-problem.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import { compareCosts } from '../aim.ts';
import { planCost, planTrouble } from '../plan-cost.ts';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type FoundPlan, type PlanProblem } from '../problem.ts';
import { USUAL_TROUBLE } from '../trouble.ts';
import { verifiedPlan } from '../verified-plan.ts';
import { verify } from '../verify.ts';
import { BatchList } from './batch-list.ts';
import { BATCH_MOVES } from './batch-moves.ts';
import { buildSchedule } from './build.ts';
import { CalmSearch } from './calm.ts';
import { buildInOrder, type ListBuilt } from './list-build.ts';
import { openingManners, ruleOf } from './manner.ts';
import { prepare } from './prepare.ts';
import type { Prepared } from './prepared.ts';
import type { Schedule } from './schedule.ts';
import { solve } from './solve.ts';

const made = (seed: number, facts: Partial<PlanProblem> = {}): PlanProblem => ({
  ...madeUpProblem({ pieces: 10, painters: 2, bench: 2, rack: 5, seed, days: 90 }),
  ...facts,
});

function plainly(prepared: Prepared): Schedule {
  for (const manner of openingManners(prepared)) {
    const built = buildSchedule(prepared, ruleOf(prepared, manner, { pieces: new Set(), dues: null }));
    if ('schedule' in built) return built.schedule;
  }
  throw new Error('Nothing was built.');
}

test('what is built from a schedule of nearly the same order is what is built anew, move after move', () => {
  let [compared, resumed] = [0, 0];
  for (const seed of [1, 2, 3]) {
    const prepared = prepare(made(seed));
    const random = seededRandom(seed);
    const notBefore = new Int32Array(prepared.tasks.length);
    let list = BatchList.of(prepared, plainly(prepared));
    const first = buildInOrder(prepared, list.workList(notBefore));
    assert.ok('schedule' in first, 'built again');
    let known: ListBuilt = first;
    for (let step = 0; step < 120; step++) {
      const next = list.copy();
      BATCH_MOVES[step % BATCH_MOVES.length]?.move(prepared, next, known.schedule, random);
      const order = next.settle().workList(notBefore);
      const [quick, anew] = [buildInOrder(prepared, order, known), buildInOrder(prepared, order)];
      assert.equal('schedule' in quick, 'schedule' in anew);
      if (!('schedule' in quick) || !('schedule' in anew)) continue;
      assert.deepEqual(quick.schedule.result(), anew.schedule.result());
      compared++;
      if (quick.marks.some((mark) => known.marks.includes(mark))) resumed++;
      [list, known] = [next.inTurnOf(quick.schedule), quick];
    }
  }
  assert.ok(compared > 200 && resumed > 150, `${compared} compared, ${resumed} resumed`);
});

test('calmer is no later and no more trouble, whatever it begins with, and keeps every rule', () => {
  for (const seed of [4, 5, 6, 7]) {
    const problem = made(seed, { trouble: USUAL_TROUBLE });
    const prepared = prepare(problem);
    const start = plainly(prepared);
    const told: number[] = [];
    let best = start;
    const search = new CalmSearch(prepared, start, new Int32Array(prepared.tasks.length), {
      limit: start.cost().counted,
      latest: null,
      random: seededRandom(seed),
      shouldStop: () => false,
      compare: compareCosts,
      onBetter: (schedule, cost) => {
        told.push(cost.trouble);
        best = schedule;
        assert.ok(cost.counted <= start.cost().counted, 'no later');
      },
    });
    search.round(150);
    assert.ok(told.length > 3, 'something is calmer');
    assert.ok((told.at(-1) ?? Infinity) < start.cost().trouble, 'calmer than at first');
    const plan = { ...best.result(), finish: best.cost().finish };
    assert.deepEqual(verify(problem, plan), []);
    assert.deepEqual(planCost(problem, plan), best.cost(), 'counted by a second program');
  }
});

function planOf(problem: PlanProblem): FoundPlan {
  const plan = solve(problem, { steps: 500 });
  assert.ok(plan.status !== 'infeasible', 'planned');
  assert.deepEqual(verify(problem, plan), []);
  return plan;
}

test('what is stated to be trouble is avoided, and nothing else', () => {
  const task = (id: string, setup: string, earliest: number) => ({
    id,
    work: 2,
    painters: 1,
    setup,
    earliest,
    by: ['p1'],
  });
  const batches = (change: number): number => {
    const problem = planProblemSchema.parse({
      format: PLAN_PROBLEM_FORMAT,
      tickMinutes: 5,
      t0: '2027-03-01T00:00',
      horizon: 600,
      painters: ['p1', 'p2'].map((id) => ({ id, shifts: [[0, 100]] })),
      setups: ['white', 'slate'].map((key) => ({ key, work: 0 })),
      // In the order in which they can begin they change places three times; who else is at work ends last anyhow.
      tasks: [
        ...[0, 2, 4, 6].map((earliest, index) => task(`t${index}`, index % 2 === 0 ? 'white' : 'slate', earliest)),
        { id: 'long', work: 40, painters: 1, by: ['p2'] },
      ],
      trouble: { change, shortBatch: 0, mix: 0, walk: 0, turn: 0 },
    });
    return planTrouble(problem, planOf(problem)).batches;
  };
  assert.equal(batches(60), 3, 'one of each colour, and the long one');
  assert.equal(batches(0), 5, 'whatever can begin first');
});

test('a plan that may end later is no more trouble for that, and no later than it may', () => {
  const soonest = planOf(made(9, { trouble: USUAL_TROUBLE }));
  const calmer = planOf(made(9, { trouble: USUAL_TROUBLE, later: 2 * 288 }));
  assert.ok(calmer.finish <= soonest.cost.counted + 2 * 288, 'no later');
  assert.ok(calmer.cost.trouble <= soonest.cost.trouble, 'no more trouble');
});

test('two holds of one space that one task opens take two places, and the plan is proved', () => {
  const task = (id: string) => ({ id, work: 5, painters: 1 });
  const opened = (first: string, then: readonly string[]) => ({
    waits: then.map((to, index) => ({ from: first, to, atLeast: { ticks: 10 + 10 * index } })),
    holds: then.map((until) => ({ space: 'rack', slots: 1, after: first, until })),
  });
  const [one, other] = [opened('a', ['b', 'c']), opened('d', ['e', 'f'])];
  const problem = planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 5,
    t0: '2027-03-01T00:00',
    horizon: 600,
    painters: ['p1', 'p2'].map((id) => ({ id, shifts: [[0, 300]] })),
    spaces: [{ id: 'rack', slots: 2 }],
    tasks: ['a', 'b', 'c', 'd', 'e', 'f'].map(task),
    waits: [...one.waits, ...other.waits],
    holds: [...one.holds, ...other.holds],
  });
  const plan = verifiedPlan(problem);
  assert.ok(plan.status !== 'infeasible', 'it was thrown away once');
  // The first task’s last follower starts at 25; only then the second two may lie, the last of them until 45.
  assert.deepEqual([plan.status, plan.finish], ['optimal', 50]);
});
