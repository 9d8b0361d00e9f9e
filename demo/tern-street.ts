import { newJob } from '../core/job/new-job.ts';
import type { BuildUp, Job, Week } from '../core/job/schema.ts';
import { Story } from './story.ts';
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

const topcoats = (product: string): BuildUp['coats'] => [
  { product, tool: 'roller', thinning: 0 },
  { product, tool: 'roller', thinning: 0 },
];

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
    .tell('change-place', { place: { id: 'rack', name: 'Rack', kind: 'rack', slots: 14, climateId: 'workshop' } })
    .tell('state-painter', {
      painter: { id: 'painter-1', name: 'Lead painter', skill: 'professional', week: fiveDays(LEAD_DAY) },
    })
    .tell('state-painter', {
      painter: { id: 'painter-2', name: 'Helper', skill: 'steady', week: fiveDays(HELPER_DAY) },
    });
  surveyTernStreet(story);

  const groupOf = (id: string): string => story.job.pieces.find((piece) => piece.id === id)?.groupId ?? '';
  const finish = (pieceId: string, name: string, colour: { name: string; hex: string }, buildUp: BuildUp): void => {
    story
      .tell('change-group', { groupId: groupOf(pieceId), name, colour })
      .tell('choose-build-up', { groupId: groupOf(pieceId), buildUp });
  };
  finish(
    'practice-door-1-1',
    'Inside joinery, old oil gloss',
    { name: 'reed', hex: '#8fa37b' },
    {
      cleaner: 'no-rinse-wash',
      rinsed: false,
      key: 'degloss',
      coats: [{ product: 'prime-bond-wb', tool: 'roller', thinning: 0 }, ...topcoats('enamel-acrylic')],
      faceCoats: {},
    },
  );
  finish(
    'practice-door-3-1',
    'Practice doors, oak veneer',
    { name: 'reed', hex: '#8fa37b' },
    {
      cleaner: 'no-rinse-wash',
      rinsed: false,
      key: 'degloss',
      coats: [{ product: 'prime-shellac', tool: 'brush', thinning: 0 }, ...topcoats('enamel-acrylic')],
      faceCoats: {},
    },
  );
  finish(
    'store-cabinet-door-1-1',
    'Store fronts, melamine',
    { name: 'harbour slate', hex: '#43565e' },
    {
      cleaner: 'no-rinse-wash',
      rinsed: false,
      key: 'abrade',
      coats: [{ product: 'prime-bond-wb', tool: 'roller', thinning: 0 }, ...topcoats('enamel-acrylic')],
      faceCoats: {},
    },
  );
  finish(
    'corridor-door-a-1',
    'Bare softwood, corridor and gallery',
    { name: 'chalk line', hex: '#ece8dc' },
    {
      cleaner: 'no-rinse-wash',
      rinsed: false,
      key: 'abrade',
      coats: [{ product: 'prime-oil', tool: 'brush', thinning: 0 }, ...topcoats('enamel-acrylic')],
      faceCoats: {},
    },
  );
  return story
    .tell('change-planning', { promised: '2027-03-26' })
    .plan('2027-03-01T07:00', 'First plan')
    .workUntil('2027-03-03T07:25', (stamped) => stamped % 3)
    .tacky('practice-door-4-1', '2027-03-03T07:35')
    .plan('2027-03-03T07:35', 'D-04 still tacky after a cold night')
    .workUntil('2027-03-03T10:10', (stamped) => stamped % 3)
    .bagWhatIsOff({ id: 'practice-door-5-1', item: 1, short: 1 })
    .tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-03T10:10' } }).job;
}
