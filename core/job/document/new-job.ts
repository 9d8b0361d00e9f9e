import { PLAIN_CLIMATE, type Climate } from '../../air/climate.ts';
import { emptyShelf } from '../../shelf/shelf.ts';
import { USUAL_MIXING, USUAL_PRICING } from './buying-schema.ts';
import { NO_HANDOVER } from './handover-schema.ts';
import { JOB_FORMAT, type Job } from './schema.ts';
import type { FinishGroup, Weights } from './group-schema.ts';
import type { Painter, Week } from './crew-schema.ts';

const workday = () => [
  { from: '08:00', until: '12:00' },
  { from: '12:30', until: '16:30' },
];

/** Monday to Friday, eight hours with a break at noon. */
export const usualWeek = (): Week => ({
  mon: workday(),
  tue: workday(),
  wed: workday(),
  thu: workday(),
  fri: workday(),
  sat: [],
  sun: [],
});

/** A painter who is with the crew from beginning to end. */
export const ALL_ALONG: Pick<Painter, 'daysOff' | 'from' | 'until'> = { daysOff: [], from: null, until: null };

/** Risk first, then the days: what most painters look at. */
export const USUAL_WEIGHTS: Weights = {
  risk: 4,
  days: 2,
  hours: 2,
  money: 1,
  coats: 1,
  smell: 1,
  toughness: 1,
  dust: 1,
};

/** What a group of like pieces starts from, beside its id and name. */
export const NEW_GROUP: Omit<FinishGroup, 'id' | 'name'> = {
  colour: { name: 'chalk line', hex: '#efece2' },
  backColour: null,
  coveredIn: null,
  sheen: null,
  schools: { keying: null, priming: null, tools: null },
  buildUp: null,
  chosenFor: null,
  byHand: false,
};

/** The open air that a job starts from: a mild day, until a forecast is taken in. */
export const OPEN_AIR: Climate = {
  ...PLAIN_CLIMATE,
  id: 'open-air',
  name: 'Open air',
  whereabouts: 'outdoors',
  usual: { warmest: 17, coldest: 8, humidityAtWarmest: 55, humidityAtColdest: 88 },
};

/** What a new job starts from: who asks, when, and where. */
export interface NewJob {
  id: string;
  name: string;
  /** ISO with offset. */
  createdAt: string;
  /** First day of the plan, ISO date. */
  start: string;
  timeZone: string;
}

/** An empty job: one room, a workshop with a bench and a rack, one painter. Every figure is a starting value. */
export function newJob({ id, name, createdAt, start, timeZone }: NewJob): Job {
  return {
    format: JOB_FORMAT,
    id,
    name,
    createdAt,
    settings: { units: 'metric', vocabulary: 'uk', currency: 'EUR', clock: { kind: 'real' } },
    site: { place: '', timeZone, yearBuilt: null, latitude: null, longitude: null, suppliedAir: null },
    climates: [
      {
        ...PLAIN_CLIMATE,
        id: 'house',
        name: 'House',
        usual: { warmest: 21, coldest: 18, humidityAtWarmest: 50, humidityAtColdest: 55 },
      },
      {
        ...PLAIN_CLIMATE,
        id: 'workshop',
        name: 'Workshop',
        usual: { warmest: 19, coldest: 14, humidityAtWarmest: 55, humidityAtColdest: 68 },
      },
      OPEN_AIR,
    ],
    rooms: [
      {
        id: 'room-1',
        name: 'First room',
        climateId: 'house',
        maxOff: null,
        zonesAtOnce: null,
        bearing: null,
        tasks: [],
      },
    ],
    places: [
      { id: 'bench', name: 'Bench', kind: 'bench', slots: 1, climateId: 'workshop' },
      { id: 'rack', name: 'Rack', kind: 'rack', slots: 24, climateId: 'workshop' },
    ],
    crew: [{ id: 'painter-1', name: 'Painter 1', skill: 'steady', week: usualWeek(), ...ALL_ALONG }],
    pieces: [],
    groups: [],
    findings: [],
    patches: [],
    shelf: emptyShelf(),
    weights: USUAL_WEIGHTS,
    readings: [],
    planning: { start, promised: null, turning: 'one-face', trades: 'walls-first', lines: null, outsideInADay: false },
    plan: null,
    baseline: null,
    pins: [],
    log: [],
    leftOut: [],
    tins: [],
    defects: [],
    inspections: [],
    filmChecks: [],
    signOffs: [],
    handOver: NO_HANDOVER,
    devices: [],
    paces: {},
    cutting: { stock: [2400], kerf: 3, cut: [] },
    mixing: USUAL_MIXING,
    recipes: [],
    pricing: USUAL_PRICING,
    strokes: [],
    stock: [],
    lifted: [],
    assumed: [],
  };
}
