import assert from 'node:assert/strict';
import { test } from 'node:test';
import { madeUpProblem } from '../../fixtures/made-up-problem.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { PlanProblem } from '../problem.ts';
import type { FoundPlan } from '../plan.ts';
import { verify } from '../verify.ts';
import { solve, solveNear } from './solve.ts';

const STEPS = { steps: 20 };

function found(problem: PlanProblem, from?: FoundPlan): FoundPlan {
  const plan = solve(problem, { ...STEPS, ...(from ? { from: from.tasks } : {}) });
  assert.ok(plan.status !== 'infeasible', plan.status === 'infeasible' ? plan.reasons[0]?.kind : '');
  return plan;
}

/** The problem with a share of its tasks pinned where a plan has them. */
function pinned(problem: PlanProblem, plan: FoundPlan, share: number, seed: number): PlanProblem {
  const random = seededRandom(seed);
  const at = new Map(plan.tasks.map((task) => [task.id, task]));
  const tasks = problem.tasks.map((task) => {
    const place = at.get(task.id);
    if (random() > share || !place || place.painters.length === 0) return task;
    return { ...task, earliest: place.start, latest: place.end, by: place.painters };
  });
  return { ...problem, tasks };
}

for (const [pieces, rack] of [
  [3, 3],
  [8, 4],
  [20, 20],
] as const) {
  test(`whatever of a plan of ${pieces} pieces is pinned, on a rack of ${rack}, the plan is found again`, () => {
    for (let seed = 1; seed <= 4; seed++) {
      const problem = madeUpProblem({ pieces, painters: 2, bench: 2, rack, seed });
      const plan = found(problem);
      for (const share of [0.02, 0.3, 1]) {
        const bound = pinned(problem, plan, share, seed);
        const again = found(bound, plan);
        assert.deepEqual(verify(bound, again), []);
        assert.ok(again.finish <= plan.finish, `seed ${seed}, ${share}: ${again.finish} > ${plan.finish}`);
      }
    }
  });
}

test('a few pinned tasks are planned around from nothing, too', () => {
  for (let seed = 1; seed <= 6; seed++) {
    const problem = madeUpProblem({ pieces: 10, painters: 2, bench: 2, rack: 10, seed });
    const bound = pinned(problem, found(problem), 0.03, seed);
    assert.deepEqual(verify(bound, found(bound)), []);
  }
});

test('two tasks pinned to the same hands at the same time have no plan, and it is said of which', () => {
  const problem = madeUpProblem({ pieces: 2, painters: 1, bench: 2, rack: 4, seed: 1 });
  const plan = found(problem);
  const wash = plan.tasks.find(({ id }) => id === 'p0.wash')!;
  const clashing = {
    ...problem,
    tasks: problem.tasks.map((task) =>
      /^p[01]\.wash$/.test(task.id)
        ? { ...task, work: 3, earliest: wash.start, latest: wash.start + 3, by: ['painter-1'] }
        : task,
    ),
  };
  const answer = solve(clashing, STEPS);
  assert.ok(answer.status === 'infeasible');
  assert.match(answer.reasons[0]?.task ?? '', /^p[01]\./);
});

test('planned near a plan that still holds, nothing moves; after a delay only what has to', () => {
  const problem = madeUpProblem({ pieces: 12, painters: 2, bench: 2, rack: 12, seed: 3 });
  const plan = found(problem);
  const same = solveNear(problem, plan);
  assert.ok(same.status !== 'infeasible');
  assert.deepEqual(same.distance, { later: 0, moved: 0, ticks: 0 });
  assert.equal(same.finish, plan.finish);
  const last = plan.tasks.reduce((latest, task) => (task.start > latest.start ? task : latest));
  const delayed = {
    ...problem,
    tasks: problem.tasks.map((task) => (task.id === last.id ? { ...task, earliest: last.start + 5 } : task)),
  };
  const near = solveNear(delayed, plan);
  assert.ok(near.status !== 'infeasible');
  assert.deepEqual(verify(delayed, near), []);
  assert.deepEqual([near.distance.moved, near.distance.later > 0], [1, true]);
});
