import { hasTrait } from '../core/pieces/registry.ts';
import { elevationOf } from '../core/job/queries/pieces.ts';
import type { Piece } from '../core/job/document/piece-schema.ts';
import { PLAIN_CLIMATE } from '../core/air/climate.ts';
import { simulatedForecast } from '../core/air/simulated-weather.ts';
import { newJob } from '../core/job/document/new-job.ts';
import type { Job } from '../core/job/document/schema.ts';
import type { Week } from '../core/job/document/crew-schema.ts';
import type { CommandArgs } from '../core/job/commands/apply.ts';
import { Story, type Tin } from './story.ts';
import { testTernStreet } from './tern-street-tests.ts';
import { HARBOUR, surveyTernStreet } from './tern-street-survey.ts';

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

/** What the painter's own hygrometer showed in the workshop each morning of the first week: °C and %. */
const MORNINGS = [
  ['2027-03-01', 14.6, 66],
  ['2027-03-02', 14.1, 67],
  ['2027-03-03', 12.2, 76],
  ['2027-03-04', 11.9, 79],
  ['2027-03-05', 13.4, 70],
] as const;

function readInWorkshop(story: Story): Story {
  return story
    .tell('take-readings', {
      readings: [
        {
          id: 'touch-1',
          kind: 'stage',
          at: '2027-03-02T11:10',
          taskId: 'practice-door-7-1/coat-1/back',
          stage: 'touch',
        },
      ],
    })
    .tell('take-readings', {
      readings: MORNINGS.map(([date, temperature, humidity]) => ({
        id: `workshop-${date}`,
        kind: 'air',
        from: 'typed',
        at: `${date}T07:40`,
        climateId: 'workshop',
        temperature,
        humidity,
      })),
    });
}

/** The tins of the first week: one of them boxed into the next, one looked into. */
const TINS: readonly Tin[] = [
  {
    id: 'tin-bond',
    product: 'prime-bond-wb',
    hex: null,
    batch: 'PB 0417',
    litres: 2.5,
    seen: { litres: 0.02, at: '2027-03-04T16:20' },
  },
  { id: 'tin-reed-1', product: 'enamel-acrylic', hex: '#8fa37b', batch: 'TE 2207', litres: 1 },
  {
    id: 'tin-reed-2',
    product: 'enamel-acrylic',
    hex: '#8fa37b',
    batch: 'TE 2211',
    litres: 1,
    afterDays: 1,
    boxedWith: ['tin-reed-1'],
  },
  { id: 'tin-chalk', product: 'enamel-acrylic', hex: '#ece8dc', batch: 'TE 2198', litres: 1 },
  { id: 'tin-slate', product: 'ext-acrylic', hex: '#43565e', batch: 'XA 0093', litres: 1 },
  { id: 'tin-block', product: 'prime-shellac', hex: null, batch: '', litres: 1 },
  { id: 'tin-alkyd', product: 'enamel-alkyd-wb', hex: '#43565e', batch: 'WA 1130', litres: 1 },
  { id: 'tin-tile', product: 'prime-2k-tile', hex: null, batch: 'AP 77 / H 41', litres: 1 },
];

/** Wet film of what ran, over the stated one. */
const TOO_THICK = 1.33;

/** Where a run has the height to sag: doors and their frames. */
const isTall = (piece: Piece): boolean =>
  !hasTrait(piece.kind, 'wall') && elevationOf(piece).faces.some(({ id, height }) => id === 'front' && height > 1600);

/** A comb in the front that was coated last the day before: too thick, so that it dries slower than it was planned. */
function combed(story: Story): Story {
  const { at, taskId, stated } = story.lastFront('2027-03-05T00:00', isTall);
  return story.tell('take-readings', {
    readings: [{ id: 'comb-1', kind: 'film', from: 'typed', at, taskId, film: Math.round(stated * TOO_THICK) }],
  });
}

/** The first round with a lamp, and what it found: a run on the front that was too thick. */
function lookedOver(story: Story): Story {
  const run = story.lastFront('2027-03-05T00:00', isTall);
  const looked = story.lastFront('2027-03-05T09:00');
  return story
    .tell('inspect', {
      inspections: [{ id: 'look-1', pieceId: looked.piece.id, face: 'front', at: '2027-03-05T09:50', by: 'painter-1' }],
    })
    .tell('add-defect', {
      entry: {
        id: 'run-1',
        kind: 'run',
        pieceId: run.piece.id,
        face: 'front',
        spot: { x: 42, y: 1480 },
        at: '2027-03-05T09:55',
        by: 'painter-1',
        note: 'low down on the left',
        photoIds: [],
        cause: null,
        rework: null,
        settled: null,
      },
    })
    .tell('change-hand-over', {
      owner: 'the caretaker',
      painter: 'Lead painter and helper',
      kit: { where: 'Caretaker’s cupboard, ground floor', contents: 'two small brushes, 320 paper, tack rag' },
    });
}

