import assert from 'node:assert/strict';
import { test } from 'node:test';
import { usualPiece } from '../job/document/usual-piece.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { LOOSE_SHARE } from '../quantities/pace.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { flashRustOf, STAYS_BRIGHT } from './flash-rust.ts';
import { pieceSteps } from './piece-steps.ts';

const railing = (condition: 'rusty' | 'sound', substrate: 'metal' | 'softwood' = 'metal') => {
  const piece = usualPiece('railing', 'room-1');
  return new TestJob()
    .tell('add-pieces', {
      ids: ['r'],
      kind: 'railing',
      piece: { ...piece, surface: { substrate, existing: 'oil-gloss', condition } },
    })
    .coated('enamel-alkyd-wb', { key: 'abrade' }).job;
};

test('metal that was abraded bright is primed on the same day, or a share of it is abraded again', () => {
  const job = railing('rusty');
  const [piece] = job.pieces;
  assert.ok(piece);
  const steps = pieceSteps(job, piece);
  const followed = flashRustOf(job, piece, steps);
  const dusted = steps.find(({ operation }) => operation === 'dust-off');
  const primed = steps.filter(({ coat }) => coat?.number === 1);
  assert.deepEqual([...new Set(followed.map(({ from }) => from.id))], [dusted?.id]);
  assert.deepEqual(
    followed.map(({ to, again }) => [to.id, again]),
    primed.map((step) => [step.id, (step.coat?.reAbrade ?? NaN) * LOOSE_SHARE]),
  );
  const waits = jobToProblem(job, '2027-03-01T06:00').problem.waits.filter(
    ({ atMost }) => atMost != null && 'ticks' in atMost && atMost.ticks === STAYS_BRIGHT,
  );
  assert.deepEqual(
    waits.map(({ from, to }) => [from, to]),
    primed.map(({ id }) => [dusted?.id, id]),
  );
  assert.ok(waits.every(({ late }) => late != null && late.work > 0));
});

test('wood, and metal whose coat holds, may wait', () => {
  for (const job of [railing('sound'), railing('rusty', 'softwood')]) {
    assert.deepEqual(
      job.pieces.flatMap((piece) => flashRustOf(job, piece, pieceSteps(job, piece))),
      [],
    );
  }
});
