import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DOOR, TestJob } from '../testing/jobs.ts';
import { panelledDoor } from '../pieces/kinds/panelled-door.ts';
import { coatMinutes, crewFactor, denibMinutes, keyMinutes, washMinutes } from './pace.ts';
import type { Tool } from '../job/schema.ts';
import { takeOff } from './take-off.ts';

const door = new TestJob().door('d').job.pieces[0]!;
/** 0.826 × 2.04 m a face; hinge, lock and top edge are 4.906 m, 40 mm thick. */
const FACE = 1.68504;
const EDGE_METRES = 2.04 * 2 + 0.826;
const allOver = (tool: Tool) => ({ tool, extent: 'all' }) as const;
const near = (actual: number, expected: number): void => assert.ok(Math.abs(actual - expected) < 1e-9, `${actual}`);

test('minutes of a flush door, worked by hand', () => {
  near(coatMinutes(door, 'back', allOver('roller')), FACE * 2.8);
  near(coatMinutes(door, 'front', allOver('roller')), FACE * 2.8 + EDGE_METRES * 1.6);
  near(coatMinutes(door, 'back', allOver('brush')), FACE * 4.5);
  near(coatMinutes(door, 'back', allOver('spray')), FACE * 0.9);
  const area = 2 * FACE + EDGE_METRES * 0.04;
  near(denibMinutes(door, 'all'), area * 1.2);
  near(washMinutes(door), area * 2.5);
  near(keyMinutes(door, 'abrade'), area * 2.5);
});

test('a face out of scope takes no time, and a small piece is washed in two minutes at least', () => {
  assert.equal(coatMinutes({ ...door, scope: { faces: ['front'], edges: [] } }, 'back', allOver('roller')), 0);
  const small = new TestJob().tell('add-pieces', {
    ids: ['f'],
    kind: 'drawer-front',
    piece: { ...DOOR, shape: { width: 200, height: 100, thickness: 18 }, scope: { faces: ['front'], edges: [] } },
  }).job.pieces[0]!;
  assert.equal(washMinutes(small), 2);
});

test('profiled panels take the brush, whatever rolls the flats', () => {
  const raised = new TestJob().tell('add-pieces', {
    ids: ['p'],
    kind: 'panelled-door',
    piece: { ...DOOR, shape: { ...panelledDoor.presets[0]!.shape } },
  }).job.pieces[0]!;
  const flat = { ...raised, shape: { ...raised.shape, panel: 'flat' } };
  assert.ok(coatMinutes(raised, 'back', allOver('roller')) > coatMinutes(flat, 'back', allOver('roller')) * 1.3);
  assert.ok(keyMinutes(raised, 'abrade') > keyMinutes(flat, 'abrade'));
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
