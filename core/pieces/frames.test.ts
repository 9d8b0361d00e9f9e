import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { boardOf, glazedTimber, weightOfParts } from './materials.ts';
import { cupboardHardware, doorHardware, doorSizes, sizesAsTyped } from './board-fields.ts';
import type { Element } from './elevation.ts';
import { fieldSizes, framedFace, framingFault, type Framing } from './framed.ts';
import { mitredRectangles, plantedBoxes, plantingFault, type Planting } from './planted-moulding.ts';
import { definitionOf } from './registry.ts';

const flat: ReturnType<Framing['fill']> = {
  name: 'a panel',
  least: { width: 60, height: 80 },
  parts: () => ({ elements: [], unpainted: [] }),
} as unknown as ReturnType<Framing['fill']>;
const framing = (more: Partial<Framing> = {}): Framing => ({
  width: 800,
  height: 2000,
  stile: 100,
  topRail: 100,
  crossRail: 150,
  bottomRail: 200,
  muntin: 80,
  columns: 2,
  rowShares: [2, 5],
  fill: () => flat,
  ...more,
});

test('fields share what stiles, rails and muntins leave; worked by hand', () => {
  // 800 − 200 − 80 = 520 for two; 2000 − 100 − 200 − 150 = 1550 in two to five.
  const { width, heights } = fieldSizes(framing());
  assert.equal(width, 260);
  heights.forEach((height, row) => assert.ok(Math.abs(height - [442.857142857, 1107.142857143][row]!) < 1e-6));
});

test('a frame that leaves too little says of which row, and what would help', () => {
  assert.equal(framingFault(framing(), 'metric'), null);
  assert.match(
    framingFault(framing({ stile: 330 }), 'metric')!,
    /panel needs 60 mm – only 30 mm left\. Narrow the stiles/,
  );
  assert.match(
    framingFault(framing({ rowShares: [1, 30] }), 'metric')!,
    /panel in row 1 needs 80 mm – only 50 mm left/,
  );
  assert.match(framingFault(framing({ rowShares: [30, 1] }), 'metric')!, /in row 2 needs 80 mm/);
  const tall = { ...flat, least: { width: 259.2, height: 80 } };
  assert.equal(framingFault(framing({ fill: () => tall }), 'metric'), null, 'it just fits');
  const wide = { ...flat, least: { width: 260.2, height: 80 } };
  assert.match(
    framingFault(framing({ fill: () => wide }), 'metric')!,
    /needs 261 mm/,
    'rounded up, or it would not do',
  );
});

test('fields are called by where they are', () => {
  const { shape } = definitionOf('panelled-door').presets[0]!;
  const names = (columns: number, rows: number): string[] => {
    const { elevation } = definitionOf('panelled-door');
    const { faces } = elevation({
      ...shape,
      columns,
      rowShares: Array<number>(rows).fill(1),
      height: 3000,
      width: 1500,
    });
    return faces[0]!.elements.filter(({ part }) => part === 'panel').map(({ name }) => name);
  };
  assert.deepEqual(names(2, 2), ['upper left panel', 'upper right panel', 'lower left panel', 'lower right panel']);
  assert.deepEqual(names(1, 3), ['upper panel', 'middle panel', 'lower panel']);
  assert.deepEqual(names(1, 4), ['upper panel', 'row 2 panel', 'row 3 panel', 'lower panel']);
  assert.deepEqual(names(3, 1), ['panel 1', 'panel 2', 'panel 3']);
});

test('a frame’s parts make up the whole face, whatever its sizes', () => {
  const share = fc.integer({ min: 1, max: 9 });
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 3 }),
      fc.array(share, { minLength: 1, maxLength: 4 }),
      (columns, rowShares) => {
        const face = framedFace('front', framing({ columns, rowShares, width: 1500, height: 3000 }));
        const { width, heights } = fieldSizes(framing({ columns, rowShares, width: 1500, height: 3000 }));
        const area = face.elements.reduce((sum, { projectedArea }) => sum + projectedArea, 0);
        const fields = heights.reduce((sum, height) => sum + columns * width * height, 0) / 1e6;
        assert.ok(Math.abs(area + fields - 4.5) < 1e-9, `${area} and ${fields}`);
      },
    ),
  );
});

