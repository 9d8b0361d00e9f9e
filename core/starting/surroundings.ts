import { PLAIN_CLIMATE, USUAL_WARMING, type Climate } from '../air/climate.ts';
import { usualOpenDay } from '../air/usual-season.ts';
import { assumedOf } from '../job/assumptions.ts';
import type { Assumption } from '../job/document/assumption-schema.ts';
import { ALL_ALONG, newJob, OPEN_AIR } from '../job/document/new-job.ts';
import type { Job } from '../job/document/schema.ts';
import { CREW_DAYS } from './crew-days.ts';
import { latitudeOf } from './first-day.ts';
import { kindOfJob, type StartChoices, type StartPlace } from './start-choices.ts';

/** Walls without heating: they follow the open air some hours later, and are a little warmer. */
const SHELTER = { lag: 4, warmer: 2 } as const;

/** A house that is lived in, kept warm day and night; or as the open air lets it be. */
const house = (isHeated: boolean, open: Climate): Climate => ({
  ...PLAIN_CLIMATE,
  id: 'house',
  name: 'House',
  ...(isHeated
    ? { usual: { warmest: 21, coldest: 18, humidityAtWarmest: 48, humidityAtColdest: 55 } }
    : { usual: open.usual, shelter: SHELTER }),
});

/** A workshop, heated for as long as anybody is there, or not at all. */
const workshop = (isHeated: boolean, open: Climate): Climate => ({
  ...PLAIN_CLIMATE,
  id: 'workshop',
  name: 'Workshop',
  usual: open.usual,
  shelter: SHELTER,
  heating: isHeated ? { ...USUAL_WARMING, spans: [{ setPoint: 18, from: 6, until: 22 }] } : null,
});

/** The places of a job: in the house there is less room than in a workshop. */
const SPACES = { house: { bench: 1, rack: 12 }, workshop: { bench: 2, rack: 24 } } as const;

/** A job without pieces: its rooms, places to work, air by season and heating, and crew. */
export function emptyStart(choices: StartChoices, place: StartPlace): Job {
  const { rooms } = kindOfJob(choices.kind);
  const open: Climate = { ...OPEN_AIR, usual: usualOpenDay(place.start, latitudeOf(place)) };
  const empty = newJob({ ...place, name: choices.name });
  const { bench, rack } = SPACES[choices.where];
  const isShop = choices.where === 'workshop';
  return {
    ...empty,
    settings: { ...empty.settings, ...place.settings },
    site: { ...empty.site, place: place.address, latitude: place.latitude, longitude: place.longitude },
    climates: [house(choices.heated || isShop, open), workshop(choices.heated, open), open],
    rooms: rooms.map((name, index) => ({
      id: `room-${index + 1}`,
      name,
      climateId: 'house',
      maxOff: null,
      zonesAtOnce: null,
      bearing: null,
      tasks: [],
    })),
    places: [
      { id: 'bench', name: isShop ? 'Bench' : 'Trestles', kind: 'bench', slots: bench, climateId: choices.where },
      { id: 'rack', name: 'Rack', kind: 'rack', slots: rack, climateId: choices.where },
    ],
    crew: Array.from({ length: choices.painters }, (_unused, index) => ({
      id: `painter-${index + 1}`,
      name: `Painter ${index + 1}`,
      skill: choices.skill,
      week: CREW_DAYS[choices.days].week,
      ...ALL_ALONG,
    })),
  };
}

/** Marks what is around the pieces as assumed too: colours, spaces, and the air of places that are used. */
export function withSurroundings(job: Job, { kind }: StartChoices): Job {
  const used = new Set([
    ...job.rooms.filter(({ id }) => job.pieces.some(({ roomId }) => roomId === id)).map(({ climateId }) => climateId),
    ...(job.pieces.some(({ comesOff }) => comesOff) ? job.places.map(({ climateId }) => climateId) : []),
    ...(kindOfJob(kind).isOutside ? [OPEN_AIR.id] : []),
  ]);
  const rooms = job.rooms.filter(({ id }, index) => index === 0 || job.pieces.some(({ roomId }) => roomId === id));
  const places = job.pieces.some(({ comesOff }) => comesOff) ? job.places : [];
  const around: Assumption[] = [
    ...job.groups.map(({ id }) => assumedOf(job, 'colour', id)),
    ...places.map(({ id }) => assumedOf(job, 'slots', id)),
    ...[...used].map((id) => assumedOf(job, 'air', id)),
  ];
  return { ...job, rooms, assumed: [...job.assumed, ...around] };
}
