import assert from 'node:assert/strict';
import { readdirSync } from 'node:fs';
import { test } from 'node:test';
import fc from 'fast-check';
import { knownAnswers } from '../../fixtures/known-answers.ts';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblem, type PlanProblemFile } from '../problem.ts';
import { solutionFile } from '../solution-file.ts';
import { BY_ID, noPlanWords } from '../no-plan-words.ts';
import { verify } from '../verify.ts';
import { solve } from './solve.ts';

const CASES = readdirSync(new URL('../../../cases/plan/', import.meta.url));

for (const name of CASES) {
  test(`${name}: at its proven optimum, and proved where that ends in time`, () => {
    const { optimalFinish, problem, isProved } = knownAnswers(`plan/${name}`) as {
      optimalFinish: number;
      problem: PlanProblemFile;
      isProved?: false;
    };
    const parsed = planProblemSchema.parse(problem);
    const plan = solve(parsed);
    assert.ok(plan.status !== 'infeasible');
    assert.deepEqual(verify(parsed, plan), []);
    assert.deepEqual(solutionFile(parsed, plan), plan, 'its file says the same of its cost');
    assert.equal(plan.finish, optimalFinish);
    if (isProved !== false) assert.deepEqual([plan.status, plan.lowerBound], ['optimal', optimalFinish]);
    assert.deepEqual(solve(parsed), plan, 'the same problem has the same plan');
  });
}

const DAYS = 6;
const shifts = (from: number, until: number): [number, number][] =>
  Array.from({ length: DAYS }, (_unused, day): [number, number][] => [
    [day * 96 + from, day * 96 + from + 16],
    [day * 96 + from + 18, day * 96 + until],
  ]).flat();

interface PieceShape {
  coats: { work: number; dose: number; key: 'a' | 'b' | null }[];
  helpers: 1 | 2;
  pausable: boolean;
}

/** A small random job in quarter hours: pieces with coats, one of each rule of the format. */
function problemFrom(pieces: readonly PieceShape[], painters: number, rack: number, keeps: number | null): PlanProblem {
  const tasks: NonNullable<PlanProblemFile['tasks']> = [];
  const waits: NonNullable<PlanProblemFile['waits']> = [];
  const holds: NonNullable<PlanProblemFile['holds']> = [];
  pieces.forEach((piece, index) => {
    const id = (step: string): string => `p${index}.${step}`;
    tasks.push({ id: id('prep'), work: 5, painters: 1, pausable: piece.pausable });
    let before = id('prep');
    piece.coats.forEach((coat, number) => {
      const task = id(`coat${number}`);
      tasks.push({
        id: task,
        work: coat.work,
        painters: 1,
        setup: coat.key,
        spaces: [{ id: 'bench', slots: 1 }],
        window: number === 0 && index === 0 ? 'bright' : null,
      });
      waits.push({
        from: before,
        to: task,
        atLeast: number === 0 ? { ticks: 0 } : { clock: 'room', dose: coat.dose },
        ...(number > 0 ? { atMost: { ticks: 60 }, late: { work: 2 } } : {}),
      });
      if (number > 0) holds.push({ space: 'rack', slots: 1, after: before, until: task });
      before = task;
    });
    tasks.push({ id: id('hang'), work: 3, painters: Math.min(piece.helpers, painters) });
    waits.push({ from: before, to: id('hang'), atLeast: { clock: 'room', dose: 10 } });
    holds.push({ space: 'rack', slots: 1, after: before, until: id('hang') });
  });
  return planProblemSchema.parse({
    format: PLAN_PROBLEM_FORMAT,
    tickMinutes: 15,
    t0: '2027-03-01T00:00',
    horizon: DAYS * 96,
    painters: Array.from({ length: painters }, (_unused, index) => ({
      id: `q${index}`,
      shifts: shifts(32 + 4 * index, 68),
    })),
    spaces: [
      { id: 'bench', slots: 1 },
      { id: 'rack', slots: rack },
    ],
    clocks: [
      { id: 'room', step: 4, rate: Array.from({ length: DAYS * 24 }, (_unused, hour) => (hour % 24 < 7 ? 0.3 : 0.9)) },
    ],
    windows: [
      {
        id: 'bright',
        intervals: Array.from({ length: DAYS }, (_unused, day): [number, number] => [day * 96 + 36, day * 96 + 60]),
      },
    ],
    setups: [
      { key: 'a', work: 2, keeps, acrossShifts: false, after: { b: 3 } },
      { key: 'b', work: 1, keeps: null, acrossShifts: true },
    ],
    tasks,
    waits,
    holds,
  } satisfies PlanProblemFile);
}

