import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from './job-to-problem.ts';
import { AIR_SLOTS } from './shared-air.ts';
import { solve } from '../../scheduling/solve/solve.ts';

test('nothing is sanded while a coat is wet in the same air', () => {
  const { job } = new TestJob().door('a').door('b').door('c').coated();
  const { problem, clocks, steps } = jobToProblem(job, '2027-03-01T07:00');
  const plan = solve(problem, { steps: 40 });
  assert.ok(plan.status !== 'infeasible');
  const wet = plan.tasks.flatMap(({ id, start, end }) => {
    const coat = steps.get(id)?.coat;
    if (!coat) return [];
    const place = job.places.find(({ kind }) => kind === 'rack');
    return [{ from: start, until: clocks.reached(coat.coating, 'touch', end, place?.climateId ?? '') ?? end }];
  });
  const dusty = plan.tasks.filter(({ id }) => steps.get(id)?.operation === 'denib');
  assert.ok(wet.length > 0 && dusty.length > 0);
  for (const { id, start, end } of dusty) {
    assert.ok(!wet.some(({ from, until }) => start < until - 1e-6 && from < end), `${id} makes dust over wet paint`);
  }
});

test('rooms with only one of both are left alone, and so is what dries in the open', () => {
  const inPlace = { comesOff: false } as const;
  const { problem } = jobToProblem(new TestJob().door('a', inPlace).coated().job, '2027-03-01T07:00');
  const air = problem.spaces.find(({ id }) => id === 'air/room/room-1');
  assert.equal(air?.slots, AIR_SLOTS);
  const bare = new TestJob().door('a', inPlace).coated('enamel-acrylic', {
    coats: [{ product: 'enamel-acrylic', tool: 'roller', thinning: 0, extent: 'all' }],
  });
  const once = jobToProblem(bare.job, '2027-03-01T07:00').problem;
  assert.ok(!once.spaces.some(({ id }) => id.startsWith('air/')), 'deglossed and painted once: no dust');
});

test('a coat that is wet now keeps dust away until it is touch dry, and one that is dry does not', () => {
  const stamp = (at: string): TestJob['job'] => {
    const fresh = new TestJob().door('a').door('b').coated();
    return fresh.tell('stamp', {
      entries: [{ id: 'e1', at, taskId: 'a/coat-1/back', event: 'done', by: null, minutes: 10 }],
    }).job;
  };
  const holds = (at: string): number =>
    jobToProblem(stamp(at), '2027-03-02T10:00').problem.holds.filter(
      ({ space, after }) => space.startsWith('air/') && after === 'a/coat-1/back',
    ).length;
  assert.equal(holds('2027-03-02T09:50'), 1);
  assert.equal(holds('2027-03-01T09:50'), 0);
});
