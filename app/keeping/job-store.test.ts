import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { afterEach, test } from 'node:test';
import { accepted, type Outcome } from '../../core/units/outcome.ts';
import { DOOR, TestJob } from '../../core/fixtures/jobs.ts';
import { NivelDatabase } from './database.ts';
import { JobStore, type CheckBehind } from './job-store.ts';
import { readStored } from './stored-job.ts';
import { GESTURE, historyOf } from './history.ts';
import { Journal } from './journal.ts';
import { forgetfulStorage } from './forgetful-storage.ts';

let number = 0;
const open: { store: JobStore; database: NivelDatabase }[] = [];

/** A database of its own with one job in it. */
async function database(): Promise<NivelDatabase> {
  const made = new NivelDatabase(`nivel-test-${++number}`);
  const { job } = new TestJob().door('d');
  await made.jobs.add({ id: job.id, job, revision: 1, head: 0, updatedAt: '2027-03-01T08:00:00Z', deletedAt: null });
  return made;
}

async function tab(on: NivelDatabase, journal = new Journal(on)): Promise<JobStore> {
  const store = new JobStore(on, 'test', journal);
  assert.deepEqual(await store.open(), { state: 'open' });
  open.push({ store, database: on });
  return store;
}

afterEach(() => {
  for (const { store, database: used } of open.splice(0)) {
    store.close();
    used.close();
  }
});

const left = async (on: NivelDatabase): Promise<string[]> => (await on.journal.toArray()).map(({ name }) => name);
const note = (store: JobStore): string | undefined => store.snapshot()?.job.pieces[0]?.note;
const write = (store: JobStore, text: string, strokes: string | null = null): boolean =>
  store.apply('change-pieces', { ids: ['d'], facts: { note: text } }, strokes).ok;

test('a change is shown at once and is in the database with its patch', async () => {
  const on = await database();
  const store = await tab(on);
  assert.equal(write(store, 'sticks'), true);
  assert.equal(note(store), 'sticks');
  const shown = store.snapshot()?.job;
  await store.settled();
  assert.equal(store.snapshot()?.job, shown, 'the screens keep the document that they show');
  const [stored, changes] = [await on.jobs.get('test'), await on.changes.toArray()];
  assert.equal(stored?.job.pieces[0]?.note, 'sticks');
  assert.deepEqual([stored?.revision, stored?.head], [2, 1]);
  assert.deepEqual(
    changes.map(({ label, patches }) => [label, patches.length]),
    [['Changed note of D-01', 1]],
  );
});

test('a refused command changes neither document nor history', async () => {
  const on = await database();
  const store = await tab(on);
  const outcome = store.apply('change-pieces', { ids: ['d'], facts: {}, shape: { ...DOOR.shape, width: 1 } });
  assert.equal(outcome.ok, false);
  await store.settled();
  assert.equal(await on.changes.count(), 0);
  assert.equal((await on.jobs.get('test'))?.revision, 1);
});

test('undo and redo go back and forth, and something new forgets what was undone', async () => {
  const store = await tab(await database());
  for (const text of ['one', 'two', 'three']) write(store, text);
  await store.undo();
  await store.undo();
  assert.equal(note(store), 'one');
  assert.equal(store.snapshot()?.redoLabel, 'Changed note of D-01');
  await store.redo();
  assert.equal(note(store), 'two');
  write(store, 'other');
  await store.settled();
  assert.equal(store.snapshot()?.redoLabel, null);
  await store.redo();
  assert.equal(note(store), 'other');
  await store.undo();
  await store.undo();
  await store.undo();
  await store.undo();
  assert.equal(note(store), '', 'as it was, and no further');
});

test('strokes of one field are one step of history, those of another are not', async () => {
  const stored = await database();
  const store = await tab(stored);
  for (const text of ['s', 'st', 'sti']) write(store, text, 'd/note');
  store.apply('change-pieces', { ids: ['d'], facts: { comesOff: false } }, 'd/off');
  await store.settled();
  assert.equal((await historyOf(stored, 'test')).length, 2);
  await store.undo();
  assert.equal(note(store), 'sti');
  await store.undo();
  assert.equal(note(store), '');
  await store.redo();
  assert.equal(note(store), 'sti');
});

