import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../../core/exchange/job-file.ts';
import type { FoundPlan } from '../../core/scheduling/plan.ts';
import { planProblemSchema } from '../../core/scheduling/problem.ts';
import { verify } from '../../core/scheduling/verify.ts';
import { planInTime, type PlanThreads } from './plan-in-time.ts';
import * as planThread from './plan.thread.ts';

const read = (path: string): unknown => JSON.parse(readFileSync(new URL(`../../${path}`, import.meta.url), 'utf8'));
const small = planProblemSchema.parse((read('cases/plan/case-101.json') as { problem: unknown }).problem);
const linenPress = readJobFile(readFileSync(new URL('../../demo/linen-press.nivel.json', import.meta.url), 'utf8'));
const never = new AbortController().signal;
const detailOf = async (response: Response): Promise<string> => ((await response.json()) as { detail: string }).detail;

/** A thread that is none: it runs what it is asked in this one, while so many others wait. */
const inThisThread = (queueSize = 0): PlanThreads => ({
  queueSize,
  run: (task: never, { name, signal } = {}) =>
    signal && 'aborted' in signal && signal.aborted
      ? Promise.reject(new Error('The task has been aborted'))
      : Promise.resolve(planThread[name as keyof typeof planThread](task)),
});

test('a problem is answered with a plan that keeps every rule', async () => {
  const response = await planInTime('planProblem', small, never, { threads: inThisThread() });
  assert.deepEqual([response.status, response.headers.get('content-type')], [200, 'application/json']);
  assert.deepEqual(verify(small, (await response.json()) as FoundPlan), []);
});

test('a job is drafted and planned, and what has no build-up is named', async () => {
  assert.ok(linenPress.ok);
  const [piece] = linenPress.value.pieces;
  assert.ok(piece);
  const odd = { ...piece, id: 'odd', mark: 'X-01', groupId: 'none' };
  const job = { ...linenPress.value, pieces: [...linenPress.value.pieces, odd] };
  const response = await planInTime('planJob', { job, now: '2027-03-08T07:00' }, never, { threads: inThisThread() });
  const { problem, solution, unplanned } = (await response.json()) as {
    problem: unknown;
    solution: FoundPlan;
    unplanned: string[];
  };
  assert.deepEqual(verify(planProblemSchema.parse(problem), solution), []);
  assert.deepEqual(unplanned, ['X-01']);
});

test('a job of which nothing can be planned has no plan, and is told why', async () => {
  assert.ok(linenPress.ok);
  const groups = linenPress.value.groups.map((group) => ({ ...group, buildUp: null }));
  const job = { ...linenPress.value, groups, plan: null };
  const response = await planInTime('planJob', { job, now: '2027-03-08T07:00' }, never, { threads: inThisThread() });
  const { solution } = (await response.json()) as { solution: { status: string; reasons: { message: string }[] } };
  assert.equal(solution.status, 'infeasible');
  assert.match(solution.reasons[0]?.message ?? '', /build-up/);
});

test('no plan within the limit is no answer “impossible”', async () => {
  const response = await planInTime('planProblem', small, never, { threads: inThisThread(), limit: 0 });
  assert.equal(response.status, 503);
  assert.match(await detailOf(response), /No plan was found within 0 s/);
});

test('where four searches wait the next is told when to ask again, and is not begun', async () => {
  const asked = (queue: number): Promise<Response> =>
    planInTime('planProblem', small, never, { threads: inThisThread(queue) });
  const response = await asked(4);
  assert.equal(response.status, 503);
  const wait = Number(response.headers.get('retry-after'));
  assert.ok(wait >= 1 && wait <= 40, `${wait} s`);
  assert.match(await detailOf(response), new RegExp(`Try again in ${wait} s`));
  assert.equal((await asked(3)).status, 200);
});

test('a request that was broken off is no fault of the server, any other failure is', async () => {
  const response = await planInTime('planProblem', small, AbortSignal.abort(), { threads: inThisThread() });
  assert.equal(response.status, 503);
  assert.match(await detailOf(response), /search was stopped/);
  const broken: PlanThreads = { queueSize: 0, run: () => Promise.reject(new Error('out of memory')) };
  await assert.rejects(planInTime('planProblem', small, never, { threads: broken }), /out of memory/);
});
