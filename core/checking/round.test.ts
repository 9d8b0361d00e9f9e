import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { inspectionOrder, nextFaceToCheck, roomChecks, type FaceToCheck } from './round.ts';

const { piece } = new WorkedDays();
const face = (id: string, laid: number, lookedAt: string | null, openDefects = 0): FaceToCheck => ({
  piece: { ...piece, id },
  face: 'front',
  coats: { laid, all: 3 },
  paintedAt: null,
  lookedAt,
  openDefects,
});

test('what asks for a look comes first, then what was inspected, then what is still painted; else as it is walked', () => {
  const order = inspectionOrder([
    face('bare', 0, null),
    face('inspected', 3, '2027-03-03T15:00'),
    face('run in its first coat', 1, null, 1),
    face('one coat', 1, null),
    face('finished', 3, null),
  ]).map(([{ id }]) => id);
  assert.deepEqual(order, ['run in its first coat', 'finished', 'inspected', 'bare', 'one coat']);
});

test('the next face to look at is on another piece, painted and not looked at; round to the first', () => {
  const faces = [
    face('a', 1, null),
    { ...face('b', 1, null), face: 'back' as const },
    face('b', 1, null),
    face('c', 0, null),
    face('d', 1, '2027-03-03T15:00'),
    face('e', 1, null),
  ];
  const after = (id: string) => nextFaceToCheck(faces, id, 'front')?.piece.id;
  assert.equal(after('a'), 'b');
  assert.equal(after('b'), 'e', 'not its own other face, nothing bare, nothing seen');
  assert.equal(after('e'), 'a');
  assert.equal(after('not in the round'), 'a');
  assert.equal(nextFaceToCheck([face('a', 1, null)], 'a', 'front'), null);
});

/** A door with a primer and two topcoats; its back painted first. */
const COATS = ['coat-1/back', 'coat-1/front', 'coat-2/back', 'coat-2/front', 'coat-3/back', 'coat-3/front'];
const painted = (coats: readonly string[]) =>
  new WorkedDays().doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00').doneAll(coats, '2027-03-02T08:00');
const seen = (days: WorkedDays, side: 'front' | 'back', at: string) =>
  days.tell('inspect', { inspections: [{ id: `${side}-${at}`, pieceId: 'd', face: side, at, by: null }] });

test('a face is as far as its coats; it is looked at only by who looked since the last one', () => {
  const days = painted(COATS.slice(0, 5));
  seen(days, 'back', '2027-03-02T08:45');
  seen(days, 'back', '2027-03-02T09:30');
  const [front, back] = roomChecks(days.job)[0]!.faces;
  assert.deepEqual(
    [front?.coats, back?.coats],
    [
      { laid: 2, all: 3 },
      { laid: 3, all: 3 },
    ],
  );
  assert.deepEqual([back?.paintedAt, back?.lookedAt], ['2027-03-02T09:00', '2027-03-02T09:30']);
  days.done('coat-3/back', '2027-03-02T10:00');
  assert.equal(roomChecks(days.job)[0]!.faces[1]?.lookedAt, null, 'painted again since');
});

test('a room is told how far it is, and what stands against signing it off', () => {
  const against = (days: WorkedDays): string | null => roomChecks(days.job)[0]!.against;
  assert.equal(against(painted(COATS.slice(0, 5))), '1 face not finished; 1 finished face not inspected');
  const done = painted(COATS);
  assert.equal(against(done), '2 finished faces not inspected');
  seen(seen(done, 'front', '2027-03-03T08:00'), 'back', '2027-03-03T08:00');
  assert.equal(against(done), null);
  const { finished, looked, openDefects } = roomChecks(done.job)[0]!;
  assert.deepEqual([finished, looked, openDefects], [2, 2, 0]);
  done.tell('add-defect', {
    entry: {
      ...{ id: 'x', kind: 'run', pieceId: 'd', face: 'front', spot: null, at: '2027-03-03T08:10', by: null },
      ...{ note: '', photoIds: [], cause: null, rework: null, settled: null },
    },
  });
  assert.equal(against(done), '1 defect open');
});

test('rooms and faces that get no paint are in no round', () => {
  assert.deepEqual(roomChecks(new TestJob().door('d').job), [], 'no build-up is chosen');
  const oneFace = new TestJob().door('d', { scope: { faces: ['front'], edges: [] } }).coated();
  assert.deepEqual(
    roomChecks(oneFace.job)[0]?.faces.map((check) => check.face),
    ['front'],
  );
});
