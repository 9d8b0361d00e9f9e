import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../exchange/job-file.ts';
import { minutesSince } from '../job/site-time.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { dryingPieces } from '../running/drying-status.ts';
import { howItDries } from '../running/drying-how.ts';
import { offerFor } from '../choosing/offer.ts';
import { costAccount } from '../pricing/cost-account.ts';
import { jobSteps } from '../steps/job-steps.ts';
import { formatDuration } from '../units/measures.ts';
import { readinessOf } from './readiness.ts';
import { howUse } from './use-how.ts';

const read = readJobFile(readFileSync('demo/tern-street.nivel.json', 'utf8'));
assert.ok(read.ok, 'the demo is read');
const job = read.value;
const NOW = job.settings.clock.kind === 'simulated' ? job.settings.clock.now : '';
const steps = jobSteps(job, `${NOW.slice(0, 10)}T00:00`);

test('how a date came about comes to the very date', () => {
  assert.ok(job.plan, 'the school has a plan');
  const { ends } = readPlan(job, steps, job.plan);
  let told = 0;
  for (const row of readinessOf(job, steps, ends)) {
    for (const use of ['rehang', 'close'] as const) {
      const at = row.from[use];
      if (at === null || row.lastCoat === null) continue;
      const lines = howUse(job, steps, row, use);
      const takes = /^So (.*): /.exec(lines.at(-1) ?? '')?.[1];
      assert.ok(lines[1]?.startsWith('Tin: '), lines.join(' '));
      // Of coats that end at different times the slowest tells, which may have begun before the last one.
      if (takes === formatDuration(Math.round(at - row.lastCoat))) told += 1;
    }
  }
  assert.ok(told > 20, `${told} dates are a last coat and what it takes`);
});

test('how a wet piece dries comes to the time from which it may be touched', () => {
  const drying = dryingPieces(job, steps, NOW);
  assert.ok(drying.length > 0, 'something dries');
  for (const piece of drying) {
    const lines = howItDries(job, steps, piece);
    const isResting = lines.some((line) => line.startsWith('It rests'));
    const takes = /^So (.*): /.exec(lines.findLast((line) => line.startsWith('So ')) ?? '')?.[1];
    if (takes === undefined || isResting) continue;
    assert.equal(takes, formatDuration(Math.round(piece.opens - piece.since)), piece.piece.mark);
  }
  assert.ok(minutesSince(steps.clocks.t0, NOW, job.site.timeZone) > 0);
});

test('the hours of a build-up are those of its headings', () => {
  const [group] = job.groups;
  assert.ok(group, 'there is a group');
  const best = offerFor(job, group).permitted[0];
  assert.ok(best, 'something is permitted');
  const lines = costAccount(job, group, best.candidate.buildUp, best.cost);
  assert.match(lines[0] ?? '', /^\d+ pieces, \d+ steps\.$/);
  const hours = lines.flatMap((line) => {
    const [, h = '0', min = '0'] = /: (?:(\d+) h)? ?(?:(\d+) min)?\.$/.exec(line) ?? [];
    return line.includes(': ') ? [Number(h) + Number(min) / 60] : [];
  });
  const sum = hours.reduce((all, each) => all + each, 0);
  assert.ok(Math.abs(sum - best.cost.hours) < 0.2, `${sum} of ${best.cost.hours}`);
});
