import assert from 'node:assert/strict';
import { test } from 'node:test';
import { z } from 'zod';
import { TestJob } from '../../core/fixtures/jobs.ts';
import { answerWith, answerWithJob, json, problemDetails } from './answer.ts';

const schema = z.object({ tins: z.number(), rows: z.array(z.object({ litres: z.number() })) });
const post = (body: BodyInit | null, headers: Record<string, string> = {}): Request =>
  new Request('http://localhost/api', { method: 'POST', body, headers, ...{ duplex: 'half' } });
const answered = (request: Request): Promise<Response> => answerWith(request, schema, (body) => json({ got: body }));
const detailOf = async (response: Response): Promise<[number, string]> => {
  assert.equal(response.headers.get('content-type'), 'application/problem+json');
  const { status, detail } = (await response.json()) as { status: number; detail: string };
  assert.equal(status, response.status, 'what it says is what it is');
  return [status, detail];
};

test('a body that fits is answered', async () => {
  const body = { tins: 2, rows: [{ litres: 2.5 }] };
  const response = await answered(post(JSON.stringify(body)));
  assert.deepEqual([response.status, await response.json()], [200, { got: body }]);
});

test('what is no JSON, or nothing, is refused as that', async () => {
  assert.deepEqual(await detailOf(await answered(post('{"tins": '))), [400, 'The body isn’t JSON.']);
  assert.deepEqual(await detailOf(await answered(post(null))), [400, 'The body isn’t JSON.']);
});

test('what does not fit is refused with the places where, five at the most', async () => {
  const rows = Array.from({ length: 9 }, () => ({ litres: 'many' }));
  const [status, detail] = await detailOf(await answered(post(JSON.stringify({ tins: 1, rows }))));
  assert.equal(status, 422);
  assert.match(detail, /At rows\.0\.litres: /);
  assert.equal(detail.match(/At /g)?.length, 5);
  assert.match((await detailOf(await answered(post('3'))))[1], /At the top: /);
});

test('each fault is told to programs by its place and kind', async () => {
  const response = await answered(post(JSON.stringify({ tins: 1, rows: [{ litres: 1 }, { litres: null }] })));
  const { errors } = (await response.json()) as { errors: { pointer: string; code: string; detail: string }[] };
  assert.deepEqual(
    errors.map(({ pointer, code }) => [pointer, code]),
    [['#/rows/1/litres', 'invalid_type']],
  );
  const odd = z.object({ 'a/b~c': z.number() });
  const slashed = await answerWith(post('{}'), odd, () => json(null));
  assert.match(await slashed.text(), /"#\/a~1b~0c"/, 'as JSON pointers write such keys');
});

test('a body over the limit is refused before it is read, and while it is where its length is not said', async () => {
  const [said] = await detailOf(await answered(post('{}', { 'content-length': '20000001' })));
  assert.equal(said, 413);
  let pulled = 0;
  const endless = new ReadableStream<Uint8Array>({
    pull(controller) {
      pulled += 1;
      controller.enqueue(new Uint8Array(1_000_000));
    },
  });
  const [status] = await detailOf(await answered(post(endless)));
  assert.equal(status, 413);
  assert.ok(pulled <= 23, `it read on: ${pulled} MB`);
});

test('a job is checked like a file from elsewhere: one of a newer Nivel, or a spoilt one, is refused', async () => {
  const { job } = new TestJob().door('d');
  const marks = (request: Request) => answerWithJob(request, ({ pieces }) => json(pieces.map(({ mark }) => mark)));
  assert.deepEqual(await (await marks(post(JSON.stringify(job)))).json(), ['D-01']);
  const newer = await detailOf(await marks(post(JSON.stringify({ ...job, format: 'nivel.job/99' }))));
  assert.equal(newer[0], 422);
  assert.match(newer[1], /newer Nivel/);
  const spoilt = await detailOf(await marks(post(JSON.stringify({ ...job, crew: [] }))));
  assert.equal(spoilt[0], 422);
  assert.equal((await marks(post('nothing'))).status, 400);
});

test('problem details say their status twice, as the standard has it', async () => {
  const response = problemDetails(503, 'It took too long', 'Try again.');
  assert.equal(response.status, 503);
  assert.deepEqual(await response.json(), {
    type: 'about:blank',
    title: 'It took too long',
    status: 503,
    detail: 'Try again.',
  });
});