const planting = (more: Partial<Planting> = {}): Planting => ({
  width: 800,
  height: 2000,
  columns: 2,
  rowShares: [1, 2],
  marginTop: 100,
  marginSide: 120,
  marginBottom: 200,
  between: 80,
  mouldingWidth: 25,
  ...more,
});

test('rectangles lie within the margins, so far from each other; worked by hand', () => {
  // (800 − 240 − 80) / 2 = 240 wide; 2000 − 300 − 80 = 1620 high, in one to two.
  assert.deepEqual(plantedBoxes(planting()), [
    [120, 100, 240, 540],
    [440, 100, 240, 540],
    [120, 720, 240, 1080],
    [440, 720, 240, 1080],
  ]);
  const [first] = mitredRectangles(planting());
  assert.deepEqual(
    first!.map(({ side, length }) => `${side} ${length}`),
    ['top 240', 'bottom 240', 'left 540', 'right 540'],
  );
});

test('rectangles too small for their moulding are refused at the margin that is to blame', () => {
  assert.equal(plantingFault(planting(), 'metric'), null);
  const narrow = plantingFault(planting({ marginSide: 335 }), 'metric');
  assert.equal(narrow?.field, 'marginSide');
  assert.match(narrow.message, /needs 60 mm – only 25 mm left/);
  assert.equal(plantingFault(planting({ marginTop: 1650 }), 'metric')?.field, 'marginTop');
  assert.equal(plantingFault(planting({ marginSide: 300 }), 'metric'), null, '60 mm are just enough');
});

const only = (kind: 'trim-run' | 'moulded-door', part: Element['part'], shape: object): Element[] => {
  const definition = definitionOf(kind);
  const { faces } = definition.elevation({ ...definition.presets[0]!.shape, ...shape } as never);
  return faces[0]!.elements.filter((element) => element.part === part);
};

test('what is cut in: a skirting along both its lines, other trim along one, a moulding along both sides all round', () => {
  const cutIn = (use: string): number => only('trim-run', 'run', { use, length: 4000, height: 120 })[0]!.cutIn;
  assert.deepEqual([cutIn('skirting'), cutIn('cornice')], [8000, 4000]);
  const [moulding] = only('moulded-door', 'moulding', {
    width: 800,
    height: 2000,
    columns: 1,
    rowShares: [1],
    marginTop: 100,
    marginSide: 100,
    marginBottom: 100,
  });
  assert.equal(moulding!.cutIn, 4 * (600 + 1800));
});

test('a wall’s openings may take nearly all of it, and no more', () => {
  const { fault, presets } = definitionOf('plain-area');
  const wall = { ...presets[0]!.shape, width: 4000, height: 2500 };
  assert.equal(fault({ ...wall, openings: 9.4 } as never, 'metric'), null);
  assert.equal(fault({ ...wall, openings: 9.5 } as never, 'metric')?.field, 'openings');
});

test('boards and glass weigh what their density says', () => {
  assert.ok(Math.abs(weightOfParts([boardOf('softwood', 800, 2000, 40)]) - 30.72) < 1e-9);
  assert.equal(weightOfParts(glazedTimber(1e6, 1, 40)), 10);
});

test('heavy or high doors have a third hinge, high cupboards more', () => {
  const hinges = (height: number, weight: number): number => doorHardware(height, weight)[0]!.count;
  assert.deepEqual([hinges(2050, 35), hinges(2051, 20), hinges(1981, 35.1)], [2, 3, 3]);
  assert.equal(doorHardware(1981, 20).find(({ name }) => name === 'hinge screw')?.count, 16);
  const cups = (height: number): number => cupboardHardware(height)[0]!.count;
  assert.deepEqual([cups(900), cups(901), cups(1600), cups(1601)], [2, 3, 3, 4]);
  assert.equal(cupboardHardware(700)[1]!.count, 4);
});

test('sizes of a door are told apart by what is longer, others come in the order in which they are named', () => {
  assert.deepEqual(doorSizes([762, 1981]), { width: 762, height: 1981 });
  assert.deepEqual(doorSizes([44, 1981, 762]), { width: 762, height: 1981, thickness: 44 });
  assert.equal(doorSizes([762]), null);
  assert.equal(doorSizes([1, 2, 3, 4]), null);
  assert.deepEqual(sizesAsTyped('width', 'height')([300, 200]), { width: 300, height: 200 });
  assert.equal(sizesAsTyped('width', 'height')([300]), null);
  assert.equal(sizesAsTyped('width', 'height')([1, 2, 3]), null);
});
