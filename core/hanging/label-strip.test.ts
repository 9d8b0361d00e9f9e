import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Piece } from '../job/document/piece-schema.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { labelCode, labelStrip, pieceNamed, TAPE } from './label-strip.ts';

const { job } = new TestJob().door('a').door('b');
const [first, second] = job.pieces as [Piece, Piece];
const refusal = (said: string): string => {
  const named = pieceNamed(job, said);
  return typeof named === 'string' ? named : named.mark;
};
const withParts = (count: number): Piece => ({
  ...first,
  hardware: Array.from({ length: count }, (_unused, index) => ({ ...first.hardware[0]!, name: `part ${index}` })),
});

test('a label is as long as its bag has parts, worked by hand, and the feed lies between two', () => {
  const { labels, used, waiting } = labelStrip([withParts(0), withParts(1), withParts(4)], TAPE.roll);
  assert.deepEqual(
    labels.map(({ at, length }) => [at, length]),
    [
      [0, 54],
      [57, 54],
      [114, 69],
    ],
  );
  assert.deepEqual([used, waiting], [186, []]);
});

test('a label that fits to the millimetre is printed; one that does not waits, with all behind it', () => {
  const three = [withParts(1), withParts(1), withParts(1)];
  assert.equal(labelStrip(three, 114).labels.length, 2);
  const short = labelStrip(three, 113);
  assert.deepEqual([short.labels.length, short.waiting.length, short.used], [1, 2, 57]);
  assert.equal(TAPE.width, 62, 'the tape of the simulated printer');
});

test('a code names the piece of its job, and says of another job or of a piece that is gone', () => {
  assert.equal(labelCode(job.id, second), 'nivel-piece:test:b:D-02');
  assert.equal(pieceNamed(job, ` ${labelCode(job.id, second)}\n`), second);
  assert.equal(pieceNamed(job, labelCode('other', second)), 'This label is from another job.');
  assert.match(refusal(labelCode(job.id, { id: 'gone', mark: 'D-09' })), /no longer in the job/);
});

test('a mark is found however it is typed, and only in full', () => {
  for (const typed of ['D-02', 'd2', 'D 002', '  d-02 ']) assert.equal(pieceNamed(job, typed), second, typed);
  for (const typed of ['D', '2', 'D-020', 'DD-02', 'W-02', 'D-02x'])
    assert.equal(typeof pieceNamed(job, typed), 'string', typed);
  assert.match(refusal('  '), /No tag typed\. Type it as on the tag, e\.g\. D-05\./);
});
