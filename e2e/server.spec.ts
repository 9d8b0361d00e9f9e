import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';

const read = (name: string): unknown => JSON.parse(readFileSync(new URL(`../${name}`, import.meta.url), 'utf8'));
const job = read('demo/linen-press.nivel.json') as Record<string, unknown>;

test('solves a plan problem', async ({ request }) => {
  const known = read('cases/plan/case-101.json') as { problem: object; optimalFinish: number };
  const answer = await request.post('/api/plan/solve', { data: known.problem });
  expect(answer.status()).toBe(200);
  const solution = (await answer.json()) as { finish: number; tasks: unknown[]; lowerBound: number };
  expect(solution.finish).toBeLessThanOrEqual(known.optimalFinish * 1.15);
  expect(solution.tasks).toHaveLength(10);
});

test('plans and measures a job', async ({ request }) => {
  const planned = (await (await request.post('/api/plan', { data: job })).json()) as {
    solution: { status: string; finish: number };
    problem: { format: string };
    unplanned: string[];
  };
  expect(planned.problem.format).toBe('nivel.plan-problem/1');
  expect(planned.solution.status).toBe('optimal');
  expect(planned.unplanned).toEqual([]);
  const measured = (await (await request.post('/api/quantities', { data: job })).json()) as {
    products: { product: string; litres: number }[];
  };
  expect(measured.products.map(({ product, litres }) => [product, litres.toFixed(2)])).toEqual([
    ['prime-bond-wb', '0.51'],
    ['enamel-acrylic', '0.88'],
  ]);
});

test('pages are answered while plans are searched, too many are told to ask again, and what is broken off ends', async ({
  request,
  baseURL,
}) => {
  const headers = { 'content-type': 'application/json' };
  const body = JSON.stringify(read('demo/tern-street.nivel.json'));
  const given = new AbortController();
  const plans = Array.from({ length: 12 }, () =>
    fetch(`${baseURL}/api/plan`, { method: 'POST', headers, body, signal: given.signal }),
  );
  const refused = await Promise.race(plans);
  expect(refused.status).toBe(503);
  expect(Number(refused.headers.get('retry-after'))).toBeGreaterThan(0);
  expect((await request.get('/walk')).status()).toBe(200);
  given.abort();
  expect(await Promise.allSettled(plans)).toContainEqual(expect.objectContaining({ status: 'rejected' }));
  const { problem } = read('cases/plan/case-101.json') as { problem: object };
  await expect(async () => {
    expect((await request.post('/api/plan/solve', { data: problem })).status()).toBe(200);
  }).toPass();
});

test('composes and judges build-ups', async ({ request }) => {
  const answer = await request.post('/api/build-up', { data: read('demo/tern-street.nivel.json') as object });
  expect(answer.status()).toBe(200);
  const { groups } = (await answer.json()) as {
    groups: {
      name: string;
      surfaces: { unknown: string[] }[];
      chosen: { level: string; changedSince: string[] } | null;
      offered: { name: string; because: string[]; cost: { days: number } }[];
      excludedBy: string[];
    }[];
  };
  expect(groups).toHaveLength(13);
  for (const { surfaces, chosen } of groups) {
    expect(surfaces.flatMap(({ unknown }) => unknown)).toEqual([]);
    expect(chosen?.level).not.toBe('forbidden');
    expect(chosen?.changedSince).toEqual([]);
  }
  const shelves = groups.find(({ name }) => name === 'Library shelves, oak');
  expect(shelves?.offered[0]?.because).toContain('open-grain');
  expect(shelves?.excludedBy).toContain('tannin-bleed');
  expect(groups.find(({ name }) => name === 'Street shutters, vinyl')?.excludedBy).toContain('vinyl-too-dark');
});

test('plays the strokes of a job', async ({ request }) => {
  const answer = await request.post('/api/sequence', { data: job });
  expect(answer.status()).toBe(200);
  const { passes } = (await answer.json()) as {
    passes: {
      mark: string;
      faces: string[];
      openTime: number;
      strokes: { number: number; from: number; until: number }[];
      laps: { age: number; limit: number }[];
      worst: { age: number } | null;
      best: { order: string[]; isProved: boolean; worst: { age: number } | null };
    }[];
  };
  expect(passes.length).toBeGreaterThan(4);
  for (const { strokes, laps, worst, best } of passes) {
    expect(strokes.map(({ number }) => number)).toEqual(strokes.map((_stroke, index) => index + 1));
    expect(new Set(best.order).size).toBe(strokes.length);
    expect(best.isProved).toBe(true);
    expect(best.worst?.age ?? 0).toBeLessThanOrEqual((worst?.age ?? 0) + 1e-9);
    expect(Math.max(0, ...laps.map(({ age }) => age))).toBeCloseTo(worst?.age ?? 0, 6);
  }
});

test('publishes its schemas', async ({ request }) => {
  const schema = (await (await request.get('/api/schema/job.json')).json()) as { properties: Record<string, unknown> };
  expect(Object.keys(schema.properties)).toContain('pieces');
  const problem = (await (await request.get('/api/schema/plan-problem.json')).json()) as { properties: object };
  expect(Object.keys(problem.properties)).toContain('waits');
});

test('refuses with problem details: no JSON, no problem, a foreign job, too much', async ({ request }) => {
  const refused = async (path: string, data: Buffer | object, status: number, detail: RegExp): Promise<void> => {
    const answer = await request.post(path, { data, headers: { 'content-type': 'application/json' } });
    expect(answer.status()).toBe(status);
    expect(answer.headers()['content-type']).toContain('application/problem+json');
    expect(((await answer.json()) as { detail: string }).detail).toMatch(detail);
  };
  await refused('/api/plan/solve', Buffer.from('{"format": '), 400, /isn’t JSON/);
  await refused('/api/plan/solve', { format: 'nivel.plan-problem/1' }, 422, /tickMinutes/);
  await refused(
    '/api/plan/solve',
    { ...(read('cases/plan/case-101.json') as { problem: object }).problem, waits: [{ from: 'x', to: 'y' }] },
    422,
    /There is no task “x”/,
  );
  await refused('/api/plan', { ...job, format: 'nivel.job/99' }, 422, /newer Nivel/);
  await refused('/api/quantities', { ...job, crew: [] }, 422, /crew/);
  await refused('/api/plan', Buffer.from(`"${'x'.repeat(21_000_000)}"`), 413, /20000000 bytes/);
});

test('forecasts, says that it is simulated, and streams an instrument', async ({ request }) => {
  const asked = { latitude: '40.1', longitude: '14.6', zone: 'Europe/Berlin', from: '2027-03-05', days: '10' };
  const forecast = (await (await request.get('/api/weather', { params: asked })).json()) as {
    simulated: boolean;
    hours: { at: string; rain: number }[];
  };
  expect(forecast.simulated).toBe(true);
  expect(forecast.hours).toHaveLength(240);
  expect(forecast.hours.some(({ rain }) => rain > 0)).toBe(true);
  const refusal = await request.get('/api/weather', { params: { ...asked, zone: 'Mars', days: '40' } });
  expect(refusal.status()).toBe(422);
  expect(((await refusal.json()) as { detail: string }).detail).toMatch(/zone: isn’t a time zone.*days/);
  expect((await request.get('/api/instruments/stream', { params: { instrument: 'anvil' } })).status()).toBe(422);
});
