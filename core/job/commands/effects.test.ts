import assert from 'node:assert/strict';
import { test } from 'node:test';
import { MAX_TAKEN } from '../../air/climate.ts';
import { DEFAULT_SHELF } from '../../shelf/shelf.ts';
import { buildUp } from '../../fixtures/jobs.ts';
import { drilling, enamel, group, hour, start as MADE, strokes, tin } from '../../fixtures/worked-job.ts';
import type { Job } from '../document/schema.ts';
import { usualPiece } from '../document/usual-piece.ts';
import { applyCommand, applyWritten, isRecord, type CommandArgs, type CommandName } from './apply.ts';

const start: Job = MADE;

/** A job after some commands, and what history calls the last of them. */
function after(job: Job, ...commands: readonly (readonly [CommandName, unknown])[]): { job: Job; label: string } {
  let [shown, label] = [job, ''];
  for (const [name, args] of commands) {
    const outcome = applyCommand(shown, name, args as never);
    assert.ok(outcome.ok, outcome.ok ? '' : `${name}: ${outcome.message}`);
    ({ job: shown, label } = outcome.value);
  }
  return { job: shown, label };
}
function refusal<N extends CommandName>(job: Job, name: N, args: CommandArgs<N>): string {
  const outcome = applyCommand(job, name, args);
  assert.equal(outcome.ok, false, 'refused');
  return outcome.ok ? '' : outcome.message;
}
const piece = (job: Job, id: string) => job.pieces.find((entry) => entry.id === id)!;
const climate = (job: Job, id: string) => job.climates.find((entry) => entry.id === id)!;

test('hours that are taken in take the place of those they are for, in the order of time, and the last sources are kept', () => {
  const from = { source: 'file', name: 'logger.csv', at: '2027-03-01T11:00' } as const;
  const { job, label } = after(start, [
    'take-hours',
    { climateId: 'spare', hours: [hour(9, 20), hour(7, 10)], ...from },
  ]);
  assert.equal(label, 'Imported 2 hours for Spare');
  assert.deepEqual(
    climate(job, 'spare').stated.hours.map(({ at, temperature }) => [at.slice(11), temperature]),
    [
      ['07:00', 10],
      ['08:00', 12],
      ['09:00', 20],
    ],
  );
  const often = Array.from(
    { length: MAX_TAKEN + 2 },
    (_unused, index) =>
      ['take-hours', { climateId: 'spare', hours: [hour(8, index)], ...from, name: `file ${index}` }] as const,
  );
  const { taken } = climate(after(start, ...often).job, 'spare').stated;
  assert.deepEqual([taken.length, taken.at(-1)?.name, taken.at(-1)?.hours], [MAX_TAKEN, `file ${MAX_TAKEN + 1}`, 1]);
});

test('hours are forgotten from one on, and with the last of them where they came from', () => {
  const some = after(start, ['forget-hours', { climateId: 'spare', from: '2027-03-01T09:00' }]);
  assert.equal(some.label, 'Cleared hours of Spare');
  assert.deepEqual(
    [climate(some.job, 'spare').stated.hours.length, climate(some.job, 'spare').stated.taken.length],
    [1, 1],
  );
  const none = after(start, ['forget-hours', { climateId: 'spare', from: '2027-03-01T08:00' }]);
  assert.deepEqual(climate(none.job, 'spare').stated, { hours: [], taken: [] });
});

test('heating is switched where there is some', () => {
  const on = after(start, ['switch-heating', { climateId: 'spare', onSince: '2027-03-01T07:00' }]);
  assert.deepEqual(
    [on.label, climate(on.job, 'spare').heating?.onSince],
    ['Switched heating on in Spare', '2027-03-01T07:00'],
  );
  assert.equal(
    after(on.job, ['switch-heating', { climateId: 'spare', onSince: null }]).label,
    'Switched heating off in Spare',
  );
  assert.match(refusal(start, 'switch-heating', { climateId: 'open-air', onSince: null }), /no heating/);
});

