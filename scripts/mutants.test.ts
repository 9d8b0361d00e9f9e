import assert from 'node:assert/strict';
import { test } from 'node:test';
import { mutantsOf } from './mutants.ts';

const faults = (text: string): string[] => mutantsOf(text, 'x.ts').map(({ was, becomes }) => `${was} → ${becomes}`);

test('comparisons, sums, conditions, numbers and choices of a list are put wrong', () => {
  assert.deepEqual(faults('const x = (a: number) => a < 3;'), ['< → <=', '3 → (3 + 1)']);
  assert.deepEqual(faults('if (!done) list.some(isWet);'), ['!done → false', '!done → done', 'some → every']);
  assert.deepEqual(faults('const y = wet ? 0 : true;'), ['wet → !(wet)', '0 → 1', 'true → false']);
});

test('what stands in for an entry of a list is left alone, and what stands in for a missing figure is not', () => {
  assert.deepEqual(faults('const x = sums[i] ?? 0;'), ['?? → &&']);
  assert.deepEqual(faults('const x = sums.get(i) ?? 0;'), ['?? → &&', '0 → 1']);
});

test('a search by id has one answer, any other has a first and a last', () => {
  assert.deepEqual(faults('const x = list.find(({ id }) => id === asked);'), ['=== → !==']);
  assert.deepEqual(faults('const x = list.find(({ isWet }) => isWet);'), ['find → findLast']);
});

test('types, imports and sentences are left alone', () => {
  assert.deepEqual(faults("import { a } from './a.ts'; const s: 1 | 2 = a + ' tins';"), []);
});
