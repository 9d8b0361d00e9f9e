import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { fitPausing, fitWhole, jointShifts, shiftEndsWithin, type Shifts } from './calendar.ts';
import { FOREVER, Profile } from './profile.ts';

const HORIZON = 60;
const use = fc.record({
  start: fc.nat(HORIZON - 1),
  length: fc.integer({ min: 1, max: 20 }),
  slots: fc.integer({ min: 1, max: 2 }),
});

test('a free place is found where counting tick by tick finds it', () => {
  fc.assert(
    fc.property(
      fc.array(use, { maxLength: 12 }),
      fc.nat(HORIZON),
      fc.integer({ min: 1, max: 15 }),
      fc.integer({ min: 1, max: 3 }),
      (uses, from, duration, slots) => {
        const profile = new Profile(3);
        const level = Array<number>(HORIZON * 3).fill(0);
        for (const { start, length, slots: taken } of uses) {
          profile.take(start, start + length, taken);
          for (let tick = start; tick < start + length; tick++) level[tick]! += taken;
        }
        let expected = from;
        const fits = (start: number): boolean =>
          level.slice(start, start + duration).every((taken) => taken + slots <= 3);
        while (!fits(expected)) expected++;
        assert.equal(profile.earliestFree(from, duration, slots), expected);
      },
    ),
  );
});

test('a hold without an end takes its slots for good, until it is given back', () => {
  const profile = new Profile(2);
  profile.take(10, FOREVER, 1);
  profile.take(20, FOREVER, 1);
  assert.equal(profile.takenForGood, 2);
  assert.equal(profile.earliestFree(0, FOREVER, 1), null);
  assert.equal(profile.earliestFree(0, FOREVER, 1, 1), 0, 'who gives one back may take one');
  assert.equal(profile.earliestFree(0, 20, 1), 0);
  assert.equal(profile.earliestFree(5, 20, 1), null);
  profile.take(40, FOREVER, -1);
  assert.equal(profile.earliestFree(5, FOREVER, 1), 40);
  assert.equal(profile.earliestFree(0, 5, 3), null, 'more than there are');
});

const calendar = fc
  .uniqueArray(fc.nat(HORIZON), { minLength: 2, maxLength: 10 })
  .map((times) => times.sort((one, other) => one - other))
  .map((times): Shifts =>
    Array.from({ length: Math.floor(times.length / 2) }, (_unused, index) => [
      times[2 * index]!,
      times[2 * index + 1]!,
    ]),
  );

const works = (shifts: Shifts, tick: number): boolean => shifts.some(([from, until]) => from <= tick && tick < until);

test('levels that rise from a tick on leave room for the same uses that begin by then', () => {
  fc.assert(
    fc.property(fc.array(use, { maxLength: 8 }), fc.nat(HORIZON), use, (uses, time, { start, length }) => {
      const [exact, rising] = [new Profile(3), new Profile(3)];
      for (const each of uses)
        for (const profile of [exact, rising]) profile.take(each.start, each.start + each.length, each.slots);
      rising.riseFrom(time);
      const from = Math.min(start, time);
      const fits = (profile: Profile): boolean => profile.earliestFree(from, length, 1) === from;
      assert.equal(fits(rising), fits(exact));
      assert.ok(rising.most <= exact.most && rising.isOverfull === rising.most > 3);
    }),
  );
});

test('joint shifts are the ticks in which everybody works', () => {
  fc.assert(
    fc.property(calendar, calendar, (one, other) => {
      const joint = jointShifts([one, other]);
      for (let tick = 0; tick <= HORIZON; tick++) {
        assert.equal(works(joint, tick), works(one, tick) && works(other, tick));
      }
    }),
  );
});

test('work in one go lies in one shift and starts as early as it can; pausing work takes the first ticks there are', () => {
  fc.assert(
    fc.property(calendar, fc.nat(HORIZON), fc.integer({ min: 1, max: 12 }), (shifts, from, work) => {
      const inside = (start: number): boolean =>
        shifts.some(([opens, closes]) => opens <= start && start + work <= closes);
      const starts = Array.from({ length: HORIZON + 1 }, (_unused, start) => start).filter(
        (start) => start >= from && inside(start),
      );
      assert.equal(fitWhole(shifts, from, work)?.start, starts[0]);
      const ticks = Array.from({ length: HORIZON + 1 }, (_unused, tick) => tick).filter(
        (tick) => tick >= from && works(shifts, tick),
      );
      const pausing = fitPausing(shifts, from, work);
      assert.equal(pausing?.start, ticks.length >= work ? ticks[0] : undefined);
      assert.equal(pausing?.end, ticks.length >= work ? ticks[work - 1]! + 1 : undefined);
    }),
  );
});

test('a shift that ends on either limit ends within them', () => {
  const shifts: Shifts = [
    [0, 10],
    [12, 20],
  ];
  assert.equal(shiftEndsWithin(shifts, 10, 10), true);
  assert.equal(shiftEndsWithin(shifts, 11, 19), false);
  assert.equal(shiftEndsWithin(shifts, 11, 20), true);
});
