import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { pieceSteps } from './piece-steps.ts';
import { horizonDays } from './plan-horizon.ts';
import { isCoat } from './wetness/current-coats.ts';

const doors = (count: number): TestJob => {
  const made = new TestJob();
  for (let door = 0; door < count; door++) made.door(`d${door}`);
  return made.coated();
};
const rack = (made: TestJob, slots: number): TestJob =>
  made.tell('change-place', { id: made.job.places.find(({ kind }) => kind === 'rack')!.id, facts: { slots } });

test('a small job is planned for a season, and none beyond two years', () => {
  assert.equal(horizonDays(new TestJob().job, 1), 90);
  assert.equal(horizonDays(doors(1).job, 1), 90);
  assert.equal(horizonDays(rack(doors(120), 1).job, 1), 700);
});

test('work beyond a season: the weeks that it fills with idling, and forty days to dry; worked by hand', () => {
  const made = rack(doors(90), 200);
  const minutes = made.job.pieces
    .flatMap((piece) => pieceSteps(made.job, piece))
    .reduce((sum, step) => sum + Math.max(1, Math.ceil(step.minutes * 2 - 1e-9)), 0);
  const week = Object.values(made.job.crew[0]!.week)
    .flat()
    .reduce((sum, { from, until }) => sum + clock(until) - clock(from), 0);
  const days = Math.ceil(40 + (1.8 * 7 * minutes) / week);
  assert.ok(days > 90 && days < 700, `${days}`);
  assert.equal(horizonDays(made.job, 2), days);
});
const clock = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));

test('where the rack is short, or few may be off at once, pieces queue for it, a day and a half a coat', () => {
  const made = rack(doors(20), 2);
  const coats = made.job.pieces.flatMap((piece) => pieceSteps(made.job, piece)).filter(isCoat).length;
  assert.equal(horizonDays(made.job, 0.01), Math.ceil(40 + (1.4 * coats) / 2));
  const wide = rack(doors(20), 200).tell('change-room', { id: 'room-1', facts: { maxOff: 1 } });
  assert.equal(horizonDays(wide.job, 0.01), Math.ceil(40 + 1.4 * coats));
});

test('a crew that never works needs no horizon beyond the usual', () => {
  const made = doors(40);
  const none = { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [] };
  made.tell('change-painter', { id: 'painter-1', facts: { week: none } });
  assert.equal(horizonDays(made.job, 1), 90);
});
