import assert from 'node:assert/strict';
import type { z } from 'zod';
import { climateSchema } from '../air/climate.ts';
import { COMPARTMENTS } from '../shelf/shelf.ts';
import { otherValues, type OtherValue } from './other-values.ts';
import { TOLD } from './told-commands.ts';
import { start } from './worked-job.ts';
import { mixingSchema, pricingSchema, recipeSchema } from '../job/document/buying-schema.ts';
import { defectSchema } from '../job/document/defect-schema.ts';
import { findingSchema, patchSchema } from '../job/document/finding-schema.ts';
import { handOverSchema } from '../job/document/hand-over-schema.ts';
import { drillingSchema, photoSchema, statedPieceSchema } from '../job/document/piece-schema.ts';
import { cuttingSchema, planningSchema, settingsSchema, siteSchema, type Job } from '../job/document/schema.ts';
import { finishGroupSchema, weightsSchema } from '../job/document/group-schema.ts';
import { painterSchema } from '../job/document/crew-schema.ts';
import { placeSchema, roomSchema } from '../job/document/room-schema.ts';
import { stockSchema } from '../job/document/stock-schema.ts';
import { tinSchema } from '../job/document/tin-schema.ts';
import { applyWritten } from '../job/commands/apply.ts';

/** A job in which there is one of every kind of thing, with something in each of its fields. */
export const full = [
  [
    'change-climate',
    {
      id: 'spare',
      facts: {
        exceptions: { '2027-03-02': { date: '2027-03-02', swing: start.climates[0]!.usual } },
        shelter: { lag: 4, warmer: 2 },
      },
    },
  ],
  [
    'change-recipe',
    { id: 'reed', facts: { drawdowns: { d1: { id: 'd1', at: '2027-03-01T09:00', words: 'too warm', hex: null } } } },
  ],
  [
    'change-photo',
    { id: 'b', photoId: 'photo-0', facts: { spots: { s1: { id: 's1', x: 0.5, y: 0.5, words: 'crack' } } } },
  ],
  ['change-patch', { id: 'patch-1', facts: { read: { at: '2027-03-03T08:00', held: true } } }],
  [
    'change-tin',
    { id: 'tin-1', facts: { seen: { litres: 1, at: '2027-03-03T08:00' }, end: { kind: 'kept', where: 'van' } } },
  ],
  ['change-group', { groupId: 'group-1', backColour: { name: 'white', hex: '#ffffff' } }],
].reduce<Job>((job, [name, args]) => {
  const told = applyWritten(job, name as string, args);
  assert.ok(told.ok, told.ok ? '' : told.message);
  return told.value.job;
}, start);

export interface Kind {
  schema: z.ZodType;
  value: unknown;
  /** The command that changes some facts of it. */
  change(facts: object): [name: string, args: object];
}

const listed = (name: string, schema: z.ZodType, entry: { id: string }): Kind => ({
  schema,
  value: entry,
  change: (facts) => [name, { id: entry.id, facts }],
});
const single = (name: string, schema: z.ZodType, value: unknown): Kind => ({
  schema,
  value,
  change: (facts) => [name, facts],
});
const piece = full.pieces[1]!;

/** Everything that has fields and can be changed. */
export const KINDS: Readonly<Record<string, Kind>> = {
  room: listed('change-room', roomSchema, full.rooms[0]!),
  climate: listed(
    'change-climate',
    climateSchema,
    full.climates.find(({ id }) => id === 'spare')!,
  ),
  place: listed('change-place', placeSchema, full.places[0]!),
  painter: listed('change-painter', painterSchema, full.crew[1]!),
  recipe: listed('change-recipe', recipeSchema, full.recipes[0]!),
  finding: listed('change-finding', findingSchema, full.findings[0]!),
  patch: listed('change-patch', patchSchema, full.patches[0]!),
  tin: listed('change-tin', tinSchema, full.tins[0]!),
  stock: listed('change-stock', stockSchema, full.stock[0]!),
  defect: listed('change-defect', defectSchema, full.defects[0]!),
  entry: {
    schema: COMPARTMENTS.coatings.schema,
    // A default that the job has nothing of its own for yet.
    value: TOLD['add-entry'][0].entry,
    change: (facts) => ['change-entry', { compartment: 'coatings', id: TOLD['add-entry'][0].entry.id, facts }],
  },
  photo: {
    schema: photoSchema,
    value: piece.photos[0],
    change: (facts) => ['change-photo', { id: piece.id, photoId: 'photo-0', facts }],
  },
  drilling: {
    schema: drillingSchema,
    value: piece.drillings[0],
    change: (facts) => ['change-drilling', { id: piece.id, drillingId: 'knob', facts }],
  },
  piece: {
    schema: statedPieceSchema,
    value: piece,
    change: (facts) => {
      const { shape, ...others } = facts as { shape?: object };
      return ['change-pieces', { ids: [piece.id], facts: others, shape }];
    },
  },
  group: {
    schema: finishGroupSchema.unwrap().pick({ name: true, colour: true, backColour: true, sheen: true, schools: true }),
    value: full.groups[0],
    change: (facts) => ['change-group', { groupId: 'group-1', ...facts }],
  },
  settings: single('change-settings', settingsSchema, full.settings),
  site: single('change-site', siteSchema, full.site),
  cutting: single('change-cutting', cuttingSchema, full.cutting),
  mixing: single('change-mixing', mixingSchema, full.mixing),
  pricing: single('change-pricing', pricingSchema, full.pricing),
  planning: single('change-planning', planningSchema, full.planning),
  weights: single('change-weights', weightsSchema, full.weights),
  'hand-over': single('change-hand-over', handOverSchema, full.handOver),
};

/** A job after a command that was written down; null where it is refused. */
export const given = (job: Job, [name, args]: [string, object]): Job | null => {
  const outcome = applyWritten(job, name, args);
  return outcome.ok ? outcome.value.job : null;
};

/** Of every field the first other value that is taken. */
export function takenValues({ schema, value, change }: Kind): OtherValue[] {
  const byPath = new Map<string, OtherValue>();
  for (const other of otherValues(schema, value)) {
    if (!byPath.has(other.path) && given(full, change(other.facts)) !== null) byPath.set(other.path, other);
  }
  return [...byPath.values()];
}
