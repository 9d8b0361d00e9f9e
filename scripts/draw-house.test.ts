import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import { ROOMS, STOREYS } from '../lint/rooms.mjs';
import { PICTURES } from './draw-house.ts';

const foldersOf = (path: string): string[] =>
  readdirSync(path, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name)
    .toSorted();

test('every folder of core and app is a room or storey of its own, with its arrows', () => {
  const rooms = new Set(ROOMS.flat().map((room) => room.split('/')[0]));
  assert.deepEqual(
    [...rooms].toSorted(),
    foldersOf('core').filter((name) => name !== 'fixtures'),
  );
  assert.deepEqual(
    STOREYS.flat().toSorted(),
    foldersOf('app').filter((name) => name !== 'pages' && name !== 'public'),
  );
});

test('the pictures of the architecture show the rooms as they are', () => {
  for (const [path, draw] of Object.entries(PICTURES))
    assert.equal(readFileSync(path, 'utf8'), draw(), `${path} is out of date: npm run draw`);
});
