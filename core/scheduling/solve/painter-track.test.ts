import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PainterTrack } from './painter-track.ts';
import type { PreparedSetup } from './prepared.ts';

const setup = (index: number, facts: Partial<PreparedSetup> = {}): PreparedSetup => ({
  index,
  key: `key-${index}`,
  work: 3,
  keeps: 20,
  acrossShifts: true,
  after: new Int32Array([3, 3]),
  mixes: false,
  ...facts,
});

/** A painter who waits from 0 to 6, and then does something without a tool until 10. */
function waited(): PainterTrack {
  const track = new PainterTrack([[0, 40]]);
  track.add({ index: 0, start: 6, end: 10, setup: null }, null);
  return track;
}

test('a set-up is made in idle time before work that takes no tool, as late as it can be', () => {
  const track = waited();
  assert.equal(track.readyAt(setup(0), 10), 10);
  assert.deepEqual([track.setupStart, track.setupEnd], [3, 6]);
});

test('where idle time is too short, or the set-up would not keep so long, it is made afterwards', () => {
  assert.equal(waited().readyAt(setup(0, { work: 7, after: new Int32Array([7, 7]) }), 10), 17);
  assert.equal(waited().readyAt(setup(0, { keeps: 3 }), 10), 13);
});

test('another tool in between makes idle time before it useless', () => {
  const track = waited();
  track.add({ index: 1, start: 13, end: 15, setup: setup(1) }, { start: 10, end: 13 });
  assert.equal(track.readyAt(setup(0), 15), 18);
});
