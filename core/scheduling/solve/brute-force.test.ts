import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblem } from '../problem.ts';
import type { PlannedTask } from '../plan.ts';
import { latestSetups } from '../../fixtures/latest-setups.ts';
import { verify } from '../verify.ts';
import { BoundSearch } from '../bound/lower-bound.ts';
import { solveExactly } from './branch-and-bound.ts';
import { prepare } from './prepare.ts';
import { solve } from './solve.ts';

const HORIZON = 20;

/**
 * The earliest finish of any plan, by trying every start and every painter that could end before `known`, the finish of
 * a plan that keeps every rule; null when there is no plan.
 */
function earliestFinish(problem: PlanProblem, known: number | null): number | null {
  let best = known;
  const placed: PlannedTask[] = [];
  const passed = (from: number, to: number, measure: { ticks: number } | { clock: string; dose: number }): number => {
    if ('ticks' in measure) return to - from - measure.ticks;
    const clock = problem.clocks.find(({ id }) => id === measure.clock)!;
    let made = 0;
    for (let tick = from; tick < to; tick++) made += clock.rate[Math.floor(tick / clock.step)] ?? 0;
    return made - measure.dose;
  };
  const tryFrom = (index: number): void => {
    const task = problem.tasks[index];
    if (task === undefined) {
      const finish = Math.max(0, ...placed.map(({ end }) => end));
      const setups = latestSetups(problem, placed);
      if (setups !== null && verify(problem, { tasks: placed, setups, finish }).length === 0) best = finish;
      return;
    }
    const able = problem.painters.filter(({ id }) => task.by?.includes(id) ?? true).map(({ id }) => id);
    const teams = task.painters > 1 ? [able] : able.map((id) => [id]);
    for (let start = 0; start + task.work <= HORIZON; start++) {
      let lateWork = 0;
      const isOpen = problem.waits
        .filter((wait) => wait.to === task.id)
        .every((wait) => {
          const { end } = placed.find(({ id }) => id === wait.from)!;
          if (start < end || (wait.atLeast && passed(end, start, wait.atLeast) < -1e-9)) return false;
          if (wait.atMost && passed(end, start, wait.atMost) > 1e-9) lateWork += wait.late?.work ?? 0;
          return true;
        });
      const end = start + task.work + lateWork;
      if (!isOpen || (best !== null && end >= best)) continue;
      for (const painters of teams) {
        placed.push({ id: task.id, start, end, painters, late: lateWork > 0 });
        tryFrom(index + 1);
        placed.pop();
      }
    }
  };
  tryFrom(0);
  return best;
}

const taskShape = fc.record({
  work: fc.integer({ min: 1, max: 3 }),
  key: fc.constantFrom(null, 'white', 'slate'),
  bench: fc.boolean(),
  earliest: fc.constantFrom(0, 0, 3),
  wait: fc.constantFrom('none', 'ticks', 'clock') as fc.Arbitrary<'none' | 'ticks' | 'clock'>,
  length: fc.integer({ min: 0, max: 4 }),
  atMost: fc.constantFrom(null, null, 5),
  holds: fc.boolean(),
  only: fc.constantFrom(null, null, 0, 1),
  team: fc.boolean(),
});

const problems = fc
  .record({
    tasks: fc.array(taskShape, { minLength: 2, maxLength: 4 }),
    painters: fc.integer({ min: 1, max: 2 }),
    rack: fc.integer({ min: 1, max: 2 }),
    keeps: fc.constantFrom(null, 4),
    acrossShifts: fc.boolean(),
    chained: fc.array(fc.boolean(), { minLength: 4, maxLength: 4 }),
  })
  .map(({ tasks, painters, rack, keeps, acrossShifts, chained }): PlanProblem => {
    const id = (index: number): string => `t${index}`;
    // Work without a tool may take both.
    const isTeam = ({ team, key }: (typeof tasks)[number]): boolean => team && key === null && painters > 1;
    const linked = tasks.flatMap((task, index) =>
      index > 0 && (chained[index] || task.wait !== 'none') ? [index] : [],
    );
    return planProblemSchema.parse({
      format: PLAN_PROBLEM_FORMAT,
      tickMinutes: 30,
      t0: '2027-03-01T00:00',
      horizon: HORIZON,
      painters: Array.from({ length: painters }, (_unused, index) => ({
        id: `p${index}`,
        shifts: [
          [1 + index, 8],
          [10, HORIZON - index],
        ],
      })),
      spaces: [
        { id: 'bench', slots: 1 },
        { id: 'rack', slots: rack },
      ],
      clocks: [{ id: 'room', step: 4, rate: [1, 0.5, 0.25, 1, 1] }],
      setups: [
        { key: 'white', work: 1, keeps, acrossShifts, after: { slate: 2 } },
        { key: 'slate', work: 1, acrossShifts: true },
      ],
      tasks: tasks.map((task, index) => ({
        id: id(index),
        work: task.work,
        painters: isTeam(task) ? 2 : 1,
        setup: task.key,
        spaces: task.bench ? [{ id: 'bench', slots: 1 }] : [],
        earliest: task.earliest,
        by: task.only === null || isTeam(task) ? null : [`p${Math.min(task.only, painters - 1)}`],
      })),
      waits: linked.map((index) => ({
        from: id(index - 1),
        to: id(index),
        atLeast:
          tasks[index]!.wait === 'clock'
            ? { clock: 'room', dose: tasks[index]!.length }
            : { ticks: tasks[index]!.wait === 'ticks' ? tasks[index]!.length : 0 },
        ...(tasks[index]!.atMost === null ? {} : { atMost: { ticks: tasks[index]!.atMost }, late: { work: 1 } }),
      })),
      holds: linked
        .filter((index) => tasks[index]!.holds)
        .map((index) => ({ space: 'rack', slots: 1, after: id(index - 1), until: id(index) })),
    });
  });

const untilFound = () => ({ tries: { left: 20_000 }, shouldStop: () => false });

test('small problems against trying every plan: as early as the best, proved by trying everything, its bound never above', () => {
  const seen = { same: 0, later: 0, missed: 0, none: 0 };
  fc.assert(
    fc.property(problems, (problem) => {
      const plan = solve(problem, { steps: 200 });
      if (plan.status !== 'infeasible') assert.deepEqual(verify(problem, plan), []);
      const best = earliestFinish(problem, plan.status === 'infeasible' ? null : plan.finish);
      if (best === null) {
        assert.equal(plan.status, 'infeasible');
        seen.none++;
        return;
      }
      if (plan.status === 'infeasible') {
        seen.missed++;
        return;
      }
      assert.ok(plan.finish >= best, `${plan.finish} beats ${best}`);
      assert.ok(plan.lowerBound <= best, `the bound ${plan.lowerBound} is above ${best}`);
      if (plan.status === 'optimal') assert.equal(plan.finish, best);
      seen[plan.finish === best ? 'same' : 'later']++;
      const prepared = prepare(problem);
      const bounds = BoundSearch.of(prepared);
      assert.ok(!('task' in bounds));
      const earlier = solveExactly(prepared, bounds, best - 1, untilFound());
      const found = solveExactly(prepared, bounds, best, untilFound());
      assert.equal(earlier.kind, 'none', 'nothing is earlier than the best');
      assert.equal(found.kind, 'earlier', 'the best is found');
    }),
    { numRuns: 150, seed: 4, endOnFailure: true },
  );
  assert.deepEqual([seen.missed, seen.later], [0, 0], JSON.stringify(seen));
  assert.ok(seen.same > 120 && seen.none > 0, JSON.stringify(seen));
});
