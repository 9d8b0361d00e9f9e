import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Point } from '../pieces/elevation.ts';
import { NO_WORK } from '../quantities/paint-work.ts';
import { lapLine } from './lap-line.ts';
import { layingOff, outOfCorners } from './laying-off.ts';
import { boundsOf, middleOf, type Role, type Stroke } from './stroke.ts';

const rectangle = (x: number, y: number, width: number, height: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];
const stroke = (role: Role, at: [number, number, number, number], more: Partial<Stroke> = {}): Stroke => ({
  id: `${role}-${at.join('-')}`,
  sheet: 'front',
  role,
  name: role,
  outline: rectangle(...at),
  holes: [],
  work: NO_WORK,
  grain: 'none',
  section: 0,
  of: role,
  ...more,
});

test('what an outline spans, and its middle', () => {
  const bent: Point[] = [
    [10, 40],
    [-5, 20],
    [30, 60],
  ];
  assert.deepEqual(boundsOf(bent), { x: -5, y: 20, width: 35, height: 40 });
  assert.deepEqual(middleOf(bent), [12.5, 40]);
});

test('a rail above a panel laps along a level line, a stile beside it along an upright one', () => {
  const panel = stroke('panel', [100, 100, 400, 600]);
  assert.deepEqual(lapLine(stroke('rail', [100, 0, 400, 100]), panel), [
    [100, 100],
    [500, 100],
  ]);
  assert.deepEqual(lapLine(panel, stroke('stile', [500, 0, 100, 900])), [
    [500, 100],
    [500, 700],
  ]);
  // With a gap between them, in its middle.
  assert.deepEqual(lapLine(stroke('rail', [100, 0, 400, 80]), panel), [
    [100, 90],
    [500, 90],
  ]);
  assert.deepEqual(lapLine(stroke('stile', [0, 100, 80, 600]), panel), [
    [90, 100],
    [90, 700],
  ]);
});

test('a field inside its moulding laps all around: the lower side stands for it', () => {
  const line = lapLine(stroke('moulding', [0, 0, 400, 600]), stroke('field', [20, 20, 360, 560]));
  assert.deepEqual(line, [
    [20, 580],
    [380, 580],
  ]);
});

test('an edge laps along the side on which it is unfolded, from the back on the other one', () => {
  const door = stroke('ground', [0, 0, 800, 2000]);
  const left = [
    [0, 0],
    [0, 2000],
  ];
  const right = [
    [800, 0],
    [800, 2000],
  ];
  const hinge = stroke('edge', [-60, 0, 40, 2000]);
  const lock = stroke('edge', [820, 0, 40, 2000]);
  assert.deepEqual(lapLine(door, hinge), left);
  assert.deepEqual(lapLine(hinge, door), left, 'in either order');
  assert.deepEqual(lapLine(door, lock), right);
  const back = { ...door, sheet: 'back' as const };
  assert.deepEqual(lapLine(back, hinge), right);
  assert.deepEqual(lapLine(back, lock), left);
  assert.deepEqual(lapLine(door, stroke('edge', [0, -60, 800, 40])), [
    [0, 0],
    [800, 0],
  ]);
  assert.deepEqual(lapLine(door, stroke('edge', [0, 2020, 800, 40])), [
    [0, 2000],
    [800, 2000],
  ]);
});

test('brush strokes end in what is wet: along the grain, up where nothing is, right where it lies', () => {
  const stile = stroke('stile', [0, 0, 100, 1000], { grain: 'vertical' });
  // Three fifths of its length, about its middle.
  assert.deepEqual(layingOff(stile, []), { from: [50, 800], to: [50, 200] });
  const below = stroke('rail', [100, 900, 400, 100]);
  const above = stroke('rail', [100, 0, 400, 100]);
  assert.deepEqual(layingOff(stile, [below]), { from: [50, 200], to: [50, 800] });
  assert.deepEqual(layingOff(stile, [above]), { from: [50, 800], to: [50, 200] });
  assert.deepEqual(layingOff(stile, [above, below]), layingOff(stile, []), 'wet on both sides is as good as on none');
  const rail = stroke('rail', [0, 0, 1000, 100], { grain: 'horizontal' });
  assert.deepEqual(layingOff(rail, []), { from: [200, 50], to: [800, 50] });
  assert.deepEqual(layingOff(rail, [stroke('stile', [-100, 0, 100, 900])]), { from: [800, 50], to: [200, 50] });
});

test('without grain the longer side decides', () => {
  assert.deepEqual(layingOff(stroke('panel', [0, 0, 100, 200]), []), { from: [50, 160], to: [50, 40] });
  assert.deepEqual(layingOff(stroke('panel', [0, 0, 200, 100]), []), { from: [40, 50], to: [160, 50] });
});

test('out of the corners of a panel: four short arrows towards its middle, as long as its shorter side allows', () => {
  const arrows = outOfCorners(stroke('panel', [100, 200, 400, 1000]));
  assert.equal(arrows.length, 4);
  const [middleX, middleY] = [300, 700];
  for (const { from, to } of arrows) {
    assert.ok(Math.abs(to[0] - middleX) < Math.abs(from[0] - middleX));
    assert.ok(Math.abs(to[1] - middleY) < Math.abs(from[1] - middleY));
    assert.ok(Math.abs(Math.abs(to[0] - from[0]) - 0.8 * 0.22 * 400) < 1e-9);
    assert.ok(Math.abs(Math.abs(to[0] - from[0]) - Math.abs(to[1] - from[1])) < 1e-9, 'at half a right angle');
  }
  assert.deepEqual(arrows[0]!.to, [188, 288]);
});
