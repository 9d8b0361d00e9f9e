import assert from 'node:assert/strict';
import { test } from 'node:test';
import { verdictsOf } from '../build-up/judge.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { CHANGES, withChanges } from './changes.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import type { PlanCost } from '../scheduling/plan.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { findSpeedUps, type DayAsked } from './speed-ups.ts';

const NOW = '2027-03-01T00:00';
const doors = (): TestJob['job'] => new TestJob().door('a').door('b').coated().job;

const costOf = (job: TestJob['job']): PlanCost => {
  const plan = solve(jobToProblem(job, NOW).problem, { steps: 60 });
  assert.ok(plan.status !== 'infeasible');
  return plan.cost;
};
const asked = (due: number): DayAsked => ({ due, finish: 30 * 1440 });
const finishOf = (job: TestJob['job']): number => costOf(job).finish;

test('each change that is offered as in time is in time when it is made and planned', () => {
  const job = doors();
  const due = finishOf(job) - 1;
  const bought = findSpeedUps(job, NOW, asked(due), { steps: 40 });
  const inTime = bought.filter(({ meets }) => meets);
  assert.ok(inTime.length > 0, 'something helps');
  for (const { changes, finish } of inTime) {
    const made = withChanges(
      job,
      changes.map((id) => CHANGES.find((change) => change.id === id)!),
    );
    assert.ok(made && finish !== null && finishOf(made.job) <= due);
  }
  // What is in time stands first, the cheapest of it in front.
  assert.deepEqual(
    bought.map(({ meets }) => meets),
    [...bought.map(({ meets }) => meets)].sort((one, other) => Number(other) - Number(one)),
  );
  const efforts = inTime.map(({ effort }) => effort);
  assert.deepEqual(
    efforts,
    efforts.toSorted((one, other) => one - other),
  );
});

test('where no change is enough they are tried by twos, and what can’t be done is not offered', () => {
  const job = doors();
  const told: string[] = [];
  const bought = findSpeedUps(job, NOW, asked(60), {
    steps: 20,
    onTried: ({ changes }) => told.push(changes.join('+')),
  });
  assert.ok(bought.every(({ meets }) => !meets));
  assert.ok(bought.some(({ changes }) => changes.length === 2));
  assert.equal(told.length, bought.length);
  const onPoints = new TestJob().tell('change-planning', { turning: 'both-on-points' }).door('a').coated().job;
  assert.ok(!findSpeedUps(onPoints, NOW, asked(0), { steps: 12 }).some(({ changes }) => changes.includes('turning')));
});

test('changes of the same thing add up: an hour longer and Saturdays', () => {
  const changes = ['hour', 'saturday'].map((id) => CHANGES.find((change) => change.id === id)!);
  const made = withChanges(doors(), changes);
  const [painter] = made?.job.crew ?? [];
  assert.equal(made?.calls.length, 2);
  assert.deepEqual(painter?.week.sat, painter?.week.fri);
  assert.notDeepEqual(painter?.week.fri, doors().crew[0]?.week.fri);
});

test('quicker build-ups and fewer faces are for what is not begun, and no greater risk', () => {
  const made = new TestJob().door('a').coated('enamel-alkyd-wb');
  made.tell('add-pieces', { ids: ['c', 'd'], kind: 'cabinet-door', piece: usualPiece('cabinet-door', 'room-1') });
  made.coated('enamel-alkyd-wb');
  const [buildUp, faces] = ['build-up', 'faces'].map((id) => CHANGES.find((change) => change.id === id)!);
  const quicker = withChanges(made.job, [buildUp!])!.job;
  assert.ok(costOf(quicker).counted <= costOf(made.job).counted - 24 * 60, 'a day sooner at least');
  const levels = (job: TestJob['job']): string[] => [...verdictsOf(job).values()].map(({ level }) => level);
  levels(quicker).forEach((level, index) =>
    assert.ok(level !== 'forbidden' && (level !== 'risk' || levels(made.job)[index] === 'risk')),
  );
  const fewer = withChanges(made.job, [faces!])!.job;
  assert.deepEqual(
    fewer.pieces.map(({ id, scope }) => [id, scope.faces.length]),
    [
      ['a', 2],
      ['c', 1],
      ['d', 1],
    ],
  );
  const stamp = { id: 's', at: '2027-03-01T08:20', event: 'done' as const, by: 'painter-1', minutes: 4 };
  made.tell('stamp', { entries: ['a', 'c'].map((id) => ({ ...stamp, id, taskId: `${id}/take-off` })) });
  assert.deepEqual(buildUp!.commands(made.job), [], 'both groups are begun');
  assert.deepEqual(
    withChanges(made.job, [faces!])!.job.pieces.map(({ scope }) => scope.faces.length),
    [2, 2, 1],
  );
});

test('every change can be made in a usual job, is said in words, and stops when asked', () => {
  const access = { ...DOOR.access, closesAtNight: true };
  const made = new TestJob().door('a', { access, zone: 'left' }).door('b', { zone: 'right' });
  const job = made
    .tell('add-pieces', { ids: ['c'], kind: 'cabinet-door', piece: usualPiece('cabinet-door', 'room-1') })
    .coated('enamel-alkyd-wb')
    .tell('change-room', { id: made.job.rooms[0]!.id, facts: { zonesAtOnce: 1 } }).job;
  for (const change of CHANGES) {
    assert.ok(withChanges(job, [change]) !== null, change.id);
    assert.ok(change.words(job).length > 5);
  }
  assert.deepEqual(findSpeedUps(doors(), NOW, asked(0), { shouldStop: () => true }), []);
});
