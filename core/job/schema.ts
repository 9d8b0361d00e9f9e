import { IANAZone } from 'luxon';
import { z } from 'zod';
import { climateSchema } from '../air/climate.ts';
import { SHEENS } from '../shelf/coating.ts';
import { shelfSchema } from '../shelf/shelf.ts';
import { UNIT_SYSTEMS } from '../units/system.ts';
import { once } from '../units/once.ts';
import { VOCABULARIES } from '../units/vocabulary.ts';
import { coatSchema } from './coat-schema.ts';
import { mixingSchema, pricingSchema, recipeSchema } from './buying-schema.ts';
import { defectSchema, filmCheckSchema, inspectionSchema, signOffSchema } from './defect-schema.ts';
import { findingSchema, patchSchema } from './finding-schema.ts';
import { handOverSchema } from './hand-over-schema.ts';
import { pieceSchema } from './piece-schema.ts';
import { readingSchema } from './reading-schema.ts';
import { acceptedPlanSchema, baselineSchema, logEntrySchema, pinSchema } from './record.ts';
import { strokeChoiceSchema } from './stroke-schema.ts';
import { tinSchema } from './tin-schema.ts';
import { hex, id, localTime, name } from './plain-fields.ts';

export const JOB_FORMAT = 'nivel.job/8';

const coats = z.lazy(() => z.array(coatSchema).max(12, 'Twelve coats at most.'));

/** How a surface is keyed: dry abrasive, wet abrasive, a deglosser, or not at all. */
export const KEYS = ['abrade', 'wet-abrade', 'degloss', 'none'] as const;
export type Key = (typeof KEYS)[number];

/** Everything between the old surface and the finished one. Edges are painted with the front. */
export const buildUpSchema = z.lazy(() =>
  z.object({
    /** Cleaners in the order in which they are used. */
    cleaning: z.array(z.object({ product: id, rinsed: z.boolean() })).max(4, 'Four cleaners at most.'),
    key: z.enum(KEYS),
    /** For holes, dents and broken edges; null when there is nothing to fill. */
    filler: id.nullable(),
    grainFill: z.object({ product: id, passes: z.number().int().min(1).max(4) }).nullable(),
    /** On bare wood outside, before primer. */
    preservative: id.nullable(),
    coats,
    /** A face that carries other products than the rest; left out when it does not. */
    faceCoats: z.object({ front: coats.optional(), back: coats.optional() }),
  }),
);
export type BuildUp = z.infer<typeof buildUpSchema>;

export const colourSchema = z.lazy(() =>
  z.object({
    name,
    hex,
  }),
);

/** What keying and priming leave to the painter's school; null where Nivel may choose. */
export const SCHOOL_IDS = {
  keying: ['sand', 'degloss', 'bond'],
  priming: ['always', 'two-in-one', 'self-priming', 'spots'],
  tools: ['brush', 'brush-and-roll', 'roll', 'spray'],
} as const;
export const schoolsSchema = z.lazy(() =>
  z.object({
    keying: z.enum(SCHOOL_IDS.keying).nullable(),
    priming: z.enum(SCHOOL_IDS.priming).nullable(),
    tools: z.enum(SCHOOL_IDS.tools).nullable(),
  }),
);
export type Schools = z.infer<typeof schoolsSchema>;

const weight = z.lazy(() => z.number().int().min(0).max(4));
/** What counts how much when build-ups are ranked, from 0 to 4. */
export const weightsSchema = z.lazy(() =>
  z.object({
    risk: weight,
    days: weight,
    hours: weight,
    money: weight,
    coats: weight,
    smell: weight,
    toughness: weight,
    dust: weight,
  }),
);
export type Weights = z.infer<typeof weightsSchema>;

export const finishGroupSchema = z.lazy(() =>
  z.object({
    id,
    name,
    colour: colourSchema,
    /** The other face's own colour; null when it is the same. */
    backColour: colourSchema.nullable(),
    /** The look that is wanted; null when it does not matter. */
    sheen: z.enum(SHEENS).nullable(),
    schools: schoolsSchema,
    buildUp: buildUpSchema.nullable(),
    /** What was known of the surface when the build-up was chosen, as a mark; null before that. */
    chosenFor: z.string().max(4000).nullable(),
    /** Put together by hand: pieces do not fall into it by themselves. */
    byHand: z.boolean(),
  }),
);
export type FinishGroup = z.infer<typeof finishGroupSchema>;

