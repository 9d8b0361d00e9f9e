import assert from 'node:assert/strict';
import { test } from 'node:test';
import { madeUpProblem } from '../../fixtures/made-up-problem.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import { compareCosts } from '../aim.ts';
import { planCost, planTrouble } from '../plan-cost.ts';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblem } from '../problem.ts';
import type { FoundPlan } from '../plan.ts';
import { USUAL_TROUBLE } from '../trouble.ts';
import { verifiedPlan } from '../verified-plan.ts';
import { verify } from '../verify.ts';
import { buildSchedule } from './build.ts';
import { CalmSearch } from './calm.ts';
import { openingParams, dispatchRule } from './dispatch-params.ts';
import { placedSchedule } from './placed-schedule.ts';
import { prepare } from './prepare.ts';
import type { Prepared } from './prepared.ts';
import type { Schedule } from './schedule.ts';
import { resequenced } from './resequence.ts';
import { solve } from './solve.ts';
import { Stretch } from './stretch.ts';

const made = (seed: number, facts: Partial<PlanProblem> = {}): PlanProblem => ({
  ...madeUpProblem({ pieces: 10, painters: 2, bench: 2, rack: 5, seed, days: 90 }),
  ...facts,
});

function plainly(prepared: Prepared): Schedule {
  for (const params of openingParams(prepared)) {
    const built = buildSchedule(prepared, dispatchRule(prepared, params, { pieces: new Set(), dues: null }));
    if ('schedule' in built) return built.schedule;
  }
  throw new Error('Nothing was built.');
}

test('days that go in another order keep every rule with all that stays, and disturb less by what was counted', () => {
  let [changed, resumed] = [0, 0];
  for (const seed of [1, 2, 3, 4, 5, 6]) {
    const problem = made(seed, { trouble: USUAL_TROUBLE });
    const prepared = prepare(problem);
    const schedule = plainly(prepared);
    const placements = [...schedule.placements];
    const random = seededRandom(seed);
    const { finish } = schedule.cost();
    for (let from = 0; from < finish; from += 288) {
      const before = placedSchedule(prepared, placements).cost();
      const stretch = new Stretch(prepared, placements, { from, until: from + 288 * (1 + (seed % 3)), limit: finish });
      const found = resequenced(stretch, { tries: 200, hot: 10, cold: 1, random, shouldStop: () => false });
      if (found === null) continue;
      for (const { index, placement } of found.built) placements[index] = placement;
      const after = placedSchedule(prepared, placements);
      assert.deepEqual(verify(problem, { ...after.result(), finish: after.cost().finish }), []);
      // How soon things are done counts a little as well.
      assert.ok(
        Math.abs(before.trouble - after.cost().trouble - found.gain) < 5,
        `${found.gain} was said to be gained`,
      );
      changed++;
      if (found.gain > 1) resumed++;
    }
  }
  assert.ok(changed > 20 && resumed > 10, `${changed} changed, ${resumed} by more than a minute`);
});

test('what is built from where an order begins to differ is what is built anew', () => {
  let [built, refused] = [0, 0];
  for (const seed of [1, 2, 3, 4]) {
    const prepared = prepare(made(seed));
    const { placements } = plainly(prepared);
    const span = { from: 0, until: 288 * 2, limit: 288 * 90 };
    const [remembering, anew] = [new Stretch(prepared, placements, span), new Stretch(prepared, placements, span)];
    const random = seededRandom(seed);
    const order = Int32Array.from(anew.tasks.keys());
    const hands = Int16Array.from(anew.tasks, ({ painters }) => painters[0] ?? -1);
    if (!remembering.build(order, hands)) continue;
    remembering.remember();
    for (let step = 0; step < 150; step++) {
      const other = order.slice();
      const at = Math.floor(random() * (other.length - 1));
      [other[at], other[at + 1]] = [other[at + 1] ?? 0, other[at] ?? 0];
      const isBuilt = remembering.build(other, hands);
      assert.equal(isBuilt, anew.build(other, hands), 'built by both or by none');
      if (isBuilt) assert.deepEqual(remembering.built(), anew.built());
      if (isBuilt) built++;
      else refused++;
    }
  }
  assert.ok(built > 20 && refused > 20, `${built} built, ${refused} refused`);
});

test('calmer is no later and no more trouble, whatever it begins with, and keeps every rule', () => {
  for (const seed of [4, 5, 6, 7]) {
    const problem = made(seed, { trouble: USUAL_TROUBLE });
    const prepared = prepare(problem);
    const start = plainly(prepared);
    const told: number[] = [];
    let best = start;
    const search = new CalmSearch(prepared, start, {
      limit: start.cost().counted,
      random: seededRandom(seed),
      shouldStop: () => false,
      compare: compareCosts,
      onBetter: (schedule, cost) => {
        told.push(cost.trouble);
        best = schedule;
        assert.ok(cost.counted <= start.cost().counted, 'no later');
      },
    });
    search.round(150);
    assert.ok(told.length > 0, 'something is calmer');
    assert.ok((told.at(-1) ?? Infinity) < start.cost().trouble, 'calmer than at first');
    const plan = { ...best.result(), finish: best.cost().finish };
    assert.deepEqual(verify(problem, plan), []);
    assert.deepEqual(planCost(problem, plan), best.cost(), 'counted by a second program');
  }
});

