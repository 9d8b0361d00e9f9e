import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { NivelDatabase } from './database.ts';
import { forgetfulStorage } from './forgetful-storage.ts';

// What a browser has when the module is read.
globalThis.localStorage = forgetfulStorage();
const { Drafts } = await import('./drafts.ts');

test('of strokes in a row only the first and the last are written, and the last is what stands there', async () => {
  const database = new NivelDatabase('drafts-in-a-row');
  const written: string[] = [];
  database.drafts.hook('creating', (_key, { text }) => void written.push(text));
  database.drafts.hook('updating', (changes) => void written.push((changes as { text: string }).text));
  const drafts = new Drafts(database.drafts, forgetfulStorage());
  const line = '7 door 6p 1981x762x35';
  const kept = Array.from(line, (_letter, index) => drafts.keep('line', line.slice(0, index + 1)));
  assert.equal(await drafts.read('line'), line, 'known before it is written');
  await Promise.all(kept);
  assert.equal(await new Drafts(database.drafts, forgetfulStorage()).read('line'), line);
  assert.deepEqual(written, ['7', line]);
  database.close();
});

test('an emptied field is forgotten, whatever was on its way', async () => {
  const database = new NivelDatabase('drafts-emptied');
  const drafts = new Drafts(database.drafts, forgetfulStorage());
  await Promise.all([drafts.keep('width', '76'), drafts.keep('width', '76x'), drafts.keep('width', '')]);
  assert.equal(await drafts.read('width'), null);
  assert.equal(await database.drafts.count(), 0);
  void drafts.keep('job/new/height', '19');
  await drafts.keep('other', '1');
  await drafts.forgetAll('job/new');
  assert.deepEqual(
    (await database.drafts.toArray()).map(({ field }) => field),
    ['other'],
  );
  database.close();
});

test('a tab that dies before the database has written loses no stroke, and the next tab writes what it left', async () => {
  const database = new NivelDatabase('drafts-of-a-dead-tab');
  const shared = forgetfulStorage();
  const never = { put: () => new Promise(() => {}), get: () => Promise.resolve(undefined) };
  const dying = new Drafts(never as unknown as typeof database.drafts, shared);
  void dying.keep('saturday', 'n');
  void dying.keep('saturday', 'nine to five');
  const next = new Drafts(database.drafts, shared);
  assert.equal(await next.read('saturday'), 'nine to five');
  await next.keep('saturday', 'nine to five');
  assert.equal((await database.drafts.get('saturday'))?.text, 'nine to five');
  assert.deepEqual(Object.keys(shared), [], 'what is in the database is not kept twice');
  database.close();
});

test('a full synchronous storage leaves the draft to the database, and brings no older text back', async () => {
  const database = new NivelDatabase('drafts-full');
  let isFull = false;
  const shared = forgetfulStorage();
  const filling = Object.create(shared, {
    setItem: {
      value: (key: string, text: string) => {
        if (isFull) throw new DOMException('full', 'QuotaExceededError');
        shared.setItem(key, text);
      },
    },
  }) as Storage;
  const drafts = new Drafts(database.drafts, filling);
  void drafts.keep('width', '7');
  isFull = true;
  await drafts.keep('width', '762');
  assert.equal(await drafts.read('width'), '762');
  database.close();
});
