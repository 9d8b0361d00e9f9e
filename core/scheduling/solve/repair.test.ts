import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DOOR, TestJob } from '../../fixtures/jobs.ts';
import { helper } from '../../fixtures/worked-job.ts';
import { jobToProblem } from '../../planning/drafting/job-to-problem.ts';
import { planTrouble } from '../plan-cost.ts';
import { verify } from '../verify.ts';
import { solve, solveNear } from './solve.ts';

const NOW = '2027-03-01T06:00';

test('where a painter stays away for a day, what moves goes in whole batches, and what need not move stays', () => {
  const made = new TestJob();
  for (let door = 1; door <= 9; door++)
    made.door(`d${door}`, door % 3 === 0 ? { shape: { ...DOOR.shape, width: 626 } } : {});
  made.coated().tell('add-painter', { entry: { ...helper, skill: 'professional' } });
  for (const place of made.job.places) made.tell('change-place', { id: place.id, facts: { slots: 8 } });
  const { problem } = jobToProblem(made.job, NOW);
  const plan = solve(problem, { steps: 400 });
  assert.ok(plan.status !== 'infeasible');
  const same = solveNear(problem, plan);
  assert.ok(same.status !== 'infeasible');
  assert.equal(same.distance.moved, 0, 'a plan that holds is not made calmer behind the painter’s back');
  made.tell('give-day-off', { painterIds: [helper.id], date: '2027-03-02', comes: false });
  const changed = jobToProblem(made.job, NOW).problem;
  const near = solveNear(changed, plan);
  assert.ok(near.status !== 'infeasible');
  assert.deepEqual(verify(changed, near), []);
  assert.equal(near.distance.later, 0);
  const [before, after] = [planTrouble(problem, plan), planTrouble(changed, near)];
  assert.ok(after.setups <= before.setups, `${after.setups} set-ups instead of ${before.setups}`);
  assert.ok(near.distance.moved <= 50, `${near.distance.moved} of ${plan.tasks.length} moved`);
});
