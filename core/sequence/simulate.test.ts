import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { RateClock } from '../units/rate-clock.ts';
import { NO_WORK } from '../quantities/paint-work.ts';
import type { Lap, LapKind } from './pass-laps.ts';
import { clockAt, playedAt, playedSpan, strokeAt } from './playhead.ts';
import { simulateStrokes, type Hand, type SimulationInput } from './simulate.ts';
import type { Role, Stroke } from './stroke.ts';
import { lapAges } from './wet-edge.ts';

const stroke = (id: string, role: Role = 'panel', more: Partial<Stroke> = {}): Stroke => ({
  id,
  sheet: 'front',
  role,
  name: id,
  outline: [],
  holes: [],
  work: NO_WORK,
  grain: 'none',
  section: 0,
  of: id,
  ...more,
});
const lap = (one: string, other: string, kind: LapKind = 'joint'): Lap => ({ one, other, kind });
const ONE: Hand = { id: 'one', name: 'one', factor: 1 };
const OTHER: Hand = { id: 'other', name: 'other', factor: 1.5 };
const MINUTES: Record<string, number> = { A: 2, B: 3, C: 2.5, D: 4, E: 1.5 };
/** A clock that runs at these rates, an hour each. */
const clock = (...rates: number[]): RateClock =>
  new RateClock([...rates, ...Array<number>(20).fill(rates.at(-1) ?? 1)], 60);

const input = (more: Partial<SimulationInput> = {}): SimulationInput => ({
  strokes: ['A', 'B', 'C', 'D', 'E'].map((id) => stroke(id)),
  laps: [lap('A', 'B'), lap('A', 'D'), lap('B', 'C'), lap('C', 'D'), lap('D', 'E'), lap('A', 'E')],
  minutesOf: ({ id }) => MINUTES[id] ?? 1,
  hands: [ONE],
  edge: { dose: 9, clock: clock(1) },
  start: 30,
  touchDry: null,
  ...more,
});

test('ages as the plain problem has them, and the lap that goes off', () => {
  const { laps, worst, until, work } = simulateStrokes(input());
  assert.deepEqual(
    laps.map(({ age }) => age),
    [2.5, 8.5, 2.75, 3.25, 2.75, 11.25],
  );
  assert.deepEqual(
    laps.map(({ state }) => state),
    ['fresh', 'close', 'fresh', 'fresh', 'fresh', 'stopped'],
  );
  // Where two strokes meet at a joint the edge may set; in the middle of a surface that shows.
  const inSurface = simulateStrokes(input({ laps: input().laps.map((lap) => ({ ...lap, kind: 'surface' as const })) }));
  assert.equal(inSurface.worst?.state, 'gone-off');
  assert.equal(inSurface.worst?.lap.other, 'E');
  assert.ok(Math.abs((inSurface.worst?.limit ?? 0) - 9) < 1e-6);
  assert.notEqual(worst?.lap.other, 'E');
  assert.equal(until, 43);
  assert.equal(work, 13);
});

test('agrees with the plain problem for any order', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray(['A', 'B', 'C', 'D', 'E'], { minLength: 5 }), fc.nat(100), (order, start) => {
      const setting = input({ strokes: order.map((id) => stroke(id)), start });
      const expected = lapAges(
        {
          openTimeMinutes: 9,
          elements: order.map((id) => ({ id, minutes: MINUTES[id] ?? 1 })),
          laps: setting.laps.map(({ one, other }) => [one, other] as const),
          before: [],
        },
        order,
      );
      simulateStrokes(setting).laps.forEach(({ age }, index) => assert.ok(Math.abs(age - expected[index]!) < 1e-9));
    }),
  );
});

test('open time is that of the minutes between: an edge sets faster when the next hour is hotter', () => {
  // Twice as fast from the sixtieth minute on: the lap A–E runs from minute 56 to 67.25.
  const { laps, strokes } = simulateStrokes(input({ edge: { dose: 9, clock: clock(1, 2) }, start: 55 }));
  const oldest = laps.at(-1)!;
  assert.ok(Math.abs(oldest.share - (4 + 2 * 7.25) / 9) < 1e-9);
  assert.ok(Math.abs(oldest.limit - (4 + 2.5)) < 1e-6);
  assert.ok(Math.abs(strokes[0]!.offAt - 62.5) < 1e-6);
  assert.ok(Math.abs(strokes[0]!.closeAt - (60 + (6.3 - 4) / 2)) < 1e-6);
});

