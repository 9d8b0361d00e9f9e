import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { panelledDoor } from '../pieces/kinds/panelled-door.ts';
import { sketchOf, usualPiece } from '../job/document/usual-piece.ts';
import { DEFAULT_FILLERS } from '../shelf/filler.ts';
import {
  abradedAreas,
  coatMinutes,
  crewFactor,
  denibMinutes,
  grainFillMinutes,
  keyMinutes,
  preparationOf,
  preserveMinutes,
  reAbradeMinutes,
  washMinutes,
} from './pace.ts';
import type { Tool } from '../shelf/tools.ts';
import { NO_WORK, workMinutes, type PaintWork } from './paint-work.ts';
import { takeOff } from './take-off.ts';

const door = new TestJob().door('d').job.pieces[0]!;
/** 0.826 × 2.04 m a face; hinge, lock and top edge are 4.906 m, 40 mm thick. */
const FACE = 1.68504;
const EDGE_METRES = 2.04 * 2 + 0.826;
const allOver = (tool: Tool) => ({ tool, extent: 'all' }) as const;
const near = (actual: number, expected: number): void => assert.ok(Math.abs(actual - expected) < 1e-9, `${actual}`);

test('minutes of a flush door, worked by hand', () => {
  near(coatMinutes(door, 'back', allOver('roller')), FACE * 3);
  near(coatMinutes(door, 'front', allOver('roller')), FACE * 3 + EDGE_METRES * 0.3);
  near(coatMinutes(door, 'back', allOver('brush')), FACE * 5);
  near(coatMinutes(door, 'back', allOver('spray')), FACE * 2.2);
  const area = 2 * FACE + EDGE_METRES * 0.04;
  near(denibMinutes(door, 'all'), area * 0.9);
  near(washMinutes(door, 'clean'), area * 1.8);
  near(washMinutes(door, 'grease'), area * 1.8 * 1.5);
  near(keyMinutes(door, 'abrade'), area * 2.4);
});

test('a face out of scope takes no time, and a small piece is washed in two minutes at least', () => {
  assert.equal(coatMinutes({ ...door, scope: { faces: ['front'], edges: [] } }, 'back', allOver('roller')), 0);
  const small = new TestJob().tell('add-pieces', {
    ids: ['f'],
    kind: 'drawer-front',
    piece: { ...DOOR, shape: { width: 200, height: 100, thickness: 18 }, scope: { faces: ['front'], edges: [] } },
  }).job.pieces[0]!;
  assert.equal(washMinutes(small, 'clean'), 2);
});

test('a small front takes the time of picking it up and turning it, whatever its size', () => {
  const front = sketchOf('cabinet-door', { ...usualPiece('cabinet-door', 'room-1') }, 'C-01');
  assert.ok(takeOff(front).reduce((sum, { area }) => sum + area, 0) < 1);
  near(washMinutes(front, 'clean'), 2 * 1.5);
  near(denibMinutes(front, 'all'), 2 * 0.75);
  near(keyMinutes({ ...front, scope: { ...front.scope, faces: ['front'] } }, 'degloss'), 0.75);
});

test('profiles and lines take the brush, whatever rolls the flats; worked by hand', () => {
  // One panel of 200 × 400 mm, its field 120 × 320 mm, bevelled 40 mm wide and 25 mm deep.
  const shape = {
    ...panelledDoor.presets[0]!.shape,
    ...{ width: 400, height: 1300, stile: 100, topRail: 400, bottomRail: 500, columns: 1, rowShares: [1] },
    ...{ bevelWidth: 40, bevelDepth: 25 },
  };
  const raised = new TestJob().tell('add-pieces', {
    ids: ['p'],
    kind: 'panelled-door',
    piece: { ...DOOR, shape },
  }).job.pieces[0]!;
  const girth = Math.hypot(40, 25);
  const field = 0.12 * 0.32;
  const bevel = (0.08 - field) * (girth / 40);
  const frame = 0.4 * 1.3 - 0.08;
  near(coatMinutes(raised, 'back', allOver('roller')), (frame + field) * 3 + bevel * 9 + 1.2 * 0.6);
  near(coatMinutes(raised, 'back', allOver('brush')), (frame + field) * 5 + bevel * 9 + 1.2 * 0.6);
  near(coatMinutes(raised, 'back', allOver('spray')), (frame + field + bevel) * 2.2);
  const flat = { ...raised, shape: { ...raised.shape, panel: 'flat' } };
  near(coatMinutes(flat, 'back', allOver('roller')), (frame + 0.08) * 3 + 1.2 * 0.6);
  assert.ok(keyMinutes(raised, 'abrade') > keyMinutes(flat, 'abrade'));
});

