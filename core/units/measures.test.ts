import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { AREA, formatDuration, TEMPERATURE, VOLUME } from './measures.ts';

test('figures as they are read in both systems', () => {
  const rows: readonly (readonly [string, string])[] = [
    [AREA.format(1.685, 'metric'), '1.69 m²'],
    [AREA.format(1.685, 'us'), '18.1 sq ft'],
    [VOLUME.format(0.75, 'metric'), '0.75 L'],
    [VOLUME.format(0.75, 'us'), '25.4 fl oz'],
    [VOLUME.format(0.946353, 'us'), '1.00 qt'],
    [VOLUME.format(2.5, 'us'), '2.64 qt'],
    [TEMPERATURE.format(18, 'metric'), '18 °C'],
    [TEMPERATURE.format(18, 'us'), '64 °F'],
    [TEMPERATURE.format(-3.2, 'metric'), '-3 °C'],
    [formatDuration(25), '25 min'],
    [formatDuration(59.6), '1 h'],
    [formatDuration(125), '2 h 5 min'],
    [formatDuration(180), '3 h'],
    [formatDuration(2 * 1440), '2 days'],
    [formatDuration(2.25 * 1440), '2.3 days'],
  ];
  for (const [said, expected] of rows) assert.equal(said, expected);
});

test('a temperature typed in either scale comes back as it was typed', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -200, max: 1200 }),
      fc.constantFrom('metric' as const, 'us' as const),
      (tenths, system) => {
        const typed = tenths / 10;
        assert.equal(TEMPERATURE.fieldValue(TEMPERATURE.fromField(typed, system), system), typed);
      },
    ),
  );
});
