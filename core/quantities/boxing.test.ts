import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { TestJob } from '../fixtures/jobs.ts';
import { boxingPlan } from './boxing.ts';
import { enoughFor } from './enough-for.ts';
import { productNeeds, type ProductNeed } from './litres.ts';
import { residueIn } from '../shelf/tools.ts';
import { takeOffLines } from './take-off-lines.ts';

function doors(count: number): TestJob {
  const test = new TestJob();
  for (let index = 1; index <= count; index++) test.door(`d${index}`);
  return test.coated('enamel-acrylic');
}
const enamelOf = (job: TestJob['job']): ProductNeed =>
  productNeeds(job).find(({ product }) => product === 'enamel-acrylic')!;
const withTins = (need: ProductNeed, tins: number[]): ProductNeed => ({
  ...need,
  tins: { best: { tins, cost: 0, leftOver: tins.reduce((sum, tin) => sum + tin, 0) - need.litres }, second: null },
});

test('tins of one colour that fit the bucket are boxed once, before the first of their coats', () => {
  const need = withTins(enamelOf(doors(4).job), [2.5, 2.5]);
  const boxes = boxingPlan(need, 10);
  assert.equal(boxes.length, 1);
  assert.deepEqual(boxes[0]!.tins, [2.5, 2.5]);
  assert.deepEqual(
    boxes[0]!.runs.map(({ number, marks }) => [number, marks.join()]),
    [
      [2, 'D-01,D-02,D-03,D-04'],
      [3, 'D-01,D-02,D-03,D-04'],
    ],
  );
});

test('a small bucket changes between pieces, and what is left is poured into the next box', () => {
  const need = withTins(enamelOf(doors(4).job), [0.75, 0.75, 0.75, 0.75]);
  const boxes = boxingPlan(need, 1.6);
  assert.ok(boxes.length >= 2);
  boxes.slice(1).forEach((box, index) => assert.ok(box.carried >= 0 && boxes[index]!.left === 0));
  const second = boxes[1]!;
  assert.ok(Math.abs(second.litres - second.carried - second.tins.reduce((sum, tin) => sum + tin, 0)) < 1e-9);
});

test('a primer has no colour to be evened out: it is taken tin by tin', () => {
  const need = productNeeds(doors(6).job).find(({ colour }) => colour === null)!;
  const boxes = boxingPlan(withTins(need, [0.75, 0.75, 0.75, 0.75]), 10);
  assert.ok(boxes.length > 1 && boxes[0]!.tins.length === 1);
});

test('tins never run short, every face is painted from one box, and no paint comes from nowhere', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 7 }),
      fc.constantFrom('enamel-acrylic', 'enamel-alkyd-wb', 'ext-acrylic'),
      fc.double({ min: 0.8, max: 12, noNaN: true }),
      (count, topcoat, bucket) => {
        const test = new TestJob();
        for (let index = 1; index <= count; index++) test.door(`d${index}`);
        for (const need of productNeeds(test.coated(topcoat).job)) {
          const boxes = boxingPlan(need, bucket);
          const bought = need.tins.best.tins.reduce((sum, tin) => sum + tin, 0);
          const poured = boxes.reduce((sum, { tins }) => sum + tins.reduce((total, tin) => total + tin, 0), 0);
          assert.ok(bought >= need.litres - 1e-9, 'never short');
          assert.ok(Math.abs(poured - bought) < 1e-9, 'every tin is in one box');
          const used = bought - boxes.at(-1)!.left;
          const onPieces = need.uses.reduce((sum, { litres }) => sum + litres, 0);
          assert.ok(Math.abs(used - onPieces - need.residue) < 1e-6, `${used} of ${onPieces + need.residue}`);
          for (const box of boxes) assert.ok(box.left >= -1e-9 && (box.isOverfull || box.litres <= bucket + 1e-9));
        }
      },
    ),
    { numRuns: 80 },
  );
});

test('what is left over is told in m² and in pieces that it would coat once more', () => {
  const need = withTins(enamelOf(doors(3).job), [2.5, 2.5]);
  const rest = enoughFor(need)!;
  const oneDoor = need.uses
    .filter(({ piece, number }) => piece.id === 'd1' && number === 3)
    .reduce((sum, { litres }) => sum + litres, 0);
  assert.equal(rest.marks.length, Math.min(3, Math.floor(rest.litres / oneDoor)));
  assert.ok(Math.abs(rest.area - rest.litres * (350 / 32) * 0.92) < 1e-9);
  assert.equal(enoughFor(withTins(need, [need.litres + 0.01])), null);
});

test('the lines of a take-off by element add up to what the tins give', () => {
  const { job } = doors(2);
  const lines = takeOffLines(job);
  const sum = (of: (line: (typeof lines)[number]) => number): number =>
    lines.reduce((total, line) => total + of(line), 0);
  const onPieces = productNeeds(job).flatMap(({ uses }) => uses);
  assert.ok(Math.abs(sum(({ litres }) => litres) - onPieces.reduce((total, { litres }) => total + litres, 0)) < 1e-9);
  assert.ok(Math.abs(sum(({ area }) => area) - onPieces.reduce((total, { area }) => total + area, 0)) < 1e-9);
  assert.ok(
    lines.some(({ part, face }) => part === 'lock' && face === 'front'),
    'edges with the front',
  );
  assert.ok(!lines.some(({ part, face }) => part === 'lock' && face === 'back'));
});

