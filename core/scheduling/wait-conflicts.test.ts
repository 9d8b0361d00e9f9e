import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { waitConflicts } from './wait-conflicts.ts';
import { verifiedPlan } from './verified-plan.ts';

test('a plan holds as it was made; when the workshop turns out colder, the steps that would touch wet paint are told', () => {
  const made = new TestJob().door('a').door('b').coated();
  const { problem } = jobToProblem(made.job, '2027-03-01T07:00');
  const plan = verifiedPlan(problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible');
  assert.deepEqual(waitConflicts(problem, plan), []);
  made.tell('take-readings', {
    readings: [
      {
        id: 'cold',
        kind: 'air',
        from: 'typed',
        at: '2027-03-01T07:30',
        climateId: 'workshop',
        temperature: 9,
        humidity: 80,
      },
    ],
  });
  const early = waitConflicts(jobToProblem(made.job, '2027-03-01T08:00').problem, plan);
  assert.ok(early.length > 0);
  for (const { taskId, planned, ready } of early) {
    assert.ok(ready > planned, taskId);
    assert.match(taskId, /coat|denib|degloss|rehang/);
    assert.equal(plan.tasks.find(({ id }) => id === taskId)?.start, planned);
  }
});
