import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readStockLengths } from './stock-lengths.ts';

const read = (typed: string, units: 'metric' | 'us' = 'metric'): number[] | string => {
  const lengths = readStockLengths(typed, units);
  return lengths.ok ? lengths.value : lengths.message;
};

test('lengths on sale as they are typed, each once, the shortest first', () => {
  assert.deepEqual(read('2400'), [2400]);
  assert.deepEqual(read('3000; 2400'), [2400, 3000]);
  assert.deepEqual(read('2400 3000 2400'), [2400, 3000]);
  assert.deepEqual(read('2.4 m, 3 m'), [2400, 3000]);
  assert.deepEqual(read("8'; 12'", 'us'), [2438.4, 3657.6]);
  assert.deepEqual(read('96 144', 'us'), [2438.4, 3657.6]);
});

test('what is no length, or none that is sold, is named', () => {
  assert.match(String(read('')), /at least one length/);
  assert.match(
    String(read('2400; long')),
    /Can’t read “long”\. Type a length, e\.g\. 826, 82\.6 cm or 2'-8 1\/2"\. Separate lengths with semicolons\./,
  );
  assert.match(String(read('2400; 30 m')), /30 m – must be 300 mm to 12 m\./);
  assert.match(String(read('240')), /240 mm – must be 300 mm to 12 m\./);
  assert.match(String(read('1000 1100 1200 1300 1400 1500 1600 1700 1800')), /9 lengths – at most 8\./);
});

test('the shortest and the longest that are sold can be stated, and not a millimetre more', () => {
  assert.deepEqual(read('300; 12000'), [300, 12_000]);
  assert.match(String(read('299')), /299 mm – must be 300 mm to 12 m\./);
  assert.match(String(read('12001')), /12 m – must be 300 mm to 12 m\./);
  assert.deepEqual(read('1000 1100 1200 1300 1400 1500 1600 1700'), [1000, 1100, 1200, 1300, 1400, 1500, 1600, 1700]);
  assert.deepEqual(read('900 900 900 900 900 900 900 900 900'), [900], 'one length stated nine times is one');
});