const piece = fc.record({
  coats: fc.array(
    fc.record({
      work: fc.integer({ min: 1, max: 5 }),
      dose: fc.integer({ min: 0, max: 14 }),
      key: fc.constantFrom('a' as const, 'b' as const, null),
    }),
    { minLength: 1, maxLength: 3 },
  ),
  helpers: fc.constantFrom(1 as const, 2 as const),
  pausable: fc.boolean(),
});

test('whatever it answers passes the verifier, and its bound is below its finish', () => {
  fc.assert(
    fc.property(
      fc.array(piece, { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 1, max: 2 }),
      fc.integer({ min: 1, max: 3 }),
      fc.constantFrom(null, 8, 30),
      (pieces, painters, rack, keeps) => {
        const problem = problemFrom(pieces, painters, rack, keeps);
        const plan = solve(problem, { steps: 25 });
        if (plan.status === 'infeasible') {
          assert.ok(plan.reasons.length > 0 && plan.reasons.every((reason) => noPlanWords(reason, BY_ID).length > 10));
          return;
        }
        assert.deepEqual(verify(problem, plan), []);
        assert.ok(plan.lowerBound <= plan.finish);
      },
    ),
    { numRuns: 150 },
  );
});

/** One painter, one piece with two coats: the whole plan can be worked out by hand. */
const tiny = (): PlanProblem =>
  problemFrom(
    [
      {
        coats: [
          { work: 2, dose: 0, key: 'a' },
          { work: 2, dose: 9, key: 'a' },
        ],
        helpers: 1,
        pausable: false,
      },
    ],
    1,
    2,
    null,
  );

test('a plan worked by hand: prep, set-up, coat, ten ticks at 0.9, coat, wait, hang', () => {
  const plan = solve(tiny());
  assert.ok(plan.status !== 'infeasible');
  const at = (id: string): [number, number] | undefined => {
    const task = plan.tasks.find((entry) => entry.id === id);
    return task && [task.start, task.end];
  };
  // Shifts 32–48 and 50–68. Prep 32–37, set-up 37–39, coat 39–41; 9 / 0.9 = 10 ticks: 51, past the break, where the
  // set-up of key a is lost; set-up 50–52.
  assert.deepEqual(at('p0.prep'), [32, 37]);
  assert.deepEqual(at('p0.coat0'), [39, 41]);
  assert.deepEqual(at('p0.coat1'), [52, 54]);
  // 10 / 0.9 = 11.1 ticks after 54 is 66: 66 + 3 is over the shift's end at 68, so it hangs on the next morning.
  assert.deepEqual(at('p0.hang'), [128, 131]);
  assert.equal(plan.finish, 131);
});

