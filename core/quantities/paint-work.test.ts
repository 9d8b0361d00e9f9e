import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Element } from '../pieces/elevation.ts';
import { workOf } from './paint-work.ts';

const element = (facts: Partial<Element>): Element =>
  ({
    id: 'e',
    part: 'panel',
    name: 'panel',
    outline: [
      [0, 0],
      [400, 0],
      [400, 900],
      [0, 900],
    ],
    projectedArea: 0.36,
    developedArea: 0.36,
    cutIn: 2600,
    ...facts,
  }) as Element;

test('what is flat is flat, all the way to the last square millimetre', () => {
  const { flat, profiled, cutIn, area } = workOf(element({}));
  assert.deepEqual([flat, profiled, cutIn, area], [0.36, 0, 2.6, 0.36]);
});

test('what is larger unrolled than seen is profiled as a whole, unless its relief is known', () => {
  const moulded = workOf(element({ developedArea: 0.4 }));
  assert.deepEqual([moulded.profiled, moulded.flat], [0.4, 0]);
  const fielded = workOf(element({ developedArea: 0.4, relief: { area: 0.1 } as Element['relief'] }));
  assert.ok(Math.abs(fielded.profiled - 0.1) < 1e-12 && Math.abs(fielded.flat - 0.3) < 1e-12);
});

test('a spindle counts its two sides, glazing its length along the glass, a bar its longer side', () => {
  assert.equal(workOf(element({ part: 'spindle' })).spindleSides, 2);
  assert.equal(workOf(element({ part: 'glazing-moulding', cutIn: 3200 })).alongGlass, 3.2);
  const bar = element({
    part: 'glazing-bar',
    outline: [
      [100, 50],
      [122, 50],
      [122, 850],
      [100, 850],
    ],
  });
  assert.equal(workOf(bar).bars, 0.8);
  const across = element({
    part: 'glazing-bar',
    outline: [
      [-300, 50],
      [300, 50],
      [300, 72],
      [-300, 72],
    ],
  });
  assert.equal(workOf(across).bars, 0.6);
});
