import assert from 'node:assert/strict';
import { test } from 'node:test';
import { helper } from '../../fixtures/worked-job.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { localTime } from '../../job/site-time.ts';
import { acceptedPlan } from './accept.ts';
import { comparePlans } from './compare-plans.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { Mover, type Moved } from './moving.ts';
import { pinsKeptBy } from '../drafting/pinned.ts';
import { verifiedPlan } from '../../scheduling/verified-plan.ts';
import { verify } from '../../scheduling/verify.ts';

const NOW = '2027-03-01T07:00';
const START = 420;

function planned(made = new TestJob().tell('add-painter', { entry: helper }).door('a').door('b').door('c').coated()) {
  const problem = jobToProblem(made.job, NOW);
  const plan = verifiedPlan(problem.problem, { steps: 40 });
  assert.ok(plan.status !== 'infeasible');
  const at = (id: string) => plan.tasks.find((task) => task.id === id)!;
  return { made, problem, plan, at, mover: new Mover(made.job, problem, plan, START) };
}

const refusal = (moved: Moved): string => ('refused' in moved ? moved.refused : 'not refused');

test('a coat is not moved onto paint that is still wet, and it is told until when it is', () => {
  const { mover, at } = planned();
  const front = at('a/coat-1/front');
  const back = at('a/coat-1/back');
  assert.ok(back.end < front.start);
  const moved = mover.move({ taskIds: [front.id], start: back.end + 5, painters: front.painters });
  assert.match(refusal(moved), /^D-01 \(first coat.*, back\) is still wet until /);
  // Where paint is not what it waits for, it says what comes first.
  const washed = at('a/no-rinse-wash') ?? at('a/wash');
  const degloss = at('a/degloss');
  assert.match(
    refusal(
      mover.move({ taskIds: [degloss.id], start: Math.max(START, washed?.start ?? START), painters: degloss.painters }),
    ),
    /still wet|^After|shift ends first|has gone/,
  );
});

test('nobody works at night, in the past, or for two', () => {
  const { mover, at } = planned();
  const { id, painters } = at('a/coat-2/front');
  assert.match(
    refusal(mover.move({ taskIds: [id], start: 3 * 1440, painters })),
    /isn’t in at Thu 4 Mar, 00:00\. Next fit: Thu 4 Mar, 08:00/,
  );
  assert.match(
    refusal(mover.move({ taskIds: [id], start: 60, painters })),
    /^That time has gone \(now Mon 1 Mar, 07:00\)/,
  );
  assert.match(refusal(mover.move({ taskIds: ['nothing'], start: 3 * 1440, painters })), /no longer in the plan/);
});

test('a run that is moved stands there, pinned, and all else keeps its rules and as much of its place as it can', () => {
  const { mover, at, problem, plan } = planned();
  const { id, start } = at('b/coat-1/back');
  const later = start + 1440;
  const moved = mover.move({ taskIds: [id], start: later, painters: [helper.id] });
  assert.ok('plan' in moved, refusal(moved));
  assert.deepEqual(moved.pins, [{ taskId: id, start: later, painters: [helper.id] }]);
  const there = moved.plan.tasks.find((task) => task.id === id);
  assert.deepEqual([there?.start, there?.painters], [later, [helper.id]]);
  assert.deepEqual(verify(problem.unpinned, moved.plan), [], 'also without the pin it is a plan');
  const own = moved.changes.moved.filter(({ taskId }) => taskId.startsWith('b/'));
  const others = moved.changes.moved.filter(({ taskId }) => !taskId.startsWith('b/'));
  assert.ok(own.some(({ taskId, from, to }) => taskId === id && to - from === 1440));
  assert.ok(others.length < plan.tasks.length / 3, `${others.length} tasks of other doors moved`);
  assert.deepEqual(moved.changes.pieces, [], 'the doors hang when they did');
});

