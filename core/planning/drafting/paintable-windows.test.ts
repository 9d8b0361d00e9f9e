import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from './job-to-problem.ts';
import { readPlan } from '../reading/read-plan.ts';
import { solve } from '../../scheduling/solve/solve.ts';
import { weatherConflicts } from '../reading/weather-conflicts.ts';

function planned(job: TestJob['job']) {
  const problem = jobToProblem(job, '2027-03-01T07:00');
  const solution = solve(problem.problem, { steps: 40 });
  assert.ok(solution.status !== 'infeasible');
  return { problem, solution, reading: readPlan(job, problem, { ...solution, t0: problem.problem.t0 }) };
}

/** Mild grey days, with rain from six to six where it is said. */
const hours = (isRainy: boolean) =>
  Array.from({ length: 24 * 12 }, (_unused, index) => ({
    at: `2027-03-${String(1 + Math.floor(index / 24)).padStart(2, '0')}T${String(index % 24).padStart(2, '0')}:00`,
    temperature: 16,
    humidity: 60,
    wind: 2,
    cloud: 1,
    rain: isRainy && index % 24 >= 6 && index % 24 < 18 ? 0.5 : 0,
  }));

const withForecast = (isRainy: boolean): TestJob =>
  new TestJob()
    .tell('take-hours', {
      climateId: 'open-air',
      hours: hours(isRainy),
      source: 'typed',
      name: '',
      at: '2027-03-01T06:00',
    })
    .door('inside', { comesOff: false })
    .door('outside', {
      comesOff: false,
      exposure: { front: 'outside', back: 'inside' },
      scope: { faces: ['front'], edges: [] },
    })
    .coated('ext-acrylic');

test('a plan keeps outside coats to paintable hours; when the forecast changes, it is told which are against it', () => {
  const dry = planned(withForecast(false).job);
  const isOutside = (id: string): boolean => id.startsWith('outside/coat');
  const starts = dry.solution.tasks.filter(({ id }) => isOutside(id)).map(({ start }) => start);
  assert.ok(starts.length > 0 && starts.every((start) => start < 12 * 1440), 'painted in the days of the forecast');
  assert.deepEqual(weatherConflicts(withForecast(false).job, dry.problem, dry.reading, 0), []);

  const { job } = withForecast(true);
  const rainy = jobToProblem(job, '2027-03-01T07:00');
  const against = weatherConflicts(job, rainy, dry.reading, 0);
  assert.ok(against.length > 0);
  assert.ok(against.every(({ step, hindrance }) => step.piece.id === 'outside' && hindrance.startsWith('rain')));
  assert.deepEqual(weatherConflicts(job, rainy, dry.reading, Infinity), [], 'what has been is not told');

  const anew = planned(job);
  assert.deepEqual(weatherConflicts(job, anew.problem, anew.reading, 0), []);
  const first = Math.min(...anew.solution.tasks.filter(({ id }) => isOutside(id)).map(({ start }) => start));
  assert.ok(first > Math.min(...starts), 'it waits for the rain to end');
});

test('a room that is too cold at night is painted by day, and one that always is does not hold up the rest', () => {
  const at = (coldest: number, warmest: number): TestJob['job'] => {
    const test = new TestJob().door('a', { comesOff: false }).door('b').coated();
    const [house] = test.job.climates;
    const usual = { warmest, coldest, humidityAtWarmest: 50, humidityAtColdest: 50 };
    return test.tell('change-climate', { id: house!.id, facts: { usual } }).job;
  };
  const { problem, tooLong } = jobToProblem(at(2, 20), '2027-03-01T07:00');
  assert.deepEqual(tooLong, []);
  assert.ok(problem.windows.length > 0);
  const coat = problem.tasks.find(({ id }) => id.startsWith('a/coat-1'));
  const window = problem.windows.find(({ id }) => id === coat?.window);
  assert.ok(
    window?.intervals.every(([opens, closes]) => closes - opens < 1440),
    'never over a night',
  );

  const cold = jobToProblem(at(2, 6), '2027-03-01T07:00');
  assert.deepEqual(
    cold.tooLong.map(({ step, longest }) => [step.piece.id, step.coat?.number, longest]),
    [
      ['a', 1, 0],
      ['b', 1, 0],
    ].filter(([id]) => cold.tooLong.some(({ step }) => step.piece.id === id)),
  );
  assert.ok(cold.tooLong.some(({ step }) => step.piece.id === 'a'));
  assert.ok(!cold.problem.tasks.some(({ id }) => id.startsWith('a/')));
  assert.deepEqual(
    jobToProblem(at(15, 20), '2027-03-01T07:00').problem.windows,
    [],
    'no windows where all hours will do',
  );
});
