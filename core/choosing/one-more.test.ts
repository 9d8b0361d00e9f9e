import assert from 'node:assert/strict';
import { test } from 'node:test';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { oneMoreWords } from './one-more.ts';

const NOW = '2027-03-01T00:00';

/** Twelve doors on so many places of a rack. */
function doors(slots: number): TestJob['job'] {
  const made = new TestJob();
  for (let index = 0; index < 12; index++) made.door(`d${index}`);
  const rack = made.job.places.find(({ id }) => id === 'rack')!;
  return made.coated().tell('change-place', { id: rack.id, facts: { name: 'Rack and hooks', slots } }).job;
}

/** What is told of a job, and its finish, in days. */
function told(job: TestJob['job']): { words: string; days: number } {
  const { problem } = jobToProblem(job, NOW);
  const plan = solve(problem, { steps: 40 });
  assert.ok(plan.status !== 'infeasible');
  return { words: oneMoreWords(job, problem, plan.finish), days: (plan.finish * problem.tickMinutes) / 1440 };
}

test('where the rack is short, one more place is said to save days, and does; hands are not what is short', () => {
  const [two, three] = [told(doors(2)), told(doors(3))];
  const saved = Number(/^One more space on Rack and hooks saves about (\d+) days/.exec(two.words)?.[1]);
  assert.match(two.words, /one more painter saves almost nothing/);
  assert.ok(
    saved >= 2 && Math.abs(saved - (two.days - three.days)) <= saved / 2,
    `${saved} for ${two.days - three.days}`,
  );
});

test('where there is room for all, no place is said to save anything', () => {
  assert.match(told(doors(40)).words, /^One more space on Rack and hooks, .* or one more painter saves almost nothing/);
});