/** Work on a room rather than on a piece: what is moved and sheeted before, and put back after. */
export const roomTaskSchema = z.lazy(() =>
  z.object({
    id,
    words: z.string().trim().min(1, 'Say what is done.').max(120, 'Keep it under 120 characters.'),
    when: z.enum(['before', 'after']),
    /** At a professional's pace. */
    minutes: z
      .number()
      .int()
      .min(1, 'A task takes a minute at least.')
      .max(600, 'Break it into tasks of under ten hours.'),
    people: z.number().int().min(1).max(2),
    /** When it was done, local; null while it is open. */
    doneAt: localTime.nullable(),
  }),
);
export type RoomTask = z.infer<typeof roomTaskSchema>;

export const roomSchema = z.lazy(() =>
  z.object({
    id,
    name,
    climateId: id,
    /** Most doors that may be off at once; null for no limit. */
    maxOff: z.number().int().min(1).max(99).nullable(),
    /** Zones of it that may be in work at once; null for all of them. */
    zonesAtOnce: z.number().int().min(1).max(99).nullable(),
    /** Where its outside faces look: degrees clockwise from north; null while nobody has said. */
    bearing: z
      .number()
      .min(0, 'A bearing lies between 0 and 359°: north is 0, east 90, south 180, west 270.')
      .max(359.99, 'A bearing lies between 0 and 359°: north is 0, east 90, south 180, west 270.')
      .nullable(),
    tasks: z.array(roomTaskSchema).max(40),
  }),
);
export type Room = z.infer<typeof roomSchema>;

export const placeSchema = z.lazy(() =>
  z.object({
    id,
    name,
    kind: z.enum(['bench', 'rack']),
    slots: z.number().int().min(1, 'At least one place.').max(200, 'At most 200 places.'),
    climateId: id,
  }),
);
export type Place = z.infer<typeof placeSchema>;

export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;
export type Weekday = (typeof WEEKDAYS)[number];

const clockTime = z.lazy(() => z.string().regex(/^([01]\d|2[0-4]):[0-5]\d$/, 'Write the time like 08:00.'));
const workingHours = z.lazy(() =>
  z
    .array(z.object({ from: clockTime, until: clockTime }))
    .max(4)
    .refine((spans) => spans.every((span) => span.from < span.until), 'A shift ends after it starts.')
    .refine(
      (spans) => spans.every((span, index) => index === 0 || (spans[index - 1]?.until ?? '') <= span.from),
      'Shifts of one day follow each other without overlap.',
    ),
);
export const weekSchema = z.lazy(() =>
  z.object(Object.fromEntries(WEEKDAYS.map((day) => [day, workingHours])) as Record<Weekday, typeof workingHours>),
);
export type Week = z.infer<typeof weekSchema>;

export const SKILLS = ['first-timer', 'steady', 'professional'] as const;
export const painterSchema = z.lazy(() =>
  z
    .object({
      id,
      name,
      skill: z.enum(SKILLS),
      week: weekSchema,
      /** Dates on which they do not come, whatever the weekday. */
      daysOff: z.array(z.iso.date('Write the day off as a date.')).max(400, 'Up to 400 days off.').default([]),
      /** First and last day with this crew; null for all along. */
      from: z.iso.date().nullable().default(null),
      until: z.iso.date().nullable().default(null),
    })
    .refine(
      ({ from, until }) => from === null || until === null || from <= until,
      'The last day comes after the first.',
    ),
);
export type Painter = z.infer<typeof painterSchema>;

export const TURNINGS = ['one-face', 'both-on-points'] as const;
export const planningSchema = z.lazy(() =>
  z.object({
    start: z.iso.date('Choose the first day.'),
    promised: z.iso.date().nullable(),
    /** One face a drying period, turned when it can be handled; or both in one pass, resting on points. */
    turning: z.enum(TURNINGS),
  }),
);

const clockSchema = z.lazy(() =>
  z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('real') }),
    z.object({ kind: z.literal('simulated'), now: localTime }),
  ]),
);

export const settingsSchema = z.lazy(() =>
  z.object({
    units: z.enum(UNIT_SYSTEMS),
    vocabulary: z.enum(VOCABULARIES),
    currency: z.string().regex(/^[A-Z]{3}$/),
    clock: clockSchema,
  }),
);

const timeZone = z.lazy(() =>
  z
    .string()
    .max(60)
    .refine((zone) => IANAZone.isValidZone(zone), 'This is no time zone. Write it like Europe/Berlin.'),
);

/** How moulding is cut from stock: lengths on sale in mm, what the saw takes, and what has been cut. */
export const cuttingSchema = z.lazy(() =>
  z.object({
    stock: z.array(z.number().min(300).max(12_000)).min(1, 'State at least one length that is on sale.').max(8),
    kerf: z.number().min(0).max(10),
    /** Ids of lengths that are cut. */
    cut: z.array(z.string().max(120)).max(5000),
  }),
);

