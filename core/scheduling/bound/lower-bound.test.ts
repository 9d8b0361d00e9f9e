import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PLAN_PROBLEM_FORMAT, planProblemSchema, type PlanProblemFile } from '../problem.ts';
import { prepare } from '../solve/prepare.ts';
import { BoundSearch } from './lower-bound.ts';

const searchOf = (facts: Partial<PlanProblemFile>) =>
  BoundSearch.of(
    prepare(
      planProblemSchema.parse({
        format: PLAN_PROBLEM_FORMAT,
        tickMinutes: 5,
        t0: '2027-03-01T00:00',
        horizon: 400,
        painters: [
          {
            id: 'p',
            shifts: [
              [10, 50],
              [110, 150],
              [210, 250],
            ],
          },
        ],
        clocks: [{ id: 'room', step: 100, rate: [0.5, 1, 1, 1] }],
        tasks: [],
        ...facts,
      }),
    ),
  );

/** The bound where nothing but the horizon is known of a plan. */
function bound(facts: Partial<PlanProblemFile>) {
  const search = searchOf(facts);
  assert.ok(!('task' in search));
  return search.below(400);
}

test('a chain waits for its clock and then for the next shift', () => {
  const found = bound({
    tasks: [
      { id: 'coat', work: 5, painters: 1 },
      { id: 'hang', work: 5, painters: 1 },
    ],
    // 15–100 makes 42.5, and 20 more from 100 on: 120.
    waits: [{ from: 'coat', to: 'hang', atLeast: { clock: 'room', dose: 62.5 } }],
  });
  assert.deepEqual(found, { finish: 125, because: { kind: 'chain', tasks: ['coat', 'hang'] } });
});

test('work that does not fit the first day pushes the bound to the second, with its set-up', () => {
  const tasks = Array.from({ length: 4 }, (_unused, index) => ({
    id: `t${index}`,
    work: 10,
    painters: 1,
    setup: 'white',
  }));
  const found = bound({ tasks, setups: [{ key: 'white', work: 3 }] });
  // 40 ticks of work and one set-up, which may be made in the first shift: 43 of the 40 there are in it.
  assert.deepEqual([found.finish, found.because.kind], [113, 'crew']);
});

test('work that can only start late is counted from there', () => {
  const found = bound({ tasks: [1, 2, 3].map((index) => ({ id: `t${index}`, work: 20, painters: 1, earliest: 100 })) });
  // Two fill the second day's forty ticks; the third is done on the third day at the earliest.
  assert.equal(found.finish, 230);
});

test('a task that no calendar has room for is named', () => {
  const found = searchOf({ tasks: [{ id: 'long', work: 41, painters: 1 }] });
  assert.ok('task' in found);
  assert.equal(found.task.task.id, 'long');
});

const coats = (count: number, work: number) =>
  Array.from({ length: count }, (_unused, index) => ({ id: `coat${index}`, work, painters: 1 }));

test('what dries for a night at least can take each place once a day', () => {
  // Done at 15 at the earliest, 62.5 of the clock later is 120: every piece lies over a night, on one place.
  const found = bound({
    spaces: [{ id: 'rack', slots: 1 }],
    tasks: [...coats(3, 5), ...coats(3, 5).map((task) => ({ ...task, id: `hang-${task.id}` }))],
    waits: coats(3, 5).map(({ id }) => ({ from: id, to: `hang-${id}`, atLeast: { clock: 'room', dose: 62.5 } })),
    holds: coats(3, 5).map(({ id }) => ({ space: 'rack', slots: 1, after: id, until: `hang-${id}` })),
    horizon: 400,
    painters: [{ id: 'p', shifts: [0, 1, 2, 3].map((day): [number, number] => [day * 100 + 10, day * 100 + 50]) }],
    clocks: [{ id: 'room', step: 100, rate: [0.5, 1, 1, 1] }],
  });
  assert.equal(found.because.kind, 'space');
  // One slot: 15–120, then at 125 at the earliest until it is 62.5 later and morning, 210; then 215 until 310.
  assert.equal(found.finish, 315);
});

test('a place that one can work at is full when somebody works there all day', () => {
  const found = bound({
    spaces: [{ id: 'bench', slots: 1 }],
    painters: ['p', 'q'].map((id) => ({
      id,
      shifts: [
        [0, 40],
        [100, 140],
      ],
    })),
    tasks: coats(5, 10).map((task) => ({ ...task, spaces: [{ id: 'bench', slots: 1 }] })),
  });
  // Two of them could do it in thirty ticks; one bench has forty a day.
  assert.deepEqual([found.finish, found.because.kind], [110, 'space']);
});
