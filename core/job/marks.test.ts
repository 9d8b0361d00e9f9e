import assert from 'node:assert/strict';
import { test } from 'node:test';
import { marksInWords, nextMarks } from './marks.ts';

const WORDS: readonly (readonly [string[], string])[] = [
  [[], ''],
  [['D-01'], 'D-01'],
  [['D-02', 'D-01'], 'D-01, D-02'],
  [['C-04', 'C-02', 'C-03', 'D-05', 'C-01', 'C-07'], 'C-01 to C-04, C-07, D-05'],
  [['D-99', 'D-100', 'D-98'], 'D-98 to D-100'],
  [['C-03', 'C-01', 'D-02'], 'C-01, C-03, D-02'],
  [['C-01', 'C-01', 'C-02'], 'C-01, C-02'],
];

test('marks in a row are a span, from three on, and letters are kept apart', () => {
  for (const [marks, words] of WORDS) assert.equal(marksInWords(marks), words);
});

test('marks go on after the highest of their letter and past ninety-nine', () => {
  assert.deepEqual(nextMarks(['D-99', 'F-03'], 'flush-door', 2), ['D-100', 'D-101']);
  assert.deepEqual(nextMarks([], 'drawer-front', 1), ['F-01']);
});
