import type { RoomTask } from '../core/job/document/room-schema.ts';
import { USUAL_TASKS } from '../core/job/document/usual-tasks.ts';
import type { Story } from './story.ts';

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

/** Where the made-up town lies. */
export const HARBOUR = { latitude: 40.1, longitude: 14.6 };

/** Rooms by id, with the most pieces that may be off at once, and where their outside faces look. */
const ROOMS = [
  ['room-1', 'Practice rooms', 3, null],
  ['store', 'Instrument store', null, null],
  ['recital', 'Recital room', 2, 320],
  ['street', 'Street front', null, 225],
  ['yard', 'Yard', null, 90],
  ['gallery', 'Gallery and stair', null, null],
  ['corridor', 'Corridor', 2, null],
  ['library', 'Music library', null, null],
] as const;

/** The usual tasks of a room that is furnished; some of them have been done. */
function tasksOf(roomId: string, doneAt: string | null): RoomTask[] {
  return USUAL_TASKS.map((task, index) => ({
    ...task,
    id: `${roomId}-task-${index + 1}`,
    doneAt: task.when === 'before' ? doneAt : null,
  }));
}

/** The walk through the school: every piece as it was typed, with what no line can say. */
export function surveyTernStreet(story: Story): void {
  story.tell('change-site', { place: 'a former customs house by the harbour', yearBuilt: 1874, ...HARBOUR });
  story.tell('change-cutting', { stock: [2400, 3000] });
  for (const [id, name, maxOff, bearing] of ROOMS) {
    const tasks = id === 'room-1' ? tasksOf(id, '2027-03-01T08:30') : id === 'recital' ? tasksOf(id, null) : [];
    const zonesAtOnce = id === 'room-1' ? 4 : null;
    story.room({ id, name, climateId: 'house', maxOff, zonesAtOnce, bearing, tasks });
  }
  practiceRooms(story);
  store(story);
  recitalRoom(story);
  outside(story);
  inside(story);
}

function practiceRooms(story: Story): void {
  // Five plywood doors stand in at night; the rooms of the large instruments have to lock, with their own.
  const locked = [4, 6];
  const access = { who: 'pupils, from 13:00', closesAtNight: true, neededBy: null };
  DOORS.forEach(([width, height], index) => {
    const onIt = index === 2 || index === 5 ? 'oak varnish' : 'oil gloss';
    story.type(`door 6p ${width}x${height}x35 ${onIt} practice`, `practice-door-${index + 1}`, {
      access: { ...access, standIn: !locked.includes(index) },
      zone: `practice room ${index + 1}`,
      note: `practice room ${index + 1}`,
    });
  });
  DOORS.forEach(([width, height], index) => {
    story.type(`casing ${width + 10}x${height + 10} oil gloss practice`, `practice-casing-${index + 1}`, {
      note: `practice room ${index + 1}`,
      zone: `practice room ${index + 1}`,
    });
  });
  story.type('skirting 62m profile torus 145 oil gloss practice', 'practice-skirting');
}

function store(story: Story): void {
  const fronts = (kind: string, sizes: readonly (readonly [number, number])[]): void =>
    sizes.forEach(([width, height], index) => {
      const id = `store-${kind.replace(' ', '-')}-${index + 1}`;
      story.type(`${kind} ${width}x${height}x18 laminate factory fronts only all edges store`, id);
      const isDrawer = kind === 'drawer front';
      story.tell('fill-holes', { ids: [`${id}-1`], count: 2 }).tell('add-drilling', {
        ids: [`${id}-1`],
        drilling: {
          id: 'pull',
          name: 'bar pull',
          on: 'front',
          x: isDrawer ? width / 2 : width - 50,
          y: isDrawer ? height / 2 : 130,
          centres: 160,
          upright: !isDrawer,
          diameter: 5,
        },
      });
    });
  fronts('cabinet door', STORE_DOORS);
  fronts('drawer front', STORE_DRAWERS);
  story.type('3 carcass 1000x2080x560 laminate factory store', 'store-carcass');
}

function recitalRoom(story: Story): void {
  story
    .type('2 sash window 1180x2010 8 panes bare flaking recital', 'recital-bare-sash', {
      note: 'outside bare wood and putty, preserved years ago',
      upHigh: true,
    })
    .type('2 sash window 1180x2010 8 panes oil gloss worn recital', 'recital-sash', {
      note: 'old paint, tested first',
      upHigh: true,
    })
    .type('4 panelled shutter 395x1905x28 oil gloss recital', 'recital-shutter')
    .type('ceiling 52 m2 recital', 'recital-ceiling', { upHigh: true })
    .type('patch 0.6 m2 bare recital', 'recital-patch', { note: 'where the stove pipe was' });
}

function outside(story: Story): void {
  const afternoon = { who: '', closesAtNight: false, standIn: false, neededBy: null };
  story
    .type('6 louvred shutter 430x1460 vinyl factory faded outside street', 'street-shutter', {
      access: afternoon,
      note: 'sun from noon',
      upHigh: true,
    })
    .type('flush door 926x2040x45 metal factory entrance yard', 'yard-door', {
      access: { who: 'caretaker', closesAtNight: true, standIn: true, neededBy: '2027-03-12' },
      note: 'galvanised, sun in the morning',
    })
    .type('sectional door 2440x2130 5 sections 4 panels entrance yard', 'yard-loading-door', {
      access: { who: 'deliveries, Tuesdays', closesAtNight: true, standIn: false, neededBy: null },
      note: 'section joints stick',
    });
}

function inside(story: Story): void {
  story
    .type('railing 11.4m 96 spindles 32 sq 5 newels bare gallery', 'gallery-railing', {
      access: { who: 'everybody, by day', closesAtNight: false, standIn: false, neededBy: null },
      note: 'scraped to bare wood',
      upHigh: true,
    })
    .type('moulded door 762x1981x35 margin 110 bare corridor', 'corridor-door-a')
    .type('moulded door 838x2040x44 margin 110 2 across bare corridor', 'corridor-door-b', {
      note: 'ask what the certificate allows',
      fireRated: true,
    })
    .type('moulded door 686x1981x35 margin 95 bare corridor', 'corridor-door-c')
    .type('6 switch plate corridor', 'corridor-plate')
    .type('9 shelf 905x252x24 oak bare both sides library', 'library-shelf', { note: 'open grain' });
}
