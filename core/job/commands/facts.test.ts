import { factWords } from './fact-words.ts';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { z } from 'zod';
import { CommandRefused } from './definition.ts';
import { mixingSchema, pricingSchema } from '../document/buying-schema.ts';
import { statedPieceSchema } from '../document/piece-schema.ts';
import { cuttingSchema, planningSchema, settingsSchema, siteSchema } from '../document/schema.ts';
import { partly, type Facts } from './facts.ts';

/** A thing with everything that can be changed in part. */
const schema = z.object({
  name: z.string().min(1),
  note: z.string().nullable(),
  size: z.object({ width: z.number(), height: z.number() }),
  heating: z.object({ to: z.number(), at: z.string() }).nullable(),
  tins: z.array(z.object({ id: z.string(), litres: z.number(), of: z.object({ hex: z.string() }) })),
  days: z.array(z.object({ date: z.string(), hours: z.number() })),
  parts: z.array(z.object({ what: z.string(), amount: z.number() })),
  packs: z.record(z.string(), z.number()),
  ids: z.array(z.string()),
  points: z.array(z.number()),
});
type Thing = z.infer<typeof schema>;
const facts = partly(schema);

const THING: Thing = {
  name: 'rack',
  note: null,
  size: { width: 100, height: 200 },
  heating: { to: 20, at: '07:00' },
  tins: [
    { id: 'a', litres: 1, of: { hex: '#111111' } },
    { id: 'b', litres: 2, of: { hex: '#222222' } },
  ],
  days: [{ date: '2027-03-01', hours: 8 }],
  parts: [
    { what: 'white', amount: 90 },
    { what: 'black', amount: 10 },
  ],
  packs: { tape: 50 },
  ids: ['x', 'y', 'z'],
  points: [1, 2],
};
const changed = (some: Facts<Thing>, before: Thing = THING): Thing => {
  const draft = structuredClone(before);
  facts.put(draft, some);
  return draft;
};

test('what is not named stays as it is', () => {
  assert.deepEqual(changed({}), THING);
  assert.deepEqual(changed({ size: { width: 120 } }), { ...THING, size: { width: 120, height: 200 } });
  assert.deepEqual(changed({ note: 'dry' }), { ...THING, note: 'dry' });
  assert.deepEqual(changed({ name: undefined }), THING, 'named, and nothing said of it');
});

test('what may be nothing becomes nothing, and something again only as a whole', () => {
  const without = changed({ heating: null });
  assert.equal(without.heating, null);
  assert.deepEqual(changed({ heating: { to: 18, at: '06:00' } }, without).heating, { to: 18, at: '06:00' });
  assert.throws(() => changed({ heating: { to: 18 } }, without), CommandRefused, 'the other tab has taken it away');
});

test('entries are changed, added and taken out by their id or their date, wherever they stand', () => {
  assert.deepEqual(changed({ tins: { b: { of: { hex: '#333333' } } } }).tins[1], {
    id: 'b',
    litres: 2,
    of: { hex: '#333333' },
  });
  assert.deepEqual(
    changed({ tins: { a: null } }).tins.map(({ id }) => id),
    ['b'],
  );
  assert.deepEqual(
    changed({ tins: { c: { id: 'c', litres: 3, of: { hex: '#444444' } } } }).tins.map(({ id }) => id),
    ['a', 'b', 'c'],
  );
  assert.deepEqual(changed({ tins: { gone: null } }).tins, THING.tins, 'taken out twice is taken out');
  assert.deepEqual(changed({ days: { '2027-03-01': { hours: 6 } } }).days, [{ date: '2027-03-01', hours: 6 }]);
  assert.throws(() => changed({ tins: { gone: { litres: 4 } } }), CommandRefused);
});

test('rows without ids are changed by their place, or all at once; a row that is gone can’t be', () => {
  assert.deepEqual(changed({ parts: { 1: { amount: 20 } } }).parts[1], { what: 'black', amount: 20 });
  assert.deepEqual(changed({ parts: [{ what: 'grey', amount: 1 }] }).parts, [{ what: 'grey', amount: 1 }]);
  assert.throws(() => changed({ parts: { 2: { amount: 1 } } }), CommandRefused);
});

test('records are changed by key, and words are put in and taken out one by one', () => {
  assert.deepEqual(changed({ packs: { film: 20 } }).packs, { tape: 50, film: 20 });
  assert.deepEqual(changed({ packs: { tape: null } }).packs, {});
  assert.deepEqual(changed({ ids: { y: false, w: true } }).ids, ['x', 'z', 'w']);
  assert.deepEqual(changed({ ids: { x: true, gone: false } }).ids, ['x', 'y', 'z'], 'in already, out already');
  assert.deepEqual(changed({ ids: ['z'] }).ids, ['z']);
  assert.deepEqual(changed({ points: [3] }).points, [3], 'figures are one thing');
});