test('what follows from one tap is undone with it, however long it took to be planned', async () => {
  const stored = await database();
  const store = await tab(stored);
  write(store, 'tapped', `${GESTURE}stamp/1`);
  await store.settled();
  await stored.changes.toCollection().modify({ at: '2020-01-01T00:00:00Z' });
  write(store, 'planned', `${GESTURE}stamp/1`);
  await store.settled();
  await store.undo();
  assert.equal(note(store), '');
});

test('two tabs that write at the same moment keep both changes', async () => {
  const on = await database();
  const [left, right] = [await tab(on), await tab(on)];
  const told: string[] = [];
  right.onNotice = (message) => told.push(message);
  left.apply('add-pieces', { ids: ['e'], kind: 'flush-door', piece: DOOR });
  right.apply('change-pieces', { ids: ['d'], facts: { note: 'from the right' } });
  await Promise.all([left.settled(), right.settled()]);
  const stored = await on.jobs.get('test');
  assert.deepEqual(
    stored?.job.pieces.map((piece) => [piece.mark, piece.note]),
    [
      ['D-01', 'from the right'],
      ['D-02', ''],
    ],
  );
  assert.ok(
    told.some((message) => /Both changes are kept/.test(message)),
    told.join(),
  );
});

test('a change to something that another tab has removed is told, and the rest stays', async () => {
  const on = await database();
  const [left, right] = [await tab(on), await tab(on)];
  const told: string[] = [];
  right.onNotice = (message) => told.push(message);
  left.apply('remove-pieces', { ids: ['d'] });
  write(right, 'late');
  await Promise.all([left.settled(), right.settled()]);
  assert.equal((await on.jobs.get('test'))?.job.pieces.length, 0);
  assert.ok(
    told.some((message) => /no longer in the job/.test(message)),
    told.join(),
  );
});

test('what is given after the screens are gone is written all the same', async () => {
  const on = await database();
  const store = await tab(on);
  const told: string[] = [];
  store.onNotice = (message) => told.push(message);
  store.close();
  assert.equal(write(store, 'planned late'), true);
  await store.settled();
  assert.equal((await on.jobs.get('test'))?.job.pieces[0]?.note, 'planned late');
  assert.deepEqual(told, []);
});

test('what another tab wrote and this one can’t read is told, and what is shown stays', async () => {
  const on = await database();
  const store = await tab(on);
  write(store, 'sticks');
  await store.settled();
  const told = new Promise<string>((resolve) => (store.onNotice = resolve));
  const job = store.snapshot()!.job;
  await on.jobs.update('test', { job: { ...job, crew: [] }, revision: 9 });
  const other = new BroadcastChannel('nivel-jobs');
  other.postMessage({ jobId: 'test', revision: 9 });
  assert.match(await told, /^Can’t show changes made in another tab: .*crew/);
  other.close();
  assert.equal(note(store), 'sticks');
});

test('a job that is thrown away does not open', async () => {
  const on = await database();
  await on.jobs.update('test', { deletedAt: '2027-03-01T09:00:00Z' });
  const store = new JobStore(on, 'test');
  assert.deepEqual(await store.open(), { state: 'missing' });
  store.close();
  on.close();
});

test('a row that holds no job that can be read is told with its reason and handed out, not shown', async () => {
  const on = await database();
  const job = (await on.jobs.get('test'))!.job;
  for (const [spoilt, reason] of [
    [{ ...job, format: 'nivel.job/999' }, /newer Nivel/],
    [{ ...job, crew: [] }, /At crew/],
  ] as const) {
    await on.jobs.update('test', { job: spoilt as unknown as typeof job });
    const store = new JobStore(on, 'test');
    const opened = await store.open();
    assert.ok(opened.state === 'damaged');
    assert.match(opened.message, reason);
    assert.equal(opened.row.job.name, job.name);
    assert.equal(store.snapshot(), null);
    store.close();
  }
  on.close();
});