const need = (tins: number[], draws: readonly (readonly [mark: string, litres: number])[], facts: object = {}) => {
  const [use] = enamelOf(doors(1).job).uses;
  const group = { id: 'g', name: 'Group' };
  const coat = { ...use!.coat, tool: 'brush' as const };
  return {
    colour: use!.colour,
    // With what stays in the brush the first face takes so much, so that figures are whole.
    uses: draws.map(([mark, asked], index) => {
      const litres = asked - (index === 0 ? residueIn('brush') : 0);
      return { ...use!, coat, group, number: 1, litres, piece: { id: mark, mark } };
    }),
    stock: [],
    tins: { best: { tins, cost: 0, leftOver: 0 }, second: null },
    ...facts,
  } as unknown as Parameters<typeof boxingPlan>[0];
};
const told = (boxes: ReturnType<typeof boxingPlan>) =>
  boxes.map(({ tins, carried, litres, left, isOverfull, runs }) => [
    tins.join('+'),
    carried,
    litres,
    left,
    isOverfull,
    runs.map(({ marks }) => marks.join()).join(';'),
  ]);

test('boxes worked by hand: what fits the bucket is poured together, and a face is never cut', () => {
  const faces = [
    ['a', 1],
    ['b', 1],
    ['c', 1],
    ['d', 1],
  ] as const;
  assert.deepEqual(told(boxingPlan(need([2, 2], faces), 4)), [['2+2', 0, 4, 0, false, 'a,b,c,d']]);
  assert.deepEqual(told(boxingPlan(need([2, 2], faces), 3)), [
    ['2', 0, 2, 0, false, 'a,b'],
    ['2', 0, 2, 0, false, 'c,d'],
  ]);
  // 1.5 L of 2.5 are left after one face of 1 L, and 0.5 after the next: that goes into the second box.
  assert.deepEqual(told(boxingPlan(need([2.5, 2.5], faces), 3)), [
    ['2.5', 0, 2.5, 0, false, 'a,b'],
    ['2.5', 0.5, 3, 1, false, 'c,d'],
  ]);
});

test('a tin larger than the bucket, or a face that takes more than it holds, makes it overfull, and that is said', () => {
  assert.deepEqual(told(boxingPlan(need([5], [['a', 1]]), 4)), [['5', 0, 5, 4, true, 'a']]);
  assert.deepEqual(told(boxingPlan(need([2, 2], [['a', 3]]), 2)), [['2+2', 0, 4, 1, true, 'a']]);
  assert.deepEqual(told(boxingPlan(need([4], [['a', 1]]), 4))[0]?.[4], false, 'just full is not over');
});

test('what has no colour is opened tin by tin; tins that nothing asks for are poured into the last box', () => {
  const primer = need(
    [1, 1, 1],
    [
      ['a', 1],
      ['b', 1],
    ],
    { colour: null },
  );
  assert.deepEqual(told(boxingPlan(primer, 10)), [
    ['1', 0, 1, 0, false, 'a'],
    ['1+1', 0, 2, 1, false, 'b'],
  ]);
  assert.deepEqual(boxingPlan(need([], []), 10), []);
});

test('what is left is told from a twentieth of a litre on, and only pieces that it covers whole', () => {
  const rest = (leftOver: number) =>
    enoughFor({
      ...need(
        [],
        [
          ['a', 0.4 + residueIn('brush')],
          ['b', 0.3],
          ['c', 0.2],
        ],
      ),
      tins: { best: { tins: [], cost: 0, leftOver }, second: null },
    });
  assert.equal(rest(0.049), null);
  assert.equal(rest(0.05)?.marks.length, 0);
  assert.deepEqual(rest(0.31)?.marks, ['b']);
  assert.deepEqual(rest(0.65)?.marks, ['a', 'c']);
  assert.deepEqual(rest(0.95)?.marks, ['a', 'b', 'c']);
  assert.equal(enoughFor({ ...need([], []), tins: { best: { tins: [], cost: 0, leftOver: 2 }, second: null } }), null);
});

test('of tins of several sizes the large ones are opened first, and a box tells its own the smallest first', () => {
  const mixed = need(
    [0.75, 2.5, 0.75],
    [
      ['a', 2],
      ['b', 1],
    ],
  );
  assert.deepEqual(told(boxingPlan(mixed, 10)), [['0.75+0.75+2.5', 0, 4, 1, false, 'a,b']]);
  assert.deepEqual(told(boxingPlan(mixed, 2.6)), [
    ['2.5', 0, 2.5, 0, false, 'a'],
    ['0.75+0.75', 0.5, 2, 1, false, 'b'],
  ]);
  // The last small tin is asked for by nothing: it comes to the rest, and the box is over its bucket with it.
  const spare = need([0.75, 2.5], [['a', 2]]);
  assert.deepEqual(told(boxingPlan(spare, 2.5)), [['0.75+2.5', 0, 3.25, 1.25, true, 'a']]);
});

test('a coat of another group is another run, and what opens it leaves something in its tool', () => {
  const [first, second] = need(
    [9],
    [
      ['a', 1],
      ['b', 1],
    ],
  ).uses as unknown as ProductNeed['uses'];
  const other = { ...second!, group: { ...second!.group, id: 'h', name: 'Other' } };
  const two = { ...need([9], []), uses: [other, first!] } as unknown as Parameters<typeof boxingPlan>[0];
  const [box] = boxingPlan(two, 10);
  assert.deepEqual(
    box?.runs.map(({ groupName, marks }) => [groupName, marks.join()]),
    [
      ['Other', 'b'],
      ['Group', 'a'],
    ],
    'group by group, as they come',
  );
  assert.ok(Math.abs(box!.left - (9 - 1 - residueIn('brush') - 1)) < 1e-9);
  const coats = [
    { ...first!, number: 2 },
    { ...second!, number: 1 },
  ];
  const order = boxingPlan({ ...need([9], []), uses: coats } as never, 10)[0]?.runs.map(({ number }) => number);
  assert.deepEqual(order, [1, 2], 'coat by coat');
});
