import assert from 'node:assert/strict';
import { test } from 'node:test';
import { weightOf } from '../job/queries/pieces.ts';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { hangsAgain, isHungAfter, isRehangStep, rehungBy, takesOff } from './rehanging.ts';
import { pieceSteps } from './piece-steps.ts';
import { isBenchWork, needsTwo, staysWhereItDries } from './step-needs.ts';
import type { PieceStep } from './step.ts';

const stepsOf = (facts: Partial<typeof DOOR> = {}): readonly PieceStep[] => {
  const made = new TestJob().door('d', facts).coated();
  return pieceSteps(made.job, made.job.pieces[0]!);
};
const named = (steps: readonly PieceStep[], is: (step: PieceStep) => boolean): string[] =>
  steps.filter(is).map(({ id }) => id.slice(2));
const steps = stepsOf();
const nightly = stepsOf({ access: { ...DOOR.access, closesAtNight: true } });

test('a door that comes off is worked on at the bench, but for what takes it off and brings it back', () => {
  assert.deepEqual(
    named(steps, (step) => !isBenchWork(step)),
    ['take-off', 'rehang'],
  );
  assert.deepEqual(named(stepsOf({ comesOff: false }), isBenchWork), [], 'what stays in place is on no bench');
});

test('a piece stays on the rack while it is coated and denibbed, not while it is prepared', () => {
  const dry = named(steps, (step) => !staysWhereItDries(step));
  assert.deepEqual(dry, ['take-off', 'wash', 'degloss', 'rehang']);
});

test('two lift a heavy door off and back; one does the rest', () => {
  const heavy = stepsOf({ shape: { width: 1000, height: 2400, thickness: 54 } });
  assert.ok(weightOf(heavy[0]!.piece) > 25);
  assert.deepEqual(named(heavy, needsTwo), ['take-off', 'rehang']);
  const light = stepsOf({ shape: { width: 500, height: 1500, thickness: 30 } });
  assert.deepEqual(named(light, needsTwo), []);
  assert.ok(needsTwo({ ...steps[3]!, painters: 2 }), 'a coat that two paint');
});

test('what takes a door off, hangs it for a night and brings it back to stay', () => {
  assert.deepEqual(named(steps, takesOff), ['take-off']);
  assert.deepEqual(named(steps, isRehangStep), ['rehang']);
  assert.deepEqual(named(steps, hangsAgain), ['rehang']);
  const nights = named(nightly, hangsAgain);
  assert.ok(nights.length > 2 && nights.every((id) => id.endsWith('hang-for-night') || id === 'rehang'));
  assert.ok(named(nightly, takesOff).every((id) => id === 'take-off' || id.endsWith('take-down')));
});

test('a door hangs after its steps if the last that moved it hung it, and before any it is not said to', () => {
  const upTo = (id: string): readonly PieceStep[] => nightly.slice(0, nightly.findIndex((step) => step.id === id) + 1);
  assert.ok(!isHungAfter([]));
  assert.ok(!isHungAfter(upTo('d/degloss')));
  assert.ok(isHungAfter(upTo('d/degloss/hang-for-night')));
  assert.ok(!isHungAfter(upTo('d/coat-1/back')));
  assert.ok(isHungAfter(nightly));
});

test('what brought a door back is the last that did, unless it was taken off again since', () => {
  const back = steps.find(isRehangStep)!;
  const off = { ...steps[0]!, id: 'd/again' };
  const at: Record<string, string> = { 'd/take-off': '2027-03-01T08:00', [back.id]: '2027-03-06T09:00' };
  const doneAt = (id: string): string | undefined => at[id];
  assert.deepEqual(rehungBy(steps, doneAt), { step: back, at: '2027-03-06T09:00' });
  assert.equal(
    rehungBy(steps, (id) => (id === 'd/take-off' ? at[id] : null)),
    null,
  );
  assert.equal(
    rehungBy(steps, () => null),
    null,
  );
  at['d/again'] = '2027-03-07T08:00';
  assert.equal(rehungBy([...steps, off], doneAt), null, 'it was taken down since');
});