test('a climate goes only where nobody breathes it, and not the last of its sort', () => {
  assert.match(
    refusal(start, 'remove-climate', { id: 'house' }),
    /First room, Landing still use it\. Change their conditions first\./,
  );
  assert.match(refusal(start, 'remove-climate', { id: 'gone' }), /no longer in the job/);
  const { job } = after(start, ['remove-climate', { id: 'spare' }]);
  assert.match(refusal(job, 'remove-climate', { id: 'open-air' }), /Keep at least one outdoors\./);
});

test('what is counted of a bag is what is said, and the rest stays', () => {
  const item = piece(start, 'a').hardware[0]!;
  const counted = after(start, ['count-hardware', { id: 'a', item: 0, bagged: 2 }]);
  assert.equal(counted.label, 'Counted the bag of D-01');
  assert.deepEqual(piece(counted.job, 'a').hardware[0], { ...item, bagged: 2 });
  const more = after(
    counted.job,
    ['count-hardware', { id: 'a', item: 0, count: 4 }],
    ['count-hardware', { id: 'a', item: 0, fitted: 1 }],
  );
  assert.deepEqual(piece(more.job, 'a').hardware[0], { ...item, count: 4, bagged: 2, fitted: 1 });
});

test('holes are filled, drilled by one template, copied and ticked, each where it is said', () => {
  const filled = after(start, ['fill-holes', { ids: ['a', 'b'], count: 3 }]);
  assert.equal(filled.label, 'Set 3 holes to fill on 2 pieces');
  assert.deepEqual([piece(filled.job, 'a').filledHoles, piece(filled.job, 'b').filledHoles], [3, 3]);
  assert.equal(after(start, ['fill-holes', { ids: ['b'], count: 1 }]).label, 'Set 1 hole to fill on D-02');
  const drilled = after(filled.job, ['add-drilling', { ids: ['a'], drilling }]);
  assert.equal(drilled.label, 'Added holes to D-01 for bar pull');
  assert.match(refusal(drilled.job, 'add-drilling', { ids: ['a'], drilling }), /These holes are already there\./);
  const changed = after(drilled.job, ['change-drilling', { id: 'a', drillingId: 'pull', facts: { y: 500 } }]);
  assert.deepEqual(piece(changed.job, 'a').drillings, [{ ...drilling, y: 500 }]);
  const copied = after(
    changed.job,
    ['fill-holes', { ids: ['a'], count: 5 }],
    ['copy-holes', { from: 'a', ids: ['b'] }],
  );
  assert.equal(copied.label, 'Copied holes of D-01 to 1 piece');
  assert.deepEqual(
    [piece(copied.job, 'b').filledHoles, piece(copied.job, 'b').drillings],
    [5, [{ ...drilling, y: 500 }]],
  );
  const ticked = after(copied.job, ['tick-holes', { id: 'b', filled: 2, drilling: { id: 'pull', isDrilled: true } }]);
  assert.deepEqual(piece(ticked.job, 'b').holesDone, { filled: 2, drilled: ['pull'] });
  const twice = after(ticked.job, ['tick-holes', { id: 'b', drilling: { id: 'pull', isDrilled: true } }]);
  assert.deepEqual(piece(twice.job, 'b').holesDone, { filled: 2, drilled: ['pull'] }, 'drilled twice is drilled');
  const undone = after(twice.job, ['tick-holes', { id: 'b', drilling: { id: 'pull', isDrilled: false } }]);
  assert.deepEqual(piece(undone.job, 'b').holesDone.drilled, []);
  assert.match(refusal(start, 'tick-holes', { id: 'b', drilling: { id: 'gone', isDrilled: true } }), /no longer/);
  assert.deepEqual(
    piece(after(copied.job, ['remove-drilling', { id: 'b', drillingId: 'pull' }]).job, 'b').drillings,
    [],
  );
});

