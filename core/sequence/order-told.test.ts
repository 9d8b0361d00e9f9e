import assert from 'node:assert/strict';
import { test } from 'node:test';
import { NO_WORK } from '../quantities/paint-work.ts';
import { orderGroups, orderLines } from './card-lines.ts';
import { movedStrokes, orderWords } from './order-words.ts';
import { clockAt, playedAt, playedSpan, strokeAt } from './playhead.ts';
import type { Simulation, TimedStroke } from './simulate.ts';
import type { Role, Stroke } from './stroke.ts';

const named = (name: string, more: Partial<Stroke> = {}): Stroke => ({
  id: name,
  sheet: 'front',
  role: 'panel',
  name,
  outline: [],
  holes: [],
  work: NO_WORK,
  grain: 'none',
  section: 0,
  of: name,
  ...more,
});
const timed = (strokes: readonly Stroke[], minutes = 2, start = 600): TimedStroke[] =>
  strokes.map((stroke, index) => ({
    stroke,
    number: index + 1,
    hand: { id: 'one', name: 'One', factor: 1 },
    from: start + index * minutes,
    until: start + (index + 1) * minutes,
  })) as TimedStroke[];
/** An order as simulated, with the oldest lap between its first and its last stroke. */
const simulation = (names: string, age: number | null = null): Simulation => {
  const strokes = timed(names.split('').map((name) => named(name)));
  const worst = age === null ? null : { age, earlier: strokes[0], later: strokes.at(-1) };
  return { strokes, start: 600, until: 700, stops: [], laps: [], worst } as unknown as Simulation;
};
const moves = (was: string, is: string): string[] =>
  movedStrokes(
    was.split('').map((name) => named(name)),
    is.split('').map((name) => named(name)),
  ).map(({ strokes, after }) => `${strokes.map(({ name }) => name).join('')} after ${after?.name ?? 'nothing'}`);

test('as few strokes as tell it are said to have moved, those that follow each other together', () => {
  assert.deepEqual(moves('abcdef', 'abcdef'), []);
  assert.deepEqual(moves('abcdef', 'fabcde'), ['f after nothing']);
  assert.deepEqual(moves('abcdef', 'bcdefa'), ['a after f']);
  assert.deepEqual(moves('abcdef', 'cdabef'), ['cd after nothing']);
  assert.deepEqual(moves('abcdef', 'acbdfe'), ['c after a', 'f after d']);
});

test('an order that is not another one says so; one that is says what it buys first', () => {
  assert.deepEqual(orderWords(simulation('abc', 5), simulation('abc', 5)), [
    'Same as the standard order. Longest wet edge: 5.0 min in both.',
  ]);
  assert.deepEqual(orderWords(simulation('abc', 9), simulation('cab', 6.5)), [
    'Longest wet edge: 6.5 min (c and b), was 9.0 min (a and c).',
    'C comes first.',
  ]);
  assert.equal(orderWords(simulation('abc'), simulation('cab', 6.5))[0], 'No laps.');
  assert.match(orderWords(simulation('abc', 9), simulation('bca', 8.96))[0]!, /in both/);
  assert.deepEqual(orderWords(simulation('abcd', 9), simulation('cdab', 9)).slice(1), ['C and d come first.']);
});

test('more than four moves are counted, not told', () => {
  const was = 'abcdefghijkl';
  const is = 'badcfehgjilk';
  const told = orderWords(simulation(was, 9), simulation(is, 8));
  const all = moves(was, is).length;
  assert.ok(all > 4, `${all}`);
  assert.equal(told.length, 1 + 4 + 1);
  assert.equal(told.at(-1), `${all - 4} more differences.`);
});

test('a short order is told stroke by stroke, a long one in groups of one kind, sheet and stretch', () => {
  const spindles = (count: number): Stroke[] =>
    Array.from({ length: count }, (_unused, index) =>
      named(`spindle ${index + 1}`, { role: index % 2 ? 'spindle-back' : 'spindle', section: index < 20 ? 0 : 1 }),
    );
  assert.equal(orderGroups({ strokes: timed(spindles(26)) }).length, 26);
  const groups = orderGroups({ strokes: timed([...spindles(30), named('handrail', { role: 'handrail' })]) });
  assert.deepEqual(
    groups.map(({ first, last, count }) => [first.number, last.number, count]),
    [
      [1, 20, 20],
      [21, 30, 10],
      [31, 31, 1],
    ],
  );
  const faces = orderGroups({
    strokes: timed([...spindles(20), ...spindles(20).map((each) => ({ ...each, sheet: 'back' as const }))]),
  });
  assert.deepEqual(
    faces.map(({ count }) => count),
    [20, 20],
  );
});

test('a line of the card has numbers, face where there are two, name, tool, and the minutes after the first stroke', () => {
  const on = (sheet: 'front' | 'back', role: Role, name: string): Stroke => named(name, { sheet, role });
  const strokes = timed(
    [on('front', 'panel', 'upper panel'), on('back', 'rail', 'top rail'), on('front', 'edge', 'lock edge')],
    2.5,
  );
  const lines = orderLines({ strokes, start: 600 }, 'brush', { front: 'pull side', back: 'push side' });
  assert.match(lines[0]!, /^1 {2}pull side: upper panel.* · .* · from 0\.0 min$/);
  assert.match(lines[1]!, /^2 {2}push side: top rail.* · from 2\.5 min$/);
  assert.match(lines[2]!, /^3 {2}lock edge.* · from 5\.0 min$/, 'an edge is on no side');
  const single = orderLines({ strokes: strokes.slice(0, 1), start: 600 }, 'brush', { front: 'pull side' });
  assert.match(single[0]!, /^1 {2}upper panel/);
});

test('stops are left out of what is played, and the clock jumps over them', () => {
  const pass = {
    start: 600,
    until: 700,
    stops: [
      { from: 620, until: 650 },
      { from: 670, until: 680 },
    ],
  } as Pick<Simulation, 'start' | 'until' | 'stops'>;
  assert.equal(playedSpan(pass), 60);
  assert.equal(clockAt(pass, 0), 600);
  assert.equal(clockAt(pass, 20), 620, 'a stop begins when what was before it has been played');
  assert.equal(clockAt(pass, 25), 655);
  assert.equal(clockAt(pass, 60), 700);
  for (const minutes of [0, 5, 19, 25, 39, 45, 60]) assert.equal(playedAt(pass, clockAt(pass, minutes)), minutes);
  assert.equal(playedAt(pass, 635), 20, 'nothing is played during a stop');
});

test('the stroke at a time is the last that was begun', () => {
  const strokes = timed([named('a'), named('b'), named('c')]);
  assert.equal(strokeAt({ strokes }, 599), null);
  assert.equal(strokeAt({ strokes }, 600)?.stroke.name, 'a');
  assert.equal(strokeAt({ strokes }, 601.9)?.stroke.name, 'a');
  assert.equal(strokeAt({ strokes }, 602)?.stroke.name, 'b');
  assert.equal(strokeAt({ strokes }, 9999)?.stroke.name, 'c');
});
