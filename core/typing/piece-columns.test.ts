import assert from 'node:assert/strict';
import { test } from 'node:test';
import { applyCommand } from '../job/commands/apply.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { Job } from '../job/document/schema.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { COLUMNS, shapeFault, type CellContext, type ColumnId } from './piece-columns.ts';
import { nearestWord } from './typed-line/nearest-word.ts';

const { job } = new TestJob().door('d');
const us = applyCommand(job, 'change-settings', { units: 'us' });
assert.ok(us.ok);
const usJob = us.value.job;
const contextOf = (kind: CellContext['kind'] = 'flush-door', of: Job = job): CellContext => {
  const piece = usualPiece(kind, 'room-1');
  return { job: of, kind, piece, shape: { ...piece.shape }, room: null, count: 1 };
};
/** What is stated when a cell of a column is read, or the refusal. */
const read = (id: ColumnId, cell: string, context = contextOf()): CellContext | string => {
  const column = COLUMNS.find((each) => each.id === id);
  assert.ok(column?.read, `${id} is read`);
  const outcome = column.read(cell, context);
  return outcome.ok ? context : outcome.message;
};
const stated = (id: ColumnId, cell: string, context = contextOf()): CellContext => {
  const outcome = read(id, cell, context);
  assert.ok(typeof outcome !== 'string', JSON.stringify(outcome));
  return outcome;
};
const refusal = (id: ColumnId, cell: string, context = contextOf()): string => {
  const outcome = read(id, cell, context);
  assert.ok(typeof outcome === 'string', `“${cell}” was taken`);
  return outcome;
};

