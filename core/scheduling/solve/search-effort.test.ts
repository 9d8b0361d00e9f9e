import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { PreparedHold, PreparedTask } from './prepared.ts';
import { roundSteps, searchEffort } from './search-effort.ts';

const tasks = (count: number, isSetUp = true): PreparedTask[] =>
  Array.from({ length: count }, () => ({ setup: isSetUp ? { key: 'sander' } : null }) as unknown as PreparedTask);
const holds = [{}] as PreparedHold[];
const effort = (count: number, more: Partial<Parameters<typeof searchEffort>[0]> = {}) =>
  searchEffort({ tasks: tasks(count), holds, problem: { trouble: null }, ...more });
const withTrouble = { problem: { trouble: { change: 5 } } };

test('each round is two and a half times as long as the one before', () => {
  assert.deepEqual([0, 1, 2].map(roundSteps), [1000, 2500, 6250]);
});

test('where trouble counts, plans are made calmer all the while, and of many tasks fewer are built to be earlier', () => {
  const few = effort(60, withTrouble);
  assert.deepEqual([few.isExact, few.calming, few.hurrying, few.annealing, few.shortening], [false, 1, 1, 0, 0]);
  assert.equal(effort(240, withTrouble).hurrying, 0.5);
});

test('where every tick counts, more goes into earlier plans; orders are annealed of up to 120 tasks', () => {
  const few = effort(60);
  assert.deepEqual(
    [few.isExact, few.calming, few.hurrying, few.annealing, few.annealsOrders],
    [true, 0.1, 0.25, 3, true],
  );
  assert.deepEqual([effort(61).hurrying, effort(120).annealing, effort(121).annealing], [3, 3, 0]);
});

test('a job shop, with nothing to set up and nowhere to lie, has its critical path changed, and no order annealed', () => {
  const shop = effort(100, { tasks: tasks(100, false), holds: [] });
  assert.deepEqual([shop.hurrying, shop.annealing, shop.annealsOrders, shop.shortening], [0.3, 0.3, false, 12]);
  assert.equal(effort(100, { tasks: tasks(100, false) }).shortening, 0, 'what lies somewhere is no shop');
  assert.equal(effort(100, { holds: [] }).shortening, 0, 'what is set up is no shop');
  assert.equal(effort(121, { tasks: tasks(121, false), holds: [] }).annealing, 0);
  assert.equal(effort(100, { tasks: tasks(100, false), holds: [], ...withTrouble }).shortening, 0);
});

test('a bound is asked for at once of up to a thousand tasks, later of more', () => {
  assert.deepEqual([effort(1000).boundRound, effort(1001).boundRound, effort(1001, withTrouble).boundRound], [0, 2, 2]);
});
