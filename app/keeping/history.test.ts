import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { AcceptedPlan } from '../../core/job/document/plan-schema.ts';
import { TestJob } from '../../core/fixtures/jobs.ts';
import { acceptance } from '../../core/fixtures/worked-job.ts';
import { NivelDatabase } from './database.ts';
import { fresh } from './fresh-row.ts';
import { earlierPlans, historyOf } from './history.ts';
import { JobStore } from './job-store.ts';

let number = 0;

/** A store of a job with a door, and its database. */
async function opened(): Promise<{ database: NivelDatabase; store: JobStore }> {
  const database = new NivelDatabase(`history-${++number}`);
  const { job } = new TestJob().door('d');
  await database.jobs.add(fresh(job));
  const store = new JobStore(database, job.id);
  await store.open();
  return { database, store };
}
const plan = (reason: string): AcceptedPlan => ({ ...structuredClone(acceptance), reason }) as AcceptedPlan;
const close = ({ database, store }: { database: NivelDatabase; store: JobStore }): void => {
  store.close();
  database.close();
};

test('history is told newest first, with what has been undone', async () => {
  const tab = await opened();
  for (const note of ['one', 'two', 'three']) tab.store.apply('change-pieces', { ids: ['d'], facts: { note } });
  await tab.store.settled();
  await tab.store.undo();
  const told = await historyOf(tab.database, 'test');
  assert.deepEqual(
    told.map(({ number: at, undone }) => [at, undone]),
    [
      [3, true],
      [2, false],
      [1, false],
    ],
  );
  assert.ok(told.every(({ label }) => label === 'Changed note of D-01'));
  assert.deepEqual(await historyOf(tab.database, 'no such job'), []);
  close(tab);
});

test('plans that were overtaken are there, the last first; the one in force is not among them', async () => {
  const tab = await opened();
  for (const reason of ['First', 'Second', 'Third']) tab.store.apply('accept-plan', { plan: plan(reason) });
  await tab.store.settled();
  const reasons = async (most: number): Promise<string[]> =>
    (await earlierPlans(tab.database, 'test', most)).map((earlier) => earlier.reason);
  assert.deepEqual(await reasons(5), ['Second', 'First']);
  assert.deepEqual(await reasons(1), ['Second']);
  await tab.store.undo();
  assert.deepEqual(await reasons(5), ['First'], 'what was undone has overtaken nothing');
  close(tab);
});

test('a plan that history holds and that this Nivel can’t read is passed over', async () => {
  const tab = await opened();
  for (const reason of ['First', 'Second']) tab.store.apply('accept-plan', { plan: plan(reason) });
  await tab.store.settled();
  await tab.database.changes.toCollection().modify((change) => {
    for (const patch of change.inverse) if (patch.path[0] === 'plan' && patch.value !== null) patch.value = { odd: 1 };
  });
  assert.deepEqual(await earlierPlans(tab.database, 'test', 5), []);
  close(tab);
});
