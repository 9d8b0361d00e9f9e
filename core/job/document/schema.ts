import { IANAZone } from 'luxon';
import { z } from 'zod';
import { climateSchema } from '../../air/climate.ts';
import { shelfSchema } from '../../shelf/shelf.ts';
import { UNIT_SYSTEM_IDS } from '../../units/unit-systems.ts';
import { once } from '../../units/once.ts';
import { VOCABULARIES } from '../../units/vocabulary.ts';
import { assumptionSchema } from './assumption-schema.ts';
import { mixingSchema, pricingSchema, recipeSchema } from './buying-schema.ts';
import { defectSchema, filmCheckSchema, inspectionSchema, signOffSchema } from './defect-schema.ts';
import { findingSchema, patchSchema } from './finding-schema.ts';
import { handoverSchema } from './handover-schema.ts';
import { pieceSchema } from './piece-schema.ts';
import { readingSchema } from './reading-schema.ts';
import { acceptedPlanSchema, baselineSchema, pinSchema } from './plan-schema.ts';
import { logEntrySchema } from './log-schema.ts';
import { strokeChoiceSchema, WALL_SCHOOLS } from './stroke-schema.ts';
import { stockSchema } from './stock-schema.ts';
import { tinSchema } from './tin-schema.ts';
import { id, localTime, name } from './plain-fields.ts';
import { finishGroupSchema, weightsSchema } from './group-schema.ts';
import { PACE_KEYS, painterSchema, paceFactor } from './crew-schema.ts';
import { placeSchema, roomSchema } from './room-schema.ts';

export const JOB_FORMAT = 'nivel.job/11';

export const TURNINGS = ['one-face', 'both-on-points'] as const;
export const LINE_WAYS = ['tape', 'freehand'] as const;
export const planningSchema = z.lazy(() =>
  z.object({
    start: z.iso.date('Choose the first day.'),
    promised: z.iso.date().nullable(),
    /** One face a drying period, turned when it can be handled; or both in one pass, resting on points. */
    turning: z.enum(TURNINGS),
    /** In a room, ceiling and walls before the woodwork, or the woodwork first and the wall cut in against it. */
    trades: z.enum(WALL_SCHOOLS),
    /** Whether lines along wall and glass are taped or cut in freehand; null where that follows from who paints. */
    lines: z.enum(LINE_WAYS).nullable(),
    /** Whether primer and all coats may go onto one outside face on the same day. */
    outsideInADay: z.boolean(),
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
    units: z.enum(UNIT_SYSTEM_IDS),
    vocabulary: z.enum(VOCABULARIES),
    currency: z.string().regex(/^[A-Z]{3}$/),
    clock: clockSchema,
  }),
);

const timeZone = z.lazy(() =>
  z
    .string()
    .max(60)
    .refine((zone) => IANAZone.isValidZone(zone), 'Not a time zone. Type it like Europe/Berlin.'),
);

