import assert from 'node:assert/strict';
import { test } from 'node:test';
import { jobToProblem } from '../../../../core/planning/drafting/job-to-problem.ts';
import { readPlan } from '../../../../core/planning/reading/read-plan.ts';
import { verifiedPlan } from '../../../../core/scheduling/verified-plan.ts';
import { TestJob } from '../../../../core/fixtures/jobs.ts';
import { helper } from '../../../../core/fixtures/worked-job.ts';
import { boardLayout, neighbour } from './layout.ts';

const { job } = new TestJob()
  .tell('add-painter', { entry: helper })
  .door('a')
  .door('b')
  .door('c')
  .tell('add-pieces', {
    ids: ['d'],
    kind: 'flush-door',
    piece: { ...new TestJob().door('x').job.pieces[0]!, comesOff: false },
  })
  .coated();
const problem = jobToProblem(job, '2027-03-01T07:00');
const plan = verifiedPlan(problem.problem, { steps: 20 });
assert.ok(plan.status !== 'infeasible');
const reading = readPlan(job, problem, { t0: problem.problem.t0, ...plan });
const { rows, items, height } = boardLayout(job, reading, true);

test('painters above, then bench, rack and what dries in place; nothing on a row overlaps, and the bench has no more places than it has', () => {
  assert.deepEqual([...new Set(rows.map(({ kind }) => kind))], ['painter', 'bench', 'rack', 'in-place']);
  assert.deepEqual(
    rows.filter(({ kind }) => kind === 'painter').map(({ painterId }) => painterId),
    job.crew.map(({ id }) => id),
  );
  assert.equal(rows.filter(({ kind }) => kind === 'bench').length, 1, 'one place at the bench');
  rows.forEach(({ top }, index) => {
    const before = rows[index - 1];
    assert.ok(before === undefined || top >= before.top + before.height);
  });
  assert.equal(height, (rows.at(-1)?.top ?? 0) + (rows.at(-1)?.height ?? 0));
  items.forEach((item, index) => {
    const before = items[index - 1];
    assert.ok(before === undefined || before.row < item.row || before.until <= item.from, item.id);
  });
  assert.equal(new Set(items.map(({ id }) => id)).size, items.length, 'ids are unique');
  const inPlace = items.filter(({ row }) => rows[row]?.kind === 'in-place');
  assert.ok(inPlace.length > 0 && inPlace.every(({ pieceIds }) => pieceIds.join() === 'd'));
});

test('arrow keys lead to everything, and back', () => {
  const seen = new Set<string>();
  let at = neighbour(items, null, 'down');
  for (let row = 0; at !== null; row++) {
    at = neighbour(items, at.id, 'first');
    for (;;) {
      seen.add(at?.id ?? '');
      const next = neighbour(items, at?.id ?? null, 'right');
      if (next === at) break;
      assert.equal(neighbour(items, next?.id ?? null, 'left'), at);
      at = next;
    }
    assert.equal(neighbour(items, at?.id ?? null, 'last'), at);
    const below = neighbour(items, at?.id ?? null, 'down');
    if (below === at || row > rows.length) break;
    at = below;
  }
  assert.equal(seen.size, items.length);
  const last = items.at(-1);
  const up = neighbour(items, last?.id ?? null, 'up');
  assert.ok(up && last && up.row < last.row);
  assert.equal(neighbour([], null, 'right'), null);
});
