import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblem } from './problem.ts';
import type { FoundPlan } from './plan.ts';
import { verify, type BrokenRule } from './verify.ts';

const problem: PlanProblem = planProblemSchema.parse({
  format: PLAN_PROBLEM_FORMAT,
  tickMinutes: 5,
  t0: '2027-03-01T00:00',
  horizon: 200,
  painters: [
    {
      id: 'p1',
      shifts: [
        [0, 50],
        [60, 110],
      ],
    },
    {
      id: 'p2',
      shifts: [
        [0, 50],
        [60, 110],
      ],
    },
  ],
  spaces: [
    { id: 'bench', slots: 1 },
    { id: 'rack', slots: 1 },
  ],
  clocks: [{ id: 'room', step: 10, rate: Array<number>(20).fill(0.5) }],
  windows: [{ id: 'bright', intervals: [[10, 100]] }],
  setups: [
    { key: 'white', work: 3, keeps: 30, acrossShifts: false, after: { slate: 5 } },
    { key: 'slate', work: 2 },
  ],
  tasks: [
    {
      id: 'back',
      work: 5,
      painters: 1,
      setup: 'white',
      spaces: [{ id: 'bench', slots: 1 }],
      window: 'bright',
      by: ['p1'],
      earliest: 12,
      latest: 40,
    },
    { id: 'front', work: 5, painters: 1, setup: 'white', spaces: [{ id: 'bench', slots: 1 }] },
    { id: 'frame', work: 20, painters: 1, pausable: true },
    { id: 'hang', work: 4, painters: 2 },
  ],
  waits: [
    { from: 'back', to: 'front', atLeast: { clock: 'room', dose: 8 }, atMost: { ticks: 60 }, late: { work: 2 } },
    { from: 'front', to: 'hang', atLeast: { ticks: 10 } },
  ],
  holds: [{ space: 'rack', slots: 1, after: 'back', until: 'front' }],
});

const sound = (): FoundPlan => ({
  status: 'feasible',
  tasks: [
    { id: 'back', start: 12, end: 17, painters: ['p1'], late: false },
    { id: 'front', start: 33, end: 38, painters: ['p1'], late: false },
    { id: 'frame', start: 40, end: 70, painters: ['p2'], late: false },
    { id: 'hang', start: 80, end: 84, painters: ['p1', 'p2'], late: false },
  ],
  setups: [{ key: 'white', painter: 'p1', start: 9, end: 12 }],
  finish: 84,
  lowerBound: 60,
  cost: { finish: 84, counted: 84, trouble: 40, painterDays: 2, setups: 1, sumOfEnds: 209 },
});

test('a sound plan breaks nothing', () => {
  assert.deepEqual(verify(problem, sound()), []);
});

const task = (plan: FoundPlan, id: string): FoundPlan['tasks'][number] => plan.tasks.find((entry) => entry.id === id)!;
const move = (plan: FoundPlan, id: string, start: number, end: number): void =>
  void Object.assign(task(plan, id), { start, end });

