import assert from 'node:assert/strict';
import { test } from 'node:test';
import { localDays } from '../units/local-day.ts';
import { SameDay, sameDayMinutes, workingDays } from './same-day.ts';

const days = localDays('2027-03-01', 'Europe/Berlin', 3);
const hours = (from: number, until: number): [number, number][] =>
  [0, 1, 2].map((day) => [day * 1440 + from * 60, day * 1440 + until * 60]);

test('a working day lasts from the first to the last hour of anybody', () => {
  const found = workingDays(days, [hours(8, 12), hours(10, 17), []]);
  assert.deepEqual(
    found.map(({ from, until }) => [from % 1440, until % 1440]),
    [
      [480, 1020],
      [480, 1020],
      [480, 1020],
    ],
  );
  assert.equal(sameDayMinutes(found), 540);
});

test('where nights are shorter than days, less than a night still tells one day from the next', () => {
  const found = workingDays(days, [hours(4, 22)]);
  // From the last minute of an evening to the first of the morning there are 360.
  assert.equal(sameDayMinutes(found), 359);
  assert.equal(sameDayMinutes([]), 0);
});

/** Off, painted for half an hour with something set up for ten minutes, and back once `dose` has been made of a clock. */
function outing(dose: number, rate = 1) {
  const painters = [{ id: 'p', shifts: [...hours(8, 12), ...hours(13, 17)].sort(([one], [other]) => one - other) }];
  const task = (id: string, work: number, more: object = {}) => ({
    id,
    work,
    painters: 1,
    spaces: [],
    pausable: false,
    ...more,
  });
  const problem = {
    painters,
    clocks: [{ id: 'air', step: 60, rate: Array.from({ length: 72 }, () => rate) }],
    windows: [{ id: 'warm', intervals: [[600, 1020] as [number, number]] }],
    setups: [{ key: 'roller', work: 10, keeps: null, acrossShifts: true }],
    waits: [
      { from: 'off', to: 'coat', atLeast: { ticks: 0 } },
      { from: 'coat', to: 'back', atLeast: { clock: 'air', dose } },
    ],
  };
  const tasks = [task('off', 5), task('coat', 30, { setup: 'roller' }), task('back', 15)];
  return {
    sameDay: new SameDay(
      problem,
      workingDays(
        days,
        painters.map(({ shifts }) => shifts),
      ),
    ),
    tasks,
  };
}

test('an outing begins no later than lets it end by evening, round the break and by the clock of its drying', () => {
  // Back from 16:45, so painted by 13:45, from 13:15; set up and off before that: by 13:05.
  const { sameDay, tasks } = outing(180);
  assert.deepEqual(sameDay.beginnings(tasks)[0], [480, 13 * 60 + 5]);
  // Twice as slow: painted by 10:45.
  const slow = outing(180, 0.5);
  assert.deepEqual(slow.sameDay.beginnings(slow.tasks)[0], [480, 10 * 60 + 5]);
  // Five hours: by 11:45, before the break.
  const long = outing(300);
  assert.deepEqual(long.sameDay.beginnings(long.tasks)[0], [480, 11 * 60 + 5]);
});

test('no day is begun that is too short for what dries, or on which nothing may be painted', () => {
  const long = outing(500);
  assert.deepEqual(long.sameDay.beginnings(long.tasks), []);
  const { sameDay, tasks } = outing(60);
  const windowed = tasks.map((task) => (task.id === 'coat' ? { ...task, window: 'warm' } : task));
  const begun = sameDay.beginnings(windowed);
  assert.deepEqual(
    begun.map(([opens]) => Math.floor(opens / 1440)),
    [0],
    'only the first day is warm enough',
  );
});

test('work for two is done while both are there, within its window', () => {
  const painters = [
    { id: 'early', shifts: hours(7, 15) },
    { id: 'late', shifts: hours(9, 17) },
  ];
  const windows = [{ id: 'warm', intervals: [[0, 14 * 60] as [number, number]] }];
  const sameDay = new SameDay(
    { painters, windows, clocks: [], setups: [], waits: [{ from: 'off', to: 'back' }] },
    workingDays(
      days,
      painters.map(({ shifts }) => shifts),
    ),
  );
  const task = { work: 60, spaces: [], pausable: false };
  const off = { ...task, id: 'off', painters: 1 };
  const back = { ...task, id: 'back', painters: 2 };
  // Both until 15:00: back from 14:00, off from 13:00.
  assert.deepEqual(sameDay.beginnings([off, back])[0], [7 * 60, 14 * 60]);
  // Warm until 14:00 on the first day alone.
  assert.deepEqual(sameDay.beginnings([off, { ...back, window: 'warm' }]), [[7 * 60, 13 * 60]]);
});
