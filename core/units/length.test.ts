import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { lengthsIn, formatLength, lengthFieldText, parseLength } from './length.ts';
import { inVocabulary } from './vocabulary.ts';

const READ: readonly (readonly [string, 'metric' | 'us', number])[] = [
  ['826', 'metric', 826],
  ['82,6 cm', 'metric', 826],
  ['2.04m', 'metric', 2040],
  ['32 1/2', 'us', 825.5],
  ['2\'-8 1/2"', 'metric', 825.5],
  ["6'8", 'us', 2032],
  ['6 ft 8 in', 'metric', 2032],
  ['1 3/8"', 'us', 34.92],
  ['3/4', 'us', 19.05],
  ['35 mm', 'us', 35],
];

test('lengths as painters write them', () => {
  for (const [text, system, mm] of READ) {
    const read = parseLength(text, system);
    assert.ok(read.ok, text);
    assert.equal(read.value, mm, text);
  }
});

test('what is no length is refused with what would be right', () => {
  for (const text of ['', 'wide', '12 3', '1/0', '8 feet and a bit', '-5']) {
    const read = parseLength(text, 'metric');
    assert.equal(read.ok, false, text);
    assert.match(read.ok ? '' : read.message, /826/);
  }
});

test('a length written in inches is read back within a 32nd', () => {
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 4000 }), (mm) => {
      const read = parseLength(lengthFieldText(mm, 'us'), 'us');
      assert.ok(read.ok && Math.abs(read.value - mm) <= 25.4 / 32 + 0.01);
    }),
  );
  assert.equal(formatLength(825.5, 'us'), '32 1/2"');
});

test('sentences are said in the other vocabulary, capitals and plurals kept', () => {
  assert.equal(inVocabulary('Tins of bare timber in the cupboards', 'us'), 'Cans of bare wood in the cabinets');
  assert.equal(inVocabulary('Tins', 'uk'), 'Tins');
});

test('lengths in a sentence are said in the system of the job', () => {
  assert.equal(lengthsIn('a 50 mm brush, 2 mm onto the glass', 'us'), 'a 2" brush, 1/16" onto the glass');
  assert.equal(lengthsIn('a 50 mm brush', 'metric'), 'a 50 mm brush');
});
