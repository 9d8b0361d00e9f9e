import assert from 'node:assert/strict';
import { test } from 'node:test';
import { writeOrderCsv } from '../exchange/order-csv.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { consumableNeeds } from '../quantities/consumables.ts';
import { productNeeds } from '../quantities/litres.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { priceAccount } from './price-account.ts';
import { priceOf, replacementsOf } from './price.ts';

const made = new TestJob()
  .door('a')
  .door('b', { comesOff: false })
  .coated('enamel-acrylic', { key: 'abrade' })
  .tell('change-pricing', { hourlyRate: 40, overhead: 25, margin: 10, tax: 20, replacements: { 'flush-door': 90 } });
const { job } = made;
const near = (actual: number, expected: number): void =>
  assert.ok(Math.abs(actual - expected) < 1e-6, `${actual}, not ${expected}`);

test('the price by hand: hours by pace and skill, a share besides, tins and packs, margin on all, tax on that', () => {
  const price = priceOf(job);
  const minutes = job.pieces.flatMap((piece) => pieceSteps(job, piece)).reduce((sum, step) => sum + step.minutes, 0);
  // One steady painter takes half as long again; primer, enamel, enamel, each set up for either side at six minutes.
  near(price.handsOn, ((minutes + 6 * 6) * 1.5) / 60);
  near(price.labour, price.handsOn * 1.25 * 40);
  near(
    price.tins,
    productNeeds(job).reduce((sum, { tins }) => sum + tins.best.cost, 0),
  );
  near(price.net, (price.labour + price.tins + price.consumables) * 1.1);
  near(price.gross, price.net * 1.2);
  near(
    price.hours.reduce((sum, { hours }) => sum + hours, 0),
    price.handsOn,
  );
  near(
    price.rooms.reduce((sum, { net }) => sum + net, 0),
    price.net,
  );
});

test('the account of a price comes to it, amount by amount', () => {
  const price = priceOf(job);
  const lines = priceAccount(job, price, (amount) => `£${amount.toFixed(2)}`);
  const amounts = lines.flatMap((line) => / is £([\d.]+)\.$/.exec(line)?.[1] ?? []).map(Number);
  assert.equal(amounts.length, 5, lines.join(' '));
  const sum = amounts.reduce((all, amount) => all + amount, 0);
  assert.ok(Math.abs(sum - price.gross) < 0.03, `${lines.join(' ')} – ${price.gross}`);
});

test('refinishing and replacing are compared piece for piece; a kind without a price of its own is left open', () => {
  const price = priceOf(job);
  const [door] = replacementsOf(job, price);
  assert.deepEqual([door!.kind, door!.pieces, door!.replace], ['flush-door', 2, 90]);
  near(door!.refinish * 2, price.net);
  const unstated = made.job;
  assert.equal(
    replacementsOf({ ...unstated, pricing: { ...unstated.pricing, replacements: {} } }, price)[0]!.replace,
    null,
  );
});

test('tools are set up again for a second colour, and for the other side of what is turned', () => {
  const setUp = (of: TestJob): number =>
    priceOf(of.job).hours.find(({ what }) => what === 'Setting up tools and colours')?.hours ?? NaN;
  const inPlace = (): TestJob => new TestJob().door('a', { comesOff: false }).coated('enamel-acrylic');
  const { groupId } = inPlace().job.pieces[0]!;
  // A steady painter, nine minutes each: primer and two enamels, and both enamels once more in the colour of the back.
  near(setUp(inPlace()), (3 * 9) / 60);
  const twoColours = inPlace().tell('change-group', { groupId, backColour: { name: 'reed', hex: '#7b8a6a' } });
  near(setUp(twoColours), (5 * 9) / 60);
  near(setUp(new TestJob().door('a').coated('enamel-acrylic')), (6 * 9) / 60);
});

