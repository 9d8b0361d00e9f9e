import assert from 'node:assert/strict';
import { test } from 'node:test';
import { dryingClimateId } from '../job/queries/places.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { coatsDryingIn } from './coats-in.ts';

const coat = (product: string, tool: 'brush' | 'roller') => ({ product, tool, thinning: 0, extent: 'all' }) as const;
const kinds = (made: TestJob, climateId: string): string[] =>
  coatsDryingIn(made.job, climateId).map(({ coating, tool }) => `${coating.id} by ${tool}`);

test('each coating and tool once, in the order in which they are met, with the coats of a face of its own', () => {
  const made = new TestJob()
    .door('a')
    .door('b')
    .coated('enamel-acrylic', { faceCoats: { back: [coat('enamel-acrylic', 'brush'), coat('gone', 'brush')] } });
  const climateId = dryingClimateId(made.job, made.job.pieces[0]!, ['front']);
  assert.deepEqual(kinds(made, climateId), [
    'prime-bond-wb by roller',
    'enamel-acrylic by roller',
    'enamel-acrylic by brush',
  ]);
});

test('nothing dries where no piece does, nor before a build-up is chosen', () => {
  const made = new TestJob().door('a').coated();
  assert.deepEqual(kinds(made, 'nowhere'), []);
  const undone = new TestJob().door('a');
  assert.deepEqual(kinds(undone, dryingClimateId(undone.job, undone.job.pieces[0]!, ['front'])), []);
});
