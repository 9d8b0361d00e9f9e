import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { madeUpProblem } from '../../fixtures/made-up-problem.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import { BoundSearch } from '../bound/lower-bound.ts';
import { buildSchedule } from './build.ts';
import {
  behind,
  openingDueDates,
  earliestDueDateOrder,
  mutateDueDates,
  type DueDateParams,
} from './earliest-due-date.ts';
import { prepare } from './prepare.ts';

const prepared = prepare(madeUpProblem({ pieces: 8, painters: 1, bench: 1, rack: 3, seed: 4, days: 60 }));
const bounds = BoundSearch.of(prepared);
assert.ok(bounds instanceof BoundSearch);
const latest = bounds.latestTimes(bounds.chain.finish)!.starts;
const [opening] = openingDueDates(prepared);
assert.ok(opening);

function endsBy(byDue: DueDateParams): number[] {
  const built = buildSchedule(prepared, earliestDueDateOrder(prepared, latest, byDue));
  assert.ok('schedule' in built);
  return prepared.pieces.map((piece) => Math.max(...piece.map((task) => built.schedule.ends[task] ?? 0)));
}

test('of pieces that wait for the same, one that is due sooner is done sooner', () => {
  const usual = endsBy(opening);
  const last = usual.indexOf(Math.max(...usual));
  const sooner = Float64Array.from(usual, (_end, piece) => (piece === last ? 1e5 : 0));
  const ends = endsBy({ ...opening, sooner });
  assert.ok(ends[last]! < usual[last]!);
  assert.equal(ends[last], Math.min(...ends), 'none goes before it');
});

test('another way is near the one it comes from, which stays as it was, and the same for a seed', () => {
  const day = 1440 / prepared.problem.tickMinutes;
  fc.assert(
    fc.property(fc.integer({ min: 1 }), (seed) => {
      const way = mutateDueDates(prepared, opening, seededRandom(seed));
      assert.ok(opening.sooner.every((by) => by === 0));
      assert.ok(way.sooner.every((by) => Math.abs(by) <= 12 * 8.25 * day));
      assert.deepEqual(mutateDueDates(prepared, opening, seededRandom(seed)), way);
    }),
  );
});

test('only what starts too late for an earlier end lies behind, by how much it is too late', () => {
  assert.equal(behind([0, 10, 25], Float64Array.of(5, 10, 20)), 5);
  const built = buildSchedule(prepared, earliestDueDateOrder(prepared, latest, opening));
  assert.ok('schedule' in built);
  const { starts } = built.schedule;
  const { finish } = built.schedule.cost();
  assert.equal(behind(starts, bounds.latestTimes(finish)!.starts), 0, 'a plan is in time for its own end');
  assert.ok(behind(starts, bounds.latestTimes(finish - 1)!.starts) > 0, 'and too late for any earlier one');
});
