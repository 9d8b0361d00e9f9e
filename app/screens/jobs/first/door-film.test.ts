import assert from 'node:assert/strict';
import { test } from 'node:test';
import { JobClocks } from '../../../../core/clocks/job-clocks.ts';
import { newJob } from '../../../../core/job/document/new-job.ts';
import { DEFAULT_COATINGS } from '../../../../core/shelf/default-coatings.ts';
import { DOOR_FILM, FILM_FRAMES } from './door-film.ts';

test('the film on the first page is what the drying clocks say', () => {
  const job = newJob({
    id: 'film',
    name: 'Film',
    createdAt: '2027-03-01T00:00:00Z',
    start: '2027-03-01',
    timeZone: 'Europe/Berlin',
  });
  const usual = {
    warmest: DOOR_FILM.warmest,
    coldest: DOOR_FILM.coldest,
    humidityAtWarmest: 55,
    humidityAtColdest: 78,
  };
  const climates = job.climates.map((climate) => (climate.id === 'workshop' ? { ...climate, usual } : climate));
  const clocks = new JobClocks({ ...job, climates }, '2027-03-01', 20);
  const enamel = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-alkyd-wb');
  assert.ok(enamel, 'the enamel is on the shelf');
  assert.equal(enamel.hours.recoat, DOOR_FILM.tinRecoat);
  for (const stage of ['touch', 'recoat', 'rehang'] as const) {
    const hours = ((clocks.reached(enamel, stage, 15 * 60, 'workshop') ?? 0) - 15 * 60) / 60;
    assert.ok(Math.abs(hours - DOOR_FILM[stage]) < 0.06, `${stage}: ${hours}`);
  }
  assert.deepEqual(
    FILM_FRAMES.map(({ when }) => when),
    ['Mon 15:00', 'Mon 19:54', 'Tue 05:00', 'Tue 22:12', 'Sun 17:42'],
  );
});
