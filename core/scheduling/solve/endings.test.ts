import assert from 'node:assert/strict';
import { test } from 'node:test';
import { madeUpProblem } from '../../fixtures/made-up-problem.ts';
import { BoundSearch } from '../bound/lower-bound.ts';
import { verify } from '../verify.ts';
import { buildRepairing } from './build-repairing.ts';
import { tryEndings } from './endings.ts';
import { solveExactly, type Begun } from './branch-and-bound.ts';
import { lastBefore } from './last-before.ts';
import { openingParams, dispatchRule } from './dispatch-params.ts';
import { prepare } from './prepare.ts';

test('endings that are tried out are earlier each time, keep every rule, and begin as the schedule did', () => {
  let earlier = 0;
  for (const seed of [1, 2, 3, 4]) {
    const problem = madeUpProblem({
      pieces: 2,
      painters: 1 + (seed % 2),
      bench: 1,
      rack: 2,
      seed,
      days: 40,
      passes: 2,
    });
    const prepared = prepare(problem);
    const bounds = BoundSearch.of(prepared);
    assert.ok(!('task' in bounds));
    for (const params of openingParams(prepared).slice(0, 3)) {
      const built = buildRepairing(
        prepared,
        dispatchRule(prepared, params, { pieces: new Set(), dues: null }),
        () => false,
      );
      if (!('schedule' in built)) continue;
      const { schedule } = built;
      let { finish } = schedule.cost();
      let begins: Begun = [];
      tryEndings(prepared, schedule, {
        deadline: () => lastBefore(prepared, finish),
        tryOut: (deadline, begun, tries) => {
          begins = begun;
          return solveExactly(prepared, bounds, deadline, { tries, shouldStop: () => false, begun });
        },
        onEarlier: (found) => {
          earlier++;
          assert.ok(found.cost().finish < finish, `${found.cost().finish} for ${finish}`);
          finish = found.cost().finish;
          assert.deepEqual(verify(problem, { ...found.result(), finish }), []);
          for (const { task, team } of begins) assert.deepEqual(found.placements[task.index]?.painters, team);
        },
      });
    }
  }
  assert.ok(earlier > 0, `${earlier} earlier`);
});