test('a price without skill, overhead, margin and tax is the bare hours and goods, worked by hand', () => {
  const bare = new TestJob()
    .door('a')
    .coated()
    .tell('change-pricing', { hourlyRate: 60, overhead: 0, margin: 0, tax: 0 })
    .tell('change-painter', { id: 'painter-1', facts: { skill: 'professional' } })
    .tell('change-room', {
      id: 'room-1',
      facts: {
        tasks: { sheets: { id: 'sheets', words: 'Lay sheets', when: 'before', minutes: 30, people: 2, doneAt: null } },
      },
    });
  const price = priceOf(bare.job);
  const minutes = pieceSteps(bare.job, bare.job.pieces[0]!).reduce((sum, step) => sum + step.minutes, 0);
  const tasks = bare.job.rooms[0]!.tasks.reduce((sum, task) => sum + task.minutes * task.people, 0);
  near(price.handsOn, (minutes + 6 * 6 + tasks) / 60);
  near(price.labour, price.handsOn * 60);
  assert.deepEqual([price.overhead, price.margin, price.tax], [0, 0, 0]);
  near(price.gross, price.labour + price.tins + price.consumables);
  const hours = Object.fromEntries(price.hours.map((entry) => [entry.what, entry.hours]));
  near(hours['Setting up tools and colours']!, 0.6);
  near(hours['Clearing and sheeting rooms']!, tasks / 60);
  assert.equal(hours['Filling, moulding and drilling'], undefined, 'what takes no time has no line');
});

test('overhead, margin and tax are told as money, each of what it is a share of', () => {
  const price = priceOf(job);
  near(price.overhead, price.handsOn * 0.25);
  near(price.cost, price.labour + price.tins + price.consumables);
  near(price.margin, price.cost * 0.1);
  near(price.tax, price.net * 0.2);
  assert.ok(price.tins > 0 && price.consumables > 0);
});

test('rooms share the price by the hours of their pieces; a room of nothing, or of pieces without a build-up, has none', () => {
  const two = new TestJob()
    .tell('add-room', { entry: { ...made.job.rooms[0]!, id: 'room-2', name: 'Landing', tasks: [] } })
    .tell('add-room', { entry: { ...made.job.rooms[0]!, id: 'room-3', name: 'Loft', tasks: [] } })
    .door('a')
    .door('b', { roomId: 'room-2' })
    .door('c', { roomId: 'room-2' })
    .coated();
  const price = priceOf(two.job);
  assert.deepEqual(
    price.rooms.map(({ room, pieces }) => [room.id, pieces]),
    [
      ['room-1', 1],
      ['room-2', 2],
    ],
  );
  near(price.rooms[1]!.net, (2 / 3) * price.net);
  near(price.rooms[1]!.hours, 2 * price.rooms[0]!.hours);
});

test('kinds share the price as rooms do, one of each kind on average', () => {
  const kinds = new TestJob().door('a').door('b', { shape: { width: 500, height: 1500, thickness: 40 } });
  kinds
    .tell('add-pieces', { ids: ['s'], kind: 'panelled-door', piece: usualPiece('panelled-door', 'room-1') })
    .coated();
  const price = priceOf(kinds.job);
  const found = replacementsOf(kinds.job, price);
  assert.deepEqual(
    found.map(({ kind, pieces }) => [kind, pieces]),
    [
      ['flush-door', 2],
      ['panelled-door', 1],
    ],
  );
  near(
    found.reduce((sum, { pieces, refinish }) => sum + pieces * refinish, 0),
    price.net,
  );
  assert.ok(found[1]!.refinish > found[0]!.refinish, 'panels take longer than a flush face');
  assert.deepEqual(replacementsOf(new TestJob().door('a').job, priceOf(new TestJob().door('a').job)), []);
});

test('consumables come from the take-off, in whole packs, at the painter’s own prices where stated', () => {
  const needs = new Map(consumableNeeds(job).map((need) => [need.id, need]));
  // Three roller sessions of 7.1 m² each; one door comes off, with a bag.
  assert.equal(needs.get('sleeves')?.needed, 3);
  assert.equal(needs.get('bags')?.needed, 1);
  assert.equal(
    needs.get('filters')?.needed,
    productNeeds(job).reduce((sum, { tins }) => sum + tins.best.tins.length, 0),
  );
  // 7.13 m² of flat old paint: a disc for every 1.5 m².
  assert.equal(needs.get('discs')?.needed, 5);
  assert.equal(needs.has('sponges'), false);
  const priced = { ...job, pricing: { ...job.pricing, packs: { sleeves: { count: 2, price: 3 } } } };
  const sleeves = consumableNeeds(priced).find(({ id }) => id === 'sleeves')!;
  assert.deepEqual([sleeves.packs, sleeves.cost, sleeves.isStated], [2, 6, true]);
});

test('the order as a list has a row for each size and each pack, and adds up to what is paid', () => {
  const [heading, ...rows] = writeOrderCsv(job).split('\r\n');
  assert.equal(heading, 'What,Colour,Hex,Size,How many,EUR,Needed');
  const paid = rows.reduce((sum, row) => sum + Number(row.split(',').at(-2)), 0);
  const price = priceOf(job);
  near(paid, price.tins + price.consumables);
});