test('a row that is shown before it is checked is written to only when the check held', async () => {
  const on = await database();
  let hold = (): void => undefined;
  const held = new Promise<Outcome<null>>((answer) => {
    hold = () => answer(accepted(null));
  });
  const store = new JobStore(on, 'test');
  let isWanted = false;
  const checking: CheckBehind = (_row, wanted) => {
    void wanted.then(() => (isWanted = true));
    return held;
  };
  assert.deepEqual(await store.open(checking), { state: 'open' });
  assert.equal(isWanted, false, 'there is time for it while nothing is written');
  assert.equal(write(store, 'shown at once'), true);
  assert.equal(note(store), 'shown at once');
  await new Promise((go) => setTimeout(go, 20));
  assert.equal((await on.jobs.get('test'))?.job.pieces[0]?.note, '');
  assert.equal(isWanted, true);
  hold();
  await store.settled();
  assert.equal((await on.jobs.get('test'))?.job.pieces[0]?.note, 'shown at once');
  store.close();

  const before = (await on.jobs.get('test'))!;
  const spoilt = { ...before, job: { ...before.job, crew: [] } };
  await on.jobs.put(spoilt);
  const other = new JobStore(on, 'test');
  const told: string[] = [];
  other.onDamaged = ({ message }) => told.push(message);
  await other.open((row) => Promise.resolve(readStored(row)));
  write(other, 'not lost');
  await other.settled();
  assert.match(told.join(), /At crew/);
  assert.deepEqual(await on.jobs.get('test'), spoilt);
  assert.deepEqual(await left(on), ['change-pieces']);
  other.close();
  on.close();
});

test('what was given and not yet written is there after the tab is killed, once', async () => {
  const on = await database();
  const store = await tab(on);
  store.apply('add-pieces', { ids: ['e'], kind: 'flush-door', piece: DOOR });
  write(store, 'last words');
  // Killed here: the database has heard of neither, the journal of both.
  assert.deepEqual(await left(on), ['add-pieces', 'change-pieces']);
  const reopened = await tab(on);
  const pieces = (): (readonly [string, string])[] | undefined =>
    reopened.snapshot()?.job.pieces.map((piece) => [piece.mark, piece.note] as const);
  const both = [
    ['D-01', 'last words'],
    ['D-02', ''],
  ];
  assert.deepEqual(pieces(), both);
  // The first tab was only slow: what it writes late is known by its id and not done again.
  await store.settled();
  await reopened.settled();
  assert.deepEqual(
    (await on.jobs.get('test'))?.job.pieces.map((piece) => [piece.mark, piece.note]),
    both,
  );
  assert.equal(await on.changes.count(), 2);
  assert.deepEqual(await left(on), []);
});

test('a job that was replaced under the same revision is read anew', async () => {
  const on = await database();
  const store = await tab(on);
  const row = await on.jobs.get('test');
  assert.ok(row);
  await on.jobs.put({ ...row, updatedAt: '2027-03-02T08:00:00Z', job: { ...row.job, name: 'Brought in again' } });
  assert.equal(write(store, 'sticks'), true);
  await store.settled();
  const stored = await on.jobs.get('test');
  assert.deepEqual([stored?.job.name, stored?.job.pieces[0]?.note], ['Brought in again', 'sticks']);
  assert.equal(store.snapshot()?.job.name, 'Brought in again');
});

test('of two tabs that change different fields of one thing both stand; of the same field the later, and it is told', async () => {
  const on = await database();
  const [left, right] = [await tab(on), await tab(on)];
  const told: string[] = [];
  right.onNotice = (message) => told.push(message);
  const [room] = left.snapshot()!.job.rooms;
  left.apply('change-room', { id: room!.id, facts: { name: 'Hall' } });
  right.apply('change-room', { id: room!.id, facts: { maxOff: 2 } });
  await Promise.all([left.settled(), right.settled()]);
  const stored = (await on.jobs.get('test'))!.job.rooms[0]!;
  assert.deepEqual([stored.name, stored.maxOff], ['Hall', 2]);
  assert.match(told.join(), /Both changes are kept/);

  told.length = 0;
  left.apply('change-room', { id: room!.id, facts: { name: 'Stair' } });
  right.apply('change-room', { id: room!.id, facts: { name: 'Landing' } });
  await Promise.all([left.settled(), right.settled()]);
  assert.equal((await on.jobs.get('test'))!.job.rooms[0]!.name, 'Landing');
  assert.match(told.join(), /^Another tab changed the same: Changed Stair/);
  await right.undo();
  assert.equal(right.snapshot()!.job.rooms[0]!.name, 'Stair', 'undo brings the other back');
});

