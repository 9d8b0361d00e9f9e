import { newJob } from '../core/job/new-job.ts';
import type { Job, Week } from '../core/job/schema.ts';
import { Story } from './story.ts';
import { proveTernStreet } from './tern-street-proof.ts';
import { surveyTernStreet } from './tern-street-survey.ts';

const span = (from: string, until: string): { from: string; until: string } => ({ from, until });
const LEAD_DAY = [span('07:30', '12:00'), span('12:30', '16:30')];
const HELPER_DAY = [span('08:30', '12:30'), span('13:00', '15:30')];
const fiveDays = (day: typeof LEAD_DAY): Week => ({
  mon: day,
  tue: day,
  wed: day,
  thu: day,
  fri: day,
  sat: [],
  sun: [],
});

/** “The Tern Street Music School”: a former customs house by a harbour, refreshed in the weeks before term. */
export function ternStreet(): Job {
  const story = new Story(
    newJob({
      id: 'demo-tern-street',
      name: 'Tern Street Music School',
      createdAt: '2027-02-26T16:00:00+01:00',
      start: '2027-03-01',
      timeZone: 'Europe/Berlin',
    }),
  );
  story
    .tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-01T07:00' } })
    .tell('change-climate', {
      climate: {
        id: 'house',
        name: 'School, heated',
        ventilation: 'normal',
        usual: { warmest: 20, coldest: 18, humidityAtWarmest: 48, humidityAtColdest: 52 },
        exceptions: [],
        heating: null,
      },
    })
    .tell('change-climate', {
      climate: {
        id: 'workshop',
        name: 'Workshop, unheated at night',
        ventilation: 'normal',
        usual: { warmest: 16, coldest: 10, humidityAtWarmest: 58, humidityAtColdest: 74 },
        exceptions: [
          { date: '2027-03-03', swing: { warmest: 15, coldest: 8, humidityAtWarmest: 62, humidityAtColdest: 86 } },
          { date: '2027-03-04', swing: { warmest: 14, coldest: 8, humidityAtWarmest: 68, humidityAtColdest: 88 } },
        ],
        heating: { setPoint: 18, from: 7, until: 17 },
      },
    })
    .tell('change-place', { place: { id: 'bench', name: 'Bench', kind: 'bench', slots: 2, climateId: 'workshop' } })
    .tell('change-place', {
      place: { id: 'rack', name: 'Rack and hooks', kind: 'rack', slots: 20, climateId: 'workshop' },
    })
    .tell('state-painter', {
      painter: { id: 'painter-1', name: 'Lead painter', skill: 'professional', week: fiveDays(LEAD_DAY) },
    })
    .tell('state-painter', {
      painter: { id: 'painter-2', name: 'Helper', skill: 'steady', week: fiveDays(HELPER_DAY) },
    });
  surveyTernStreet(story);

  proveTernStreet(story);
  return story
    .tell('change-planning', { promised: '2027-04-16' })
    .plan('2027-03-01T07:00', 'First plan')
    .workUntil('2027-03-05T07:25', (stamped) => stamped % 3)
    .tacky('2027-03-05T07:35')
    .workUntil('2027-03-05T10:10', (stamped) => stamped % 3)
    .bagWhatIsOff({ id: 'practice-door-5-1', item: 1, short: 1 })
    .tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-05T10:10' } }).job;
}
