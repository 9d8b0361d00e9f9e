import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { drawnSection, PROFILE_IDS, profileSection, readDrawnProfile } from './profiles.ts';

test('girths worked by hand: square, chamfered, and a quarter round by its arc', () => {
  // Out 18, down 145; at a free end back to the wall.
  assert.equal(profileSection('square', 145, 18, 'stands').girth, 163);
  assert.equal(profileSection('square', 145, 18, 'free').girth, 181);
  // A cut of 0.7 × 20 = 14: 6 out, 14√2 across, 86 down.
  assert.ok(Math.abs(profileSection('chamfer', 100, 20, 'stands').girth - (6 + 14 * Math.SQRT2 + 86)) < 1e-9);
  // A radius of 0.9 × 20 = 18: 2 out, a quarter of 36π, 82 down.
  assert.ok(Math.abs(profileSection('bullnose', 100, 20, 'stands').girth - (2 + 9 * Math.PI + 82)) < 0.02);
});

test('no profile has less girth than the straight line, nor more than twice round its box', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...PROFILE_IDS),
      fc.double({ min: 10, max: 300, noNaN: true }),
      fc.double({ min: 5, max: 90, noNaN: true }),
      (id, height, thickness) => {
        const { line, girth } = profileSection(id, height, thickness, 'free');
        assert.ok(girth >= height - 1e-6 && girth <= 4 * (height + thickness));
        assert.ok(line.every(([x, y]) => x >= -1e-9 && x <= thickness + 1e-9 && y >= -1e-9 && y <= height + 1e-9));
      },
    ),
  );
});

test('a drawn profile is read as it is written, and its girth is the length of its line', () => {
  const read = readDrawnProfile('0 0, 30 0, 30 40');
  assert.ok(read.ok);
  assert.deepEqual(read.value, [0, 0, 30, 0, 30, 40]);
  assert.equal(drawnSection(read.value).girth, 70);
  assert.equal(drawnSection([0, 0, 30, 40]).girth, 50);
  for (const [typed, message] of [
    ['0 0, 18', /Type pairs in mm, out and down: 0 0, 18 0, 18 145\./],
    ['0 0, 18 a', /Type pairs in mm, out and down: 0 0, 18 0, 18 145\./],
    ['0 0', /At least two corners, e\.g\. 0 0, 18 145\./],
    ['1 1 '.repeat(61), /At most 60 corners\./],
  ] as const) {
    const refused = readDrawnProfile(typed);
    assert.match(refused.ok ? '' : refused.message, message);
  }
});
