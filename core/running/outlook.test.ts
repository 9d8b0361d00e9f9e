import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { readJobFile } from '../exchange/job-file.ts';
import { acceptedPlan } from '../planning/revising/accept.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { jobOutlook } from './outlook.ts';
import { nextRun } from './day-sheet.ts';
import { doneStamps } from './stamps.ts';

const NOW = '2027-03-01T07:00';

function planned(): TestJob {
  const made = new TestJob(NOW.slice(0, 10)).door('d').door('e').coated();
  const { problem } = jobToProblem(made.job, NOW);
  const plan = solve(problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible', 'there is a plan');
  return made.tell('accept-plan', { plan: acceptedPlan(made.job, problem, plan, { at: NOW, reason: 'First plan' }) });
}

test('a job without a plan has no outlook, one that is planned has its first step', () => {
  assert.equal(jobOutlook(new TestJob('2027-03-01').door('d').job, NOW), null);
  const outlook = jobOutlook(planned().job, NOW);
  assert.match(outlook?.next ?? '', /^Take off.*D-01, D-02, 08:0\d$/);
  assert.deepEqual([outlook?.drying, outlook?.late, outlook?.done], [null, null, 0]);
});

test('what should have been done is behind, since when, and no more once it is done', () => {
  const made = planned();
  const late = '2027-03-01T12:00';
  assert.match(jobOutlook(made.job, late)?.late ?? '', /^\d+ steps behind since 08:/);
  let next = 0;
  for (;;) {
    const reading = readPlan(made.job, jobToProblem(made.job, late), made.job.plan!);
    const run = nextRun(made.job, reading, 'painter-1')?.run;
    if (!run || run.end > 12 * 60) break;
    made.tell('stamp', {
      entries: doneStamps(made.job, reading, run.steps, { at: late, by: 'painter-1', newId: () => `s${next++}` }),
    });
  }
  assert.equal(jobOutlook(made.job, late)?.late, null);
  assert.ok((jobOutlook(made.job, late)?.done ?? 0) > 0);
});

test('the school is in the middle of it: something is next, and something dries', () => {
  const read = readJobFile(readFileSync('demo/tern-street.nivel.json', 'utf8'));
  assert.ok(read.ok, 'the demo is read');
  const { clock } = read.value.settings;
  const outlook = jobOutlook(read.value, clock.kind === 'simulated' ? clock.now : NOW);
  assert.ok(
    outlook?.next && outlook.drying && outlook.done > 20 && outlook.done < outlook.all,
    JSON.stringify(outlook),
  );
});
