import { DateTime } from 'luxon';
import { supposedLatitude, usualOpenDay, warmFrom } from '../air/usual-season.ts';
import { PLAIN_CLIMATE, USUAL_WARMING, type Climate } from '../air/climate.ts';
import { surveyOf } from '../exchange/pieces-csv.ts';
import { assumedOf } from '../job/assumptions.ts';
import { applyCommand } from '../job/commands/apply.ts';
import type { AssumedFact, Assumption } from '../job/document/assumption-schema.ts';
import { WEEKDAYS, type Painter } from '../job/document/crew-schema.ts';
import { ALL_ALONG, newJob, OPEN_AIR, type NewJob } from '../job/document/new-job.ts';
import type { Job } from '../job/document/schema.ts';
import { definitionOf, hasFeature } from '../pieces/registry.ts';
import { readLine, type LineRead } from '../typing/typed-line/read-line.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { CREW_DAYS, type CrewDays } from './crew-days.ts';
import { JOB_KINDS, type JobKindId } from './job-kinds.ts';
import type { Choice, Counted, JobKind, Option } from './job-kind.ts';

/** What a job is begun with: what kind it is, where, who paints and when. */
export interface StartChoices {
  kind: JobKindId;
  name: string;
  /** By the id of what is counted: pieces, or length in m. */
  counts: Readonly<Record<string, number>>;
  /** By the id of a choice, the id of its option. */
  chosen: Readonly<Record<string, string>>;
  /** Lines that were typed beside the counts. */
  lines: readonly string[];
  /** Where pieces that come off are painted. */
  where: 'house' | 'workshop';
  heated: boolean;
  painters: number;
  skill: Painter['skill'];
  days: CrewDays;
}

/** What comes from the device or from jobs before. */
export type StartPlace = NewJob & {
  settings: Pick<Job['settings'], 'units' | 'vocabulary' | 'currency'>;
  latitude: number | null;
  longitude: number | null;
};

export const kindOfJob = (id: JobKindId): JobKind => JOB_KINDS[id];

/** What a start says before anybody has chosen: the usual counts and answers of its kind. */
export function usualStart(kind: JobKindId): StartChoices {
  const { name, counted, choices } = kindOfJob(kind);
  return {
    kind,
    name,
    counts: Object.fromEntries(counted.map(({ id, usual }) => [id, usual])),
    chosen: Object.fromEntries(choices.map(({ id, options }) => [id, options[0].id])),
    lines: [],
    where: 'house',
    heated: true,
    painters: 1,
    skill: 'first-timer',
    days: 'weekdays',
  };
}

/** The option that was chosen, or the usual one. */
export const optionOf = ({ id, options }: Choice, chosen: StartChoices['chosen']): Option =>
  options.find((option) => option.id === chosen[id]) ?? options[0];

/** A whole shared out to so many: the first have one more where it does not come out even. */
const shared = (whole: number, parts: number): number[] =>
  Array.from({ length: parts }, (_unused, index) => Math.floor(whole / parts) + (index < whole % parts ? 1 : 0));

/** The typed lines of what was counted, each with the options that it takes. */
function linesOf(counted: Counted, { kind, counts, chosen }: StartChoices): { line: string; isUnknown: boolean }[] {
  const options = kindOfJob(kind)
    .choices.filter(({ id }) => counted.takes.includes(id))
    .map((choice) => optionOf(choice, chosen))
    // What it is comes first, then what is on it.
    .reverse();
  const said = options.map(({ typed }) => typed).filter(Boolean);
  const isUnknown = options.some((option) => option.isUnknown);
  return shared(counts[counted.id] ?? 0, counted.typed.length).flatMap((count, index) => {
    if (count === 0) return [];
    const typed = counted.typed[index] ?? '';
    if (counted.longest === undefined) return { line: [count, ...said, typed].filter(Boolean).join(' '), isUnknown };
    const pieces = Math.ceil(count / counted.longest);
    const length = `${Math.round((count / pieces) * 100) / 100}m`;
    return { line: [pieces, ...said, typed, length].join(' '), isUnknown };
  });
}

/** A climate with its usual temperatures: heated, or as the open air lets it be. */
function indoors(
  id: string,
  name: string,
  warmest: number,
  coldest: number,
  isHeated: boolean,
  open: Climate,
): Climate {
  if (!isHeated) {
    return { ...PLAIN_CLIMATE, id, name, usual: open.usual, shelter: { lag: 4, warmer: 2 } };
  }
  const usual = { warmest, coldest, humidityAtWarmest: 48, humidityAtColdest: 55 };
  return id === 'workshop'
    ? {
        ...PLAIN_CLIMATE,
        id,
        name,
        usual: open.usual,
        shelter: { lag: 4, warmer: 2 },
        heating: { ...USUAL_WARMING, spans: [{ setPoint: warmest, from: 6, until: 22 }] },
      }
    : { ...PLAIN_CLIMATE, id, name, usual };
}

/** The first day on which a crew paints, from a date on. */
export function firstDay(from: string, days: CrewDays): string {
  const { week } = CREW_DAYS[days];
  const start = DateTime.fromISO(from, { zone: 'utc' });
  for (let ahead = 0; ahead < WEEKDAYS.length; ahead++) {
    const day = start.plus({ days: ahead });
    const weekday = WEEKDAYS[day.weekday - 1];
    if (weekday && week[weekday].length > 0) return day.toISODate() ?? from;
  }
  return from;
}