test('sizes are read in the job’s units, within what the kind allows, and only where it has such a size', () => {
  assert.equal(stated('width', '762').shape.width, 762);
  assert.equal(stated('width', '0.8 m').shape.width, 800);
  assert.ok(Math.abs(Number(stated('width', '30', contextOf('flush-door', usJob)).shape.width) - 762) < 1e-9);
  assert.match(refusal('width', 'wide'), /Can’t read “wide”\. Type a length, e\.g\. 826, 82\.6 cm or 2'-8 1\/2"\./);
  assert.match(refusal('width', '5 mm'), /– must be/);
  assert.match(refusal('length', '3000'), /^Flush door has no length\. Leave the cell empty\.$/);
});

test('the least and the largest size that a kind allows are taken, and nothing beyond', () => {
  const field = /must be (.+) to (.+)\./.exec(refusal('height', '5 mm'));
  assert.ok(field);
  const [least, most] = [field[1]!, field[2]!];
  assert.ok(stated('height', least).shape.height);
  assert.ok(stated('height', most).shape.height);
  const beyond = `${Number(stated('height', most).shape.height) + 1}`;
  assert.match(refusal('height', beyond), /– must be/);
});

test('a shape is pairs of what the kind has, numbers as numbers', () => {
  const context = contextOf('panelled-door');
  const { fields } = shapeFields();
  assert.ok(fields.length > 0);
  assert.match(refusal('shape', 'colour=red', context), /has no “colour”.*Known: /);
  assert.match(refusal('shape', `${fields[0]}=many`, contextOf('panelled-door')), /Can’t read “many”/);
  const shares = stated('shape', ` ${fields[0]} = 2 5 5 ; `, contextOf('panelled-door')).shape[fields[0]!];
  assert.deepEqual(shares, [2, 5, 5]);
});
function shapeFields(): { fields: string[] } {
  const shape = usualPiece('panelled-door', 'room-1').shape;
  return { fields: Object.keys(shape).filter((key) => Array.isArray(shape[key])) };
}

test('materials, coats and states are read by their names, ids, or as they are typed in a line', () => {
  assert.equal(stated('substrate', 'Oak or ash').piece.surface.substrate, 'oak');
  assert.equal(stated('substrate', 'MDF').piece.surface.substrate, 'mdf');
  assert.equal(stated('existing', 'oil-gloss').piece.surface.existing, 'oil-gloss');
  assert.equal(stated('existing', 'Bare').piece.surface.existing, 'bare');
  assert.match(refusal('substrate', 'cheese'), /Can’t read “cheese”\. Use one of: .*Softwood/);
  assert.match(refusal('condition', 'oak'), /Can’t read/, 'a word of another column is none of this');
  assert.equal(stated('front', 'Outside').piece.exposure.front, 'outside');
  assert.equal(stated('back', 'inside').piece.exposure.back, 'inside');
});

test('faces and edges are read as a list, all, none, and refused where the piece has no such part', () => {
  assert.deepEqual(stated('faces', 'all').piece.scope.faces, ['front', 'back']);
  assert.deepEqual(stated('faces', 'both').piece.scope.faces, ['front', 'back']);
  for (const none of ['none', '-', 'No']) assert.deepEqual(stated('faces', none).piece.scope.faces, []);
  assert.deepEqual(stated('faces', 'back, front').piece.scope.faces, ['front', 'back'], 'in the order of the piece');
  assert.deepEqual(stated('faces', 'back').piece.scope.faces, ['back']);
  assert.match(refusal('faces', 'inside'), /Can’t read “inside”\. Use front, back, all or none\./);
  const edges = stated('edges', 'all').piece.scope.edges;
  assert.ok(edges.length >= 3);
  assert.deepEqual(stated('edges', edges.join(' and ')).piece.scope.edges, edges);
});

test('painted off or in place; what never comes off is not taken off', () => {
  assert.equal(stated('painted', 'off').piece.comesOff, true);
  assert.equal(stated('painted', 'In Place').piece.comesOff, false);
  assert.equal(stated('painted', 'yes').piece.comesOff, true);
  assert.match(refusal('painted', 'maybe'), /^Can’t read “maybe”\. Type off or in place\.$/);
  assert.match(refusal('painted', 'off', contextOf('trim-run')), /painted in place/);
  assert.equal(stated('painted', 'in place', contextOf('trim-run')).piece.comesOff, false);
});

test('yes and no are read in several ways, and nothing else', () => {
  for (const yes of ['yes', 'Y', 'x', '1', 'TRUE']) assert.equal(stated('fireRated', yes).piece.fireRated, true, yes);
  for (const no of ['no', 'N', '-', '0', '']) assert.equal(stated('upHigh', no).piece.upHigh, false, no);
  assert.match(refusal('closesAtNight', 'perhaps'), /^Can’t read “perhaps”\. Type yes or no\.$/);
  assert.equal(stated('closesAtNight', 'yes').piece.access.closesAtNight, true);
  assert.equal(stated('standIn', 'yes').piece.access.standIn, true);
});

test('a room is the job’s where it has one of that name, and a new one otherwise', () => {
  const [room] = job.rooms;
  assert.deepEqual(stated('room', room!.name.toUpperCase()).room, { id: room!.id });
  assert.deepEqual(stated('room', 'Loft').room, { name: 'Loft' });
  assert.deepEqual(stated('room', 'x'.repeat(120)).room, { name: 'x'.repeat(120) });
  assert.match(refusal('room', 'x'.repeat(121)), /under 120/);
});

test('how many: whole, from one to two hundred', () => {
  assert.equal(stated('count', '1').count, 1);
  assert.equal(stated('count', '200').count, 200);
  for (const cell of ['0', '201', '2.5', 'two']) assert.match(refusal('count', cell), /whole number, 1 to 200/);
});

test('a day is a day that there is; an empty cell takes it away', () => {
  assert.equal(stated('neededBy', '2027-03-12').piece.access.neededBy, '2027-03-12');
  assert.equal(stated('neededBy', '').piece.access.neededBy, null);
  for (const cell of ['12/03/2027', '2027-13-01', 'soon'])
    assert.match(refusal('neededBy', cell), /Type the day like 2027-03-12/);
});

test('words of one’s own have their length', () => {
  const most: readonly [ColumnId, number][] = [
    ['who', 80],
    ['note', 300],
  ];
  for (const [id, length] of most) {
    stated(id, 'x'.repeat(length));
    assert.match(refusal(id, 'x'.repeat(length + 1)), new RegExp(`under ${length} characters`));
  }
  assert.match(refusal('zone', 'x'.repeat(500)), /Keep the zone to \d+ characters/);
});

test('what is written of a piece is read back as the same piece', () => {
  const [piece] = job.pieces;
  const context = contextOf();
  for (const column of COLUMNS) {
    const cell = column.write?.(piece!, job);
    if (cell === undefined || cell === '' || !column.read) continue;
    const outcome = column.read(cell, context);
    assert.ok(outcome.ok, `${column.name}: ${outcome.ok ? '' : outcome.message}`);
  }
  assert.deepEqual(context.shape, piece!.shape);
  assert.deepEqual(context.piece.surface, piece!.surface);
  assert.deepEqual(context.piece.scope, piece!.scope);
});

test('no two columns go by one name', () => {
  const names = COLUMNS.flatMap(({ name, alsoNamed }) => [name.toLowerCase(), ...alsoNamed]);
  assert.deepEqual(
    names.filter((name, index) => names.indexOf(name) !== index),
    [],
  );
});

test('a shape that can’t be says which field is at fault', () => {
  const { shape } = usualPiece('flush-door', 'room-1');
  assert.equal(shapeFault('flush-door', shape, 'metric'), null);
  const fault = shapeFault('flush-door', { ...shape, width: -5 }, 'metric');
  assert.equal(fault?.field, 'width');
  assert.match(fault.message, /^Width: /);
});

test('a mistyped word is taken for the nearest, and one that is too far from all for none', () => {
  const known = ['door', 'drawer', 'window', 'shutter'];
  assert.equal(nearestWord('dor', known), 'door');
  assert.equal(nearestWord('windw', known), 'window');
  assert.equal(nearestWord('shuter', known), 'shutter');
  assert.equal(nearestWord('drwaer', known), 'drawer', 'two letters changed places');
  assert.equal(nearestWord('chair', known), null);
  assert.equal(nearestWord('ab', ['cd']), null);
  assert.equal(nearestWord('ab', ['ac']), 'ac', 'one letter may be wrong in the shortest word');
  assert.equal(nearestWord('x', []), null);
});