test('a pin overtakes the one before, takes one time only, and lets go', () => {
  const pin = (at: string, painters = ['painter-1']) => ({ taskId: 'a/wash', start: at, painters });
  const moved = after(start, ['pin-tasks', { pins: [pin('2027-03-01T09:00')] }]);
  assert.equal(moved.label, 'Pinned a step');
  assert.deepEqual(
    moved.job.pins.map((entry) => entry.start),
    ['2027-03-01T09:00'],
  );
  assert.match(
    refusal(start, 'pin-tasks', { pins: [pin('2027-03-01T09:00'), pin('2027-03-01T10:00')] }),
    /^Pin each step to one time only\.$/,
  );
  assert.match(refusal(start, 'pin-tasks', { pins: [pin('2027-03-01T09:00', ['gone'])] }), /painter is no longer/);
  assert.deepEqual(after(start, ['unpin-tasks', { taskIds: ['a/wash'] }]).job.pins, []);
  assert.equal(after(start, ['unpin-tasks', { taskIds: ['other'] }]).job.pins.length, 1);
  const without = after(start, ['accept-plan', { plan: null }]).job;
  assert.match(refusal(without, 'measure-against', {}), /No plan to compare with\. Accept one first\./);
});

test('a painter who leaves takes the pins along; the last one stays', () => {
  const { job } = after(start, ['remove-painter', { id: 'painter-1' }]);
  assert.deepEqual([job.crew.map(({ id }) => id), job.pins], [['painter-2'], []]);
  assert.match(refusal(job, 'remove-painter', { id: 'painter-2' }), /at least one painter/);
  assert.equal(after(start, ['remove-painter', { id: 'painter-2' }]).job.pins.length, 1);
});

test('days off stand once and in order, and are given back', () => {
  const off = (date: string, comes = false) => ['give-day-off', { painterIds: ['painter-2'], date, comes }] as const;
  const { job, label } = after(start, off('2027-03-05'), off('2027-03-02'), off('2027-03-05'));
  assert.equal(label, 'Helper off on 2027-03-05');
  const daysOf = (shown: Job) => shown.crew.find(({ id }) => id === 'painter-2')?.daysOff;
  assert.deepEqual(daysOf(job), ['2027-03-02', '2027-03-05']);
  const back = after(job, off('2027-03-02', true));
  assert.deepEqual([daysOf(back.job), back.label], [['2027-03-05'], 'Helper at work on 2027-03-02']);
});

test('an own pace is stated and given up', () => {
  const own = after(start, ['state-pace', { key: 'abrade', factor: 1.2 }]);
  assert.deepEqual([own.job.paces.abrade, own.label], [1.2, 'Changed pace: sanding']);
  const usual = after(own.job, ['state-pace', { key: 'abrade', factor: null }]);
  assert.deepEqual([usual.job.paces, usual.label], [start.paces, 'Reset pace: sanding']);
});

test('strokes are chosen for a group, a kind and a product, each by itself', () => {
  const of = (product: string) => start.strokes.filter((choice) => choice.product === product).length;
  assert.deepEqual([of('prime-bond-wb'), of('enamel-acrylic')], [1, 0]);
  const both = after(start, ['choose-strokes', strokes]).job;
  assert.equal(both.strokes.length, 2);
  const again = after(both, ['choose-strokes', { ...strokes, painters: 1 }]).job;
  assert.deepEqual(
    again.strokes.map(({ product, painters }) => [product, painters]),
    [
      ['prime-bond-wb', 2],
      ['enamel-acrylic', 1],
    ],
  );
  const { groupId, kind, product } = strokes;
  assert.equal(after(again, ['forget-strokes', { groupId, kind, product }]).job.strokes.length, 1);
  assert.match(refusal(start, 'forget-strokes', { groupId, kind, product }), /Already the default\./);
});

