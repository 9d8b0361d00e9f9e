import assert from 'node:assert/strict';
import { test } from 'node:test';
import Papa from 'papaparse';
import { consumableNeeds } from '../quantities/consumables.ts';
import { productNeeds } from '../quantities/litres.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { writeOrderCsv } from './order-csv.ts';

const rowsOf = (job: TestJob['job']): string[][] => Papa.parse<string[]>(writeOrderCsv(job).trim()).data;
const made = (): TestJob => new TestJob().door('d1').door('d2').coated();

test('an order has a row for each size of tin, with how many, what they cost and how much is needed', () => {
  const { job } = made();
  const [head, ...rows] = rowsOf(job);
  assert.deepEqual(head, ['What', 'Colour', 'Hex', 'Size', 'How many', job.settings.currency, 'Needed']);
  for (const { coating, colour, tins, litres } of productNeeds(job)) {
    const own = rows.filter(([name, , hex]) => name === coating.name && hex === (colour?.hex ?? ''));
    assert.equal(own.length, new Set(tins.best.tins).size);
    const count = own.reduce((sum, row) => sum + Number(row[4]), 0);
    const cost = own.reduce((sum, row) => sum + Number(row[5]), 0);
    assert.equal(count, tins.best.tins.length);
    assert.ok(Math.abs(cost - tins.best.cost) < 1e-9, `${coating.name}: ${cost}`);
    assert.equal(own[0]?.[6], litres.toFixed(3));
  }
});

test('what is used up stands beside it in packs, and adds up to what the order says', () => {
  const { job } = made();
  const rows = rowsOf(job);
  for (const { name, packs, cost, needed, pack, measure } of consumableNeeds(job)) {
    const row = rows.find(([what]) => what === name);
    assert.ok(row?.[3]?.startsWith(`pack of ${pack.count}`), name);
    assert.deepEqual(row?.slice(4), [packs, cost, measure?.format(needed, 'metric') ?? needed].map(String));
  }
});

test('tins are in the units of the job, and a job without a build-up orders bags alone', () => {
  const us = rowsOf(made().tell('change-settings', { units: 'us' }).job);
  assert.ok(us.slice(1).every(([, , , size]) => !/ L$/.test(size ?? '')));
  assert.equal(rowsOf(new TestJob().door('d').job).length, 2);
});
