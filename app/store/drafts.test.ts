import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { NivelDatabase } from './database.ts';
import { Drafts } from './drafts.ts';

test('of strokes in a row only the first and the last are written, and the last is what stands there', async () => {
  const database = new NivelDatabase('drafts-in-a-row');
  const written: string[] = [];
  database.drafts.hook('creating', (_key, { text }) => void written.push(text));
  database.drafts.hook('updating', (changes) => void written.push((changes as { text: string }).text));
  const drafts = new Drafts(database.drafts);
  const line = '7 door 6p 1981x762x35';
  const kept = Array.from(line, (_letter, index) => drafts.keep('line', line.slice(0, index + 1)));
  assert.equal(await drafts.read('line'), line, 'known before it is written');
  await Promise.all(kept);
  assert.equal(await new Drafts(database.drafts).read('line'), line);
  assert.deepEqual(written, ['7', line]);
  database.close();
});

test('an emptied field is forgotten, whatever was on its way', async () => {
  const database = new NivelDatabase('drafts-emptied');
  const drafts = new Drafts(database.drafts);
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