/** Below this no day is worth beginning in the open, °C at its warmest: most paints want 8 to 10 for some hours. */
const WARM_ENOUGH = 14;

/**
 * The day on which a job is usually begun, from a date on: the crew's next one, and in the open the first that is warm
 * enough, where the next one is not.
 */
export function usualBeginning(
  { kind, days }: Pick<StartChoices, 'kind' | 'days'>,
  from: string,
  latitude: number,
): { start: string; isPutOff: boolean } {
  const warm = kindOfJob(kind).isOutside ? (warmFrom(from, latitude, WARM_ENOUGH) ?? from) : from;
  return { start: firstDay(warm, days), isPutOff: warm !== from };
}

export const latitudeOf = ({
  latitude,
  timeZone,
  start,
}: Pick<StartPlace, 'latitude' | 'timeZone' | 'start'>): number =>
  latitude ?? supposedLatitude(timeZone, Number(start.slice(0, 4)));

/** The places of a job: in the house there is less room than in a workshop. */
const SPACES = { house: { bench: 1, rack: 12 }, workshop: { bench: 2, rack: 24 } } as const;

function emptyStart(choices: StartChoices, place: StartPlace): Job {
  const { rooms } = kindOfJob(choices.kind);
  const open: Climate = { ...OPEN_AIR, usual: usualOpenDay(place.start, latitudeOf(place)) };
  const empty = newJob({ ...place, name: choices.name });
  const { bench, rack } = SPACES[choices.where];
  const isShop = choices.where === 'workshop';
  return {
    ...empty,
    settings: { ...empty.settings, ...place.settings },
    site: { ...empty.site, latitude: place.latitude, longitude: place.longitude },
    climates: [
      indoors('house', 'House', 21, 18, choices.heated || isShop, open),
      indoors('workshop', 'Workshop', 18, 15, choices.heated, open),
      open,
    ],
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

/** A line that was read for a start, or the one that can't be, and why. */
export function readStartLine(line: string, job: Job): Outcome<LineRead> {
  const read = readLine(line, { units: job.settings.units, rooms: job.rooms, roomId: job.rooms[0]?.id ?? '' });
  return read.ok ? accepted(read) : refused(`“${line}”: ${read.message}`);
}

/** Every row of a typed line: what it says of another kind after the first is read as well. */
function rowsOf(line: string, job: Job): Outcome<LineRead[]> {
  const read = readStartLine(line, job);
  if (!read.ok) return read;
  const { others } = read.value;
  if (others === null) return accepted([read.value]);
  const rest = rowsOf(line.slice(others), job);
  if (!rest.ok) return rest;
  // What follows goes to the room of what was said first.
  const [room] = read.value.places;
  const moved = rest.value.map((row) => ({
    ...row,
    places: row.places.map((place) => ('id' in place.room && room ? { ...place, room: room.room } : place)),
  }));
  return accepted([read.value, ...moved]);
}

/**
 * A job begun: its rooms, pieces with their usual sizes, places, air and crew, all that nobody has said marked as assumed.
 * Refuses a typed line that can't be read, and a start without any piece. `newId` gives ids that are new each time.
 */
export function startedJob(choices: StartChoices, place: StartPlace, newId: () => string): Outcome<Job> {
  const empty = emptyStart(choices, place);
  const counted = kindOfJob(choices.kind).counted.flatMap((each) => linesOf(each, choices));
  const rows: (LineRead & { isUnknown: boolean; isTyped: boolean })[] = [];
  for (const { line, isUnknown, isTyped } of [
    ...counted.map((each) => ({ ...each, isTyped: false })),
    ...choices.lines.map((line) => ({ line, isUnknown: true, isTyped: true })),
  ]) {
    const read = rowsOf(line, empty);
    if (!read.ok) return read;
    rows.push(...read.value.map((row) => ({ ...row, isUnknown, isTyped })));
  }
  if (rows.length === 0) return refused('Say what there is to paint: count it, or type a line.');
  const pieces: Parameters<typeof surveyOf>[1][number][] = [];
  for (const row of rows) {
    // A house is shut at night: the door that closes it hangs again until then.
    const closesAtNight =
      row.piece.exposure.front === 'outside' && hasFeature(row.kind, 'door') && definitionOf(row.kind).closesOpening;
    const facts = row.assumed.filter((fact) => fact !== 'surface' || row.isUnknown);
    const unknown: AssumedFact[] = row.isUnknown && !row.isTyped && !facts.includes('surface') ? ['surface'] : [];
    const assumed: AssumedFact[] = [...facts, ...unknown, ...(closesAtNight ? (['closing'] as const) : [])];
    for (const { room, note } of row.places) {
      const access = { ...row.piece.access, closesAtNight: closesAtNight || row.piece.access.closesAtNight };
      pieces.push({ kind: row.kind, count: 1, piece: { ...row.piece, access, note }, room, assumed });
    }
  }
  const told = applyCommand(empty, 'survey', surveyOf(empty, pieces, newId));
  return told.ok ? accepted(withSurroundings(told.value.job, choices)) : told;
}

/** Marks what is around the pieces as assumed too: colours, spaces, and the air of places that are used. */
function withSurroundings(job: Job, { kind }: StartChoices): Job {
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
