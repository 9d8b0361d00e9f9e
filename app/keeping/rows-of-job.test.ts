import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../core/fixtures/jobs.ts';
import type { Attempt } from '../../core/practising/attempt.ts';
import { restoreJobs } from './backup/take-in.ts';
import { NivelDatabase } from './database.ts';
import { fresh } from './fresh-row.ts';
import { JobStore } from './job-store.ts';
import { Journal } from './journal.ts';
import { lastWork } from './last-work.ts';
import { forgetRows, replaceJob } from './rows-of-job.ts';

const { job } = new TestJob().door('d');
let number = 0;

/** A database with one job, to which a killed browser has left a note in the journal. */
async function left(): Promise<NivelDatabase> {
  const database = new NivelDatabase(`rows-${++number}`);
  await database.jobs.add(fresh(job));
  const store = new JobStore(database, job.id);
  await store.open();
  store.apply('change-pieces', { ids: ['d'], facts: { note: 'written' } });
  await store.settled();
  store.close();
  const args = { ids: ['d'], facts: { note: 'given, and not written' } };
  await new Journal(database).keep(job.id, { id: 'left', name: 'change-pieces', args, strokes: null }, 'relaxed');
  return database;
}

async function noteOf(database: NivelDatabase): Promise<string | undefined> {
  const store = new JobStore(database, job.id);
  await store.open();
  const note = store.latest()?.pieces[0]?.note;
  store.close();
  return note;
}

test('a job that is laid out anew is not changed by what was given to the one before, which comes back with it', async () => {
  const database = await left();
  const bringBack = await replaceJob(database, job);
  assert.equal(await noteOf(database), '');
  await bringBack?.();
  assert.equal(await noteOf(database), 'given, and not written');
  assert.equal(await database.changes.count(), 1);
  database.close();
});

test('where there was no such job, there is nothing to bring back', async () => {
  const database = new NivelDatabase(`rows-${++number}`);
  assert.equal(await replaceJob(database, job), null);
  assert.equal(await noteOf(database), '');
  database.close();
});

test('nothing of a forgotten job stays', async () => {
  const database = await left();
  await database.photos.put({ jobId: job.id, id: 'p', picture: new Blob(['x']) });
  await database.setAside.put({ jobId: job.id, id: 'a', name: 'x', args: {}, strokes: null, at: '', why: '' });
  await forgetRows(database, job.id);
  for (const table of database.tables) assert.equal(await table.count(), 0, table.name);
  database.close();
});

test('a job counts as worked on whose only change is in the journal; one as it came does not', async () => {
  const database = new NivelDatabase(`rows-${++number}`);
  const updatedAt = '2027-03-01T08:00:00.000Z';
  await database.jobs.add({ ...fresh(job), updatedAt });
  assert.equal(await lastWork(database), null);
  const args = { ids: ['d'], facts: { note: 'given' } };
  await new Journal(database).keep(job.id, { id: 'left', name: 'change-pieces', args, strokes: null }, 'relaxed');
  assert.equal(await lastWork(database), updatedAt);
  await database.jobs.update(job.id, { deletedAt: updatedAt });
  assert.equal(await lastWork(database), null);
  database.close();
});

test('what was practised is work too, and comes back once from a backup, also beside none of the jobs', async () => {
  const database = new NivelDatabase(`rows-${++number}`);
  const attempt: Attempt = {
    id: 'a',
    at: '2027-03-01T17:00:00Z',
    exercise: 'touch',
    level: 1,
    seed: 4,
    source: 'free',
    score: 80,
    isSafe: true,
    avoided: {},
    estimates: [],
  };
  for (const jobs of [[], [job]]) await restoreJobs(database, { jobs, pictures: [], attempts: [attempt] });
  assert.deepEqual(await database.attempts.toArray(), [attempt]);
  assert.equal(await lastWork(database), attempt.at);
  database.close();
});