/** How moulding is cut from stock: lengths on sale in mm, what the saw takes, and what has been cut. */
export const cuttingSchema = z.lazy(() =>
  z.object({
    stock: z.array(z.number().min(300).max(12_000)).min(1, 'Enter at least one length.').max(8),
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

const LATITUDE = 'Latitude must be −90 to 90.';
const LONGITUDE = 'Longitude must be −180 to 180.';
const MAX_PIECES = 2000;
const MAX_LOG_ENTRIES = 50_000;
const MAX_FINDINGS = 3000;

const MAX_READINGS = 5000;
/** A few for each piece, and for what is around them. */
const MAX_ASSUMED = 7000;

/** Where the job is. */
export const siteSchema = z.lazy(() =>
  z.object({
    place: z.string().max(120),
    timeZone,
    /** When it was built; null when nobody knows. */
    yearBuilt: z
      .number()
      .int('Type the year as a whole number.')
      .min(1200, 'Type the year as four digits, e.g. 1936.')
      .max(2200, 'Type the year as four digits, e.g. 1936.')
      .nullable(),
    /** Degrees north and east, for the sun; null while nobody has said. */
    latitude: z.number().min(-90, LATITUDE).max(90, LATITUDE).nullable(),
    longitude: z.number().min(-180, LONGITUDE).max(180, LONGITUDE).nullable(),
    /** Whether there is supplied air, or a booth, for what gives off isocyanate; null while nobody has said. */
    suppliedAir: z.boolean().nullable(),
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
    pieces: z.array(pieceSchema).max(MAX_PIECES, `At most ${MAX_PIECES} pieces a job. Start a second job.`),
    groups: z.array(finishGroupSchema).max(300),
    findings: z.array(findingSchema).max(MAX_FINDINGS, `At most ${MAX_FINDINGS} test results a job.`),
    patches: z.array(patchSchema).max(500),
    /** What differs from, or adds to, the default shelf. */
    shelf: shelfSchema,
    weights: weightsSchema,
    readings: z.array(readingSchema).max(MAX_READINGS, `At most ${MAX_READINGS} readings a job.`),
    planning: planningSchema,
    plan: acceptedPlanSchema.nullable(),
    /** What it is measured against in the end; null before a plan was accepted. */
    baseline: baselineSchema.nullable(),
    pins: z.array(pinSchema).max(20_000),
    log: z.array(logEntrySchema).max(MAX_LOG_ENTRIES, `At most ${MAX_LOG_ENTRIES} log entries a job.`),
    /** Steps that are left out, though the build-up has them: who said so, and why. */
    leftOut: z.array(leftOutSchema).max(5000),
    tins: z.array(tinSchema).max(500, 'At most 500 opened tins a job.'),
    defects: z.array(defectSchema).max(3000, 'At most 3,000 defects a job.'),
    inspections: z.array(inspectionSchema).max(10_000),
    filmChecks: z.array(filmCheckSchema).max(2000),
    signOffs: z.array(signOffSchema).max(400),
    handOver: handoverSchema,
    /** Devices whose stamps were taken in, and when the last of their files was made. */
    devices: z.array(deviceSchema).max(40),
    /** By what work: how much longer it takes here than by the usual pace, as earlier jobs have shown. */
    paces: z.partialRecord(z.enum(PACE_KEYS), paceFactor),
    cutting: cuttingSchema,
    mixing: mixingSchema,
    recipes: z.array(recipeSchema).max(100, 'At most 100 recipes a job.'),
    pricing: pricingSchema,
    strokes: z.array(strokeChoiceSchema).max(2000),
    stock: z.array(stockSchema).max(300, 'At most 300 tins in stock.'),
    /** What this Nivel reads otherwise than the one that made the job, in words, until it is confirmed. */
    lifted: z.array(z.string().max(300)).max(20),
    /** What was taken for granted when the job was begun, until it is changed or confirmed. */
    assumed: z.array(assumptionSchema).max(MAX_ASSUMED),
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
    if (!checked.success) return checked.error.issues[0]?.message ?? 'That value isn’t valid.';
  }
  return referenceFaults(after)[0]?.message ?? null;
}

/** A changed list; of the two that grow long only what is new in it, unless they have grown too long. */
function freshOf(key: keyof Job, before: Job, after: Job): unknown {
  if (key === 'pieces' && after.pieces.length <= MAX_PIECES) return newIn(before.pieces, after.pieces);
  if (key === 'log' && after.log.length <= MAX_LOG_ENTRIES) return newIn(before.log, after.log);
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
  stock: { id: string }[];
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
  collect(job.stock, 'stock');
  collect(job.defects, 'defects');
  const need = (known: Set<string>, wanted: string, path: (string | number)[], what: string): void => {
    if (!known.has(wanted)) faults.push({ path, message: `No ${what} has the id ${wanted}.` });
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
