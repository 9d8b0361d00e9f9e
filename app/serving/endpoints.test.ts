import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import type { APIRoute } from 'astro';
import { TestJob } from '../../core/fixtures/jobs.ts';
import { priceOf } from '../../core/pricing/price.ts';
import { productNeeds } from '../../core/quantities/litres.ts';
import { POST as buildUp } from '../pages/api/build-up.ts';
import { POST as quantities } from '../pages/api/quantities.ts';
import { GET as jobSchema } from '../pages/api/schema/job.json.ts';
import { GET as problemSchema } from '../pages/api/schema/plan-problem.json.ts';
import { POST as strokes } from '../pages/api/sequence.ts';
import { GET as weather } from '../pages/api/weather.ts';

const { job } = new TestJob().door('a').door('b').coated();
const asked = async (route: APIRoute, request: Request): Promise<Response> =>
  route({ request, url: new URL(request.url) } as Parameters<APIRoute>[0]) as Promise<Response>;
const posted = async (route: APIRoute, body: unknown = job): Promise<Record<string, unknown>> => {
  const request = new Request('http://localhost/api', { method: 'POST', body: JSON.stringify(body) });
  const response = await asked(route, request);
  assert.equal(response.status, 200, await response.clone().text());
  return (await response.json()) as Record<string, unknown>;
};
const got = (route: APIRoute, query: string): Promise<Response> =>
  asked(route, new Request(`http://localhost/api?${query}`));

test('quantities answer what Quantities shows: litres, tins, price, and room shares by their ids', async () => {
  const answer = await posted(quantities);
  const products = answer['products'] as { product: string; litres: number; boxes: unknown[] }[];
  assert.deepEqual(
    products.map(({ product, litres }) => [product, litres]),
    productNeeds(job).map(({ product, litres }) => [product, litres]),
  );
  assert.ok(products.every(({ boxes }) => boxes.length > 0));
  const price = answer['price'] as { net: number; rooms: { roomId: string; net: number }[] };
  assert.equal(price.net, priceOf(job).net);
  assert.deepEqual(
    price.rooms.map(({ roomId }) => roomId),
    ['room-1'],
  );
  assert.equal((answer['pieces'] as unknown[]).length, 2);
});

test('build-ups answer verdict, offers with their costs, and what rules out the rest', async () => {
  const { groups } = await posted(buildUp);
  const [group] = groups as {
    chosen: { level: string; findings: { rule: string; severity: string }[] } | null;
    offered: { score: number; cost: Record<string, number> }[];
    permitted: number;
    excludedBy: string[];
    whyNone: unknown[];
  }[];
  assert.ok(group?.chosen && group.chosen.level !== 'forbidden');
  assert.ok(group.offered.length === 10 && group.permitted >= 10, 'ten at the most');
  const scores = group.offered.map(({ score }) => score);
  assert.deepEqual(
    scores,
    scores.toSorted((one, other) => one - other),
  );
  assert.ok(group.excludedBy.length > 0);
  assert.deepEqual(group.whyNone, []);
  const unchosen = (await posted(buildUp, new TestJob().door('a').job))['groups'] as { chosen: unknown }[];
  assert.equal(unchosen[0]!.chosen, null);
});

test('strokes answer one pass for each coat of like pieces, and never a number that JSON can’t hold', async () => {
  const { passes } = await posted(strokes);
  const marks = (passes as { mark: string; coat: number; faces: string[] }[]).map(
    ({ mark, faces }) => `${mark} ${faces.join()}`,
  );
  assert.ok(marks.length > 0 && marks.every((mark) => mark.startsWith('D-01')), 'D-02 is like D-01');
  assert.equal(new Set(marks).size, marks.length / 2, 'primer and enamel on each face');
  const cold = new TestJob().door('a').coated();
  for (const { id } of cold.job.climates)
    cold.tell('change-climate', {
      id,
      facts: { usual: { warmest: -5, coldest: -9, humidityAtWarmest: 80, humidityAtColdest: 80 }, heating: null },
    });
  const frozen = (await posted(strokes, cold.job))['passes'] as { openTime: number | null }[];
  assert.ok(frozen.every(({ openTime }) => openTime === null || openTime > 0));
});

test('a forecast says that it is simulated, and refuses each field that can’t be', async () => {
  const place = 'latitude=51&longitude=7&zone=Europe/Berlin&from=2027-03-05';
  const response = await got(weather, `${place}&days=2`);
  const { simulated, hours } = (await response.json()) as { simulated: boolean; hours: { at: string }[] };
  assert.deepEqual([simulated, hours.length, hours[0]?.at], [true, 48, '2027-03-05T00:00']);
  const refused = await got(weather, 'latitude=91&longitude=7&zone=Mars&from=soon&days=15');
  assert.equal(refused.status, 422);
  const { detail } = (await refused.json()) as { detail: string };
  for (const field of ['latitude', 'zone: isn’t a time zone', 'from: isn’t a date', 'days'])
    assert.ok(detail.includes(field), `${field} in ${detail}`);
});

test('the published schemas are those that files are checked by', async () => {
  const schemaOf = async (route: APIRoute): Promise<{ properties: object; required?: string[] }> =>
    (await (await got(route, '')).json()) as { properties: object };
  const { properties } = await schemaOf(jobSchema);
  for (const key of Object.keys(job)) assert.ok(key in properties, key);
  const known = JSON.parse(readFileSync(new URL('../../cases/plan/case-101.json', import.meta.url), 'utf8')) as {
    problem: object;
  };
  const problem = await schemaOf(problemSchema);
  for (const key of Object.keys(known.problem)) assert.ok(key in problem.properties, key);
});
