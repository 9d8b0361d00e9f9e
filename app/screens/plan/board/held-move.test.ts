import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Run } from '../../../../core/planning/reading/read-plan.ts';
import { heldMove } from './held-move.ts';
import type { BoardRow } from './layout.ts';

const rowOf = (kind: BoardRow['kind'], painterId: string | null, top: number): BoardRow => ({
  kind,
  label: '',
  top,
  height: 40,
  painterId,
});
const ROWS = [rowOf('painter', 'lead', 0), rowOf('painter', 'helper', 40), rowOf('rack', null, 80)];
/** Two minutes a px. */
const AXIS = { x: (minutes: number) => minutes / 2, minutesAt: (x: number) => x * 2 };
const run = (painters: string[]): Run =>
  ({ start: 600, painters, steps: [{ id: 'a' }, { id: 'b' }] }) as unknown as Run;
const item = (painters: string[]) => ({ row: 0, shows: { kind: 'run' as const, run: run(painters) } });

test('a run that is held later snaps to five minutes, and stays in the same hands', () => {
  assert.deepEqual(heldMove(item(['lead']), ROWS, AXIS, { x: 16, y: 5 }), {
    taskIds: ['a', 'b'],
    start: 630,
    painters: ['lead'],
  });
});

test('held over another painter it changes hands, and no further down than the last painter', () => {
  assert.deepEqual(heldMove(item(['lead']), ROWS, AXIS, { x: 0, y: 38 })?.painters, ['helper']);
  assert.deepEqual(heldMove(item(['lead']), ROWS, AXIS, { x: 0, y: 400 })?.painters, ['helper']);
});

test('two who work together stay together', () => {
  assert.deepEqual(heldMove(item(['lead', 'helper']), ROWS, AXIS, { x: 0, y: 38 })?.painters, ['lead', 'helper']);
});

test('what dries is not moved', () => {
  const lying = { row: 2, shows: { kind: 'lying' } } as unknown as Parameters<typeof heldMove>[0];
  assert.equal(heldMove(lying, ROWS, AXIS, { x: 9, y: 9 }), null);
});
