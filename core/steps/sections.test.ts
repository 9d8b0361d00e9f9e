import assert from 'node:assert/strict';
import { test } from 'node:test';
import { usualPiece } from '../job/document/usual-piece.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { pieceSteps } from './piece-steps.ts';

const coatsOf = (width: number, skill: 'professional' | 'steady') => {
  const piece = usualPiece('sectional-door', 'room-1');
  const { job } = new TestJob()
    .tell('change-painter', { id: 'painter-1', facts: { skill } })
    .tell('add-pieces', { ids: ['g'], kind: 'sectional-door', piece: { ...piece, shape: { ...piece.shape, width } } })
    .coated('ext-acrylic');
  return pieceSteps(job, job.pieces[0]!).flatMap(({ coat, minutes }) =>
    coat?.number === 1 ? [{ minutes, section: coat.section }] : [],
  );
};

test('a coat in the open that takes an hour is done at one go; a longer one in sections that are all of it', () => {
  const [whole, ...none] = coatsOf(2440, 'professional');
  assert.ok(whole && whole.minutes < 60);
  assert.deepEqual([whole.section, none], [null, []]);
  // The same door takes a steady hand half as long again.
  const sections = coatsOf(2440, 'steady');
  assert.ok(sections.length > 1);
  const minutes = sections.reduce((sum, section) => sum + section.minutes, 0);
  const shares = sections.reduce((sum, { section }) => sum + (section?.share ?? 0), 0);
  assert.ok(Math.abs(minutes - whole.minutes) < 1e-6 && Math.abs(shares - 1) < 1e-6);
});