/** A journal that can't write, as on a full disk. */
class FullDisk extends Journal {
  isFull = true;
  override keep(...given: Parameters<Journal['keep']>): Promise<void> {
    return this.isFull ? Promise.reject(new DOMException('no room', 'QuotaExceededError')) : super.keep(...given);
  }
}

test('what the disk has no room for stays on the screen, is told until it is written, and then told no more', async () => {
  const on = await database();
  const store = await tab(on, new FullDisk(on));
  const told: (number | null)[] = [];
  store.onUnkept = (unkept) => told.push(unkept?.changes ?? null);
  const put = on.jobs.put.bind(on.jobs);
  on.jobs.put = () => Promise.reject(new DOMException('no room', 'QuotaExceededError')) as never;
  write(store, 'only here');
  await store.settled();
  assert.equal(note(store), 'only here');
  assert.equal((await on.jobs.get('test'))?.job.pieces[0]?.note, '');
  assert.equal(told.at(-1), 1);
  on.jobs.put = put;
  await store.tryAgain();
  assert.equal((await on.jobs.get('test'))?.job.pieces[0]?.note, 'only here');
  assert.equal(told.at(-1), null);
});

test('a stamp is shown as done once the journal has it, and a change that comes after it with it', async () => {
  const on = await database();
  let reached = (): void => undefined;
  class SlowDisk extends Journal {
    override async keep(...given: Parameters<Journal['keep']>): Promise<void> {
      if (given[2] === 'strict') await new Promise<void>((go) => (reached = go));
      await super.keep(...given);
    }
  }
  const store = await tab(on, new SlowDisk(on));
  const entry = { id: 's', at: '2027-03-01T09:00', taskId: 'd/wash', event: 'done', by: null, minutes: 5 } as const;
  assert.ok(store.apply('stamp', { entries: [entry] }).ok);
  write(store, 'after it');
  assert.equal(store.latest()?.log.length, 1);
  assert.deepEqual([store.snapshot()?.job.log.length, note(store)], [0, '']);
  const shown = new Promise<void>((seen) => store.subscribe(seen));
  reached();
  await shown;
  assert.deepEqual([store.snapshot()?.job.log.length, note(store)], [1, 'after it']);
  await store.settled();
});

test('what is still given to a job whose screens were left is seen where it is open', async () => {
  const on = await database();
  const left = await tab(on);
  left.close();
  const store = await tab(on);
  const seen = new Promise<void>((done) => store.subscribe(done));
  write(left, 'a photo that had to wait');
  await seen;
  assert.equal(note(store), 'a photo that had to wait');
});

test('what a journal holds and can’t be carried out is set aside with its reason, and the job opens', async () => {
  const on = await database();
  const earlier = forgetfulStorage();
  const given = (id: string, name: string, args: unknown): string =>
    JSON.stringify({ order: id, entry: { id, name, args, strokes: null } });
  const { climateId } = (await on.jobs.get('test'))!.job.rooms[0]!;
  const room = { id: 'r', name: 'Loft', climateId, maxOff: null, zonesAtOnce: null, bearing: null, tasks: [] };
  earlier.setItem('nivel-journal/test/1', given('1', 'state-room', { room }));
  earlier.setItem('nivel-journal/test/2', given('2', 'paint-itself', {}));
  earlier.setItem('nivel-journal/test/3', '{"order":"3","entry":{"id":"3","na');
  earlier.setItem('nivel-journal/other/1', given('4', 'rename-job', { name: 'Not this one' }));
  const store = await tab(on, new Journal(on, earlier));
  await store.settled();
  assert.deepEqual(
    store.snapshot()?.job.rooms.map(({ name }) => name),
    ['First room', 'Loft'],
  );
  const aside = await on.setAside.toArray();
  assert.deepEqual(aside.map(({ name }) => name).sort(), ['an unfinished line', 'paint-itself']);
  for (const { why } of aside) assert.match(why, /^Unknown command/);
  assert.deepEqual(Object.keys(earlier), ['nivel-journal/other/1']);
  assert.deepEqual(await left(on), []);
});
