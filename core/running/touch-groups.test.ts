import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { DryingPiece } from './drying-status.ts';
import { touchGroups } from './touch-groups.ts';

type Said = Pick<DryingPiece, 'state' | 'verb' | 'opens'> & { piece: { mark: string } };
const drying = (mark: string, state: Said['state'], opens: number, verb: Said['verb'] = 'recoat'): DryingPiece =>
  ({ state, opens, verb, piece: { mark } }) satisfies Said as DryingPiece;
const marksOf = (pieces: readonly DryingPiece[], at = 0): string[][] =>
  touchGroups(pieces, at).map((group) => group.pieces.map(({ piece }) => piece.mark));

test('what is ready for the same is one group, whenever it became so; what is ready for something else is another', () => {
  const pieces = [drying('D-01', 'ready', -500), drying('D-02', 'ready', -300, 'turn'), drying('D-03', 'ready', -10)];
  assert.deepEqual(marksOf(pieces), [['D-01', 'D-03'], ['D-02']]);
});

test('what becomes ready for the same within an hour of the first is one group, what does later its own', () => {
  const pieces = [drying('D-01', 'tacky', 61), drying('D-02', 'hardening', 121), drying('D-03', 'tacky', 122)];
  assert.deepEqual(marksOf(pieces), [['D-01', 'D-02'], ['D-03']]);
});

test('what only cures for the rest of the day is one group, whatever it is to be next', () => {
  const pieces = [
    drying('D-01', 'hardening', 800),
    drying('D-02', 'hardening', 9_000, 'use'),
    drying('D-03', 'tacky', 800),
  ];
  const [resting, ...others] = touchGroups(pieces, 0);
  assert.deepEqual(
    resting?.pieces.map(({ piece }) => piece.mark),
    ['D-01', 'D-02'],
  );
  assert.ok(resting.isResting && others.every((group) => !group.isResting));
});

test('every piece is in one group, groups stand in the order of their first, and keys tell them apart', () => {
  const piece = fc.record({
    state: fc.constantFrom('wet' as const, 'tacky' as const, 'hardening' as const, 'ready' as const, 'late' as const),
    opens: fc.oneof(fc.integer({ min: -2_000, max: 20_000 }), fc.constant(Infinity)),
    verb: fc.constantFrom('turn' as const, 'recoat' as const, 'use' as const),
  });
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 12 }), (facts) => {
      const pieces = facts.map(({ state, opens, verb }, index) => drying(`D-${index}`, state, opens, verb));
      const groups = touchGroups(pieces, 0);
      assert.deepEqual(new Set(groups.flatMap((group) => group.pieces)), new Set(pieces));
      assert.equal(
        groups.reduce((sum, group) => sum + group.pieces.length, 0),
        pieces.length,
      );
      const firsts = groups.map((group) => pieces.indexOf(group.pieces[0]));
      assert.deepEqual(
        firsts,
        firsts.toSorted((one, other) => one - other),
      );
      assert.equal(new Set(groups.map(({ key }) => key)).size, groups.length);
    }),
  );
});