function planOf(problem: PlanProblem): FoundPlan {
  const plan = solve(problem, { steps: 500 });
  assert.ok(plan.status !== 'infeasible', 'planned');
  assert.deepEqual(verify(problem, plan), []);
  return plan;
}

test('what is stated to be trouble is avoided, and nothing else', () => {
  const task = (id: string, setup: string, earliest: number) => ({
    id,
    work: 2,
    painters: 1,
    setup,
    earliest,
    by: ['p1'],
  });
  const batches = (change: number): number => {
    const problem = planProblemSchema.parse({
      format: PLAN_PROBLEM_FORMAT,
      tickMinutes: 5,
      t0: '2027-03-01T00:00',
      horizon: 600,
      painters: ['p1', 'p2'].map((id) => ({ id, shifts: [[0, 100]] })),
      setups: ['white', 'slate'].map((key) => ({ key, work: 0 })),
      // In the order in which they can begin they change places three times; who else is at work ends last anyhow.
      tasks: [
        ...[0, 2, 4, 6].map((earliest, index) => task(`t${index}`, index % 2 === 0 ? 'white' : 'slate', earliest)),
        { id: 'long', work: 40, painters: 1, by: ['p2'] },
      ],
      trouble: { change, shortBatch: 0, mix: 0, walk: 0, turn: 0 },
    });
    return planTrouble(problem, planOf(problem)).batches;
  };
  assert.equal(batches(60), 3, 'one of each colour, and the long one');
  assert.equal(batches(0), 5, 'whatever can begin first');
});

test('what stays wet longest goes on last before the night, where that is stated to be trouble', () => {
  const coat = (id: string) => ({ id, work: 4, painters: 1, place: id, spaces: [{ id: 'air', slots: 1 }] });
  const dry = (id: string) => ({ id: `${id}/dry`, work: 0, painters: 0 });
  const lasts = (slowLast: number): string | undefined => {
    const problem = planProblemSchema.parse({
      format: PLAN_PROBLEM_FORMAT,
      tickMinutes: 5,
      t0: '2027-03-01T00:00',
      horizon: 600,
      painters: [
        {
          id: 'p1',
          shifts: [
            [150, 204],
            [438, 500],
          ],
        },
      ],
      spaces: [{ id: 'air', slots: 10 }],
      tasks: [
        { id: 'denib', work: 4, painters: 1, place: 'slow', spaces: [{ id: 'air', slots: 10 }] },
        ...['slow', 'quick', 'usual'].flatMap((id) => [coat(id), dry(id)]),
        // The next day ends with it, whatever dries in the night.
        { id: 'hang', work: 6, painters: 1, earliest: 440 },
      ],
      waits: [
        ...['slow', 'quick', 'usual'].map((to) => ({ from: 'denib', to })),
        ...[60, 6, 18].map((ticks, index) => {
          const from = ['slow', 'quick', 'usual'][index] ?? '';
          return { from, to: `${from}/dry`, atLeast: { ticks } };
        }),
      ],
      holds: ['slow', 'quick', 'usual'].map((after) => ({ space: 'air', slots: 1, after, until: `${after}/dry` })),
      trouble: { change: 0, shortBatch: 0, mix: 0, walk: 3, turn: 0, slowLast },
    });
    const { tasks } = planOf(problem);
    return tasks
      .filter(({ painters, start }) => painters.length > 0 && start < 204)
      .sort((one, other) => one.start - other.start)
      .at(-1)?.id;
  };
  assert.notEqual(lasts(0), 'slow', 'where it is done first, after the denibbing, nobody walks');
  assert.equal(lasts(60), 'slow');
});

test('a plan that may end later is no more trouble for that, and no later than it may', () => {
  const soonest = planOf(made(9, { trouble: USUAL_TROUBLE }));
  const calmer = planOf(made(9, { trouble: USUAL_TROUBLE, later: 2 * 288 }));
  assert.ok(calmer.finish <= soonest.cost.counted + 2 * 288, 'no later');
  assert.ok(calmer.cost.trouble <= soonest.cost.trouble, 'no more trouble');
});

test('two holds of one space that one task opens take two places, and the plan is proved', () => {
  const task = (id: string) => ({ id, work: 5, painters: 1 });
  const opened = (first: string, then: readonly string[]) => ({
    waits: then.map((to, index) => ({ from: first, to, atLeast: { ticks: 10 + 10 * index } })),
    holds: then.map((until) => ({ space: 'rack', slots: 1, after: first, until })),
  });
  const [one, other] = [opened('a', ['b', 'c']), opened('d', ['e', 'f'])];
  const problem = planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 5,
    t0: '2027-03-01T00:00',
    horizon: 600,
    painters: ['p1', 'p2'].map((id) => ({ id, shifts: [[0, 300]] })),
    spaces: [{ id: 'rack', slots: 2 }],
    tasks: ['a', 'b', 'c', 'd', 'e', 'f'].map(task),
    waits: [...one.waits, ...other.waits],
    holds: [...one.holds, ...other.holds],
  });
  const plan = verifiedPlan(problem);
  assert.ok(plan.status !== 'infeasible', 'it was thrown away once');
  // The first task’s last follower starts at 25; only then the second two may lie, the last of them until 45.
  assert.deepEqual([plan.status, plan.finish], ['optimal', 50]);
});
