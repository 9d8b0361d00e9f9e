import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { BoundReason } from '../../scheduling/bound/lower-bound.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { zoneSpace } from '../drafting/spaces.ts';
import { boundWords } from './bound-words.ts';

const made = new TestJob()
  .door('a')
  .door('b')
  .coated()
  .tell('change-room', { id: 'room-1', facts: { name: 'Hall', maxOff: 3, zonesAtOnce: 2 } });
const problem = jobToProblem(made.job, '2027-03-01T07:00');
const told = (because: BoundReason, tickMinutes = 1): string =>
  boundWords(made.job, { ...problem, problem: { ...problem.problem, tickMinutes } }, because, (tick) => `tick ${tick}`);
const crew = (work: number, hours: number): BoundReason => ({ kind: 'crew', from: 5, until: 9, work, hours });
const space = (id: string): string => told({ kind: 'space', space: id, from: 1, until: 8, uses: 4 });

test('a chain is told by the piece at its end, and by how many steps it has', () => {
  assert.match(
    told({ kind: 'chain', tasks: ['a/wash', 'b/coat-1/back'] }),
    /D-02 alone needs that long: 2 steps with drying in between/,
  );
  assert.match(
    told({ kind: 'chain', tasks: ['a/wash', 'dry/room-1'] }),
    /^D-01 alone needs that long/,
    'the last that is a piece',
  );
  assert.match(told({ kind: 'chain', tasks: ['dry/room-1'] }), /^The longest piece alone needs that long/);
});

test('work and hours are told in minutes up to ten hours, in whole hours above, whatever a tick is', () => {
  assert.match(told(crew(90, 60)), /From tick 5, 1 h 30 min of work is left\. The crew has 1 h by tick 9$/);
  assert.match(told(crew(599, 60)), /From tick 5, 9 h 59 min of work is left\. The crew has 1 h by tick 9/);
  assert.match(told(crew(600, 60)), /From tick 5, 10 h of work is left\. The crew has 1 h by tick 9/);
  assert.match(told(crew(629, 60)), /From tick 5, 10 h of work is left\. The crew has 1 h by tick 9/);
  assert.match(told(crew(45, 12), 20), /From tick 5, 15 h of work is left\. The crew has 4 h by tick 9/);
  assert.match(
    told(crew(601, 600)),
    /10 h of work is left\. The crew has just under that by tick 9$/,
    'not ten hours against ten',
  );
});

test('a place is told by its name, a room by what may be off in it, or by its zones', () => {
  const rack = made.job.places.find(({ kind }) => kind === 'rack')!;
  assert.match(space(rack.id), new RegExp(`^${rack.name} is the bottleneck: 4 turns needed from tick 1 to tick 8`));
  assert.match(space('off/room-1'), /^Max 3 off in Hall is the bottleneck/);
  assert.match(space(zoneSpace('room-1')), /^Max 2 zones at once in Hall is the bottleneck/);
  assert.match(space('air/house'), /^Dust-free air is the bottleneck/);
});

test('where everything was tried it is said so', () => {
  assert.equal(told({ kind: 'exhausted' }), 'Every possible order was checked');
});
