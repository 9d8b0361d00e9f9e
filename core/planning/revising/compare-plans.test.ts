import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { PieceStep } from '../../steps/step.ts';
import type { PlannedTask } from '../../scheduling/plan.ts';
import { comparePlans, type ComparedPlan } from './compare-plans.ts';

const task = (id: string, start: number, facts: Partial<PlannedTask> = {}): PlannedTask => ({
  id,
  start,
  end: start + 60,
  painters: ['lead'],
  late: false,
  ...facts,
});
const plan = (tasks: PlannedTask[], facts: Partial<ComparedPlan> = {}): ComparedPlan => ({
  tasks,
  setups: [],
  finish: 3000,
  ...facts,
});
/** Tasks named by piece and step: `door/wash` is of the piece `door`. */
const steps = new Map(
  ['door/wash', 'door/coat', 'shutter/wash', 'door/dry'].map((id) => [
    id,
    { id, piece: { id: id.split('/')[0], mark: id } } as unknown as PieceStep,
  ]),
);
const compared = (before: ComparedPlan, after: ComparedPlan, from = 0) => comparePlans({ steps }, before, after, from);

test('what stands elsewhere by more than a quarter of an hour has moved; other hands count at any time', () => {
  const before = plan([task('door/wash', 480), task('door/coat', 600), task('shutter/wash', 700)]);
  const after = plan([
    task('shutter/wash', 700, { painters: ['helper'] }),
    task('door/coat', 616),
    task('door/wash', 495),
  ]);
  assert.deepEqual(compared(before, after).moved, [
    { taskId: 'door/coat', from: 600, to: 616, handed: false },
    { taskId: 'shutter/wash', from: 700, to: 700, handed: true },
  ]);
});

test('what is past, what dries by itself and what is on record is no part of it', () => {
  const before = plan([task('door/wash', 100), task('door/dry', 600, { painters: [] })]);
  const after = plan([task('door/wash', 300), task('door/dry', 900, { painters: [] })]);
  assert.deepEqual(compared(before, after, 400), {
    finish: [3000, 3000],
    painterDays: [0, 0],
    setups: [0, 0],
    late: [0, 0],
    moved: [],
    gone: [],
    added: [],
    pieces: [],
  });
});

test('tasks that only one plan has are gone or new', () => {
  const { gone, added, moved } = compared(
    plan([task('door/wash', 480), task('door/coat', 600)]),
    plan([task('door/wash', 480), task('shutter/wash', 600)]),
  );
  assert.deepEqual([gone, added, moved], [['door/coat'], ['shutter/wash'], []]);
});

test('days of painters, set-ups to come and late coats are counted on both sides', () => {
  const setup = (start: number) => ({ start, end: start + 10, painter: 'lead', kit: 'brush' }) as never;
  const before = plan([task('door/wash', 480, { painters: ['lead', 'helper'] }), task('door/coat', 1440 + 480)], {
    setups: [setup(400), setup(900)],
  });
  const after = plan([task('door/wash', 480), task('door/coat', 540, { late: true })], { setups: [], finish: 2000 });
  const { painterDays, setups, late, finish } = compared(before, after, 450);
  assert.deepEqual(
    [painterDays, setups, late, finish],
    [
      [3, 1],
      [1, 0],
      [0, 1],
      [3000, 2000],
    ],
  );
});

test('a piece is told by the last that is done to it, the one that loses most before all others', () => {
  const before = plan([task('door/wash', 480), task('door/coat', 600), task('shutter/wash', 700)]);
  const after = plan([task('door/wash', 400), task('door/coat', 700), task('shutter/wash', 1000)]);
  assert.deepEqual(
    compared(before, after).pieces.map(({ piece, from, to }) => [piece.id, from, to]),
    [
      ['shutter', 760, 1060],
      ['door', 660, 760],
    ],
  );
  const within = plan([task('door/wash', 480), task('door/coat', 615), task('shutter/wash', 700)]);
  assert.deepEqual(compared(before, within).pieces, [], 'a quarter of an hour nobody notices');
});
