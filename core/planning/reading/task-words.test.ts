import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { solve } from '../../scheduling/solve/solve.ts';
import { taskWords, withMarks } from './task-words.ts';

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

test('a reason names pieces, rooms and places, also where one id is the beginning of another', () => {
  const { job } = threeDoors();
  const made = jobToProblem(job, NOW);
  const told = (message: string): string => withMarks(message, job, made);
  assert.equal(told('d-20/rehang would end after its latest time.'), 'D-03 (rehang) would end after its latest time.');
  assert.equal(
    told('d-2/rehang can’t follow d/rehang soon enough'),
    'D-02 (rehang) can’t follow D-01 (rehang) soon enough',
  );
  assert.match(
    told('off/room-1 (2 slots) stays full, so d/rehang finds no place.'),
    /^What is off in Hall \(2 slots\) stays full, so D-01/,
  );
  assert.match(
    told('room/room-1/clear has no place before d/take-off'),
    /^Hall \(clear it\) has no place before D-01 \(/,
  );
});

test('why there is no plan says which piece, in the words of the trade', () => {
  const made = new TestJob().door('d').coated();
  const problem = jobToProblem(made.job, NOW);
  const tasks = problem.problem.tasks.map((task) => (task.id === 'd/rehang' ? { ...task, latest: 1500 } : task));
  const plan = solve({ ...problem.problem, tasks }, { steps: 5 });
  assert.ok(plan.status === 'infeasible');
  const told = plan.reasons.map(({ message }) => withMarks(message, made.job, problem)).join(' ');
  assert.match(told, /D-01 \(/);
  assert.doesNotMatch(told, /\bd\//);
});
