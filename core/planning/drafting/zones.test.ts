import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from './job-to-problem.ts';
import { taskWords } from '../reading/task-words.ts';
import { verifiedPlan } from '../../scheduling/verified-plan.ts';

/** A kitchen of two zones, with two doors in each, and a door of no zone. */
function kitchen(zonesAtOnce: number | null): TestJob {
  const made = new TestJob();
  for (const zone of ['sink', 'stove'])
    for (const at of [1, 2]) made.door(`${zone}-${at}`, { zone, comesOff: at === 1 });
  made.door('larder').coated();
  return made.tell('change-room', { id: made.job.rooms[0]!.id, facts: { zonesAtOnce } });
}

/** From the first step of a zone until its last, in a plan of the job. */
function spansOf(made: TestJob, now = '2027-03-01T07:00') {
  const problem = jobToProblem(made.job, now);
  const plan = verifiedPlan(problem.problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible', JSON.stringify(plan));
  const span = (zone: string) => {
    const own = plan.tasks.filter(({ id, painters }) => id.startsWith(zone) && painters.length > 0);
    return { from: Math.min(...own.map(({ start }) => start)), until: Math.max(...own.map(({ end }) => end)) };
  };
  return { plan, problem, sink: span('sink'), stove: span('stove') };
}

const overlap = ({ sink, stove }: ReturnType<typeof spansOf>): boolean =>
  sink.from < stove.until && stove.from < sink.until;

test('one zone is back before another is begun, where only one may be in work', () => {
  const free = spansOf(kitchen(null));
  assert.ok(overlap(free), 'both are in work at once when nobody minds');
  const byTurns = spansOf(kitchen(1));
  assert.ok(!overlap(byTurns));
  assert.ok(byTurns.plan.finish > free.plan.finish, 'which takes longer');
  const begin = byTurns.problem.problem.tasks.find(({ id }) => id.endsWith('stove/begin'))!;
  assert.equal(taskWords(kitchen(1).job, byTurns.problem, begin.id), 'First room, stove: started');
});

test('a zone that has been begun is finished first', () => {
  const made = kitchen(1);
  const stamp = { id: 's', at: '2027-03-01T08:20', taskId: 'stove-1/take-off', event: 'done' as const };
  made.tell('stamp', { entries: [{ ...stamp, by: 'painter-1', minutes: 8 }] });
  const { sink, stove } = spansOf(made, '2027-03-01T08:20');
  assert.ok(stove.until <= sink.from);
});
