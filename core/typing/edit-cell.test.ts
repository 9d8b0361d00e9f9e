import assert from 'node:assert/strict';
import { test } from 'node:test';
import { applyCommand } from '../job/commands/apply.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { editCells } from './edit-cell.ts';
import { COLUMNS, type ColumnId } from './piece-columns.ts';
import { usualPiece } from '../job/document/usual-piece.ts';

const { job } = new TestJob()
  .door('d')
  .tell('add-pieces', { ids: ['w'], kind: 'sash-window', piece: usualPiece('sash-window', 'room-1') });
const [door, sash] = job.pieces;
assert.ok(door && sash);

const refusal = (cells: Partial<Record<ColumnId, string>>, piece = door): string => {
  const read = editCells(job, piece, cells);
  return read.ok ? '' : read.message;
};

test('a cell typed over says only what changes, and is taken by its command', () => {
  const read = editCells(job, door, {
    width: '2\'-6"',
    note: ' sticks ',
    closesAtNight: 'yes',
    neededBy: '2027-03-12',
  });
  assert.ok(read.ok);
  assert.deepEqual(read.value.shape, { width: 762 });
  assert.deepEqual(read.value.facts, {
    note: 'sticks',
    access: { who: '', closesAtNight: true, standIn: false, neededBy: '2027-03-12' },
  });
  const changed = applyCommand(job, 'revise-pieces', { edits: [read.value] });
  assert.ok(changed.ok);
  assert.equal(changed.value.job.pieces[0]?.shape.width, 762);
  const cleared = editCells(changed.value.job, changed.value.job.pieces[0] ?? door, {
    neededBy: '',
    closesAtNight: '',
  });
  assert.ok(cleared.ok);
  assert.deepEqual(cleared.value.facts, { access: { who: '', closesAtNight: false, standIn: false, neededBy: null } });
});

test('what is written in a row, typed over itself, changes nothing', () => {
  for (const piece of job.pieces) {
    const cells = Object.fromEntries(
      COLUMNS.filter(({ write, id }) => write && id !== 'kind' && (write(piece, job) !== '' || id === 'note')).map(
        ({ id, write }) => [id, write?.(piece, job)],
      ),
    );
    const read = editCells(job, piece, cells);
    assert.ok(read.ok, read.ok ? '' : read.message);
    assert.deepEqual(read.value, { id: piece.id, facts: {}, shape: {} });
  }
});

test('a cell that can’t be says what would be right', () => {
  assert.match(refusal({ width: 'wide' }), /Can’t read “wide”\. Type a length, e\.g\. 826, 82\.6 cm or 2'-8 1\/2"\./);
  assert.match(refusal({ width: '40' }), /Width 40 mm – must be 300 mm to 1500 mm\./);
  assert.match(refusal({ room: 'Attic' }), /No room called “Attic”\. Add it under Rooms, or choose another\./);
  assert.match(refusal({ faces: 'inside' }), /Can’t read “inside”\. Use front, back, all or none\./);
  assert.match(refusal({ neededBy: 'Friday' }), /Can’t read “Friday”\. Type the day like 2027-03-12\./);
  assert.match(refusal({ painted: 'off' }, { ...sash, kind: 'railing' }), /painted in place/);
});
