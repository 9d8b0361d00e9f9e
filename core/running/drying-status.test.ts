import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { LogEntry } from '../job/document/log-schema.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { dryingPieces } from './drying-status.ts';

test('a front found tacky after it was denibbed is not lain on for the next back', () => {
  const made = new TestJob().door('d').coated();
  const done = (taskId: string, at: string): LogEntry => ({
    id: taskId,
    at,
    taskId: `d/${taskId}`,
    event: 'done',
    by: 'painter-1',
    minutes: 10,
  });
  made.tell('stamp', {
    entries: [
      done('coat-1/back', '2027-03-01T08:30'),
      done('coat-1/front', '2027-03-01T14:00'),
      done('denib-2', '2027-03-02T09:00'),
    ],
  });
  const backStarts = (now: string): number => {
    const { problem } = jobToProblem(made.job, now);
    const plan = solve(problem, { steps: 10 });
    assert.ok(plan.status !== 'infeasible');
    return plan.tasks.find(({ id }) => id === 'd/coat-2/back')!.start;
  };
  const now = '2027-03-02T09:05';
  const before = backStarts(now);
  made.tell('stamp', { entries: [{ ...done('coat-1/front', now), id: 'tacky', event: 'tacky', minutes: null }] });
  const [drying] = dryingPieces(made.job, jobToProblem(made.job, now), now);
  assert.equal(drying?.coated.id, 'd/coat-1/front');
  assert.ok(drying.opens > before, 'Today says later');
  assert.ok(backStarts(now) >= drying.opens, 'and so does the plan');
});

test('a piece with an oil back and an acrylic front is as far as its back', () => {
  const oil = { product: 'enamel-oil', tool: 'brush', thinning: 0, extent: 'all' } as const;
  const made = new TestJob().door('d').coated('enamel-acrylic', { faceCoats: { back: [oil, oil] } });
  const entries = ['back', 'front'].map((face): LogEntry => ({
    id: face,
    at: '2027-03-01T10:00',
    taskId: `d/coat-1/${face}`,
    event: 'done',
    by: null,
    minutes: 20,
  }));
  made.tell('stamp', { entries });
  const [drying] = dryingPieces(made.job, jobToProblem(made.job, '2027-03-01T16:00'), '2027-03-01T16:00');
  assert.equal(drying?.coated.id, 'd/coat-1/back');
  assert.equal(drying.state, 'wet');
  // Twenty reference hours at the workshop’s pace, which is slower than the tin’s.
  assert.ok(drying.opens > 600 + 20 * 60);
});
