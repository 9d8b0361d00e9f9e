import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DOOR, TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../../planning/drafting/job-to-problem.ts';
import { prepare } from './prepare.ts';

test('pieces that go through the same steps are on one course, and one that differs joins it where the rest is alike', () => {
  const made = new TestJob()
    .door('one')
    .door('other')
    .door('nightly', { access: { ...DOOR.access, closesAtNight: true } });
  const prepared = prepare(jobToProblem(made.coated().job, '2027-03-01T07:00').problem);
  const courseOf = (id: string): number =>
    prepared.courses[prepared.tasks.findIndex(({ task }) => task.id === id)] ?? assert.fail(`There is no ${id}.`);
  for (const step of ['take-off', 'wash', 'coat-1/back', 'coat-3/front'])
    assert.equal(courseOf(`one/${step}`), courseOf(`other/${step}`), step);
  assert.notEqual(courseOf('one/wash'), courseOf('nightly/wash'), 'what comes later is not the same');
  assert.equal(courseOf('one/rehang'), courseOf('nightly/rehang'));
});
