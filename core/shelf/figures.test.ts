import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { DEFAULT_SHELF, COMPARTMENT_IDS } from './shelf.ts';
import { FIGURES, figureWords, readFigure, unitOf, valueAt, withFigure, writeFigure, type Figure } from './figures.ts';

const figure = (path: string, of: keyof typeof FIGURES = 'coatings'): Figure =>
  FIGURES[of].find((each) => each.path === path)!;
const refusal = (of: Figure, typed: string, system?: 'us' | 'metric'): string => {
  const read = readFigure(of, typed, system);
  assert.ok(!read.ok, `“${typed}” was taken`);
  return read.message;
};
const value = (of: Figure, typed: string, system?: 'us' | 'metric' | 'imperial'): unknown => {
  const read = readFigure(of, typed, system);
  assert.ok(read.ok, read.ok ? '' : read.message);
  return read.value;
};

test('every figure of every entry is written and read back the same, as files have it', () => {
  for (const compartment of COMPARTMENT_IDS) {
    for (const entry of DEFAULT_SHELF[compartment]) {
      for (const each of FIGURES[compartment]) {
        const stored = valueAt(entry, each.path);
        const read = value(each, writeFigure(each, stored));
        assert.deepEqual(read ?? null, stored ?? null, `${entry.id}: ${each.path}`);
      }
    }
  }
});

test('a US tin is read in mils, °F, pounds a gallon and quarts, and stored in SI', () => {
  const near = (actual: unknown, expected: number): void =>
    assert.ok(Math.abs(Number(actual) - expected) < 1e-6, JSON.stringify(actual));
  near(value(figure('dryFilm'), '1.5', 'us'), 38.1);
  near(value(figure('minTemperature'), '50', 'us'), 10);
  near(value(figure('density'), '10', 'us'), 1.198264273);
  near(value(figure('density'), '10', 'imperial'), 0.997763);
  near(value(figure('dilution', 'cleaners'), '8', 'us'), 62.5);
  const tins = value(figure('tins'), '1:24 4:80', 'us') as { litres: number; price: number }[];
  near(tins[0]!.litres, 0.946352946);
  assert.deepEqual(
    tins.map(({ price }) => price),
    [24, 80],
  );
  const recoat = value(figure('recoatAt'), '50:24 68:12', 'us') as { temperature: number; hours: number }[];
  assert.deepEqual(
    recoat.map(({ temperature, hours }) => [Math.round(temperature * 1e6) / 1e6, hours]),
    [
      [10, 24],
      [20, 12],
    ],
  );
});

test('units stand beside figures as the job has them, and what has none has none', () => {
  assert.equal(unitOf(figure('dryFilm'), 'metric'), 'µm');
  assert.equal(unitOf(figure('dryFilm'), 'us'), 'mil');
  assert.equal(unitOf(figure('minTemperature'), 'imperial'), '°C');
  assert.equal(unitOf(figure('volumeSolids'), 'us'), '%');
  assert.equal(unitOf(figure('recoatAt'), 'us'), '°F:h');
  assert.equal(unitOf(figure('tins'), 'metric'), 'L:price');
  assert.equal(unitOf(figure('role'), 'us'), '');
  assert.equal(figureWords(figure('dryFilm'), 32, 'metric'), '32 µm');
  assert.equal(figureWords(figure('dryFilm'), 32, 'us'), '1.26 mil');
  assert.equal(figureWords(figure('family'), 'two-part', 'us'), 'two part');
  assert.equal(figureWords(figure('potLife'), null, 'us'), '');
  assert.equal(figureWords(figure('toughness'), 4, 'us'), '4');
});

test('what is shown in any system is read back within the rounding of two decimals', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('dryFilm', 'minTemperature', 'density'),
      fc.constantFrom('metric' as const, 'us' as const, 'imperial' as const),
      fc.integer({ min: 5, max: 90 }),
      (path, system, stored) => {
        const of = figure(path);
        const back = Number(value(of, writeFigure(of, stored, system), system));
        assert.ok(Math.abs(back - stored) <= 0.005 * 26, `${back} for ${stored}`);
        if (system === 'metric') assert.equal(back, stored);
      },
    ),
  );
});

test('what is no figure is refused with what would be right, in the unit that is typed', () => {
  assert.equal(refusal(figure('dryFilm'), 'thick'), 'Dry film per coat: type a number in µm.');
  assert.equal(refusal(figure('dryFilm'), '', 'us'), 'Dry film per coat: type a number in mil.');
  assert.equal(refusal(figure('toughness'), 'very'), 'Toughness, 1 to 5: type a number.');
  assert.match(refusal(figure('tins'), '2.5'), /Tins: type pairs like 0\.75:26 2\.5:64\./);
  assert.match(refusal(figure('tins'), '2.5:64:3'), /Tins: type pairs like 0\.75:26 2\.5:64\./);
  assert.match(
    refusal(figure('family'), 'chalk'),
    /Binder: can’t read “chalk”\. Use one of acrylic, alkyd-waterborne, oil, shellac, two-part, mineral\./,
  );
  assert.match(refusal(figure('madeFor'), 'metal glass'), /: can’t read “/);
  assert.match(refusal(figure('clear'), 'perhaps'), /Dries clear: type yes or no\./);
});

test('an optional figure may be left empty, commas are decimals, and yes is said in several ways', () => {
  assert.equal(value(figure('potLife'), ' '), null);
  assert.equal(value(figure('potLife'), '2,5'), 2.5);
  for (const yes of ['yes', 'Y', 'true', '1']) assert.equal(value(figure('clear'), yes), true);
  for (const no of ['no', 'N', 'false', '0', '']) assert.equal(value(figure('clear'), no), false);
  assert.deepEqual(value(figure('madeFor'), 'metal, vinyl; glossy'), ['metal', 'vinyl', 'glossy']);
  assert.deepEqual(value(figure('tins'), ''), []);
});

test('a figure is changed where it lies, and nothing beside it', () => {
  const entry = { name: 'x', hours: { touch: 1, recoat: 4 } };
  const changed = withFigure(entry, 'hours.recoat', 6);
  assert.deepEqual(changed, { name: 'x', hours: { touch: 1, recoat: 6 } });
  assert.equal(entry.hours.recoat, 4);
  assert.equal(valueAt(changed, 'hours.recoat'), 6);
  assert.equal(valueAt(changed, 'gone.recoat'), undefined);
});
