import assert from 'node:assert/strict';
import { test } from 'node:test';
import { coatingSchema, DRYING_STAGES, type Coating } from './coating.ts';
import { DEFAULT_COATINGS } from './default-coatings.ts';

const enamel = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-acrylic')!;
/** What is wrong with a coating that says so, each with the figure that it is told at. */
const faults = (facts: Partial<Coating>): [string, string][] =>
  coatingSchema
    .safeParse({ ...enamel, ...facts })
    .error?.issues.map(({ path, message }): [string, string] => [path.join('.'), message]) ?? [];
const hours = (facts: Partial<Coating['hours']>): Partial<Coating> => ({ hours: { ...enamel.hours, ...facts } });

test('a tin that says nothing against itself is taken', () => {
  assert.deepEqual(faults({}), []);
  assert.deepEqual(faults({ recoatMax: enamel.hours.recoat }), [], 'a window of a moment');
  assert.deepEqual(faults({ hardenerRatio: 4, potLife: 6 }), []);
  assert.deepEqual(faults({ hardenerRatio: null, potLife: 6 }), [], 'a pot life alone says nothing');
});

test('a hardener has a pot life', () => {
  assert.deepEqual(faults({ hardenerRatio: 4, potLife: null }), [
    ['potLife', 'Two-part products need a pot life. Add its hours, or remove the hardener.'],
  ]);
});

test('too warm is warmer than too cold', () => {
  const [fault] = faults({ minTemperature: 20, maxTemperature: 20 });
  assert.equal(fault?.[0], 'maxTemperature');
  assert.match(fault?.[1] ?? '', /Maximum 20 °C must be above minimum 20 °C\. Check the tin\./);
  assert.deepEqual(faults({ minTemperature: 19.9, maxTemperature: 20 }), []);
});

test('a recoat window does not close before it opens', () => {
  const [fault] = faults({ recoatMax: enamel.hours.recoat - 0.5 });
  assert.equal(fault?.[0], 'recoatMax');
  assert.match(fault?.[1] ?? '', /The recoat window closes \(4 h\) before it opens \(4\.5 h\)\. Check the tin\./);
});

test('stages come in their order, and only the first that does not is told', () => {
  for (const [index, stage] of DRYING_STAGES.entries()) {
    const before = DRYING_STAGES[index - 1];
    if (before === undefined) continue;
    const early = (enamel.hours[before] ?? 0) - 0.01;
    const told = faults(hours({ [stage]: early }));
    assert.deepEqual(
      told.map(([path]) => path),
      [`hours.${stage}`],
      stage,
    );
    assert.ok(told[0]?.[1].includes(`“${stage}”`) && told[0][1].includes(`“${before}”`));
    assert.deepEqual(faults(hours({ [stage]: enamel.hours[before] })), [], 'at once is in order');
  }
  const without = faults(hours({ wash: null, full: (enamel.hours.close ?? 0) - 0.01 }));
  assert.deepEqual(without[0]?.[0], 'hours.full', 'a stage that is not set is passed over');
});

test('colder takes longer, where a tin states several temperatures', () => {
  const at = (temperature: number, hour: number) => ({ temperature, hours: hour });
  assert.deepEqual(faults({ recoatAt: [at(10, 24), at(20, 12)] }), []);
  assert.deepEqual(faults({ recoatAt: [at(10, 8)] }), [], 'one is no line');
  assert.equal(faults({ recoatAt: [at(10, 12), at(20, 12)] })[0]?.[0], 'recoatAt');
  assert.equal(faults({ recoatAt: [at(20, 12), at(20, 14)] })[0]?.[0], 'recoatAt', 'no line through one temperature');
});

test('several contradictions are all told', () => {
  const told = faults({ hardenerRatio: 4, potLife: null, minTemperature: 25, maxTemperature: 20, recoatMax: 0.1 });
  assert.deepEqual(
    told.map(([path]) => path),
    ['potLife', 'maxTemperature', 'recoatMax'],
  );
});
