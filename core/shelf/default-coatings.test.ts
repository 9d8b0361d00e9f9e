import assert from 'node:assert/strict';
import { test } from 'node:test';
import { knownAnswers } from '../fixtures/known-answers.ts';
import { coatingSchema, DRYING_STAGES } from './coating.ts';
import { DEFAULT_COATINGS } from './default-coatings.ts';

const { coatings } = knownAnswers('shelf.json') as { coatings: Record<string, unknown>[] };

for (const stated of coatings) {
  test(`${String(stated.id)} is on the shelf with the figures that are stated`, () => {
    const coating = DEFAULT_COATINGS.find(({ id }) => id === stated.id);
    assert.ok(coating);
    const { drying, volumeSolids, dryFilm, openTime, hours, recoatMax, minTemperature, maxHumidity, potLife } = coating;
    const figures = { drying, volumeSolids, dryFilm, openTime, recoatMax, minTemperature, maxHumidity, potLife };
    assert.deepEqual({ id: coating.id, ...figures, ...hours }, stated);
  });
}

test('every default passes the schema, no id twice, and none is on the shelf that nobody stated', () => {
  for (const coating of DEFAULT_COATINGS) assert.ok(coatingSchema.safeParse(coating).success, coating.id);
  const ids = DEFAULT_COATINGS.map(({ id }) => id);
  assert.equal(new Set(ids).size, ids.length);
  const known = coatings.map(({ id }) => String(id));
  assert.deepEqual(
    known.filter((id) => !ids.includes(id)),
    [],
  );
  // What the known answers do not have: paints for walls and ceilings.
  assert.deepEqual(
    ids.filter((id) => !known.includes(id)),
    ['wall-matt', 'wall-durable', 'ceiling-matt'],
  );
});

test('nonsense on a tin is named by its stage', () => {
  const [coating] = DEFAULT_COATINGS;
  for (let index = 1; index < DRYING_STAGES.length; index++) {
    const stage = DRYING_STAGES[index]!;
    const read = coatingSchema.safeParse({ ...coating, hours: { ...coating!.hours, [stage]: 0.1 } });
    assert.deepEqual(read.error?.issues[0]?.path, ['hours', stage]);
    assert.match(read.error?.issues[0]?.message ?? '', /Check the tin/);
  }
  for (const [field, value] of [
    ['volumeSolids', 120],
    ['dryFilm', 0],
    ['tins', []],
    ['drying', ['melting']],
    ['potLife', -1],
  ] as const) {
    assert.deepEqual(coatingSchema.safeParse({ ...coating, [field]: value }).error?.issues[0]?.path[0], field);
  }
});
