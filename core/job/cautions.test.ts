import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { cautionsAt, finishCautions, type CautionAt } from './cautions.ts';
import type { StatedPiece } from './document/piece-schema.ts';
import { usualPiece } from './document/usual-piece.ts';
import type { PieceKind } from '../pieces/registry.ts';

function told(kind: PieceKind, facts: Partial<StatedPiece> = {}, yearBuilt: number | null = 2005): CautionAt['id'][] {
  const { job } = new TestJob()
    .tell('change-site', { yearBuilt })
    .tell('add-pieces', { ids: ['p'], kind, piece: usualPiece(kind, 'room-1', facts) });
  return cautionsAt(job, job.pieces[0]!).map(({ id }) => id);
}
const surface = (existing: StatedPiece['surface']['existing']): Partial<StatedPiece> => ({
  surface: { substrate: 'softwood', existing, condition: 'sound' },
});

test('old paint in an old house is lead until tested; bare wood and factory finishes are not', () => {
  assert.deepEqual(told('cabinet-door', surface('oil-gloss'), 1936), ['lead']);
  assert.deepEqual(told('cabinet-door', surface('bare'), 1936), []);
  assert.deepEqual(told('cabinet-door', surface('factory-finish'), 1936), []);
  assert.deepEqual(told('cabinet-door', surface('oil-gloss'), 2005), []);
  assert.deepEqual(told('cabinet-door', surface('unknown'), null), ['year-unknown']);
});

test('a test for lead overrules the year, either way', () => {
  const tested = (result: string, yearBuilt: number | null) => {
    const made = new TestJob().tell('change-site', { yearBuilt }).door('d');
    const stamp = { reading: null, hex: null, where: '', photoId: null, note: '', at: '2027-03-01T08:00' };
    made.tell('add-finding', { entry: { ...stamp, id: 'f', groupId: 'group-1', found: 'lead', result } });
    return cautionsAt(made.job, made.job.pieces[0]!).map(({ id }) => id);
  };
  assert.ok(!tested('none', 1874).includes('lead') && !tested('none', null).includes('year-unknown'));
  assert.ok(tested('lead', null).includes('lead') && tested('lead', 2005).includes('lead'));
});

test('children, heat and food are told by what a piece or its room is called, and by nothing that only sounds like it', () => {
  const called = (note: string): CautionAt['id'][] => told('cabinet-door', { ...surface('bare'), note });
  assert.deepEqual(called('side of the cot'), ['child']);
  assert.deepEqual(called('behind the Radiator'), ['radiator']);
  assert.deepEqual(called('oak worktop'), ['food']);
  assert.deepEqual(called('cottage, breadth 3 m'), []);
  const nursery = new TestJob().tell('change-room', { id: 'room-1', facts: { name: 'Nursery' } }).door('d').job;
  assert.deepEqual(
    finishCautions(nursery, 'group-1').map(({ id }) => id),
    ['child'],
  );
});

test('what comes with the kind, the weight and the place', () => {
  assert.deepEqual(told('sash-window', surface('bare')), ['window-weight', 'glass']);
  assert.deepEqual(told('sectional-door', surface('bare')), ['springs']);
  assert.deepEqual(told('switch-plate', {}, 1936), ['electricity']);
  assert.deepEqual(told('railing', { ...surface('bare'), upHigh: true }), ['ladder']);
  const heavy = { ...surface('bare'), fireRated: true, shape: { width: 926, height: 2040, thickness: 54 } };
  assert.deepEqual(told('flush-door', heavy), ['fire-door', 'heavy']);
  assert.deepEqual(told('flush-door', { ...heavy, comesOff: false }), ['fire-door']);
});

test('an opening that must close at night is told only of what comes off', () => {
  const access = { who: 'everybody', closesAtNight: true, standIn: false, neededBy: null };
  assert.deepEqual(told('cabinet-door', { ...surface('bare'), access }), ['night']);
  assert.deepEqual(told('cabinet-door', { ...surface('bare'), access, comesOff: false }), []);
});
