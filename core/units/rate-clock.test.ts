import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { RateClock } from './rate-clock.ts';

const HAIR = 1e-6;
const near = (actual: number, expected: number): void => assert.ok(Math.abs(actual - expected) < HAIR, `${actual}`);

test('a clock with an hour of full and an hour of half pace, worked by hand', () => {
  const clock = new RateClock([1, 0.5], 60);
  near(clock.progress(0, 120), 90);
  near(clock.progress(30, 90), 45);
  near(clock.reach(0, 60), 60);
  near(clock.reach(30, 45), 90);
  near(clock.reach(0, 90), 120);
  near(clock.latest(120, 45), 45);
  near(clock.latest(60, 60), 0);
  assert.equal(clock.reach(0, 90.1), Infinity, 'it stands still beyond its steps');
  assert.equal(clock.latest(120, 90.1), -Infinity);
});

test('before its beginning and after its end a clock stands still', () => {
  const clock = new RateClock([2, 1], 10);
  near(clock.progress(-50, 5), 10);
  near(clock.progress(15, 500), 5);
  near(clock.progress(20, 500), 0);
  near(clock.progress(-20, 0), 0);
  near(clock.reach(-50, 10), 5);
  near(clock.latest(500, 5), 15);
  assert.equal(clock.progress(15, 5), 0);
  assert.equal(clock.progress(5, 5), 0);
  assert.equal(new RateClock([], 10).progress(0, 100), 0);
  assert.equal(new RateClock([], 10).reach(0, 1), Infinity);
});

test('hours in which it stands still are waited out, and the last moment before them is told', () => {
  const clock = new RateClock([1, 0, 0, 1], 10);
  near(clock.reach(5, 5), 10);
  near(clock.reach(5, 5.001), 30.001);
  near(clock.reach(10, 1), 31);
  // From 5 on, ten have been made by 35; whoever begins in the night has lost nothing by that.
  near(clock.latest(35, 10), 5);
  near(clock.latest(35, 5), 30);
  near(clock.latest(30, 10), 0);
});

test('nothing is made at once, and at any time', () => {
  const clock = new RateClock([0, 1], 10);
  assert.equal(clock.reach(3, 0), 3);
  assert.equal(clock.reach(3, 1e-9), 3);
  assert.equal(clock.latest(3, 0), 3);
  assert.equal(clock.reachWhole(3.5, 0), 4);
});

test('whole times are rounded up, but not for a hair of a sum', () => {
  const clock = new RateClock([1, 1], 10);
  assert.equal(clock.reachWhole(0, 7), 7);
  assert.equal(clock.reachWhole(0, 7.2), 8);
  assert.equal(clock.reachWhole(0, 0.1 + 0.2 + 6.7), 7);
  assert.equal(clock.reachWhole(0.5, 1), 2);
  assert.equal(clock.reachWhole(0, 21), Infinity);
});

test('a dose that is just made is made, and just not passed', () => {
  const clock = new RateClock([1, 1], 10);
  assert.ok(clock.hasMade(0, 7, 7));
  assert.ok(!clock.hasMade(0, 7, 7.001));
  assert.ok(!clock.hasPassed(0, 7, 7));
  assert.ok(clock.hasPassed(0, 7.001, 7));
  assert.ok(clock.hasMade(0, 0.3, 0.1 + 0.2), 'rounding is forgiven');
});

test('a dose that is made exactly at the end of a step, or of the clock, is made there', () => {
  const long = new RateClock(Array<number>(200).fill(1), 60);
  for (const steps of [1, 15, 16, 17, 18, 33, 48, 49, 64, 128, 199, 200]) near(long.reach(0, steps * 60), steps * 60);
  near(long.reach(30, 16 * 60), 30 + 16 * 60);
  assert.equal(long.reach(1, 200 * 60), Infinity);
  near(long.latest(200 * 60, 200 * 60), 0);
});

test('a dose far ahead is found like one at hand: the first time by which it is made', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(0, 0.25, 1, 2), { minLength: 1, maxLength: 400 }),
      fc.nat({ max: 300 }),
      fc.nat({ max: 400 }),
      (rates, from, dose) => {
        const clock = new RateClock(rates, 1);
        const reached = clock.reach(from, dose);
        if (reached === Infinity) {
          assert.ok(clock.progress(from, rates.length) < dose - HAIR);
          return;
        }
        assert.ok(clock.progress(from, reached) >= dose - HAIR, 'it is made by then');
        assert.ok(clock.progress(from, reached - 1e-4) < dose || reached === from, 'and not before');
        const latest = clock.latest(reached + HAIR, dose);
        assert.ok(latest >= from - HAIR && clock.progress(latest, reached + HAIR) >= dose - HAIR);
      },
    ),
    { numRuns: 300 },
  );
});
