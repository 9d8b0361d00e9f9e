import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Job } from '../job/document/schema.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { placeOf } from '../job/queries/places.ts';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { CHANGES, withChanges } from './changes.ts';

const change = (id: string) => CHANGES.find((each) => each.id === id)!;
/** A job with one change made; null where there is nothing to make. */
const after = (made: TestJob, id: string): Job | null => withChanges(made.job, [change(id)])?.job ?? null;
const doors = (): TestJob => new TestJob().door('a').door('b').coated();
const stamped = (made: TestJob, taskId: string): TestJob =>
  made.tell('stamp', {
    entries: [{ id: 's', at: '2027-03-01T09:00', taskId, event: 'done', by: 'painter-1', minutes: 20 }],
  });

test('the cheapest change stands first, and each goes by one name', () => {
  const efforts = CHANGES.map(({ effort }) => effort);
  assert.deepEqual(
    efforts,
    efforts.toSorted((one, other) => one - other),
  );
  assert.equal(new Set(CHANGES.map(({ id }) => id)).size, CHANGES.length);
  for (const { words } of CHANGES) assert.ok(words(doors().job).length > 5);
});

test('a rack gets half as many places again, two at least; a bench one more', () => {
  const rack = (slots: number): number => {
    const made = doors();
    made.tell('change-place', { id: placeOf(made.job, 'rack').id, facts: { slots } });
    assert.match(change('rack').words(made.job), new RegExp(`^${Math.max(2, Math.ceil(slots / 2))} more spaces on `));
    return placeOf(after(made, 'rack')!, 'rack').slots;
  };
  assert.deepEqual([rack(1), rack(4), rack(5), rack(10)], [3, 6, 8, 15]);
  const before = placeOf(doors().job, 'bench').slots;
  assert.equal(placeOf(after(doors(), 'bench')!, 'bench').slots, before + 1);
});

test('everybody stays an hour longer on days that they work, and nobody past midnight', () => {
  const week = after(doors(), 'hour')!.crew[0]!.week;
  const was = doors().job.crew[0]!.week;
  const ends = (of: typeof was): string[] => Object.values(of).flatMap((spans) => spans.at(-1)?.until ?? []);
  const hour = (time: string): number => Number(time.slice(0, 2));
  ends(week).forEach((until, index) => assert.equal(hour(until), hour(ends(was)[index]!) + 1));
  assert.deepEqual(week.sun, was.sun, 'a free day stays free');
  const late = doors();
  late.tell('change-painter', {
    id: 'painter-1',
    facts: { week: { ...was, mon: [{ from: '15:00', until: '23:00' }], tue: [{ from: '15:00', until: '22:59' }] } },
  });
  const longer = after(late, 'hour')!.crew[0]!.week;
  assert.equal(longer.mon[0]!.until, '23:00');
  assert.equal(longer.tue[0]!.until, '23:59');
});

test('Saturdays are worked like Fridays, where they are free and Fridays are not', () => {
  const [painter] = after(doors(), 'saturday')!.crew;
  assert.deepEqual(painter!.week.sat, painter!.week.fri);
  const already = doors().tell('change-painter', {
    id: 'painter-1',
    facts: { week: { ...painter!.week, sat: [{ from: '08:00', until: '12:00' }] } },
  });
  assert.equal(after(already, 'saturday'), null);
  const noFriday = doors().tell('change-painter', {
    id: 'painter-1',
    facts: { week: { ...painter!.week, fri: [], sat: [] } },
  });
  assert.equal(after(noFriday, 'saturday'), null);
});

test('another painter comes once, with the hours of the first', () => {
  const helped = after(doors(), 'hands')!;
  assert.deepEqual(
    helped.crew.map(({ name }) => name),
    ['Painter 1', 'Helper'],
  );
  assert.deepEqual(helped.crew[1]!.week, helped.crew[0]!.week);
  const twice = doors();
  twice.tell('add-painter', { entry: helped.crew[1]! });
  assert.equal(after(twice, 'hands'), null);
});

test('both faces in one pass, all zones at once, stand-ins at night: only where it is otherwise', () => {
  assert.equal(after(doors(), 'turning')?.planning.turning, 'both-on-points');
  assert.equal(after(doors().tell('change-planning', { turning: 'both-on-points' }), 'turning'), null);
  assert.equal(after(doors(), 'zones'), null);
  const zoned = doors().tell('change-room', { id: 'room-1', facts: { zonesAtOnce: 1 } });
  assert.equal(after(zoned, 'zones')?.rooms[0]!.zonesAtOnce, null);
  assert.equal(after(doors(), 'stand-ins'), null);
  const nightly = new TestJob()
    .door('n', { access: { ...DOOR.access, closesAtNight: true } })
    .door('o')
    .coated();
  const standing = after(nightly, 'stand-ins')!;
  assert.deepEqual(
    standing.pieces.map(({ access }) => access.standIn),
    [true, false],
  );
});

test('the drying place is kept warm round the clock, unless that is the open air', () => {
  const warm = after(doors(), 'warm')!;
  const climate = warm.climates.find(({ id }) => id === placeOf(warm, 'rack').climateId)!;
  assert.ok(climate.heating?.spans.some(({ setPoint, from, until }) => setPoint === 20 && from === 0 && until === 0));
  const outside = doors();
  const open = outside.job.climates.find(({ whereabouts }) => whereabouts === 'outdoors')!;
  outside.tell('change-place', { id: placeOf(outside.job, 'rack').id, facts: { climateId: open.id } });
  assert.equal(after(outside, 'warm'), null);
});

test('fewer faces: what is less seen stays as it is, on pieces that are not begun', () => {
  const faces = (job: Job | null): number[] => job!.pieces.map(({ scope }) => scope.faces.length);
  const shelves = new TestJob();
  for (const id of ['s', 's/2'])
    shelves.tell('add-pieces', { ids: [id], kind: 'cabinet-door', piece: { ...cabinet(), roomId: 'room-1' } });
  shelves.coated();
  assert.deepEqual(faces(after(shelves, 'faces')), [1, 1]);
  // An id may hold a slash, as those of files do: its own steps are told from those of its neighbour.
  stamped(shelves, 's/2/wash');
  const begun = after(shelves, 'faces');
  assert.deepEqual(faces(begun), [1, 2], 'what is begun keeps its faces');
});
function cabinet() {
  return usualPiece('cabinet-door', 'room-1');
}

test('changes are made one upon the other; one that can’t be made lets all be', () => {
  const both = withChanges(doors().job, [change('bench'), change('bench')])!;
  assert.equal(placeOf(both.job, 'bench').slots, placeOf(doors().job, 'bench').slots + 2);
  assert.equal(both.calls.length, 2);
  assert.equal(withChanges(doors().job, [change('bench'), change('zones')]), null);
  assert.deepEqual(withChanges(doors().job, []), { job: doors().job, calls: [] });
});
