import { PLAIN_CLIMATE, type Climate } from '../core/air/climate.ts';
import { simulatedForecast } from '../core/air/simulated-weather.ts';
import { JobClocks } from '../core/clocks/job-clocks.ts';
import { newJob, OPEN_AIR } from '../core/job/document/new-job.ts';
import { DRYING_STAGES } from '../core/shelf/coating.ts';
import { DEFAULT_COATINGS } from '../core/shelf/default-coatings.ts';
import { load } from './load.ts';

/** `npm run bench:drying`: a year of hourly climate in twenty rooms, and 10,000 questions to the clocks of 16 products. */
const YEAR = load(365, 60);
const ROOMS = 20;
const QUESTIONS = load(10_000, 200);

const job = newJob({
  id: 'year',
  name: 'Year',
  createdAt: '2027-01-01T08:00:00Z',
  start: '2027-01-01',
  timeZone: 'Europe/Berlin',
});
const hours = simulatedForecast({
  latitude: 44.4,
  longitude: 12.3,
  timeZone: 'Europe/Berlin',
  from: '2027-01-01',
  days: YEAR,
});
const outdoors: Climate = {
  ...PLAIN_CLIMATE,
  id: 'open-air',
  name: 'Open air',
  whereabouts: 'outdoors',
  usual: OPEN_AIR.usual,
  stated: { hours, taken: [] },
};
const rooms = Array.from({ length: ROOMS }, (_unused, index): Climate => ({
  ...PLAIN_CLIMATE,
  id: `room-${index}`,
  name: `Room ${index}`,
  usual: OPEN_AIR.usual,
  shelter: { lag: 3 + index, warmer: index % 4 },
  heating:
    index % 3 === 0
      ? null
      : { spans: [{ setPoint: 16 + (index % 5), from: 6, until: 18 }], warmUp: 3, holds: 3, onSince: null },
}));
const facts = { climates: [outdoors, ...rooms], readings: [], site: job.site };

const at = <T>(list: readonly T[], index: number): T => {
  const entry = list[index % list.length];
  if (entry === undefined) throw new RangeError('The list is empty.');
  return entry;
};

/** Asks all questions of some clocks; answers how many have an end within the year. */
function ask(clocks: JobClocks): number {
  let answered = 0;
  for (let question = 0; question < QUESTIONS; question++) {
    const coating = at(DEFAULT_COATINGS, question);
    const stage = at(DRYING_STAGES, Math.floor(question / 16));
    const from = (question * 7919) % ((YEAR - 40) * 1440);
    const reached = clocks.reached(coating, stage, from, `room-${question % ROOMS}`);
    if (reached !== null && reached < Infinity) answered++;
  }
  return answered;
}

const timed = (work: () => void): number => {
  const started = performance.now();
  work();
  return performance.now() - started;
};
const inWords = (times: readonly number[]): string => times.map((time) => `${Math.round(time)} ms`).join(', ');
const runs = Array.from({ length: load(5, 1) }, () => {
  let clocks = new JobClocks(facts, '2027-01-01', YEAR);
  const fromNothing = timed(() => {
    clocks = new JobClocks(facts, '2027-01-01', YEAR);
    ask(clocks);
  });
  return { fromNothing, again: timed(() => void ask(clocks)), answered: ask(clocks) };
});
console.log(`${QUESTIONS} questions, ${runs[0]?.answered ?? 0} with an end within the year`);
console.log(`from stated climates to the last answer: ${inWords(runs.map(({ fromNothing }) => fromNothing))}`);
console.log(`asked again of the same clocks: ${inWords(runs.map(({ again }) => again))}`);
