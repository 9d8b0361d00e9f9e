import assert from 'node:assert/strict';
import { test } from 'node:test';
import { buildUp, TestJob } from '../fixtures/jobs.ts';
import { againstStep, OTHER_STEPS } from './other-steps.ts';

const { job } = new TestJob().tell('change-site', { yearBuilt: 1874 }).door('d');
const [group] = job.groups;
const against = (id: string): string[] | null => {
  const step = OTHER_STEPS.find((candidate) => candidate.id === id)!;
  return againstStep(job, group!, buildUp('enamel-acrylic'), step)?.map(({ rule }) => rule.id) ?? null;
};

test('each step that is done otherwise names the rules against it, and only those that are new', () => {
  assert.deepEqual(against('key-abrade'), ['lead-dry-abrasion']);
  assert.deepEqual(against('key-wet-abrade'), []);
  assert.deepEqual(against('key-none'), ['bonding-primer-alone']);
  assert.deepEqual(against('no-primer'), ['topcoat-on-gloss']);
  assert.deepEqual(against('one-topcoat'), ['one-topcoat']);
  assert.deepEqual(against('no-cleaning'), ['not-cleaned']);
});

test('what is done so already is no other step', () => {
  for (const id of ['key-degloss', 'no-rinse', 'no-grain-filler', 'no-preservative', 'no-sealer']) {
    assert.equal(against(id), null, id);
  }
});
