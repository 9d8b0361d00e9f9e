import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Job } from '../../job/document/schema.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { planFingerprint } from './accept.ts';

const { job } = new TestJob().door('d', { comesOff: false }).coated();

test('a plan from before something could be stated is still of its job, as long as that is not set', () => {
  const before = {
    ...job,
    pieces: job.pieces.map(({ oneSideAtATime: _side, preservesRest: _rest, ...piece }) => piece),
  } as unknown as Job;
  assert.equal(planFingerprint(before), planFingerprint(job));
});

test('what changes the work changes the mark of the plan', () => {
  const marks = [
    job,
    { ...job, pieces: job.pieces.map((piece) => ({ ...piece, oneSideAtATime: true })) },
    { ...job, pieces: job.pieces.map((piece) => ({ ...piece, preservesRest: true })) },
    { ...job, planning: { ...job.planning, trades: 'trim-first' as const } },
    { ...job, planning: { ...job.planning, lines: 'tape' as const } },
    { ...job, planning: { ...job.planning, outsideInADay: true } },
  ].map((each) => planFingerprint(each));
  assert.equal(new Set(marks).size, marks.length);
});