test('where it is too cold to set, no lap gets old', () => {
  const { worst } = simulateStrokes(input({ edge: { dose: 9, clock: clock(0) } }));
  assert.equal(worst?.limit, Infinity);
  assert.equal(worst?.state, 'fresh');
});

test('two share an order: whoever is free takes the next stroke, each at their own pace', () => {
  const { strokes, until } = simulateStrokes(input({ hands: [ONE, OTHER], start: 0 }));
  assert.deepEqual(
    strokes.map(({ stroke: { id }, hand, from, until: to }) => [id, hand.id, from, to]),
    [
      ['A', 'one', 0, 2],
      ['B', 'other', 0, 4.5],
      ['C', 'one', 2, 4.5],
      ['D', 'one', 4.5, 8.5],
      ['E', 'other', 4.5, 6.75],
    ],
  );
  assert.equal(until, 8.5);
});

test('on a railing the second painter has the far sides, none before its own spindle, and both stay together', () => {
  const stretches = [0, 1, 2, 3].flatMap((section) => [
    stroke(`s${section}`, 'spindle', { section, of: `s${section}` }),
    stroke(`s${section}.far`, 'spindle-back', { section, of: `s${section}` }),
  ]);
  const { strokes } = simulateStrokes(
    input({ strokes: stretches, laps: [], hands: [ONE, { ...OTHER, factor: 4 }], start: 0 }),
  );
  const at = (id: string) => strokes.find((entry) => entry.stroke.id === id)!;
  for (const section of [0, 1, 2, 3]) {
    assert.equal(at(`s${section}`).hand.id, 'one');
    assert.equal(at(`s${section}.far`).hand.id, 'other');
    assert.ok(at(`s${section}.far`).from >= at(`s${section}`).until);
  }
  assert.ok(at('s3').from >= at('s1.far').until);
});

test('stopping at joints leaves out what would drag, with all of its surface, until it is touch dry', () => {
  const strokes = [stroke('A'), stroke('B'), stroke('C'), stroke('D', 'length'), stroke('E', 'length')];
  const laps = [lap('A', 'E', 'joint'), lap('D', 'E', 'surface'), lap('A', 'B', 'joint')];
  const result = simulateStrokes(input({ strokes, laps, touchDry: (from) => from + 60 }));
  assert.deepEqual(
    result.strokes.map(({ stroke: { id } }) => id),
    ['A', 'B', 'C', 'D', 'E'],
  );
  // E would meet A after 11.25 of 9 minutes; D lies in one surface with E and waits with it.
  assert.deepEqual(result.stops, [{ from: 37.5, until: 97.5 }]);
  assert.equal(result.strokes[3]?.from, 97.5);
  assert.deepEqual(
    result.laps.map(({ state }) => state),
    ['stopped', 'fresh', 'fresh'],
  );
  assert.equal(result.worst?.state, 'fresh');
  assert.equal(result.work, 13);
});

test('a lap in the middle of a surface is not stopped at', () => {
  const result = simulateStrokes(input({ laps: [lap('A', 'E', 'surface')], touchDry: (from) => from + 60 }));
  assert.deepEqual(result.stops, []);
  assert.equal(result.laps[0]?.state, 'gone-off');
});

test('the playhead leaves stops out, and goes back and forth', () => {
  const result = simulateStrokes(input({ laps: [lap('A', 'E', 'joint')], touchDry: (from) => from + 60 }));
  assert.equal(playedSpan(result), 13);
  fc.assert(
    fc.property(fc.double({ min: 0, max: 13, noNaN: true }), (minutes) => {
      assert.ok(Math.abs(playedAt(result, clockAt(result, minutes)) - minutes) < 1e-9);
    }),
  );
  assert.equal(strokeAt(result, clockAt(result, 12.9))?.stroke.id, 'E');
  assert.equal(strokeAt(result, result.start - 1), null);
});
