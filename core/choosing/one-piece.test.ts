import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Week } from '../job/document/crew-schema.ts';
import { buildUp, TestJob } from '../fixtures/jobs.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { daysAccount } from './days-account.ts';
import { OnePiece } from './one-piece.ts';

const NONE: Week = { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [] };
const AROUND_THE_CLOCK: Week = Object.fromEntries(
  Object.keys(NONE).map((day) => [day, [{ from: '00:00', until: '23:59' }]]),
) as Week;
const working = (week: Week): TestJob =>
  new TestJob()
    .door('d')
    .coated()
    .tell('change-painter', { id: 'painter-1', facts: { week, skill: 'professional' } });
const days = (made: TestJob): number => new OnePiece(made.job).days(made.job.pieces[0]!, made.job.groups[0]!);

test('nobody to do it, or nothing to do, takes no days', () => {
  assert.equal(days(working(NONE)), 0);
  const undone = new TestJob().door('d');
  assert.equal(days(undone), 0);
});

test('with hands around the clock it is the work and the drying, and never less than the work', () => {
  const made = working(AROUND_THE_CLOCK);
  const minutes = pieceSteps(made.job, made.job.pieces[0]!).reduce((sum, step) => sum + Math.ceil(step.minutes), 0);
  const took = days(made);
  const rest = /days off: ([\d.]+) (days|h)/.exec(
    daysAccount(made.job, made.job.pieces[0]!, made.job.groups[0]!).join(' '),
  );
  assert.ok(rest && Number(rest[1]) / (rest[2] === 'h' ? 24 : 1) < took, 'waiting is a part of it');
  assert.ok(took * 1440 >= minutes, `${took} days for ${minutes} minutes`);
  const office = days(working({ ...AROUND_THE_CLOCK, sat: [], sun: [] }));
  assert.ok(office >= took - 1e-9, 'free weekends bring nothing forward');
});

test('two who take turns are as quick as their hours together, and gaps between them are waited out', () => {
  const shift = (from: string, until: string): Week =>
    Object.fromEntries(Object.keys(NONE).map((day) => [day, [{ from, until }]])) as Week;
  const alone = working(shift('08:00', '12:00'));
  const both = working(shift('08:00', '12:00'));
  both.tell('add-painter', {
    entry: { ...both.job.crew[0]!, id: 'painter-2', name: 'Helper', week: shift('12:00', '18:00') },
  });
  const joined = working(shift('08:00', '18:00'));
  assert.ok(days(both) <= days(alone));
  assert.ok(Math.abs(days(both) - days(joined)) < 1e-9, `${days(both)} and ${days(joined)}`);
});

test('what can’t dry within the horizon never ends', () => {
  const frozen = working(AROUND_THE_CLOCK);
  for (const { id } of frozen.job.climates)
    frozen.tell('change-climate', {
      id,
      facts: { usual: { warmest: -10, coldest: -15, humidityAtWarmest: 80, humidityAtColdest: 80 }, heating: null },
    });
  assert.equal(days(frozen), Infinity);
});

test('a build-up of more coats takes longer', () => {
  const made = working(AROUND_THE_CLOCK);
  const one = new OnePiece(made.job);
  const [piece, group] = [made.job.pieces[0]!, made.job.groups[0]!];
  const usual = buildUp('enamel-acrylic');
  const longer = { ...usual, coats: [...usual.coats, usual.coats.at(-1)!] };
  assert.ok(one.days(piece, { ...group, buildUp: longer }) > one.days(piece, { ...group, buildUp: usual }));
});
