import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../exchange/job-file.ts';
import type { Job } from '../job/document/schema.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { formatDuration } from '../units/measures.ts';
import { groupBy } from '../units/maps.ts';
import { jobSteps } from './job-steps.ts';
import { pieceSteps } from './piece-steps.ts';
import { workAccount } from './work-account.ts';

function demo(name: string): Job {
  const read = readJobFile(readFileSync(`demo/${name}.nivel.json`, 'utf8'));
  assert.ok(read.ok, `${name} is read`);
  return read.value;
}

/** Minutes in a line as they are read: `25 min`, `2 h 5 min`. */
function minutesIn(line: string): number {
  const [, hours, minutes] = /(?:(\d+) h ?)?(?:(\d+) min)?[^\d]*$/.exec(line) ?? [];
  return Number(hours ?? 0) * 60 + Number(minutes ?? 0);
}

for (const name of ['tern-street', 'linen-press'])
  test(`${name}: what there is to paint adds up to the minutes of each coat at a professional’s pace`, () => {
    const job = demo(name);
    const coats = job.pieces.flatMap((piece) => pieceSteps(job, piece)).filter(({ operation }) => operation === 'coat');
    const byProduct = [...groupBy(coats, ({ coat }) => `${coat?.number}/${coat?.coat.product}/${coat?.coat.tool}`)];
    for (const [key, steps] of byProduct) {
      const lines = workAccount(job, steps, 0);
      const at = lines.findIndex((line) => line.startsWith('At a professional’s pace'));
      const parts = lines.slice(0, at);
      const sum = parts.reduce((all, line) => all + (line.endsWith(' less.') ? -1 : 1) * minutesIn(line), 0);
      const whole = minutesIn(lines[at] ?? '');
      assert.ok(Math.abs(sum - whole) <= 0.5 * (parts.length + 1) + 0.5, `${key}: ${lines.join(' ')}`);
    }
  });

test('the account of a batch comes to what the plan counts for it', () => {
  const job = demo('tern-street');
  assert.ok(job.plan, 'the school has a plan');
  const { runs, starts, ends } = readPlan(job, jobSteps(job, job.plan.t0), job.plan);
  const done = new Set(job.log.map(({ taskId }) => taskId));
  let bySum = 0;
  for (const { steps } of runs) {
    const open = steps.filter(({ id }) => !done.has(id));
    if (open.length === 0) continue;
    const planned = open.reduce((sum, { id }) => sum + (ends.get(id) ?? 0) - (starts.get(id) ?? 0), 0);
    const last = workAccount(job, open, planned).at(-1) ?? '';
    assert.ok(last.includes(` ${formatDuration(planned)},`), last);
    bySum += last.startsWith('So ') ? 1 : 0;
  }
  // The others are coats, of which the log has told another pace since the plan was made.
  assert.ok(bySum > 150, `${bySum} runs`);
});

test('whose hands and what was timed stand in the account', () => {
  const { job } = new TestJob().door('a').coated('enamel-acrylic').tell('state-pace', { key: 'wash', factor: 1.2 });
  const washing = job.pieces.flatMap((piece) => pieceSteps(job, piece)).filter(({ operation }) => operation === 'wash');
  const lines = workAccount(job, washing, 5);
  assert.ok(lines.includes('Your crew: 50% longer than a professional.'), lines.join(' '));
  assert.ok(lines.includes('Your own figure: 20% longer.'), lines.join(' '));
});