const word = fc.constantFrom('a', 'b', 'c', 'd');
const text = fc.string({ minLength: 1, maxLength: 3 });
const unique = <T>(entry: fc.Arbitrary<T>, of: (entry: T) => string) =>
  fc.uniqueArray(entry, { maxLength: 4, selector: of });
const whole = { noNullPrototype: true } as const;
const thing: fc.Arbitrary<Thing> = fc.record(
  {
    name: text,
    note: fc.option(text),
    size: fc.record({ width: fc.nat(3), height: fc.nat(3) }, whole),
    heating: fc.option(fc.record({ to: fc.nat(3), at: text }, whole)),
    tins: unique(
      fc.record({ id: word, litres: fc.nat(3), of: fc.record({ hex: word }, whole) }, whole),
      ({ id }) => id,
    ),
    days: unique(fc.record({ date: word, hours: fc.nat(3) }, whole), ({ date }) => date),
    parts: fc.array(fc.record({ what: word, amount: fc.nat(3) }, whole), { maxLength: 3 }),
    packs: fc.dictionary(word, fc.nat(3), whole),
    ids: fc.uniqueArray(word, { maxLength: 4 }),
    points: fc.array(fc.nat(3), { maxLength: 3 }),
  },
  whole,
);
/** The same in whatever order entries and words stand. */
const settled = ({ tins, days, ids, ...rest }: Thing): unknown => ({
  ...rest,
  tins: tins.toSorted((one, other) => (one.id < other.id ? -1 : 1)),
  days: days.toSorted((one, other) => (one.date < other.date ? -1 : 1)),
  ids: ids.toSorted(),
});

test('the facts in which a thing differs make of the one what the other is, and pass their own check', () => {
  fc.assert(
    fc.property(thing, thing, (before, after) => {
      const some = facts.difference(before, after);
      assert.ok(facts.check().safeParse(some).success, JSON.stringify(some));
      assert.deepEqual(settled(changed(some, before)), settled(after));
      assert.deepEqual(changed(some, before).ids, after.ids, 'words in their order');
    }),
    { numRuns: 400 },
  );
});

test('nothing differs from itself, and only what differs is named', () => {
  assert.deepEqual(facts.difference(THING, structuredClone(THING)), {});
  assert.deepEqual(facts.difference(THING, changed({ size: { width: 1 }, tins: { b: { litres: 9 } } })), {
    size: { width: 1 },
    tins: { b: { litres: 9 } },
  });
  assert.deepEqual(facts.difference(THING, { ...THING, ids: ['x', 'z'] }), { ids: { y: false } });
  assert.deepEqual(facts.difference(THING, { ...THING, ids: ['z', 'y', 'x'] }), { ids: ['z', 'y', 'x'] });
  assert.deepEqual(facts.difference(THING, { ...THING, parts: [] }), { parts: [] });
  assert.deepEqual(facts.difference(THING, changed({ parts: { 0: { amount: 1 } } })), { parts: { 0: { amount: 1 } } });
  assert.deepEqual(facts.difference(THING, { ...THING, packs: {} }), { packs: { tape: null } });
});

test('facts of fields that two tabs change both stand, in either order', () => {
  const [one, other]: Facts<Thing>[] = [
    { size: { width: 1 }, tins: { a: { litres: 5 } }, ids: { x: false }, packs: { film: 1 } },
    { size: { height: 2 }, tins: { b: null }, ids: { w: true }, packs: { tape: 2 } },
  ];
  assert.deepEqual(changed(other!, changed(one!)), changed(one!, changed(other!)));
});

test('facts from elsewhere are checked field by field; whether something may be nothing, the job says', () => {
  const isFine = (some: unknown): boolean => facts.check().safeParse(some).success;
  assert.ok(isFine({ size: { width: 3 } }) && isFine({ heating: null }) && isFine({ tins: { a: null } }));
  assert.ok(isFine({ parts: { 0: { amount: 2 } } }) && isFine({ parts: [] }) && isFine({ ids: { a: true } }));
  assert.ok(!isFine({ size: { width: 'wide' } }) && !isFine({ name: '' }) && !isFine({ ids: { a: 'yes' } }));
  assert.ok(!isFine({ tins: { a: { litres: 'many' } } }) && !isFine({ packs: { tape: 'x' } }) && !isFine(null));
});

test('every fact of a job has a name in its history', () => {
  assert.equal(factWords({ yearBuilt: 1900, note: '' }), 'year built, note');
  const schemas = [
    statedPieceSchema,
    siteSchema,
    settingsSchema,
    planningSchema,
    cuttingSchema,
    mixingSchema,
    pricingSchema,
  ];
  for (const key of schemas.flatMap((schema) => Object.keys(schema.unwrap().shape))) {
    assert.doesNotMatch(factWords({ [key]: 0 }), /[a-z][A-Z]/, `${key} is shown as it stands in the code`);
  }
});
