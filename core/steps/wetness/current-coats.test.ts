import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../fixtures/jobs.ts';
import { awaitedStage, currentCoats, slowest, type CoatDrying } from './current-coats.ts';
import { pieceSteps } from '../piece-steps.ts';
import type { PieceStep } from '../step.ts';

const stepsOf = (made: TestJob): Map<string, PieceStep> =>
  new Map(pieceSteps(made.job, made.job.pieces[0]!).map((step) => [step.id.slice(2), step]));

test('of each face the coat on top lies there, and each step asks its own of it', () => {
  const made = new TestJob().door('d').coated();
  const steps = pieceSteps(made.job, made.job.pieces[0]!);
  const asked = steps.flatMap((next, index) =>
    currentCoats(steps.slice(0, index)).map((coated) => `${coated.id} ${awaitedStage(coated, next)} ${next.id}`),
  );
  assert.deepEqual(
    asked.map((line) => line.replaceAll('d/', '')),
    [
      'coat-1/back handle coat-1/front',
      'coat-1/back recoat denib-2',
      'coat-1/front recoat denib-2',
      'coat-1/back recoat coat-2/back',
      'coat-1/front handle coat-2/back',
      'coat-2/back handle coat-2/front',
      'coat-1/front recoat coat-2/front',
      'coat-2/back recoat denib-3',
      'coat-2/front recoat denib-3',
      'coat-2/back recoat coat-3/back',
      'coat-2/front handle coat-3/back',
      'coat-3/back handle coat-3/front',
      'coat-2/front recoat coat-3/front',
      'coat-3/back rehang rehang',
      'coat-3/front rehang rehang',
    ],
  );
});

test('on points the second face follows while the first is wet', () => {
  const made = new TestJob().door('d').coated('enamel-acrylic', {
    faceCoats: { back: [{ product: 'prime-oil', tool: 'roller', thinning: 0, extent: 'all' }] },
  });
  made.tell('change-planning', { turning: 'both-on-points' });
  const steps = stepsOf(made);
  const [back, front] = [steps.get('coat-1/back')!, steps.get('coat-1/front')!];
  assert.equal(awaitedStage(currentCoats([back])[0]!, front), null);
});

test('the slowest coat says when, the first window that closes says until when', () => {
  const drying = (facts: Partial<CoatDrying>): CoatDrying => ({
    coated: stepsOf(new TestJob().door('d').coated()).get('coat-1/back') as CoatDrying['coated'],
    since: 0,
    touchDry: 10,
    handled: 20,
    opens: 30,
    closes: null,
    ...facts,
  });
  assert.equal(slowest([]), null);
  const both = slowest([
    drying({ opens: 90, closes: 500 }),
    drying({ since: 40, touchDry: 50, handled: 60, opens: 70 }),
  ]);
  assert.deepEqual(
    { since: both?.since, touchDry: both?.touchDry, handled: both?.handled, opens: both?.opens, closes: both?.closes },
    { since: 0, touchDry: 50, handled: 60, opens: 90, closes: 500 },
  );
});