const BROKEN: readonly (readonly [BrokenRule['rule'], string, (plan: FoundPlan) => void])[] = [
  ['tasks', 'a task is missing', (plan) => plan.tasks.pop()],
  ['tasks', 'a task is planned twice', (plan) => plan.tasks.push(task(plan, 'front'))],
  ['work', 'too little time', (plan) => move(plan, 'front', 33, 37)],
  ['work', 'a pause where nobody pauses', (plan) => move(plan, 'frame', 40, 72)],
  ['shift', 'a break in the middle', (plan) => move(plan, 'front', 47, 62)],
  ['shift', 'outside working hours', (plan) => move(plan, 'hang', 120, 124)],
  ['painters', 'one hand short', (plan) => task(plan, 'hang').painters.pop()],
  ['painters', 'the wrong hands', (plan) => (task(plan, 'back').painters = ['p2'])],
  ['painters', 'one painter twice', (plan) => (task(plan, 'hang').painters = ['p1', 'p1'])],
  ['overlap', 'two things at once', (plan) => ((task(plan, 'frame').painters = ['p1']), move(plan, 'frame', 30, 50))],
  ['earliest', 'before it may', (plan) => move(plan, 'back', 11, 16)],
  ['latest', 'after it may', (plan) => move(plan, 'back', 36, 41)],
  ['window', 'in the sun', (plan) => move(plan, 'back', 3, 8)],
  ['horizon', 'beyond the horizon', (plan) => move(plan, 'hang', 198, 202)],
  ['space', 'two on one bench', (plan) => move(plan, 'front', 14, 19)],
  ['wait', 'too soon for the clock', (plan) => move(plan, 'front', 32, 37)],
  ['wait', 'too soon by ticks', (plan) => move(plan, 'hang', 47, 51)],
  ['late', 'late and not said so', (plan) => move(plan, 'front', 78, 83)],
  ['late', 'said late and is not', (plan) => (task(plan, 'front').late = true)],
  ['setup', 'no set-up', (plan) => (plan.setups = [])],
  ['setup', 'set up for something else', (plan) => (plan.setups[0]!.key = 'slate')],
  ['setup', 'a set-up that is too short', (plan) => (plan.setups[0]!.start = 10)],
  ['setup', 'a set-up outside hours', (plan) => Object.assign(plan.setups[0]!, { start: 51, end: 54 })],
  ['setup', 'a set-up that no longer keeps', (plan) => move(plan, 'front', 44, 49)],
  ['setup', 'a set-up from before the break', (plan) => move(plan, 'front', 62, 67)],
  ['finish', 'a finish that is not the last end', (plan) => (plan.finish = 83)],
];

for (const [rule, what, spoil] of BROKEN) {
  test(`finds ${what}`, () => {
    const plan = sound();
    spoil(plan);
    assert.ok(
      verify(problem, plan).some((broken) => broken.rule === rule),
      JSON.stringify(verify(problem, plan)),
    );
  });
}

test('a hold counts while nobody works', () => {
  const crowded = structuredClone(problem);
  crowded.tasks.push({ ...crowded.tasks[1]!, id: 'other', setup: null, spaces: [{ id: 'rack', slots: 1 }] });
  const plan = sound();
  plan.tasks.push({ id: 'other', start: 20, end: 25, painters: ['p2'], late: false });
  assert.deepEqual(
    verify(crowded, plan).map((broken) => broken.rule),
    ['space'],
  );
});

test('a tool that was used in between has to be set up for again', () => {
  const mixed = structuredClone(problem);
  mixed.tasks.push({ ...mixed.tasks[1]!, id: 'between', setup: 'slate', spaces: [] });
  const plan = sound();
  const between = { id: 'between', start: 22, end: 27, painters: ['p1'], late: false };
  plan.tasks.unshift(between);
  assert.deepEqual(
    verify(mixed, plan).map((broken) => broken.tasks),
    [['between'], ['front', 'between']],
  );
  plan.setups.push({ key: 'slate', painter: 'p1', start: 20, end: 22 });
  plan.setups.push({ key: 'white', painter: 'p1', start: 28, end: 33 });
  assert.deepEqual(verify(mixed, plan), []);
  // Before the set-up for it was made, it is nothing to the next task.
  Object.assign(between, { start: 0, end: 5 });
  assert.deepEqual(
    verify(mixed, plan).map((broken) => broken.tasks),
    [['between']],
  );
});

test('a late task that takes its extra work is sound', () => {
  const plan = sound();
  move(plan, 'front', 88, 95);
  task(plan, 'front').late = true;
  plan.setups.push({ key: 'white', painter: 'p1', start: 85, end: 88 });
  move(plan, 'hang', 105, 109);
  plan.finish = 109;
  assert.deepEqual(verify(problem, plan), []);
});
