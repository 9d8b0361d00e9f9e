import assert from 'node:assert/strict';
import { test } from 'node:test';
import { chooses, counts, grid, measured, measures, says, squares, type Phrase } from './phrases.ts';

const read = (phrase: Phrase, typed: string, units: 'metric' | 'us' = 'metric') => phrase.read(typed.split(' '), units);
const shape = (phrase: Phrase, typed: string, units: 'metric' | 'us' = 'metric') => read(phrase, typed, units)?.shape;

test('words that state something have to be there, all of them and in their order', () => {
  const phrase = says('two part', { parts: 2 });
  assert.deepEqual(read(phrase, 'two part door'), { taken: 2, shape: { parts: 2 } });
  assert.equal(read(phrase, 'two doors'), null);
  assert.equal(read(phrase, 'part two'), null);
  assert.equal(read(phrase, 'two'), null);
});

test('a count is a whole number before its word', () => {
  const phrase = counts('spindles', ['spindle', 'spindles'], '96 spindles');
  assert.deepEqual(read(phrase, '96 spindles long'), { taken: 2, shape: { spindles: 96 } });
  for (const typed of ['9.5 spindles', '96 doors', 'spindles 96', '12345 spindles', '96'])
    assert.equal(read(phrase, typed), null, typed);
});

test('a length stands behind its word, or before it, in the job’s units', () => {
  const girth = measures('girth', (mm) => ({ girth: mm }), 'girth 171');
  assert.deepEqual(read(girth, 'girth 171 x'), { taken: 2, shape: { girth: 171 } });
  assert.deepEqual(shape(girth, 'girth 10"', 'us'), { girth: 254 });
  for (const typed of ['girth', 'girth wide', '171 girth']) assert.equal(read(girth, typed), null, typed);
  const square = measured(['sq', 'square'], (mm) => ({ spindle: mm }), '32 sq');
  assert.deepEqual(read(square, '32 sq'), { taken: 2, shape: { spindle: 32 } });
  for (const typed of ['sq 32', '32 round', 'x sq']) assert.equal(read(square, typed), null, typed);
});

test('an area is read in square metres and feet, with its unit on the number, behind it, or in two words', () => {
  const plain = squares(null, (area) => ({ area }), '52 m2');
  for (const typed of ['52 m2', '52m2', '52 m²', '52 sqm']) assert.deepEqual(shape(plain, typed), { area: 52 }, typed);
  assert.ok(Math.abs(Number(shape(plain, '100 sq ft')?.['area']) - 9.290304) < 1e-9);
  assert.ok(Math.abs(Number(shape(plain, '100sqft')?.['area']) - 9.290304) < 1e-9);
  assert.ok(Math.abs(Number(shape(plain, '2,5 m2')?.['area']) - 2.5) < 1e-9);
  assert.equal(read(plain, '52m2 wall')?.taken, 1);
  assert.equal(read(plain, '52 m2 wall')?.taken, 2);
  assert.equal(read(plain, '52 sq ft wall')?.taken, 3);
  for (const typed of ['52', '52 doors', 'm2', 'wide m2', '52 sq']) assert.equal(read(plain, typed), null, typed);
  const less = squares('less', (area) => ({ openings: area }), 'less 3 m2');
  assert.deepEqual(read(less, 'less 3 m2'), { taken: 3, shape: { openings: 3 } });
  assert.equal(read(less, '3 m2'), null);
});

test('a grid says how many across and down', () => {
  const panes = grid(['panes', 'pane'], (columns, rows) => ({ columns, rows }), '3x4 panes');
  assert.deepEqual(read(panes, '3x4 panes'), { taken: 2, shape: { columns: 3, rows: 4 } });
  for (const typed of ['3x panes', '3x4 doors', '3x400 panes', '3x4']) assert.equal(read(panes, typed), null, typed);
});

test('one of a choice is said after its word, or by itself', () => {
  const profile = chooses('profile', 'profile', ['ovolo', 'torus'], { isMoulded: 1 });
  assert.deepEqual(read(profile, 'profile torus'), { taken: 2, shape: { isMoulded: 1, profile: 'torus' } });
  assert.deepEqual(read(profile, 'torus'), { taken: 1, shape: { isMoulded: 1, profile: 'torus' } });
  assert.equal(read(profile, 'profile'), null);
  assert.equal(read(profile, 'profile drawn'), null);
  assert.equal(profile.example, 'profile ovolo');
});
