import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../exchange/job-file.ts';
import { TestJob } from '../fixtures/jobs.ts';
import type { Job } from '../job/document/schema.ts';
import { surestSoFar, surestTests } from './surer.ts';

const read = readJobFile(readFileSync('demo/linen-press.nivel.json', 'utf8'));
assert.ok(read.ok, 'the press is read');
const untested: Job[] = [
  { ...read.value, findings: [] },
  new TestJob()
    .door('a')
    .door('b', { surface: { substrate: 'oak', existing: 'bare', condition: 'sound' } })
    .coated().job,
  new TestJob().door('a').job,
];

for (const [index, job] of untested.entries())
  test(`job ${index + 1}: stopping once enough would fail leaves the same three as working out all`, () => {
    const all = surestTests(job, Infinity);
    assert.ok(all.length > 3, `${all.length} tests change something`);
    assert.deepEqual(surestTests(job), all.slice(0, 3));
  });

test('partial answers hold at most the number asked for, and end with the answer', () => {
  const [job] = untested;
  assert.ok(job);
  const search = surestSoFar(job, 2);
  const told: number[] = [];
  for (;;) {
    const next = search.next();
    if (next.done) {
      assert.deepEqual(next.value, surestTests(job, 2));
      break;
    }
    told.push(next.value.length);
  }
  assert.ok(told.length >= 2 && Math.max(...told) === 2, told.join());
});
