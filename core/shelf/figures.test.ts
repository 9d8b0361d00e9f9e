import assert from 'node:assert/strict';
import { test } from 'node:test';
import { FIGURES, readFigure, valueAt, withFigure, writeFigure, type Figure } from './figures.ts';
import { COMPARTMENT_IDS, COMPARTMENTS, DEFAULT_SHELF } from './shelf.ts';

const figureOf = (label: string): Figure => FIGURES.coatings.find((figure) => figure.label === label)!;
const read = (label: string, typed: string): unknown => {
  const outcome = readFigure(figureOf(label), typed);
  return outcome.ok ? outcome.value : outcome.message;
};

test('every figure of every default entry is read as it was written, and the entry stays what it is', () => {
  for (const compartment of COMPARTMENT_IDS) {
    for (const entry of DEFAULT_SHELF[compartment]) {
      let copy: object = {};
      for (const figure of FIGURES[compartment]) {
        const value = valueAt(entry, figure.path);
        const again = readFigure(figure, writeFigure(figure, value));
        assert.ok(again.ok, `${entry.id}, ${figure.label}: ${again.ok ? '' : again.message}`);
        assert.deepEqual(again.value, value, `${entry.id}, ${figure.label}`);
        copy = withFigure(copy, figure.path, again.value);
      }
      const { id, name, archived } = entry;
      assert.deepEqual(COMPARTMENTS[compartment].schema.parse({ ...entry, ...copy, id, name, archived }), entry);
    }
  }
});

test('every path of a figure is one of its entries, and stands once', () => {
  for (const compartment of COMPARTMENT_IDS) {
    const paths = FIGURES[compartment].map(({ path }) => path);
    assert.equal(new Set(paths).size, paths.length);
    for (const path of paths) {
      assert.ok(
        DEFAULT_SHELF[compartment].some((entry) => valueAt(entry, path) !== undefined),
        `${compartment}.${path}`,
      );
    }
  }
});

test('a number is read with comma or point, and where it may be missing nothing is nothing', () => {
  assert.equal(read('Volume solids', '36,5'), 36.5);
  assert.equal(read('Volume solids', ' 36.5 '), 36.5);
  assert.equal(read('Pot life', ''), null);
  assert.equal(read('Volume solids', ''), 'Volume solids: type a number in %.');
  assert.equal(read('Toughness, 1 to 5', 'hard'), 'Toughness, 1 to 5: type a number.');
});

test('yes and no are read as people write them, and nothing is no', () => {
  assert.deepEqual(
    ['yes', 'Y', 'true', '1', 'no', 'N', 'false', '0', ''].map((typed) => read('Spray only', typed)),
    [true, true, true, true, false, false, false, false, false],
  );
  assert.equal(read('Spray only', 'perhaps'), 'Spray only: write yes or no.');
});

test('a choice is one of its words, choices are some of them, however they are parted', () => {
  assert.equal(read('Used as', 'primer'), 'primer');
  assert.match(String(read('Used as', 'undercoat')), /one of primer, topcoat, sealer, not “undercoat”/);
  assert.deepEqual(read('Bonds to', 'glossy, metal; vinyl  laminate'), ['glossy', 'metal', 'vinyl', 'laminate']);
  assert.deepEqual(read('Bonds to', ''), []);
  assert.match(String(read('Bonds to', 'glossy glass')), /“glass” is none of/);
});

test('pairs are read by two figures and a colon, and a half one is told with an example of its own', () => {
  assert.deepEqual(read('Tins', '0,75:26 2.5:64'), [
    { litres: 0.75, price: 26 },
    { litres: 2.5, price: 64 },
  ]);
  assert.deepEqual(read('Tins', '2.5:64;0.75:26'), [
    { litres: 2.5, price: 64 },
    { litres: 0.75, price: 26 },
  ]);
  assert.match(String(read('Tins', '0.75')), /0\.75:26 2\.5:64/);
  assert.match(String(read('Recoat at other temperatures', '10:24:3')), /10:24 20:12/);
  assert.match(String(read('Tins', 'a:b')), /write pairs/);
});

test('a figure within is changed without its neighbours', () => {
  const entry = { id: 'x', hours: { touch: 1, recoat: 4 } };
  assert.deepEqual(withFigure(entry, 'hours.recoat', 6), { id: 'x', hours: { touch: 1, recoat: 6 } });
  assert.deepEqual(entry.hours.recoat, 4, 'the entry of before stays');
  assert.equal(valueAt(entry, 'hours.full'), undefined);
  assert.equal(valueAt(null, 'hours.full'), undefined);
});