const REASONS: readonly (readonly [string, (problem: PlanProblem) => void, RegExp])[] = [
  [
    'a task longer than every shift',
    (problem) => (problem.tasks[1]!.work = 19),
    /p0\.coat0 takes 4 h 45 min\. The longest shift is 4 h 30 min/,
  ],
  [
    'more slots than there are',
    (problem) => (problem.tasks[1]!.spaces[0]!.slots = 4),
    /bench \(1 space\) is too small: p0\.coat0 needs 4/,
  ],
  [
    'two people where there is one',
    (problem) => (problem.tasks[0]!.painters = 2),
    /p0\.prep needs 2 people\. Only 1 can do it/,
  ],
  [
    'a clock that stands still',
    (problem) => problem.clocks[0]!.rate.fill(0),
    /p0\.coat0 won’t be dry enough for p0\.coat1/,
  ],
  ['nobody at work', (problem) => (problem.painters[0]!.shifts = []), /No one who can do p0\.prep has working hours/],
  [
    'a window that is too short',
    (problem) => (problem.windows[0]!.intervals = [[36, 37]]),
    /longest paintable spell is 15 min/,
  ],
  ['a latest time that has passed', (problem) => (problem.tasks[1]!.latest = 40), /p0\.coat0 would finish too late/],
  [
    'tasks that wait for each other',
    (problem) => problem.waits.push({ from: 'p0.hang', to: 'p0.prep', atLeast: { ticks: 0 } }),
    /in a circle/,
  ],
  [
    'a wait that must not run out and does',
    (problem) => Object.assign(problem.waits[1]!, { atMost: { ticks: 2 }, late: null }),
    /can’t be done soon enough after p0\.coat0/,
  ],
];

for (const [what, spoil, message] of REASONS) {
  test(`says why there is no plan: ${what}`, () => {
    const problem = tiny();
    spoil(problem);
    const answer = solve(problem, { steps: 20 });
    assert.ok(answer.status === 'infeasible', 'infeasible');
    assert.match(answer.reasons.map((reason) => noPlanWords(reason, BY_ID)).join(' '), message);
  });
}

test('a task that must follow within a time pulls the one before it later', () => {
  const problem = tiny();
  // Hang within 80 ticks of a coat that would dry over night: the second coat has to wait for the afternoon.
  Object.assign(problem.waits[2]!, { atLeast: { ticks: 0 }, atMost: { ticks: 20 }, late: null });
  problem.tasks[3]!.earliest = 128;
  const plan = solve(problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible');
  assert.deepEqual(verify(problem, plan), []);
});

test('gives up when asked before there is a plan, and says that there may be one', () => {
  const answer = solve(tiny(), { giveUp: () => true });
  assert.ok(answer.status === 'infeasible');
  assert.deepEqual(answer.reasons, [{ kind: 'stopped', task: null }]);
});

test('the largest crew and calendar that the format allows is planned, not choked on', () => {
  const problem = tiny();
  const many = Array.from({ length: 5000 }, (_unused, index): [number, number] => [index * 20, index * 20 + 18]);
  problem.painters = Array.from({ length: 40 }, (_unused, index) => ({ id: `q${index}`, shifts: many }));
  problem.windows[0]!.intervals = [[0, 100]];
  problem.tasks[3]!.painters = 12;
  const plan = solve(problem, { steps: 6 });
  assert.ok(plan.status !== 'infeasible', 'planned');
  assert.deepEqual(verify(problem, plan), []);
});

test('tasks of one tool stay with those who may do them, however the search shares out hands', () => {
  const coat = { work: 3, dose: 0, key: 'a' as const };
  const problem = problemFrom(
    Array.from({ length: 4 }, () => ({ coats: [coat, coat], helpers: 1, pausable: false })),
    2,
    3,
    null,
  );
  problem.tasks.forEach((task, index) => (task.by = [`q${index % 2}`]));
  for (let seed = 1; seed <= 20; seed++) {
    const plan = solve(problem, { seed, steps: 60 });
    assert.ok(plan.status !== 'infeasible');
    assert.deepEqual(verify(problem, plan), []);
  }
});

test('stops when asked, with the best plan so far', () => {
  let asked = 0;
  const plan = solve(tiny(), { steps: 100_000, shouldStop: () => ++asked > 3 });
  assert.ok(plan.status !== 'infeasible');
  assert.ok(asked <= 5);
});