/** What is mixed by hand, and what new pieces would cost. */
function reckoned(story: Story): Story {
  return story
    .tell('add-recipe', {
      entry: {
        id: 'reed',
        name: 'reed',
        hex: '#8fa37b',
        parts: [
          { what: 'white base of the trim enamel', amount: 880 },
          { what: 'green tinter', amount: 84 },
          { what: 'ochre tinter', amount: 36 },
        ],
        drawdowns: [
          {
            id: 'first',
            at: '2027-02-26T15:10',
            words: 'Too cold beside the old door; six parts of ochre more.',
            hex: null,
          },
          { id: 'second', at: '2027-02-26T16:20', words: 'Right, dry, at the window.', hex: '#8fa37b' },
        ],
      },
    })
    .tell('change-pricing', {
      hourlyRate: 42,
      tax: 20,
      replacements: {
        'panelled-door': 410,
        'cabinet-door': 95,
        'drawer-front': 70,
        'sash-window': 1450,
        'louvred-shutter': 130,
      },
    });
}

/** Ten days of the simulated weather service, as it was asked at six in the morning. */
function forecastOf(from: string): CommandArgs<'take-hours'> {
  const hours = simulatedForecast({ ...HARBOUR, timeZone: 'Europe/Berlin', from, days: 10 });
  return { climateId: 'open-air', hours, source: 'service', name: 'simulated forecast', at: `${from}T06:00` };
}

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
    .climate({
      ...PLAIN_CLIMATE,
      id: 'house',
      name: 'School, heated',
      usual: { warmest: 20, coldest: 18, humidityAtWarmest: 48, humidityAtColdest: 52 },
    })
    .climate({
      ...PLAIN_CLIMATE,
      id: 'workshop',
      name: 'Workshop, unheated at night',
      usual: { warmest: 16, coldest: 10, humidityAtWarmest: 58, humidityAtColdest: 74 },
      exceptions: [
        { date: '2027-03-03', swing: { warmest: 15, coldest: 8, humidityAtWarmest: 62, humidityAtColdest: 86 } },
        { date: '2027-03-04', swing: { warmest: 14, coldest: 8, humidityAtWarmest: 68, humidityAtColdest: 88 } },
      ],
      heating: { spans: [{ setPoint: 18, from: 7, until: 17 }], warmUp: 3, holds: 2, onSince: '2027-03-01T07:00' },
    })
    .climate({
      ...PLAIN_CLIMATE,
      id: 'open-air',
      name: 'Open air, harbour',
      whereabouts: 'outdoors',
      usual: { warmest: 13, coldest: 6, humidityAtWarmest: 60, humidityAtColdest: 92 },
    })
    .climate({
      ...PLAIN_CLIMATE,
      id: 'boiler-room',
      name: 'Boiler room, hot and dry',
      usual: { warmest: 33, coldest: 30, humidityAtWarmest: 26, humidityAtColdest: 30 },
    })
    .tell('take-hours', forecastOf('2027-02-28'))
    .tell('change-place', { id: 'bench', facts: { name: 'Bench', slots: 2, climateId: 'workshop' } })
    .tell('change-place', {
      id: 'rack',
      facts: { name: 'Rack and hooks', slots: 20, climateId: 'workshop' },
    })
    .painter({ id: 'painter-1', name: 'Lead painter', skill: 'professional', week: fiveDays(LEAD_DAY) })
    .painter({ id: 'painter-2', name: 'Helper', skill: 'steady', week: fiveDays(HELPER_DAY) });
  surveyTernStreet(story);

  testTernStreet(story);
  reckoned(story)
    .paint('gallery-railing-1', 'porch-enamel', { face: 'spindles-then-rails', breaks: true })
    .tell('change-planning', { promised: '2027-04-16' })
    .plan('2027-03-01T07:00', 'First plan');
  story
    .openAsNeeded(TINS, '2027-03-05T07:25')
    .workUntil('2027-03-05T07:25', (stamped) => stamped % 3)
    .tell('take-hours', forecastOf('2027-03-05'));
  combed(readInWorkshop(story))
    .tacky('2027-03-05T07:45')
    .openAsNeeded(TINS, '2027-03-05T10:10')
    .workUntil('2027-03-05T10:10', (stamped) => stamped % 3)
    .bagWhatIsOff({ id: 'practice-door-5-1', item: 1, short: 1 });
  return lookedOver(story).tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-05T10:10' } }).job;
}