test('a group is split with all that was found and chosen, and put together again where they agree', () => {
  const { job, label } = after(start, ['split-group', { groupId: group!.id, pieceIds: ['b'], name: 'Stair' }]);
  assert.equal(label, 'Split off Stair');
  const made = job.groups.find(({ name }) => name === 'Stair')!;
  assert.deepEqual([made.byHand, made.buildUp], [true, group!.buildUp]);
  assert.deepEqual([piece(job, 'a').groupId, piece(job, 'b').groupId], [group!.id, made.id]);
  assert.equal(job.findings.filter(({ groupId }) => groupId === made.id).length, 1);
  assert.equal(new Set(job.findings.map(({ id }) => id)).size, job.findings.length, 'every id once');
  assert.match(
    refusal(job, 'split-group', { groupId: group!.id, pieceIds: ['b'], name: 'x' }),
    /Some of these pieces aren’t in that group\./,
  );
  assert.match(refusal(job, 'merge-groups', { from: made.id, into: made.id }), /another group/);
  const clean = { ...job.findings[0]!, id: 'later', groupId: made.id, result: 'clean', at: '2027-03-02T08:00' };
  const apart = after(job, ['add-finding', { entry: clean }]).job;
  assert.match(
    refusal(apart, 'merge-groups', { from: made.id, into: group!.id }),
    /These differ\. Grease and wax: clean here, grease there\. Retest, or keep them apart\./s,
  );
  const merged = after(job, ['merge-groups', { from: made.id, into: group!.id }]);
  assert.equal(merged.label, `Moved Stair to ${group!.name}`);
  assert.deepEqual([merged.job.groups.length, merged.job.groups[0]?.byHand], [1, true]);
  assert.ok(merged.job.findings.every(({ groupId }) => groupId === group!.id));
});

test('a choice remembers what it was made for, and forgets that when it is undone', () => {
  const { groups } = after(start, ['keep-build-up', { groupId: group!.id, chosenFor: 'as known' }]).job;
  assert.equal(groups[0]?.chosenFor, 'as known');
  const none = after(start, ['choose-build-up', { groupId: group!.id, buildUp: null, chosenFor: 'as known' }]).job;
  assert.deepEqual([none.groups[0]?.buildUp, none.groups[0]?.chosenFor], [null, null]);
});

test('stamps, looks and checks that are given again are written once; what tells of work done is a record', () => {
  const entry = { id: 's1', at: '2027-03-01T08:00', taskId: 'a/wash', event: 'done', by: null, minutes: 5 } as const;
  const twice = after(start, ['stamp', { entries: [entry] }], ['stamp', { entries: [entry] }]);
  assert.deepEqual([twice.job.log.length, twice.label], [start.log.length + 1, 'Logged: done']);
  const corrected = after(twice.job, ['stamp', { entries: [{ ...entry, id: 's2', replaces: 's1' }] }]);
  assert.equal(corrected.label, 'Corrected a log entry');
  const back = after(corrected.job, [
    'stamp',
    { entries: [{ ...entry, id: 's3', replaces: 's2', event: 'withdrawn' }] },
  ]);
  assert.equal(back.label, 'Logged: undone');
  const look = { id: 'i1', pieceId: 'a', face: 'front', at: '2027-03-01T08:00', by: null } as const;
  const seen = after(start, ['inspect', { inspections: [look] }], ['inspect', { inspections: [look] }]);
  assert.equal(seen.job.inspections.length, 1);
  assert.deepEqual(
    ['stamp', 'take-stamps', 'sign-off', 'rename-job'].map((name) => isRecord(name as CommandName)),
    [true, true, true, false],
  );
});

test('a step is left out once, and taken in again', () => {
  const left = { taskId: 'a/wash', at: '2027-03-01T08:00', by: null, why: 'clean' };
  const other = { ...left, taskId: 'b/wash' };
  const { job, label } = after(start, ['leave-out', { steps: [left] }], ['leave-out', { steps: [left, other] }]);
  assert.deepEqual([job.leftOut.length - start.leftOut.length, label], [2, 'Skipped 2 steps']);
  assert.deepEqual(
    after(job, ['take-in', { taskIds: ['a/wash'] }]).job.leftOut.map(({ taskId }) => taskId),
    [...start.leftOut.map(({ taskId }) => taskId), 'b/wash'],
  );
});

test('a tin that is taken off the list is boxed with no other any more', () => {
  const { job } = after(
    start,
    ['add-tin', { entry: { ...tin, id: 'one', boxedWith: [] } }],
    ['add-tin', { entry: { ...tin, id: 'two', boxedWith: ['one'] } }],
    ['remove-tin', { id: 'one' }],
  );
  assert.deepEqual(job.tins.find(({ id }) => id === 'two')?.boxedWith, []);
});

