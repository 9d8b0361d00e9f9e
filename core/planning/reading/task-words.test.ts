import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import type { NoPlanReason } from '../../scheduling/plan.ts';
import { solve } from '../../scheduling/solve/solve.ts';
import { noPlanReason, taskWords } from './task-words.ts';

const NOW = '2027-03-01T07:00';

/** Three doors in a room that has to be cleared first. */
function threeDoors(): TestJob {
  const made = new TestJob().door('d').door('d-2').door('d-20').coated();
  const [room] = made.job.rooms;
  const task = { id: 'clear', words: 'Clear it', when: 'before', minutes: 30, people: 1, doneAt: null } as const;
  return made.tell('change-room', { id: room!.id, facts: { name: 'Hall', maxOff: 2, tasks: { [task.id]: task } } });
}

test('every task of a plan has a name with a mark or a place, and none that only the planner knows', () => {
  const { job } = threeDoors();
  const { problem, steps } = jobToProblem(job, NOW);
  for (const { id } of problem.tasks) {
    const words = taskWords(job, { steps }, id);
    assert.match(words, /^(D-0\d|Hall)/, id);
    assert.ok(!words.includes('/'), words);
  }
  assert.equal(
    taskWords(job, { steps }, 'd/coat-1/back/touch-dry'),
    'D-01: first coat: bonding primer, back is touch dry',
  );
});

test('a reason names pieces, rooms and limits as painters do', () => {
  const { job } = threeDoors();
  const made = jobToProblem(job, NOW);
  const told = (reason: NoPlanReason): string => noPlanReason(job, made, reason);
  assert.equal(told({ kind: 'ends-too-late', task: 'd-20/rehang' }), 'D-03 (rehang) would finish too late.');
  assert.equal(
    told({ kind: 'too-long-after', task: 'd-2/rehang', after: 'd/rehang' }),
    'D-02 (rehang) can’t be done soon enough after D-01 (rehang).',
  );
  assert.match(
    told({ kind: 'space-full', task: 'd/rehang', space: 'off/room-1', slots: 2 }),
    /^Hall, off at once \(at most 2\) is always full: no room for D-01 \(rehang\)/,
  );
  assert.match(
    told({ kind: 'pinned', task: 'room/room-1/clear', before: 'd/take-off' }),
    /^No time for Hall \(clear it\) before D-01 \(/,
  );
});

test('why there is no plan says which piece, in the words of the trade', () => {
  const made = new TestJob().door('d').coated();
  const problem = jobToProblem(made.job, NOW);
  const tasks = problem.problem.tasks.map((task) => (task.id === 'd/rehang' ? { ...task, latest: 1500 } : task));
  const plan = solve({ ...problem.problem, tasks }, { steps: 5 });
  assert.ok(plan.status === 'infeasible');
  const told = plan.reasons.map((reason) => noPlanReason(made.job, problem, reason)).join(' ');
  assert.match(told, /D-01 \(/);
  assert.doesNotMatch(told, /\bd\//);
});
