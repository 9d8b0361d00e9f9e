import assert from 'node:assert/strict';
import { test } from 'node:test';
import { simulatedAir, simulatedComb, SETTLED_AFTER } from '../../air/simulated-instruments.ts';
import { productNeeds } from '../../quantities/litres.ts';
import { residueIn } from '../../shelf/tools.ts';
import { DEFAULT_COATINGS } from '../../shelf/default-coatings.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { formatDuration } from '../../units/measures.ts';
import { potAccount, potLifeAt, potRuns } from './pot-runs.ts';
import { readPlan } from './read-plan.ts';
import { solve } from '../../scheduling/solve/solve.ts';

const coat = (product: string, tool: 'roller' | 'brush' = 'roller') =>
  ({ product, tool, thinning: 0, extent: 'all' }) as const;

function planned(job: TestJob['job']) {
  const problem = jobToProblem(job, '2027-03-01T07:00');
  const solution = solve(problem.problem);
  assert.ok(solution.status !== 'infeasible');
  return { problem, reading: readPlan(job, problem, { ...solution, t0: problem.problem.t0 }) };
}

test('every planned run of a two-part primer has its portions, and together they are what the take-off says', () => {
  const { job } = new TestJob()
    .door('a')
    .door('b')
    .coated('enamel-acrylic', { coats: [coat('prime-2k-tile'), coat('enamel-acrylic'), coat('enamel-acrylic')] });
  const { problem, reading } = planned(job);
  const runs = potRuns(job, problem, reading);
  assert.ok(runs.length > 0 && runs.every(({ coating }) => coating.id === 'prime-2k-tile'));
  const onPieces = productNeeds(job)
    .find(({ product }) => product === 'prime-2k-tile')!
    .coats.reduce((sum, { litres }) => sum + litres, 0);
  const mixed = runs.reduce((sum, { litres }) => sum + litres - residueIn('roller'), 0);
  assert.ok(Math.abs(mixed - onPieces) < 1e-9);
  for (const { portions, potLife } of runs) {
    assert.ok(portions.kind === 'portions' && portions.induction + portions.workMinutes <= potLife);
  }
});

test('a pot lives longer in the cold, and at the tin’s own temperature as long as it says', () => {
  const tile = DEFAULT_COATINGS.find(({ id }) => id === 'prime-2k-tile')!;
  const at = (temperature: number): number => {
    const test = new TestJob();
    const [house] = test.job.climates;
    const usual = { warmest: temperature, coldest: temperature, humidityAtWarmest: 50, humidityAtColdest: 50 };
    test.tell('change-climate', { id: house!.id, facts: { usual } });
    const { clocks } = jobToProblem(test.job, '2027-03-01T07:00');
    const life = potLifeAt(clocks, tile, 'house', 600);
    const account = potAccount(clocks, tile, 'house', 600, 'metric');
    assert.ok(account.includes(`Here: ${temperature} °C on average.`), account.join(' '));
    assert.ok(
      account.some((line) => line.startsWith(`So ${formatDuration(life)}.`)),
      account.join(' '),
    );
    return life;
  };
  assert.ok(Math.abs(at(23) - 180) < 1e-6);
  assert.ok(Math.abs(at(13) - 360) < 1e-6);
  // No film forms at 5 °C, but the pot goes off all the same.
  assert.ok(Math.abs(at(5) - 180 * 2 ** 1.8) < 1e-6);
  assert.equal(
    potLifeAt(jobToProblem(new TestJob().job, '2027-03-01T07:00').clocks, DEFAULT_COATINGS[0]!, 'house', 0),
    Infinity,
  );
});

test('the simulated instruments settle, repeat themselves, and read between two teeth', () => {
  const forecast = { temperature: 15, humidity: 60 };
  const [first, settled, later] = [0, SETTLED_AFTER, SETTLED_AFTER + 20].map((seconds) =>
    simulatedAir('shed', forecast, seconds),
  );
  assert.ok(Math.abs(first!.temperature - 24) < 0.3, 'out of a warm pocket');
  assert.ok(Math.abs(settled!.temperature - later!.temperature) <= 0.4);
  assert.deepEqual(simulatedAir('shed', forecast, 20), simulatedAir('shed', forecast, 20));
  const { wetted, dry } = simulatedComb('a/coat-1', 100);
  assert.ok(wetted < dry && wetted >= 75 && dry <= 175);
});
