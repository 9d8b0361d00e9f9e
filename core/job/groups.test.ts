import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import type { StatedPiece } from './document/piece-schema.ts';

const OAK = { ...DOOR.surface, substrate: 'oak' } as const;
const VARNISH = { ...OAK, existing: 'varnish' } as const;
const change = (made: TestJob, ids: string[], facts: Partial<Pick<StatedPiece, 'surface' | 'exposure'>>): TestJob =>
  made.tell('change-pieces', { ids, facts });
/** The groups by name, with the pieces of each. */
const groups = ({ job }: TestJob): Record<string, string> =>
  Object.fromEntries(
    job.groups.map(({ id, name }) => [
      name,
      job.pieces
        .filter(({ groupId }) => groupId === id)
        .map((piece) => piece.id)
        .join(),
    ]),
  );

test('pieces are alike by surface and by what they face; the name tells both', () => {
  const made = new TestJob()
    .door('a')
    .door('b')
    .door('c', { exposure: { front: 'outside', back: 'inside' } })
    .door('d', { surface: { ...DOOR.surface, condition: 'flaking' } });
  assert.deepEqual(groups(made), {
    'Softwood, oil gloss': 'a,b',
    'Softwood, oil gloss, outside': 'c',
    'Softwood, oil gloss, flaking': 'd',
  });
});

test('a group all of whose pieces are changed alike stays together, with its colour, and its name follows', () => {
  const made = new TestJob().door('a').door('b');
  made.tell('change-group', { groupId: 'group-1', colour: { name: 'slate', hex: '#2f4b5c' } });
  change(made, ['a', 'b'], { surface: OAK });
  assert.deepEqual(groups(made), { 'Oak or ash, oil gloss': 'a,b' });
  assert.deepEqual([made.job.groups[0]?.id, made.job.groups[0]?.colour.hex], ['group-1', '#2f4b5c']);
});

test('a name that the painter gave stays, whatever becomes of the surface', () => {
  const made = new TestJob().door('a').tell('change-group', { groupId: 'group-1', name: 'Front doors' });
  assert.deepEqual(groups(change(made, ['a'], { surface: OAK })), { 'Front doors': 'a' });
});

test('some that change leave to their like, those among them that are alike together', () => {
  const made = new TestJob().door('a').door('b').door('c').door('d');
  change(made, ['b', 'c'], { surface: OAK });
  assert.deepEqual(groups(made), { 'Softwood, oil gloss': 'a,d', 'Oak or ash, oil gloss': 'b,c' });
  change(made, ['d'], { surface: OAK });
  assert.deepEqual(groups(made), { 'Softwood, oil gloss': 'a', 'Oak or ash, oil gloss': 'b,c,d' });
  change(made, ['a'], { surface: OAK });
  assert.deepEqual(groups(made), { 'Oak or ash, oil gloss': 'a,b,c,d' }, 'there is such a group already');
});

test('new pieces join no group that was put together by hand, and a piece stays where another is like it', () => {
  const made = new TestJob().door('a').door('b', { surface: OAK });
  const [first, second] = made.job.groups;
  made.tell('merge-groups', { from: second!.id, into: first!.id });
  made.door('c');
  const own = (id: string) => made.job.pieces.find((piece) => piece.id === id)!.groupId;
  assert.equal(own('a'), own('b'));
  assert.notEqual(own('c'), own('a'));
  change(made, ['a'], { surface: OAK });
  assert.equal(own('a'), own('b'), 'another of its group is like it');
});

test('what was found on a group goes with its last piece, and ids are given once', () => {
  const made = new TestJob().door('a').door('b', { surface: OAK });
  made.tell('add-patch', {
    entry: {
      id: 'patch-1',
      groupId: 'group-2',
      where: 'D-02, hinge edge',
      key: 'degloss',
      coats: [{ product: 'prime-bond-wb', at: '2027-03-01T08:00' }],
      read: null,
      note: '',
    },
  });
  made.tell('remove-pieces', { ids: ['b'] });
  assert.deepEqual([made.job.groups.length, made.job.patches], [1, []]);
  made.door('c', { surface: VARNISH }).door('d', { surface: OAK });
  const ids = made.job.groups.map(({ id }) => id);
  assert.equal(new Set(ids).size, 3);
});
