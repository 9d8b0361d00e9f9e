import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { z } from 'zod';
import { climateSchema } from '../../air/climate.ts';
import { COMPARTMENTS } from '../../shelf/shelf.ts';
import { otherValues, type OtherValue } from '../../testing/other-values.ts';
import { TOLD } from '../../testing/told-commands.ts';
import { divided, start } from '../../testing/worked-job.ts';
import { mixingSchema, pricingSchema, recipeSchema } from '../document/buying-schema.ts';
import { defectSchema } from '../document/defect-schema.ts';
import { findingSchema, patchSchema } from '../document/finding-schema.ts';
import { handOverSchema } from '../document/hand-over-schema.ts';
import { drillingSchema, photoSchema, statedPieceSchema } from '../document/piece-schema.ts';
import { cuttingSchema, planningSchema, settingsSchema, siteSchema, type Job } from '../document/schema.ts';
import { finishGroupSchema, weightsSchema } from '../document/group-schema.ts';
import { painterSchema } from '../document/crew-schema.ts';
import { placeSchema, roomSchema } from '../document/room-schema.ts';
import { tinSchema } from '../document/tin-schema.ts';
import { applyCommand, applyWritten } from './apply.ts';
import { contested, keyed } from './contested.ts';
import { COMMANDS } from './registry.ts';

/** A job in which there is one of every kind of thing, with something in each of its fields. */
const full = [
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

interface Kind {
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
const KINDS: Readonly<Record<string, Kind>> = {
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

const given = (job: Job, [name, args]: [string, object]): Job | null => {
  const outcome = applyWritten(job, name, args);
  return outcome.ok ? outcome.value.job : null;
};

/** Of every field the first other value that is taken. */
function takenValues({ schema, value, change }: Kind): OtherValue[] {
  const byPath = new Map<string, OtherValue>();
  for (const other of otherValues(schema, value)) {
    if (!byPath.has(other.path) && given(full, change(other.facts)) !== null) byPath.set(other.path, other);
  }
  return [...byPath.values()];
}

/** Fields that can't be changed by themselves, beside ids. */
const FEW: Readonly<Record<string, number>> = { place: 2, settings: 2, cutting: 1, pricing: 4, planning: 3 };

for (const [name, kind] of Object.entries(KINDS)) {
  test(`${name}: two changes of different fields both stand, in either order`, () => {
    const fields = takenValues(kind);
    assert.ok(fields.length >= (FEW[name] ?? 3), fields.map(({ path }) => path).join(' '));
    for (const one of fields) {
      for (const other of fields) {
        if (one.path === other.path || one.path.startsWith(`${other.path}/`) || other.path.startsWith(`${one.path}/`))
          continue;
        const [first, second] = [kind.change(one.facts), kind.change(other.facts)];
        const [there, back] = [given(given(full, first)!, second), given(given(full, second)!, first)];
        // Two fields that do not go together are refused, whichever comes last.
        if (there === null || back === null) continue;
        assert.deepEqual(there, back, `${one.path} and ${other.path}`);
        assert.notDeepEqual(there, given(full, first), `${other.path} stands`);
        assert.notDeepEqual(there, given(full, second), `${one.path} stands`);
      }
    }
  });
}

test('whatever two commands were given on the same job, what the first did stands after the second, or it is told', () => {
  const names = Object.keys(TOLD) as (keyof typeof TOLD)[];
  const alone = new Map(names.map((name) => [name, applyCommand(divided, name, TOLD[name][0] as never)]));
  for (const one of names) {
    for (const other of names) {
      // What a job is measured against is whatever plan there is.
      if (one === other || other === 'measure-against') continue;
      const [first, second] = [alone.get(one)!, alone.get(other)!];
      if (!first.ok || !second.ok) continue;
      const both = applyCommand(first.value.job, other, TOLD[other][0] as never);
      // Refused, and told by that.
      if (!both.ok || contested(divided, first.value.job, both.value.job)) continue;
      const lost = (Object.keys(divided) as (keyof Job)[]).flatMap((key) =>
        undone(divided[key], first.value.job[key], second.value.job[key], both.value.job[key], `/${key}`),
      );
      // A group comes and goes with its pieces.
      const others = lost.filter((path) => path !== '/groups');
      assert.deepEqual(others, [], `${other} undid ${one} without a word`);
    }
  }
});

/** Where `both` lacks what `first` had changed and `second` had not: paths of keys and ids. */
function undone(base: unknown, first: unknown, second: unknown, both: unknown, path = ''): string[] {
  const same = (one: unknown, another: unknown): boolean =>
    one === another || JSON.stringify(one) === JSON.stringify(another);
  if (same(base, first)) return [];
  if (same(base, second)) return same(first, both) ? [] : [path];
  const all = [base, first, second, both].map(keyed);
  if (all.includes(null)) return [];
  const [one, two, three, four] = all as Record<string, unknown>[];
  return Object.keys({ ...one, ...two }).flatMap((key) =>
    undone(one![key], two![key], three![key], four![key], `${path}/${key}`),
  );
}

test('every command that changes a thing in part is looked at here', () => {
  const changed = new Set(Object.values(KINDS).map(({ change }) => change({})[0]));
  const others = Object.keys(COMMANDS).filter((name) => name.startsWith('change-') && !changed.has(name));
  assert.deepEqual(others, []);
});
