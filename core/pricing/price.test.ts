import assert from 'node:assert/strict';
import { test } from 'node:test';
import { writeOrderCsv } from '../exchange/order-csv.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { consumableNeeds } from '../quantities/consumables.ts';
import { productNeeds } from '../quantities/litres.ts';
import { TestJob } from '../testing/jobs.ts';
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
  // One steady painter takes half as long again; three sessions (primer, enamel, enamel) are set up at six minutes.
  near(price.handsOn, ((minutes + 3 * 6) * 1.5) / 60);
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
