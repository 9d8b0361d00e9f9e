import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../fixtures/jobs.ts';
import { boundWords } from './bound-words.ts';
import type { LowerBound } from '../../scheduling/bound/lower-bound.ts';
import { shiftsOf } from '../../steps/crew-shifts.ts';
import { painterHours } from './idle-hours.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { solve } from '../../scheduling/solve/solve.ts';
import { chainOfBatches, longestLinks } from './delay-chain.ts';
import { DelayExplainer } from './delay-explainer.ts';

function planned() {
  const { job } = new TestJob().door('a').door('b').door('c').coated();
  const problem = jobToProblem(job, '2027-03-01T00:00');
  const bounds: LowerBound[] = [];
  const plan = solve(problem.problem, { steps: 60, onBound: (bound) => bounds.push(bound) });
  assert.ok(plan.status !== 'infeasible');
  return { job, problem, plan, bounds };
}

test('the chain back from the finish goes back in time, each link over no later than the next begins', () => {
  const { job, problem, plan } = planned();
  const links = new DelayExplainer(job, problem, plan).explainFinish();
  assert.equal(links[0]?.end, plan.finish);
  assert.ok(
    links.some(({ kind, because }) => kind === 'drying' && /^Waiting for D-0\d to dry\.$/.test(because)),
    'something has to dry',
  );
  links.forEach(({ start, until, what }, index) => {
    assert.ok(until === null || until <= start, `${what} waits until ${until} and starts at ${start}`);
    assert.ok(start >= (links[index + 1]?.start ?? 0));
  });
});

test('a chain is told as whole batches from its beginning on, and of a long one the links that take longest', () => {
  const { job, problem, plan } = planned();
  const links = new DelayExplainer(job, problem, plan).explainFinish();
  const chain = chainOfBatches(links);
  assert.ok(chain.length < links.length, 'work of one kind is one link');
  assert.equal(chain.at(-1)?.end, plan.finish);
  assert.ok(chain.every(({ start }, at) => start >= (chain[at - 1]?.start ?? 0)));
  assert.ok(
    chain.every(({ what }, at) => what !== chain[at - 1]?.what),
    'nothing is told twice in a row',
  );
  const spans = chain.reduce((sum, { span }) => sum + span, 0);
  assert.equal(spans, plan.finish - (chain[0]?.start ?? 0), 'the links are the whole time');
  const told = longestLinks(chain, 3);
  assert.equal(told.length, 3);
  assert.equal(told.at(-1), chain.at(-1), 'and what is asked about');
  const least = Math.min(...told.slice(0, -1).map(({ span }) => span));
  assert.ok(chain.every((batch) => told.includes(batch) || batch.span <= least));
});

test('of any step it is told what holds it, in words and with marks', () => {
  const { job, problem, plan } = planned();
  const why = new DelayExplainer(job, problem, plan);
  const [hang] = why.explainStart('a/rehang');
  assert.match(hang?.what ?? '', /^D-01: rehang$/);
  const washed = why.explainStart('a/degloss')[0];
  assert.equal(washed?.kind, 'hands');
  assert.match(washed.because, /^Painter 1 is busy with D-0[1-3]\.$/);
  assert.deepEqual(why.explainStart('nothing'), []);
});

test('hours at work, of setting up and of idling are all the hours from the first thing done to the last', () => {
  const { job, problem, plan } = planned();
  const [hours] = painterHours(job.crew, problem.clocks.days, plan, 0);
  const own = [...plan.tasks.filter(({ painters }) => painters.length > 0), ...plan.setups];
  const [first, last] = [Math.min(...own.map(({ start }) => start)), Math.max(...own.map(({ end }) => end))];
  const there = shiftsOf(job.crew[0]!, problem.clocks.days).reduce(
    (sum, [opens, closes]) => sum + Math.max(0, Math.min(closes, last) - Math.max(opens, first)),
    0,
  );
  assert.ok(hours && hours.working > 0 && hours.settingUp > 0);
  assert.equal(hours.working + hours.settingUp + hours.idle, there);
});

test('a bound says what it rests on', () => {
  const { job, problem, bounds } = planned();
  const words = bounds.map(({ because }) => boundWords(job, problem, because, (tick) => `minute ${tick}`));
  assert.match(words[0] ?? '', /^D-01 alone needs that long: 12 steps with drying in between/);
  const crew = { kind: 'crew', from: 10, until: 70, work: 90, hours: 60 } as const;
  assert.match(boundWords(job, problem, crew, String), /From 10, 1 h 30 min of work is left\. The crew has 1 h by 70/);
  const rack = { kind: 'space', space: 'rack', from: 0, until: 9, uses: 7 } as const;
  assert.match(
    boundWords(job, problem, rack, String),
    /^Rack is the bottleneck: 7 turns needed from 0 to 9, more than it has/,
  );
});
