import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import fc from 'fast-check';
import { dangersOf } from '../build-up/protection.ts';
import { groundsOf } from '../build-up/situation.ts';
import { reviewBuildUp } from '../build-up/build-up-review.ts';
import { coatStack } from '../build-up/coat-stack.ts';
import { readinessOf } from '../hanging/readiness.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { planProblemSchema } from '../scheduling/problem.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { productNeeds } from '../quantities/litres.ts';
import { dryingPieces } from '../running/drying-status.ts';
import { readJobFile, writeJobFile } from './job-file.ts';

const DEMO = readFileSync(new URL('../../demo/linen-press.nivel.json', import.meta.url), 'utf8');
const NOW = '2027-03-06T09:00';

type Json = string | number | boolean | null | Json[] | { [key: string]: Json };

/** Every place of a document, as the way that leads there. */
function places(value: Json, way: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [way];
  const inside = Array.isArray(value)
    ? value.flatMap((entry, index) => places(entry, [...way, index]))
    : Object.entries(value).flatMap(([key, entry]) => places(entry, [...way, key]));
  return [way, ...inside];
}

/** The document with another value at a place; a value of undefined takes the place out. */
function withValue(document: Json, [step, ...rest]: (string | number)[], value: Json | undefined): Json | undefined {
  if (step === undefined) return value;
  // An earlier change took away what this way leads through.
  if (typeof document !== 'object' || document === null) return document;
  const copy = (Array.isArray(document) ? [...document] : { ...document }) as Record<string | number, Json>;
  const inside = withValue(copy[step] ?? null, rest, value);
  if (inside !== undefined) copy[step] = inside;
  else if (Array.isArray(copy)) copy.splice(Number(step), 1);
  else Reflect.deleteProperty(copy, step);
  return copy as Json;
}

const ORIGINAL = JSON.parse(DEMO) as Json;
/** By the part of the document that they lie in, so that a long list does not draw all the changes. */
const PARTS = Object.keys(ORIGINAL as object).map((key) => places((ORIGINAL as Record<string, Json>)[key]!, [key]));
const WILD: readonly (Json | undefined)[] = [undefined, null, '', -1, 0, 0.5, 1e9, true, [], {}, '2027-03-28', '24:00'];

const valueAt = (way: readonly (string | number)[]): Json =>
  way.reduce<Json>((value, step) => (value as Record<string | number, Json>)[step]!, ORIGINAL);

/** Something of the same sort as what stands there: another number, or what another place of that part says. */
function mild(part: readonly (string | number)[][], place: readonly (string | number)[]): Json {
  const value = valueAt(place);
  if (typeof value === 'number') return value > 2 ? Math.round(value / 2) : value + 1;
  const like = part.map(valueAt).filter((other) => typeof other === typeof value && other !== value);
  return like[place.length % Math.max(1, like.length)] ?? value;
}

const spoilt = fc
  .array(
    fc.constantFrom(...PARTS).chain((part) =>
      fc.record({
        place: fc.constantFrom(...part),
        change: fc.oneof(
          fc.constantFrom(...WILD).map((value) => () => value),
          fc.constant((place: (string | number)[]) => mild(part, place)),
        ),
      }),
    ),
    { minLength: 1, maxLength: 2 },
  )
  .map((changes) =>
    changes.reduce<Json>((document, { place, change }) => withValue(document, place, change(place)) ?? null, ORIGINAL),
  );

test('a spoilt file is refused with a reason, or is a job with which everything can be done', () => {
  let taken = 0;
  fc.assert(
    fc.property(spoilt, (document) => {
      const read = readJobFile(JSON.stringify(document));
      if (!read.ok) {
        assert.ok(read.message.length > 10, read.message);
        return;
      }
      taken++;
      const job = read.value;
      const again = readJobFile(writeJobFile(job));
      assert.ok(again.ok);
      assert.deepEqual(again.value, job);
      const problem = jobToProblem(job, NOW);
      const checked = planProblemSchema.safeParse(problem.problem);
      assert.ok(checked.success, JSON.stringify(checked.error?.issues[0]));
      if (job.plan) readPlan(job, problem, job.plan);
      for (const need of productNeeds(job)) assert.ok(Number.isFinite(need.litres) && need.litres >= 0, need.product);
      for (const row of readinessOf(job, problem, new Map())) assert.ok(row.piece.mark);
      dryingPieces(job, problem, NOW);
      for (const group of job.groups) {
        reviewBuildUp(job, group);
        for (const ground of groundsOf(job, group)) {
          if (group.buildUp) coatStack(job, ground.known.facts, group.buildUp, 'front');
        }
      }
      dangersOf(job);
    }),
    { numRuns: 200 },
  );
  assert.ok(taken > 50, `only ${taken} were taken: the changes are too wild to test anything`);
});
