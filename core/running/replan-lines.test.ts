import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { AcceptedPlan } from '../job/document/plan-schema.ts';
import { acceptedPlan } from '../planning/revising/accept.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { replanLines } from './replan-lines.ts';

const NOW = '2027-03-01T07:00';
const DAY = 1440;

const made = new TestJob().door('d').door('e').coated();
const [room] = made.job.rooms;
made.tell('change-room', {
  id: room!.id,
  facts: {
    tasks: { sheet: { id: 'sheet', words: 'Sheet the floor', when: 'before', minutes: 20, people: 1, doneAt: null } },
  },
});
const problem = jobToProblem(made.job, NOW);
const plan = solve(problem.problem, { steps: 20 });
assert.ok(plan.status !== 'infeasible');
const before = acceptedPlan(made.job, problem.problem, plan, { at: NOW, reason: 'D-01 is still tacky' });
const SITE = 'room/room-1/sheet';

/** The plan with some tasks so many minutes later, and its finish with them. */
function later(by: Readonly<Record<string, number>>, finish = 0): AcceptedPlan {
  const tasks = before.tasks.map((task) => {
    const minutes = by[task.id] ?? 0;
    return { ...task, start: task.start + minutes, end: task.end + minutes };
  });
  return { ...before, tasks, finish: before.finish + finish };
}
const told = (after: AcceptedPlan, at = 0) => replanLines(made.job, problem, before, after, at);

test('what moved farthest is named with both times, and how many others went with it', () => {
  const { why, moved, isLater } = told(later({ 'd/rehang': 120, 'e/rehang': 60 }, 120));
  assert.match(why, /^D-01 is still tacky\. Finish 2 h later: Mon 8 Mar, morning\.$/);
  assert.match(moved, /^D-01, rehang: Mon 8 Mar, 08:00 → 10:00\. 1 other piece moves\.$/);
  assert.ok(isLater);
});

test('a finish that comes forward is no slip, and one that stays is said to', () => {
  const sooner = told(later({}, -90));
  assert.match(sooner.why, /D-01 is still tacky\. Finish 1 h 30 min sooner: Mon 8 Mar, morning\./);
  assert.ok(!sooner.isLater);
  assert.match(told(later({ 'd/rehang': 60 })).why, /D-01 is still tacky\. Finish unchanged: Mon 8 Mar, morning\./);
});

test('work in a room that moves farthest is named by its room, and the pieces that moved are not forgotten', () => {
  assert.ok(before.tasks.some(({ id }) => id === SITE));
  const { moved } = told(later({ [SITE]: 2 * DAY, 'd/rehang': 60 }));
  assert.match(moved, /First room: sheet the floor: Mon 1 Mar → Wed 3 Mar\. 1 other piece moves\.$/);
});

test('what only changes hands is no move in time', () => {
  const after = later({});
  const hands = after.tasks.map((task) => (task.id === 'd/rehang' ? { ...task, painters: ['somebody'] } : task));
  const { moved, today } = told({ ...after, tasks: hands });
  assert.equal(moved, '1 piece changes painter. Times stay the same.');
  assert.equal(today, 'Today’s work is unchanged.');
});

test('what leaves the day and what comes into it is told by mark; a minute or two are not', () => {
  const first = before.tasks.find(({ id }) => id === 'd/take-off')!;
  const last = before.tasks.find(({ id }) => id === 'e/rehang')!;
  const shift = Math.floor(first.start / DAY) * DAY - Math.floor(last.start / DAY) * DAY;
  assert.ok(shift < 0, 'it is hung on another day than it is taken off');
  const { today } = told(later({ 'd/take-off': DAY, 'e/rehang': shift }));
  assert.equal(today, 'Moved off today: D-01. Moved to today: D-02.');
  assert.equal(told(later({ 'd/take-off': 5 })).moved, 'Nothing else moves.');
});
