import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DateTime } from 'luxon';
import { hourInWords, linesOf, nightsOf, type DaysShown } from './days-shown.ts';

/** Two days of 15 °C and 60%; dark before six and from six in the evening; a shower in hour 30. */
const days = (facts: Partial<DaysShown> = {}): DaysShown => ({
  from: 0,
  until: 48,
  now: 600,
  air: { temperature: Array<number>(48).fill(15), humidity: Array<number>(48).fill(60) },
  surface: null,
  rain: Array.from({ length: 48 }, (_unused, hour) => (hour === 30 ? 5.08 : 0)),
  lanes: [
    { name: 'Enamel <satin> & "gloss"', hindrances: Array.from({ length: 48 }, () => []) },
    { name: 'Primer', hindrances: Array.from({ length: 48 }, () => ['dark' as const]) },
  ],
  midnights: [0, 1440],
  isDark: (hour) => hour % 24 < 6 || hour % 24 >= 18,
  at: (minutes) => DateTime.fromISO('2027-03-01T00:00', { zone: 'utc' }).plus({ minutes }),
  units: 'metric',
  ...facts,
});

test('each hour stands at its middle, in the degrees of the job', () => {
  const { air, dewPoint, humidity, surface } = linesOf(days({ from: 2, until: 4 }));
  assert.deepEqual(air, [
    [150, 15],
    [210, 15],
  ]);
  assert.deepEqual(humidity[0], [150, 60]);
  // The dew point of 15 °C at 60% is 7.3 °C.
  assert.ok(Math.abs(dewPoint[0]![1] - 7.3) < 0.05);
  assert.equal(surface, null);
  const us = linesOf(days({ units: 'us', surface: Array<number>(48).fill(20) }));
  assert.deepEqual([us.air[0]![1], us.surface?.[0]![1]], [59, 68]);
});

test('nights are told as spans, cut off where the chart begins and ends', () => {
  assert.deepEqual(nightsOf(days()), [
    [0, 6],
    [18, 30],
    [42, 48],
  ]);
  assert.deepEqual(nightsOf(days({ isDark: () => false })), []);
});

test('an hour is told with its rain, its face and what is against each product, in the units of the job', () => {
  const told = hourInWords(days({ surface: Array<number>(48).fill(21) }), 30);
  assert.match(told, /^<b>Tue 2 Mar, 06:00<.b><br>air 15/);
  assert.match(told, /surface 21/);
  assert.match(told, /rain 5.1 mm/);
  assert.match(told, /○ Primer: /);
  assert.match(hourInWords(days({ units: 'us' }), 30), /rain 0.20 in/);
  assert.doesNotMatch(hourInWords(days(), 12), /rain|surface/);
});

test('a product’s name is the painter’s, and no HTML', () => {
  assert.ok(hourInWords(days(), 12).includes('● Enamel &#60;satin&#62; &#38; &#34;gloss&#34;'));
});