/** A step that is not done. */
export const leftOutSchema = z.lazy(() =>
  z.object({
    taskId: z.string().min(1).max(200),
    at: localTime,
    by: z.string().max(60).nullable(),
    why: z.string().max(200, 'Keep it under 200 characters.'),
    device: z.string().max(40).optional(),
  }),
);

const deviceSchema = z.lazy(() => z.object({ id: z.string().min(1).max(40), madeAt: z.iso.datetime() }));

/** What paces are kept for: each of them is one kind of work with one tool. */
export const PACE_KEYS = [
  'hardware',
  'mask',
  'wash',
  'abrade',
  'fill',
  'denib',
  'brush',
  'roller',
  'spray',
  'rehang',
] as const;
export type PaceKey = (typeof PACE_KEYS)[number];
const paceFactor = z.lazy(() =>
  z
    .number()
    .min(0.2, 'Five times as fast as usual: check the log.')
    .max(5, 'Five times as slow as usual: check the log.'),
);

const LATITUDE = 'Latitude lies between −90 and 90: degrees north of the equator.';
const LONGITUDE = 'Longitude lies between −180 and 180: degrees east of Greenwich.';
const MOST_PIECES = 2000;
const MOST_LOG_ENTRIES = 50_000;
const MOST_FINDINGS = 3000;

const MOST_READINGS = 5000;

/** Where the job is. */
export const siteSchema = z.lazy(() =>
  z.object({
    place: z.string().max(120),
    timeZone,
    /** When it was built; null when nobody knows. */
    yearBuilt: z
      .number()
      .int('Write the year as a whole number.')
      .min(1200, 'Write the year as four digits, such as 1936.')
      .max(2200, 'Write the year as four digits, such as 1936.')
      .nullable(),
    /** Degrees north and east, for the sun; null while nobody has said. */
    latitude: z.number().min(-90, LATITUDE).max(90, LATITUDE).nullable(),
    longitude: z.number().min(-180, LONGITUDE).max(180, LONGITUDE).nullable(),
  }),
);

const jobFields = z.lazy(() =>
  z.object({
    format: z.literal(JOB_FORMAT),
    id,
    name,
    createdAt: z.iso.datetime({ offset: true }),
    settings: settingsSchema,
    site: siteSchema,
    climates: z.array(climateSchema).min(1).max(60),
    rooms: z.array(roomSchema).min(1).max(200),
    places: z.array(placeSchema).min(1).max(40),
    crew: z.array(painterSchema).min(1).max(12),
    pieces: z.array(pieceSchema).max(MOST_PIECES, `A job has up to ${MOST_PIECES} pieces. Begin a second one.`),
    groups: z.array(finishGroupSchema).max(300),
    findings: z.array(findingSchema).max(MOST_FINDINGS, `A job holds up to ${MOST_FINDINGS} findings.`),
    patches: z.array(patchSchema).max(500),
    /** What differs from, or adds to, the default shelf. */
    shelf: shelfSchema,
    weights: weightsSchema,
    readings: z.array(readingSchema).max(MOST_READINGS, `A job holds up to ${MOST_READINGS} readings.`),
    planning: planningSchema,
    plan: acceptedPlanSchema.nullable(),
    /** What it is measured against in the end; null before a plan was accepted. */
    baseline: baselineSchema.nullable(),
    pins: z.array(pinSchema).max(20_000),
    log: z.array(logEntrySchema).max(MOST_LOG_ENTRIES, `The log holds up to ${MOST_LOG_ENTRIES} entries.`),
    /** Steps that are left out, though the build-up has them: who said so, and why. */
    leftOut: z.array(leftOutSchema).max(5000),
    tins: z.array(tinSchema).max(500, 'A job holds up to 500 opened tins.'),
    defects: z.array(defectSchema).max(3000, 'A job holds up to 3,000 defects.'),
    inspections: z.array(inspectionSchema).max(10_000),
    filmChecks: z.array(filmCheckSchema).max(2000),
    signOffs: z.array(signOffSchema).max(400),
    handOver: handOverSchema,
    /** Devices whose stamps were taken in, and when the last of their files was made. */
    devices: z.array(deviceSchema).max(40),
    /** By what work: how much longer it takes here than by the usual pace, as earlier jobs have shown. */
    paces: z.partialRecord(z.enum(PACE_KEYS), paceFactor),
    cutting: cuttingSchema,
    mixing: mixingSchema,
    recipes: z.array(recipeSchema).max(100, 'A job holds up to 100 recipes.'),
    pricing: pricingSchema,
    strokes: z.array(strokeChoiceSchema).max(2000),
  }),
);

