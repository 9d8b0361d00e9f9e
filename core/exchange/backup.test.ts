import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { readJobsFile } from './backup.ts';

const PICTURE = 'data:image/png;base64,AAAA';
const { job } = new TestJob().door('d');
const other = { ...new TestJob().door('e').job, id: 'other' };
const refusal = (value: unknown): string => {
  const read = readJobsFile(JSON.stringify(value));
  assert.equal(read.ok, false, 'refused');
  return read.ok ? '' : read.message;
};

test('a job file brings one job, and a backup as one text all of its jobs with their pictures', () => {
  const one = readJobsFile(JSON.stringify(job));
  assert.ok(one.ok);
  assert.deepEqual([one.value.jobs, one.value.pictures], [[job], {}]);
  const pictures = { [job.id]: { p: PICTURE } };
  const several = readJobsFile(JSON.stringify({ format: 'nivel.backup/2', jobs: [job, other], pictures }));
  assert.ok(several.ok);
  assert.deepEqual(several.value, { jobs: [job, other], pictures });
});

test('a backup from before there were photos has none', () => {
  const read = readJobsFile(JSON.stringify({ format: 'nivel.backup/1', jobs: [job] }));
  assert.ok(read.ok);
  assert.deepEqual(read.value.pictures, {});
});

test('one bad job refuses all of a backup, and says which it is', () => {
  assert.match(refusal({ format: 'nivel.backup/2', jobs: [job, { ...other, crew: [] }] }), /^Job 2 of the backup: /);
  assert.match(refusal({ format: 'nivel.backup/2', jobs: [{ ...job, format: 'nivel.job/99' }] }), /^Job 1 .*newer/);
  assert.match(refusal({ format: 'nivel.backup/2' }), /Not a Nivel backup\. Choose a file that Nivel saved\./);
  assert.match(
    refusal({ format: 'nivel.backup/2', jobs: [job], pictures: { [job.id]: { p: 'x' } } }),
    /^Photos of the backup/,
  );
  assert.match(refusal(null), /./);
  assert.equal(readJobsFile('no JSON').ok, false);
});
