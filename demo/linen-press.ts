import { usualPiece } from '../core/job/document/usual-piece.ts';
import { PLAIN_CLIMATE } from '../core/air/climate.ts';
import { newJob } from '../core/job/document/new-job.ts';
import type { Job } from '../core/job/document/schema.ts';
import type { Week } from '../core/job/document/crew-schema.ts';
import { Story } from './story.ts';

const EVENING = [{ from: '17:30', until: '20:30' }];
const WEEKEND = [
  { from: '08:00', until: '12:30' },
  { from: '13:15', until: '18:30' },
];
const week: Week = {
  mon: EVENING,
  tue: EVENING,
  wed: EVENING,
  thu: EVENING,
  fri: [{ from: '15:00', until: '20:00' }],
  sat: WEEKEND,
  sun: WEEKEND,
};

/** “Linen press”: two doors and three drawer fronts, one painter, one weekend; the small example. */
export function linenPress(): Job {
  const story = new Story(
    newJob({
      id: 'demo-linen-press',
      name: 'Linen press',
      createdAt: '2027-03-04T18:00:00+01:00',
      start: '2027-03-05',
      timeZone: 'Europe/Berlin',
    }),
  );
  const surface = { substrate: 'softwood', existing: 'oil-gloss', condition: 'sound' } as const;
  const exposure = { front: 'inside', back: 'inside' } as const;
  story
    .tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-05T14:45' } })
    .room({
      id: 'room-1',
      name: 'Landing',
      climateId: 'house',
      maxOff: null,
      zonesAtOnce: null,
      bearing: null,
      tasks: [],
    })
    .climate({
      ...PLAIN_CLIMATE,
      id: 'workshop',
      name: 'Garage',
      usual: { warmest: 19, coldest: 12, humidityAtWarmest: 52, humidityAtColdest: 68 },
    })
    .tell('change-place', { id: 'bench', facts: { name: 'Trestles', slots: 1, climateId: 'workshop' } })
    .tell('change-place', { id: 'rack', facts: { name: 'Rack', slots: 6, climateId: 'workshop' } })
    .painter({ id: 'painter-1', name: 'Painter 1', skill: 'steady', week });
  for (const [index, width] of [452, 449].entries()) {
    story.tell('add-pieces', {
      ids: [`press-door-${index + 1}`],
      kind: 'cabinet-door',
      piece: usualPiece('cabinet-door', 'room-1', {
        shape: { width, height: 1184, thickness: 21, style: 'framed', stile: 72, topRail: 72, bottomRail: 95 },
        surface,
        exposure,
        scope: { faces: ['front', 'back'], edges: ['left', 'right', 'top', 'bottom'] },
        comesOff: true,
        note: index === 0 ? 'left leaf' : 'right leaf',
      }),
    });
  }
  for (const [index, height] of [168, 212, 212].entries()) {
    story.tell('add-pieces', {
      ids: [`press-drawer-${index + 1}`],
      kind: 'drawer-front',
      piece: usualPiece('drawer-front', 'room-1', {
        shape: { width: 898, height, thickness: 19 },
        surface,
        exposure,
        scope: { faces: ['front'], edges: ['left', 'right', 'top', 'bottom'] },
        comesOff: true,
        note: ['top', 'middle', 'bottom'][index] ?? '',
      }),
    });
  }
  return story
    .tell('change-site', { place: 'a landing', yearBuilt: 2004 })
    .prove('press-door-1', 'C-01, by the knob', {
      'old-coat': 'oil-gloss',
      soundness: 'holds',
      contamination: 'grease',
      stains: 'none',
      edges: 'coated',
      'old-colour': '#efe6cf',
    })
    .choose('press-door-1', 'Press, old oil gloss', {
      colour: { name: 'reed', hex: '#8fa37b' },
      schools: { keying: 'degloss', priming: 'always', tools: null },
      topcoat: 'enamel-acrylic',
    })
    .tell('change-planning', { promised: '2027-03-12' })
    .plan('2027-03-05T14:45', 'First plan').job;
}