/** The job document: all that people have stated, and nothing that can be computed from it but the accepted plan. */
export const jobSchema = z.lazy(() =>
  jobFields.unwrap().superRefine((job, context) => {
    for (const fault of referenceFaults(job)) {
      context.addIssue({ code: 'custom', path: fault.path, message: fault.message });
    }
  }),
);
export type Job = z.infer<typeof jobSchema>;

/** Unwrapping builds them all anew, which would cost more than any change. */
const fieldsBuilt = once(() => jobFields.unwrap().shape);

/**
 * What is wrong with a document that was changed from one that holds; null when it holds as well. Only what is new in
 * it is read again, so that a stroke costs the same in a job of a thousand pieces as in one of ten.
 */
export function faultOfChange(before: Job, after: Job): string | null {
  for (const key of Object.keys(fieldsBuilt()) as (keyof Job)[]) {
    const [old, changed] = [before[key], after[key]];
    if (old === changed) continue;
    const checked = fieldsBuilt()[key].safeParse(changed instanceof Array ? freshOf(key, before, after) : changed);
    if (!checked.success) return checked.error.issues[0]?.message ?? 'That can’t be taken.';
  }
  return referenceFaults(after)[0]?.message ?? null;
}

/** A changed list; of the two that grow long only what is new in it, unless they have grown too long. */
function freshOf(key: keyof Job, before: Job, after: Job): unknown {
  if (key === 'pieces' && after.pieces.length <= MOST_PIECES) return newIn(before.pieces, after.pieces);
  if (key === 'log' && after.log.length <= MOST_LOG_ENTRIES) return newIn(before.log, after.log);
  return after[key];
}

function newIn<T>(before: readonly T[], after: readonly T[]): T[] {
  const known = new Set(before);
  return after.filter((entry) => !known.has(entry));
}

interface Fault {
  path: (string | number)[];
  message: string;
}

/** Every id that is used must be stated, once. */
function referenceFaults(job: {
  climates: { id: string }[];
  rooms: { id: string; climateId: string }[];
  places: { id: string; climateId: string; kind: string }[];
  crew: { id: string }[];
  pieces: { id: string; mark: string; roomId: string; groupId: string }[];
  groups: { id: string }[];
  findings: { id: string; groupId: string }[];
  patches: { id: string; groupId: string }[];
  readings: { id: string }[];
  recipes: { id: string }[];
  tins: { id: string }[];
  defects: { id: string; pieceId: string }[];
  signOffs: { roomId: string }[];
}): Fault[] {
  const faults: Fault[] = [];
  const collect = (list: readonly { id: string }[], path: string): Set<string> => {
    const seen = new Set<string>();
    list.forEach((entry, index) => {
      if (seen.has(entry.id)) faults.push({ path: [path, index], message: `The id ${entry.id} is used twice.` });
      seen.add(entry.id);
    });
    return seen;
  };
  const climates = collect(job.climates, 'climates');
  const rooms = collect(job.rooms, 'rooms');
  const groups = collect(job.groups, 'groups');
  const pieces = collect(job.pieces, 'pieces');
  collect(job.crew, 'crew');
  collect(job.places, 'places');
  collect(job.findings, 'findings');
  collect(job.patches, 'patches');
  collect(job.readings, 'readings');
  collect(job.recipes, 'recipes');
  collect(job.tins, 'tins');
  collect(job.defects, 'defects');
  const need = (known: Set<string>, wanted: string, path: (string | number)[], what: string): void => {
    if (!known.has(wanted)) faults.push({ path, message: `There is no ${what} with the id ${wanted}.` });
  };
  job.rooms.forEach((room, index) => need(climates, room.climateId, ['rooms', index, 'climateId'], 'climate'));
  job.places.forEach((place, index) => need(climates, place.climateId, ['places', index, 'climateId'], 'climate'));
  job.pieces.forEach((piece, index) => {
    need(rooms, piece.roomId, ['pieces', index, 'roomId'], 'room');
    need(groups, piece.groupId, ['pieces', index, 'groupId'], 'finish group');
  });
  for (const list of ['findings', 'patches'] as const) {
    job[list].forEach((entry, index) => need(groups, entry.groupId, [list, index, 'groupId'], 'finish group'));
  }
  job.defects.forEach(({ pieceId }, index) => need(pieces, pieceId, ['defects', index, 'pieceId'], 'piece'));
  job.signOffs.forEach(({ roomId }, index) => need(rooms, roomId, ['signOffs', index, 'roomId'], 'room'));
  for (const kind of ['bench', 'rack']) {
    if (!job.places.some((place) => place.kind === kind)) {
      faults.push({ path: ['places'], message: `A job needs at least one ${kind}.` });
    }
  }
  return faults;
}
