import assert from 'node:assert/strict';
import { test } from 'node:test';
import { definitionOf } from '../pieces/registry.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { drawnAt, labelPoint, layoutOf } from './layout.ts';
import { passOf } from './pass.ts';
import { usualStrokes } from './usual-options.ts';
import { sweptStrokes, TAP_REACH, tappedStroke, tapTargets } from './tapped-stroke.ts';

const everything = (): boolean => true;

/** A piece as it is drawn on a phone. */
function onPhone(kind: 'railing' | 'panelled-door', shape: Record<string, unknown>) {
  const { job } = new TestJob().tell('add-pieces', {
    ids: ['p'],
    kind,
    piece: usualPiece(kind, 'room-1', {
      shape: { ...(definitionOf(kind).presets[0]?.shape as object), ...shape } as never,
    }),
  });
  const [piece] = job.pieces;
  assert.ok(piece);
  const pass = passOf(piece, ['front'], usualStrokes({ kind }, 'brush'));
  const layout = layoutOf(pass, 358, 440);
  return { pass, layout, targets: tapTargets(layout, pass.strokes) };
}

test('a tap in the middle of any part means that part, and one beside everything means none', () => {
  const { pass, layout, targets } = onPhone('panelled-door', {});
  for (const stroke of pass.strokes) {
    assert.equal(tappedStroke(targets, everything, drawnAt(layout, stroke, labelPoint(stroke))), stroke.id);
  }
  assert.equal(tappedStroke(targets, everything, [-TAP_REACH - 60, -TAP_REACH - 60]), null);
});

test('a tap beside a part that is painted means the nearest one that is not, within reach of a thumb', () => {
  const { pass, layout, targets } = onPhone('panelled-door', {});
  const panel = pass.strokes.find(({ role }) => role === 'panel');
  assert.ok(panel);
  const at = drawnAt(layout, panel, labelPoint(panel));
  const next = tappedStroke(targets, (id) => id !== panel.id, at);
  assert.notEqual(next, panel.id);
});

test('a thumb sweeps over every spindle of a long railing, in the order of the sweep, however fast', () => {
  const { pass, layout, targets } = onPhone('railing', { length: 12_000, spindles: 100 });
  const spindles = pass.strokes.filter(({ role }) => role === 'spindle');
  assert.equal(spindles.length, 100);
  const painted = new Set<string>();
  for (const row of layout.rows) {
    const own = spindles
      .map((each) => drawnAt(layout, each, labelPoint(each)))
      .filter(([, y]) => Math.abs(y - row.y - 450 * layout.scale) < 60);
    const y = own[0]?.[1] ?? 0;
    for (const id of sweptStrokes(targets, (each) => !painted.has(each), [0, y], [358, y])) painted.add(id);
  }
  const order = [...painted].filter((id) => spindles.some((each) => each.id === id));
  assert.deepEqual(
    order,
    spindles.map(({ id }) => id),
  );
});
