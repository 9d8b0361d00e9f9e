import assert from 'node:assert/strict';
import { test } from 'node:test';
import { heatedHours, warmingHours } from './warming-up.ts';

const usual = { warmest: 14, coldest: 8, humidityAtWarmest: 60, humidityAtColdest: 80 };
const heating = { spans: [{ setPoint: 20, from: 22, until: 6 }], warmUp: 3, holds: 2, onSince: null };

test('a shed of 8 °C that gains 3 K an hour is at 20 °C after four hours of heating', () => {
  assert.equal(warmingHours({ usual, heating }), 4);
  assert.equal(warmingHours({ usual, heating: null }), 0);
  assert.equal(warmingHours({ usual: { ...usual, coldest: 21 }, heating }), 0, 'warm enough as it is');
});

test('heating over midnight is on in the hours of its span alone', () => {
  const on = heatedHours(heating).flatMap((is, hour) => (is ? [hour] : []));
  assert.deepEqual(on, [0, 1, 2, 3, 4, 5, 22, 23]);
});