test('a bar’s pace is shared between its flat and the mouldings along both its panes', () => {
  const metre = (work: Partial<PaintWork>): number => workMinutes({ ...NO_WORK, ...work }, 'brush');
  near(metre({ bars: 1, alongGlass: 2 }), 2.2);
  near(metre({ spindleSides: 2 }), 2.5);
});

test('a crew’s pace is the mean of its painters', () => {
  assert.equal(crewFactor([{ skill: 'professional' }, { skill: 'first-timer' }]), 2);
});

test('take-off names every face and edge in scope once', () => {
  assert.deepEqual(
    takeOff(door).map(({ part, area }) => [part, Number(area.toFixed(5))]),
    [
      ['front', 1.68504],
      ['back', 1.68504],
      ['hinge', 0.0816],
      ['lock', 0.0816],
      ['top', 0.03304],
    ],
  );
});

test('spots take a tenth of a coat and getting there; edges alone go with the front', () => {
  near(coatMinutes(door, 'back', { tool: 'brush', extent: 'spots' }), 1.5 + 0.1 * FACE * 5);
  near(coatMinutes(door, 'front', { tool: 'brush', extent: 'edges' }), EDGE_METRES * 0.3);
  near(coatMinutes(door, 'back', { tool: 'brush', extent: 'edges' }), 0);
  near(coatMinutes(door, 'front', allOver('spray')), FACE * 2.2 + EDGE_METRES * 0.2);
  // Little of a face takes the time of picking it up: three quarters of a minute.
  near(denibMinutes(door, 'edges'), 0.75);
  near(denibMinutes(door, 'spots'), 2 * 0.75);
});

test('what the other preparations of a door take', () => {
  const area = 2 * FACE + EDGE_METRES * 0.04;
  near(keyMinutes(door, 'degloss'), area * 1.5);
  near(keyMinutes(door, 'wet-abrade'), area * 2.4 * 1.3);
  near(grainFillMinutes(door), area * 9);
  near(preserveMinutes(door, true), area * 4.5);
  near(reAbradeMinutes(door), area * 2.5);
  near(crewFactor([]), 0);
});

test('edges are flat', () => {
  assert.deepEqual(abradedAreas(door).profiled, 0);
  near(abradedAreas(door).flat, 2 * FACE + EDGE_METRES * 0.04);
});

test('holes are filled and drilled by their number, and dents only where a filler is chosen', () => {
  const pull = { on: 'front', x: 60, y: 400, upright: true, diameter: 5, name: 'bar pull' } as const;
  const drilled = {
    ...door,
    filledHoles: 4,
    drillings: [
      { ...pull, id: 'bow', centres: 160 },
      { ...pull, id: 'knob', centres: 0 },
    ],
  };
  assert.deepEqual(preparationOf(door, []), []);
  assert.deepEqual(preparationOf(drilled, []), [
    { operation: 'fill', minutes: 4 * 1.5, dryHours: 2, filler: null },
    { operation: 'drill', minutes: 3 * 2, dryHours: 0, filler: null },
  ]);
  const putty = DEFAULT_FILLERS.find(({ id }) => id === 'wood-putty')!;
  // A hole that is filled waits for its filler; where none is chosen, two hours.
  assert.equal(preparationOf({ ...door, filledHoles: 1 }, [])[0]?.dryHours, 2);
  // 3.57 m² have 3.6 dents, so four, of three quarters of a minute each.
  assert.deepEqual(preparationOf(door, [putty]), [
    { operation: 'fill', minutes: 4 * 0.75, dryHours: putty.dryHours, filler: putty },
  ]);
});

test('what a sash is puttied takes its time with no hole in it, and adds to that of the holes', () => {
  const sash = new TestJob().tell('add-pieces', {
    ids: ['s'],
    kind: 'sash-window',
    piece: usualPiece('sash-window', 'room-1'),
  }).job.pieces[0]!;
  const fillOf = (piece: typeof sash) => preparationOf(piece, []).find(({ operation }) => operation === 'fill');
  const plain = fillOf(sash);
  const holed = fillOf({ ...sash, filledHoles: 2 });
  near((holed?.minutes ?? 0) - (plain?.minutes ?? 0), 3);
  assert.ok((holed?.dryHours ?? 0) >= (plain?.dryHours ?? 0));
});
