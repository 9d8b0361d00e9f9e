import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { PlanReading } from '../planning/reading/read-plan.ts';
import type { DryingPiece } from './drying-status.ts';
import { onRack } from './rack-now.ts';

const drying = (id: string, more: { hangs?: boolean; comesOff?: boolean } = {}): DryingPiece =>
  ({ piece: { id, comesOff: more.comesOff ?? true }, hangs: more.hangs ?? false }) as DryingPiece;
/** What the plan has drawn: a piece on a slot from a minute on. */
const drawn = (...lyings: [id: string, slot: number, from: number][]): Pick<PlanReading, 'lyings'> => ({
  lyings: lyings.map(([id, slot, from]) => ({ piece: { id }, slot, from }) as PlanReading['lyings'][number]),
});
const slots = (pieces: readonly DryingPiece[], reading: Pick<PlanReading, 'lyings'>, at = 100, count = 4): string[] =>
  onRack(pieces, reading, at, count).map((racked) => `${racked.drying.piece.id} on ${racked.slot}`);

test('a piece lies where the plan drew it, the last time by now', () => {
  assert.deepEqual(slots([drying('a'), drying('b')], drawn(['a', 2, 50], ['b', 0, 60])), ['a on 2', 'b on 0']);
  assert.deepEqual(slots([drying('a')], drawn(['a', 2, 50], ['a', 3, 90], ['a', 1, 200])), ['a on 3']);
  assert.deepEqual(slots([drying('a')], drawn(['a', 2, 100])), ['a on 2'], 'from this very minute');
});

test('what the plan did not draw, or not yet, or beyond the rack, goes to the lowest place that is free', () => {
  assert.deepEqual(slots([drying('a'), drying('b')], drawn(['b', 0, 50])), ['a on 1', 'b on 0']);
  assert.deepEqual(slots([drying('a')], drawn(['a', 2, 101])), ['a on 0']);
  assert.deepEqual(slots([drying('a')], drawn(['a', 4, 50])), ['a on 0']);
});

test('of two that the plan drew on one place the first has it', () => {
  assert.deepEqual(slots([drying('a'), drying('b')], drawn(['a', 1, 50], ['b', 1, 60])), ['a on 1', 'b on 0']);
});

test('what hangs again, or is painted where it is, does not lie there; what there is no place for is left out', () => {
  const pieces = [drying('a', { hangs: true }), drying('b', { comesOff: false }), drying('c'), drying('d')];
  assert.deepEqual(slots(pieces, drawn(['a', 0, 50])), ['c on 0', 'd on 1']);
  assert.deepEqual(slots(pieces, drawn(), 100, 1), ['c on 0']);
  assert.deepEqual(slots(pieces, drawn(), 100, 0), []);
});

test('no place is taken twice, none is beyond the rack, and none is left free while a piece has none', () => {
  const lying = fc.tuple(fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'), fc.nat({ max: 7 }), fc.nat({ max: 200 }));
  fc.assert(
    fc.property(fc.array(lying, { maxLength: 12 }), fc.nat({ max: 6 }), fc.nat({ max: 6 }), (lyings, count, places) => {
      const pieces = ['a', 'b', 'c', 'd', 'e', 'f'].slice(0, count).map((id) => drying(id));
      const racked = onRack(pieces, drawn(...lyings), 100, places);
      assert.equal(new Set(racked.map(({ slot }) => slot)).size, racked.length);
      assert.ok(racked.every(({ slot }) => slot >= 0 && slot < places));
      assert.equal(racked.length, Math.min(count, places));
    }),
  );
});