test('what is pinned stays when all is planned anew; unpinned it need not', () => {
  const { made, at, mover, problem } = planned();
  const { id, start } = at('c/coat-1/back');
  const moved = mover.move({ taskIds: [id], start: start + 1440, painters: [helper.id] });
  assert.ok('plan' in moved, refusal(moved));
  const pins = [{ taskId: id, start: '2027-03-02T09:00', painters: [helper.id] }];
  const plan = acceptedPlan(made.job, problem.problem, moved.plan, { at: NOW, reason: 'Moved' });
  made.tell('accept-plan', { plan, pins });
  const again = jobToProblem(made.job, NOW);
  const anew = verifiedPlan(again.problem, { steps: 40, seed: 9 });
  assert.ok(anew.status !== 'infeasible');
  assert.equal(anew.tasks.find((task) => task.id === id)?.start, 1440 + 540);
  const free = verifiedPlan(again.unpinned, { steps: 40, seed: 9 });
  assert.ok(free.status !== 'infeasible' && free.finish <= anew.finish);
  // Two can’t be pinned to the same hands at once.
  const other = at('a/coat-1/back');
  const onto = new Mover(made.job, again, anew, START).move({
    taskIds: [other.id],
    start: 1440 + 540,
    painters: [helper.id],
  });
  assert.match(refusal(onto), /D-03: first coat.* is pinned there/);
});

test('of what is pinned, a plan that is gone back to keeps what stands there all the same', () => {
  const { made, at, plan, problem } = planned();
  const { t0 } = problem.problem;
  const [kept, moved] = [at('a/coat-1/back'), at('c/coat-1/back')];
  const { timeZone } = made.job.site;
  const pin = ({ id, start }: typeof kept, painters: readonly string[]) => ({
    taskId: id,
    start: localTime(t0, start, timeZone).toFormat("yyyy-MM-dd'T'HH:mm"),
    painters: [...painters],
  });
  const holds = pin(kept, kept.painters);
  const job = { ...made.job, pins: [holds, pin({ ...moved, start: moved.start + 60 }, moved.painters)] };
  assert.deepEqual(pinsKeptBy(job, { ...plan, t0 }), [holds]);
  const others = pin(kept, kept.painters.includes(helper.id) ? ['painter-1'] : [helper.id]);
  assert.deepEqual(pinsKeptBy({ ...job, pins: [others] }, { ...plan, t0 }), [], 'nor in other hands');
});

test('pins that can’t hold any more are told, and planned as if they were not there', () => {
  const { made } = planned();
  const pins = (
    [
      ['a/coat-1/back', '2027-03-02T03:00', ['painter-1']],
      ['a/coat-1/front', '2027-02-28T09:00', ['painter-1']],
      ['b/coat-1/back', '2027-03-02T09:00', ['painter-1', 'painter-2']],
      ['nothing', '2027-03-02T09:00', ['painter-1']],
    ] as const
  ).map(([taskId, start, painters]) => ({ taskId, start, painters: [...painters] }));
  made.tell('pin-tasks', { pins });
  const { problem, unpinned, brokenPins } = jobToProblem(made.job, NOW);
  assert.deepEqual(
    brokenPins.map(({ because }) => because),
    ['hours', 'past', 'hands', 'gone'],
  );
  assert.deepEqual(problem.tasks, unpinned.tasks);
});

test('two plans are compared by what begins from now on', () => {
  const { problem, plan } = planned();
  const later = {
    ...plan,
    finish: plan.finish + 60,
    tasks: plan.tasks.map((task) =>
      task.id === 'a/rehang' ? { ...task, start: task.start + 60, end: task.end + 60 } : task,
    ),
  };
  const changes = comparePlans(problem, plan, later, START);
  assert.deepEqual(changes.finish, [plan.finish, plan.finish + 60]);
  assert.deepEqual(
    changes.moved.map(({ taskId, from, to, handed }) => [taskId, to - from, handed]),
    [['a/rehang', 60, false]],
  );
  assert.deepEqual(
    changes.pieces.map(({ piece, from, to }) => [piece.mark, to - from]),
    [['D-01', 60]],
  );
  const none = comparePlans(problem, plan, later, plan.finish + 100);
  assert.deepEqual([none.moved, none.pieces, none.gone], [[], [], []]);
});
