import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { baysOf, railingParts, spindleGap, spindleGirth, spindlesFor, spindlesNeeded } from './railing-bays.ts';

/** Two metres and a half between three newels of 90 mm: two bays of 1115 mm. */
const SHAPE = {
  ...{ length: 2500, height: 900, spindles: 20, section: 'square' as const, spindle: 35 },
  ...{ newels: 3, newel: 90, newelHeight: 1100, handrailWidth: 60, handrailDepth: 45 },
  ...{ bottomRailWidth: 40, bottomRailDepth: 35, underBottomRail: 80, largestGap: 100 },
} as const;
const near = (actual: number, expected: number): void =>
  assert.ok(Math.abs(actual - expected) < 1e-6, `${actual} against ${expected}`);

test('bays lie between newels at even distances, with the spindles shared out', () => {
  assert.deepEqual(baysOf(SHAPE), [
    { left: 90, clear: 1115, spindles: 10, gap: (1115 - 350) / 11 },
    { left: 1295, clear: 1115, spindles: 10, gap: (1115 - 350) / 11 },
  ]);
  assert.deepEqual(
    baysOf({ ...SHAPE, spindles: 21 }).map(({ spindles }) => spindles),
    [10, 11],
  );
  assert.deepEqual(baysOf({ ...SHAPE, newels: 0 }), [{ left: 0, clear: 2500, spindles: 20, gap: (2500 - 700) / 21 }]);
  assert.deepEqual(baysOf({ ...SHAPE, newels: 1 })[0]?.left, 90, 'a single one stands at the start');
});

test('the fewest spindles keep the largest gap, and one fewer does not', () => {
  fc.assert(
    fc.property(fc.integer({ min: 100, max: 4000 }), fc.integer({ min: 12, max: 60 }), (bay, spindle) => {
      const count = spindlesFor(bay, spindle, 100);
      assert.ok(spindleGap(bay, spindle, count) <= 100 + 1e-6);
      if (count > 0) assert.ok(spindleGap(bay, spindle, count - 1) > 100);
    }),
  );
  assert.equal(spindlesFor(100, 35, 100), 0, 'a gap that needs none');
  assert.equal(spindlesNeeded(SHAPE), 2 * spindlesFor(1115, 35, 100));
});

test('a member counts with all its sides', () => {
  near(spindleGirth('square', 35), 140);
  near(spindleGirth('round', 35), Math.PI * 35);
  near(spindleGirth('turned', 35), Math.PI * 35 * 1.1);
  const { elements } = railingParts(SHAPE);
  const area = (id: string): number => elements.find((element) => element.id === id)!.developedArea * 1e6;
  near(area('newel-1'), 4 * 90 * 1100 + 90 * 90);
  near(area('handrail-1'), 1115 * 2 * (60 + 45));
  near(area('bottom-rail-2'), 1115 * 2 * (40 + 35));
  // From under the handrail to the bottom rail: 900 − 45 − 80 − 35.
  near(area('spindle-1'), 140 * 740);
});

test('a railing has its members by name, and as much air between them as is left', () => {
  const { elements, unpainted, width, height } = railingParts(SHAPE);
  assert.deepEqual([width, height], [2500, 1100], 'as high as its newels');
  const count = (part: string): number => elements.filter((element) => element.part === part).length;
  assert.deepEqual(['newel', 'handrail', 'bottom-rail', 'spindle'].map(count), [3, 2, 2, 20]);
  assert.ok(elements.some(({ name }) => name === 'bottom rail of bay 2'));
  assert.equal(new Set(elements.map(({ id }) => id)).size, elements.length);
  // A gap before each spindle and behind the last of a bay; above the handrail, and below the bottom rail.
  assert.equal(unpainted.length, 20 + 2 + 2 + 2);
  const fronts = elements.reduce((sum, element) => sum + element.projectedArea, 0) * 1e6;
  const air = unpainted.reduce((sum, { outline }) => {
    const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
    return sum + (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  }, 0);
  near(fronts + air, 2500 * 1100);
});

test('one bay is called by no number, and without a bottom rail or newels there is none', () => {
  const { elements, height } = railingParts({ ...SHAPE, newels: 0, bottomRailDepth: 0 });
  assert.equal(height, 900);
  assert.ok(elements.some(({ name }) => name === 'handrail'));
  assert.ok(!elements.some(({ part }) => part === 'bottom-rail' || part === 'newel'));
});
