import { newJob } from '../core/job/new-job.ts';
import type { BuildUp, Job, Week } from '../core/job/schema.ts';
import { Story } from './story.ts';

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

/** Widths and heights in mm: no two doors of an old building are the same. */
const DOORS = [
  [711, 1936],
  [762, 1981],
  [758, 1978],
  [826, 2040],
  [762, 1960],
  [813, 2032],
  [838, 2062],
] as const;
const STORE_DOORS = [
  [497, 720],
  [497, 720],
  [397, 720],
  [397, 720],
  [447, 1245],
  [447, 1245],
  [597, 720],
  [597, 720],
  [497, 355],
  [497, 355],
  [397, 355],
  [397, 355],
  [447, 720],
  [447, 720],
  [597, 355],
  [597, 355],
] as const;
const STORE_DRAWERS = [
  [497, 213],
  [497, 213],
  [497, 285],
  [397, 213],
  [397, 213],
  [397, 285],
  [597, 142],
  [597, 213],
  [597, 285],
  [597, 285],
] as const;

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
    })
    .tell('state-room', { room: { id: 'room-1', name: 'Practice rooms', climateId: 'house', maxOff: 3, tasks: [] } })
    .tell('state-room', {
      room: { id: 'store', name: 'Instrument store', climateId: 'house', maxOff: null, tasks: [] },
    });

  DOORS.forEach(([width, height], index) => {
    const oakInside = index === 2 || index === 5;
    story.tell('add-pieces', {
      ids: [`practice-${index + 1}`],
      kind: 'panelled-door',
      piece: {
        roomId: 'room-1',
        shape: {
          width,
          height,
          thickness: 35,
          stile: 105,
          topRail: 105,
          crossRail: 105,
          bottomRail: 205,
          muntin: 92,
          columns: 2,
          rowShares: [2, 5, 5],
          panel: 'raised',
          bevelWidth: 40,
          bevelDepth: 8,
        },
        surface: oakInside
          ? { substrate: 'oak', existing: 'varnish', condition: 'sound' }
          : { substrate: 'softwood', existing: 'oil-gloss', condition: 'sound' },
        exposure: { front: 'inside', back: 'inside' },
        scope: { faces: ['front', 'back'], edges: ['hinge', 'lock', 'top'] },
        comesOff: true,
        note: `practice room ${index + 1}`,
      },
    });
  });
  const store = (kind: 'cabinet-door' | 'drawer-front', sizes: readonly (readonly [number, number])[]): void => {
    sizes.forEach(([width, height], index) => {
      const slab = { width, height, thickness: 18 };
      story.tell('add-pieces', {
        ids: [`store-${kind}-${index + 1}`],
        kind,
        piece: {
          roomId: 'store',
          shape: kind === 'cabinet-door' ? { ...slab, style: 'slab', stile: 65, topRail: 65, bottomRail: 65 } : slab,
          surface: { substrate: 'laminate', existing: 'factory-finish', condition: 'sound' },
          exposure: { front: 'inside', back: 'inside' },
          scope: { faces: ['front'], edges: ['left', 'right', 'top', 'bottom'] },
          comesOff: true,
          note: '',
        },
      });
    });
  };
  store('cabinet-door', STORE_DOORS);
  store('drawer-front', STORE_DRAWERS);

  const groupOf = (id: string): string => story.job.pieces.find((piece) => piece.id === id)?.groupId ?? '';
  const finish = (pieceId: string, name: string, colour: { name: string; hex: string }, buildUp: BuildUp): void => {
    story
      .tell('change-group', { groupId: groupOf(pieceId), name, colour })
      .tell('choose-build-up', { groupId: groupOf(pieceId), buildUp });
  };
  finish(
    'practice-1',
    'Practice doors, old oil gloss',
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
    'practice-3',
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
    'store-cabinet-door-1',
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
  return story
    .tell('change-planning', { promised: '2027-03-19' })
    .plan('2027-03-01T07:00', 'First plan')
    .workUntil('2027-03-03T07:25', (stamped) => stamped % 3)
    .tacky('practice-4', '2027-03-03T07:35')
    .plan('2027-03-03T07:35', 'D-04 still tacky after a cold night')
    .workUntil('2027-03-03T10:10', (stamped) => stamped % 3)
    .bagWhatIsOff({ id: 'practice-5', item: 1, short: 1 })
    .tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-03T10:10' } }).job;
}
