import assert from 'node:assert/strict';
import { test } from 'node:test';
import { JobClocks } from '../clocks/job-clocks.ts';
import { newJob } from '../job/document/new-job.ts';
import { DEFAULT_COATINGS } from '../shelf/default-coatings.ts';
import { accountLines, dryingAccount } from './drying-account.ts';

const ENAMEL = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-alkyd-wb')!;

function clocks(temperature: number, humidity: number): JobClocks {
  const job = newJob({ id: 'a', name: 'a', createdAt: '2027-03-01T00:00:00Z', start: '2027-03-01', timeZone: 'UTC' });
  const usual = {
    warmest: temperature,
    coldest: temperature,
    humidityAtWarmest: humidity,
    humidityAtColdest: humidity,
  };
  return new JobClocks(
    { ...job, climates: job.climates.map((climate) => (climate.id === 'house' ? { ...climate, usual } : climate)) },
    '2027-03-01',
    30,
  );
}

test('the account says what the tin says, what the air was, and comes to what the clocks say', () => {
  const cold = clocks(14, 60);
  const account = dryingAccount(cold, ENAMEL, 'recoat', 600, 'house');
  assert.ok(account, 'the tin states it');
  assert.equal(account.takes, (cold.reached(ENAMEL, 'recoat', 600, 'house') ?? 0) - 600);
  assert.deepEqual([account.stated, Math.round(account.temperature), Math.round(account.humidity)], [840, 14, 60]);
  const lines = accountLines(account, 'metric');
  assert.match(
    lines.join(' '),
    /^Tin: 14 h at 23 °C, 50% RH\. Here: 14 °C, 60% RH on average\. So 2\d h.*: \d+% longer/,
  );
});

test('a thick film and a painter’s own checks are told, and what never dries is told so', () => {
  const account = dryingAccount(clocks(20, 50), ENAMEL, 'recoat', 0, 'house', { filmRatio: 1.2, factor: 1.1 });
  assert.match(accountLines(account!, 'metric').join(' '), /Film 20% thicker.*By your checks 10% slower than the tin/);
  const never = dryingAccount(clocks(4, 80), ENAMEL, 'recoat', 0, 'house');
  assert.match(accountLines(never!, 'metric').at(-1) ?? '', /Too cold/);
  assert.match(accountLines(account!, 'us')[0] ?? '', /73 °F/);
});
