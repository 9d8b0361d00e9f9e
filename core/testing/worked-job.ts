import { DEFAULT_CLEANERS } from '../shelf/cleaner.ts';
import { DEFAULT_COATINGS } from '../shelf/default-coatings.ts';
import { USUAL_WARMING } from '../air/climate.ts';
import { applyCommand } from '../job/commands/apply.ts';
import { OPEN_AIR, usualWeek } from '../job/document/new-job.ts';
import { TestJob } from './jobs.ts';

export const strokes = {
  groupId: 'group-1',
  kind: 'flush-door',
  product: 'enamel-acrylic',
  face: 'strips-along-the-grain',
  edges: 'edges-first',
  walls: 'walls-first',
  application: 'brush',
  reach: 1200,
  painters: 2,
  conditioner: true,
  breaks: false,
  order: null,
} as const;

export const helper = { id: 'painter-2', name: 'Helper', skill: 'first-timer', week: usualWeek() } as const;
export const drilling = {
  id: 'pull',
  name: 'bar pull',
  on: 'front',
  x: 60,
  y: 400,
  centres: 160,
  upright: true,
  diameter: 5,
} as const;
export const sheets = {
  id: 'sheets',
  words: 'Lay sheets',
  when: 'before',
  minutes: 15,
  people: 1,
  doneAt: null,
} as const;
export const greasy = {
  id: 'f1',
  groupId: 'group-1',
  found: 'contamination',
  result: 'grease',
  reading: null,
  hex: null,
  at: '2027-03-01T08:00',
  where: 'D-01, lock side',
  photoId: null,
  note: '',
} as const;
export const patch = {
  id: 'patch-1',
  groupId: 'group-1',
  where: 'D-01, hinge edge',
  key: 'degloss',
  coats: [{ product: 'prime-bond-wb', at: '2027-03-01T08:00' }],
  read: null,
  note: '',
} as const;
export const ownWash = { ...DEFAULT_CLEANERS[0]!, id: 'own-wash', name: 'Own wash' };
export const hour = (of: number, temperature: number) => ({
  at: `2027-03-01T0${of}:00`,
  temperature,
  humidity: 60,
  wind: null,
  cloud: null,
  rain: null,
});
export const recipe = {
  id: 'reed',
  name: 'reed',
  hex: '#8d9b6a',
  parts: [{ what: 'white base', amount: 950 }],
  drawdowns: [],
};
export const acceptance = {
  ...{ fingerprint: 'x', t0: '2027-03-01T00:00', tickMinutes: 1, madeAt: '2027-03-01T07:00', reason: 'First plan' },
  ...{ status: 'feasible' as const, tasks: [], setups: [], finish: 700, lowerBound: 400, because: '' },
} as const;
export const tin = {
  id: 'tin-1',
  product: 'enamel-acrylic',
  hex: '#efece2',
  batch: 'B 2207',
  litres: 2.5,
  openedAt: '2027-03-01T08:00',
  boxedWith: [],
  seen: null,
  emptiedAt: null,
  end: null,
} as const;
export const defect = {
  id: 'defect-1',
  kind: 'run',
  pieceId: 'b',
  face: 'front',
  spot: { x: 300, y: 1200 },
  at: '2027-03-03T09:00',
  by: null,
  note: '',
  photoIds: [],
  cause: null,
  rework: null,
  settled: null,
} as const;
export const start = new TestJob()
  .door('a')
  .door('b')
  .coated()
  .tell('add-climate', {
    entry: {
      ...OPEN_AIR,
      id: 'spare',
      name: 'Spare',
      heating: { ...USUAL_WARMING, spans: [{ setPoint: 20, from: 6, until: 18 }] },
    },
  })
  .tell('take-hours', {
    climateId: 'spare',
    hours: [hour(8, 12), hour(9, 13)],
    source: 'file',
    name: 'logger.csv',
    at: '2027-03-01T10:00',
  })
  .tell('take-readings', {
    readings: [
      {
        id: 'read-1',
        kind: 'air',
        at: '2027-03-01T09:00',
        climateId: 'house',
        temperature: 18,
        humidity: 52,
        from: 'typed',
      },
    ],
  })
  .tell('add-recipe', { entry: recipe })
  .tell('choose-strokes', { ...strokes, product: 'prime-bond-wb' })
  .tell('add-painter', { entry: helper })
  .tell('pin-tasks', { pins: [{ taskId: 'a/wash', start: '2027-03-01T08:00', painters: ['painter-1'] }] })
  .tell('change-room', { id: 'room-1', facts: { tasks: { sheets } } })
  .tell('add-room', {
    entry: {
      id: 'room-2',
      name: 'Landing',
      climateId: 'house',
      maxOff: null,
      zonesAtOnce: null,
      bearing: null,
      tasks: [],
    },
  })
  .tell('add-drilling', { ids: ['b'], drilling: { ...drilling, id: 'knob', name: 'knob', centres: 0 } })
  .tell('add-finding', { entry: { ...greasy, found: 'contamination' } })
  .tell('add-patch', { entry: { ...patch, coats: [...patch.coats] } })
  .tell('add-entry', { compartment: 'cleaners', entry: ownWash })
  .tell('add-photo', { id: 'b', photo: { id: 'photo-0', caption: '', width: 800, height: 600, spots: [] } })
  .tell('accept-plan', { plan: { ...acceptance, tasks: [], setups: [] } })
  .tell('leave-out', { steps: [{ taskId: 'a/denib-2', at: '2027-03-01T08:00', by: null, why: 'smooth' }] })
  .tell('add-stock', { entry: { id: 'stock-1', product: 'enamel-acrylic', hex: null, litres: 0.5 } })
  .tell('add-tin', { entry: { ...tin, boxedWith: [] } })
  .tell('add-tin', { entry: { ...tin, id: 'tin-2', boxedWith: ['tin-1'] } })
  .tell('add-defect', { entry: { ...defect, photoIds: [] } })
  .tell('sign-off', { signOff: { roomId: 'room-2', at: '2027-03-05T12:00', by: 'Owner', remark: '' } }).job;
export const dividing = applyCommand(start, 'split-group', { groupId: 'group-1', pieceIds: ['b'], name: 'Back doors' });
export const divided = dividing.ok ? dividing.value.job : start;
export const [group] = start.groups;
export const [climate] = start.climates;
export const [bench] = start.places;
export const [enamel] = DEFAULT_COATINGS;
export const entry = {
  id: 's1',
  at: '2027-03-01T09:00',
  taskId: 'a/wash',
  event: 'done',
  by: null,
  minutes: 5,
} as const;
export const plan = {
  fingerprint: 'x',
  t0: '2027-03-01T00:00',
  tickMinutes: 1,
  madeAt: '2027-03-01T07:00',
  reason: 'First plan',
  status: 'feasible',
  tasks: [{ id: 'a/wash', start: 480, end: 490, painters: ['painter-1'], late: false }],
  setups: [],
  finish: 490,
  lowerBound: 400,
  because: '',
} as const;
