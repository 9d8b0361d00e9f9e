import assert from 'node:assert/strict';
import { test } from 'node:test';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { Piece, StatedPiece } from '../job/document/piece-schema.ts';
import type { PieceKind } from '../pieces/registry.ts';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { handlingOf } from './handling.ts';

const made = (kind: PieceKind, facts: Partial<StatedPiece> = {}): Piece =>
  new TestJob().tell('add-pieces', { ids: ['p'], kind, piece: { ...usualPiece(kind, 'room-1'), ...facts } }).job
    .pieces[0]!;
/** A flush door of 826 × 2040 mm. */
const door = (facts: Partial<StatedPiece> = {}): Piece => made('flush-door', { ...DOOR, ...facts });

test('what stays where it is, is not handled', () => {
  assert.equal(handlingOf(door({ comesOff: false }), 'one-face'), null);
});

test('one face a drying period: nothing wet ever lies on the points', () => {
  const { steps } = handlingOf(door(), 'one-face')!;
  assert.deepEqual(
    steps.map(({ up }) => up),
    ['back', 'back', 'front', 'front'],
  );
  assert.ok(steps.every(({ isWetBelow }) => !isWetBelow));
});

test('both faces in one pass: it is told from when on wet paint lies on the tips', () => {
  const { steps } = handlingOf(door(), 'both-on-points')!;
  assert.deepEqual(
    steps.map(({ isWetBelow }) => isWetBelow),
    [false, true, true],
  );
});

test('a piece with one painted face lies on the other', () => {
  const back = handlingOf(door({ scope: { faces: ['back'], edges: [] } }), 'both-on-points')!;
  assert.deepEqual(
    back.steps.map(({ up, isWetBelow }) => [up, isWetBelow]),
    [['back', false]],
  );
});

test('it is held by edges that get no paint, or by those that are painted last', () => {
  const free = handlingOf(door({ scope: { faces: ['front', 'back'], edges: ['hinge', 'lock'] } }), 'one-face')!;
  assert.match(free.holdWords, /Two people, one at each end: hold it by top edge and bottom edge \(not painted\)\./);
  assert.deepEqual(free.holds, [
    [413, 0],
    [413, 2040],
  ]);
  const sides = handlingOf(door({ scope: { faces: ['front', 'back'], edges: ['top', 'bottom'] } }), 'one-face')!;
  assert.deepEqual(sides.holds, [
    [0, 1020],
    [826, 1020],
  ]);
  const all = handlingOf(
    door({ scope: { faces: ['front', 'back'], edges: ['hinge', 'lock', 'top', 'bottom'] } }),
    'one-face',
  )!;
  assert.match(all.holdWords, /painted last/);
});

test('points stand where a board sags least: 22% from the ends of its longer side', () => {
  const { points } = handlingOf(door(), 'one-face')!;
  assert.equal(points.length, 4);
  const [near, far] = [2040 * 0.2203, 2040 * (1 - 0.2203)];
  assert.deepEqual([...new Set(points.map(([, y]) => Math.round(y)))], [Math.round(near), Math.round(far)]);
  assert.deepEqual([...new Set(points.map(([x]) => Math.round(x)))], [Math.round(826 * 0.2), Math.round(826 * 0.8)]);
  const drawer = made('drawer-front', { comesOff: true });
  const { width } = drawer.shape as { width: number };
  assert.deepEqual(
    [...new Set(handlingOf(drawer, 'one-face')!.points.map(([x]) => Math.round(x)))],
    [Math.round(width * 0.2203), Math.round(width * (1 - 0.2203))],
    'a wide one along its width',
  );
});

test('under a framed piece they stand below its stiles, where no moulding lies on them', () => {
  const panelled = made('panelled-door');
  const { stile, width } = panelled.shape as { stile: number; width: number };
  const xs = [...new Set(handlingOf(panelled, 'one-face')!.points.map(([x]) => Math.round(x)))];
  assert.deepEqual(xs, [Math.round(stile / 2), Math.round(width - stile / 2)]);
});

test('over 25 kg two people lift and turn it, and that is said first', () => {
  const heavy = handlingOf(door({ shape: { width: 900, height: 2200, thickness: 44 } }), 'one-face')!;
  assert.ok(heavy.weight > 25 && heavy.isForTwo);
  assert.match(heavy.holdWords, /^Two people, one at each end: hold it/);
  const light = handlingOf(made('drawer-front', { comesOff: true }), 'one-face')!;
  assert.ok(!light.isForTwo);
  assert.match(light.holdWords, /^Hold it by/);
});
