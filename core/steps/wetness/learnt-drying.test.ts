import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clocksOf } from '../../clocks/job-clocks.ts';
import { dryingClimateId } from '../../job/queries/places.ts';
import { localIso, localTime, minutesSince } from '../../job/site-time.ts';
import { DEFAULT_COATINGS } from '../../shelf/default-coatings.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../../planning/drafting/job-to-problem.ts';
import { learntDrying } from './learnt-drying.ts';

const NOW = '2027-03-03T08:00';
const COAT = 'a/coat-2/back';
const enamel = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-acrylic')!;

/** A door whose enamel was put on at nine, and found ready to be handled after so many times what its clock had said. */
function observed(times: readonly number[]): TestJob['job'] {
  const test = new TestJob().door('a').door('b').coated('enamel-acrylic');
  const at = '2027-03-01T09:00';
  const stamps = ['a', 'b'].map((id) => ({
    id,
    at,
    taskId: `${id}/coat-2/back`,
    event: 'done' as const,
    by: null,
    minutes: 20,
  }));
  test.tell('stamp', { entries: stamps });
  const { job } = test;
  const clocks = clocksOf(job, 30);
  const since = minutesSince(clocks.t0, at, 'Europe/Berlin');
  const predicted = clocks.reached(enamel, 'handle', since, dryingClimateId(job, job.pieces[0]!))! - since;
  times.forEach((factor, index) =>
    test.tell('take-readings', {
      readings: [
        {
          id: `found-${index}`,
          kind: 'stage',
          at: localIso(localTime(clocks.t0, Math.round(since + predicted * factor), 'Europe/Berlin')),
          taskId: index === 0 ? COAT : 'b/coat-2/back',
          stage: 'handle',
        },
      ],
    }),
  );
  return test.job;
}

test('a coat that took twice as long makes its product slower by the square root of two, on this job', () => {
  const job = observed([2]);
  const learnt = learntDrying(job, clocksOf(job, 30)).get('enamel-acrylic')!;
  assert.ok(Math.abs(learnt.factor - Math.SQRT2) < 0.01, `${learnt.factor}`);
  assert.ok(Math.abs(learnt.observations[0]!.actual / learnt.observations[0]!.predicted - 2) < 0.01);
});

test('the second observation counts for a third, against what was learnt before', () => {
  const job = observed([2, 2]);
  const { factor, observations } = learntDrying(job, clocksOf(job, 30)).get('enamel-acrylic')!;
  const off = observations[1]!.actual / observations[1]!.predicted;
  assert.ok(off < 1.9, 'predicted with the factor of the first');
  assert.ok(
    Math.abs(
      factor -
        (observations[0]!.actual /
          observations[0]!.predicted /
          Math.sqrt(observations[0]!.actual / observations[0]!.predicted)) *
          off ** (1 / 3),
    ) < 1e-9,
  );
});

test('what was learnt, and a heavy film that the comb showed, are in the plan’s waits', () => {
  const job = observed([2]);
  assert.ok(Math.abs(jobToProblem(job, NOW).conditions.get('b/coat-3/back')!.factor - Math.SQRT2) < 0.01);
  const test = new TestJob();
  test.job = job;
  test.tell('take-readings', {
    readings: [{ id: 'comb', kind: 'film', at: '2027-03-01T08:50', taskId: COAT, film: 137.14, from: 'typed' }],
  });
  // 32 µm dry of 35% solids are 91.4 µm wet: 137.14 is half as much again.
  assert.ok(Math.abs(jobToProblem(test.job, NOW).conditions.get(COAT)!.filmRatio - 1.5) < 0.001);
  assert.equal(jobToProblem(test.job, NOW).conditions.get('b/coat-2/back')!.filmRatio, 1);
});

test('a stage of a coat that nobody has stamped, or that came before it was put on, teaches nothing', () => {
  const test = new TestJob()
    .door('a')
    .coated('enamel-acrylic')
    .tell('take-readings', {
      readings: [{ id: 'found', kind: 'stage', at: NOW, taskId: COAT, stage: 'handle' }],
    });
  assert.equal(learntDrying(test.job, clocksOf(test.job, 30)).size, 0);
});