test('an own entry goes over a default and leaves what it does not name; taken off, the default is back', () => {
  const changed = after(start, [
    'change-entry',
    { compartment: 'coatings', id: enamel!.id, facts: { dryFilm: 40 } },
  ]).job;
  const own = changed.shelf.coatings.find(({ id }) => id === enamel!.id)!;
  assert.deepEqual([own.dryFilm, own.volumeSolids], [40, enamel!.volumeSolids]);
  assert.match(refusal(changed, 'add-entry', { compartment: 'coatings', entry: own }), /Already on the shelf\./);
  const back = after(changed, ['remove-entry', { compartment: 'coatings', id: enamel!.id }]).job;
  assert.equal(
    back.shelf.coatings.some(({ id }) => id === enamel!.id),
    false,
  );
  assert.match(
    refusal(start, 'change-entry', { compartment: 'coatings', id: 'gone', facts: {} }),
    /no longer on the shelf/,
  );
});

test('a task of a room is ticked and opened again, and a room’s signature goes with it', () => {
  const done = after(start, ['tick-room-task', { roomId: 'room-1', taskId: 'sheets', doneAt: '2027-03-01T08:00' }]);
  assert.match(done.label, /^Finished a task in First room/);
  assert.equal(done.job.rooms[0]?.tasks[0]?.doneAt, '2027-03-01T08:00');
  assert.match(
    after(done.job, ['tick-room-task', { roomId: 'room-1', taskId: 'sheets', doneAt: null }]).label,
    /^Reopened a task in First room/,
  );
  const signOff = { roomId: 'room-2', at: '2027-03-01T08:00', by: 'Lead', remark: '' };
  const signed = after(start, ['sign-off', { signOff }], ['sign-off', { signOff: { ...signOff, by: 'Owner' } }]).job;
  const ofLanding = (job: Job) => job.signOffs.filter(({ roomId }) => roomId === 'room-2').map(({ by }) => by);
  assert.deepEqual(ofLanding(signed), ['Owner']);
  assert.deepEqual(ofLanding(after(signed, ['remove-room', { id: 'room-2' }]).job), []);
});

test('a command that this Nivel does not know is refused by its name', () => {
  const outcome = applyWritten(start, 'paint-the-moon', {});
  assert.ok(!outcome.ok && outcome.message.includes('paint-the-moon'));
  assert.ok(!applyWritten(start, 'constructor', {}).ok, 'nor what every object has');
});

test('what earlier versions wrote down is carried out as it is written now', () => {
  const { oneSideAtATime: _one, preservesRest: _rest, ...written } = usualPiece('casement-window', 'room-1');
  const { opens: _opens, ...shape } = written.shape;
  const surface = { substrate: 'softwood', existing: 'waterborne-paint', condition: 'sound' };
  const added = applyWritten(start, 'add-pieces', {
    ids: ['old'],
    kind: 'casement-window',
    piece: { ...written, shape, surface },
  });
  assert.ok(added.ok, added.ok ? '' : added.message);
  const piece = added.value.job.pieces.at(-1)!;
  assert.equal(piece.surface.existing, 'waterborne-sheen');
  assert.equal(piece.shape.opens, 'outwards');
  const { fillers: _fillers, ...plain } = buildUp('enamel-acrylic');
  const chosen = applyWritten(added.value.job, 'choose-build-up', {
    groupId: piece.groupId,
    buildUp: { ...plain, filler: 'wood-putty' },
    chosenFor: null,
  });
  assert.ok(chosen.ok, chosen.ok ? '' : chosen.message);
  const group = chosen.value.job.groups.find(({ id }) => id === piece.groupId);
  assert.deepEqual(group?.buildUp?.fillers, ['wood-putty']);
  const edits = [{ id: 'old', facts: { surface } }];
  const revised = applyWritten(chosen.value.job, 'revise-pieces', { edits });
  assert.ok(revised.ok, revised.ok ? '' : revised.message);
  const coating = { ...DEFAULT_SHELF.coatings[0]!, id: 'own', madeFor: ['rail'], bondsTo: ['metal'] };
  const { willDo: _will, willNot: _not, ...own } = coating;
  const shelved = applyWritten(start, 'add-entry', { compartment: 'coatings', entry: own });
  assert.ok(shelved.ok, shelved.ok ? '' : shelved.message);
  assert.ok(shelved.value.job.shelf.coatings.at(-1)?.willDo.includes('metal'));
});
