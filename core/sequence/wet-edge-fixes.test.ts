import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clocksOf } from '../clocks/job-clocks.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { PieceKind } from '../pieces/registry.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { CONDITIONER_FACTOR, openMinutes, wetEdge } from './open-time.ts';
import { orderWords, movedStrokes } from './order-words.ts';
import { passOf } from './pass.ts';
import { simulatePass, searchedOrder, type PassInput, type StrokeSetting } from './simulated-pass.ts';
import { everyOrder } from '../fixtures/every-order.ts';
import { inOrder, wetEdgeProblem } from './stroke-order.ts';
import { usualOptions } from './usual-options.ts';
import { wetEdgeFixes } from './wet-edge-fixes.ts';

/** A piece in a room that is always so warm and damp. */
function sceneIn(kind: PieceKind, temperature: number, humidity: number, product = 'enamel-acrylic'): PassInput {
  const usual = {
    warmest: temperature,
    coldest: temperature,
    humidityAtWarmest: humidity,
    humidityAtColdest: humidity,
  };
  const made = new TestJob().tell('add-pieces', { ids: ['p'], kind, piece: usualPiece(kind, 'room-1') });
  made.tell('change-climate', { id: 'house', facts: { usual } });
  const { job } = made;
  return {
    piece: job.pieces[0]!,
    faces: ['back'],
    coating: coatingOf(job, product)!,
    climateId: 'house',
    clocks: clocksOf(job, 10),
    crew: [{ id: 'painter-1', name: 'Painter', skill: 'professional' }],
  };
}

const firstTimer = (input: PassInput): PassInput => ({
  ...input,
  crew: [{ ...input.crew[0]!, skill: 'first-timer' }],
});

const settingOf = ({ piece }: PassInput, more: Partial<StrokeSetting> = {}): StrokeSetting => ({
  ...usualOptions(piece, 'roller'),
  painters: 1,
  conditioner: false,
  breaks: false,
  order: null,
  isDamped: false,
  start: 9 * 60,
  ...more,
});
const OPTIONS = { steps: 3000, starts: [], say: String, units: 'metric' as const };

test('open time is the tin’s at 23 °C and 50%, shorter where it is hot and dry, longer with a conditioner or damp air', () => {
  const reference = sceneIn('panelled-door', 23, 50);
  const open = ({ clocks, climateId, coating }: PassInput, care = { conditioner: false, isDamped: false }): number =>
    openMinutes(wetEdge(clocks, climateId, coating, care), 9 * 60);
  assert.ok(Math.abs(open(reference) - 7) < 1e-6);
  assert.ok(Math.abs(open(reference, { conditioner: true, isDamped: false }) - 7 * CONDITIONER_FACTOR) < 1e-6);
  // VPD at 32 °C and 30% is 2.371 times that of the tin’s air.
  assert.ok(Math.abs(open(sceneIn('panelled-door', 32, 30)) - 7 / 2.371) < 0.01);
  assert.ok(open(sceneIn('panelled-door', 12, 70)) > 20);
  // 65% lets half less water go than 30%.
  const damped = open(sceneIn('panelled-door', 32, 30), { conditioner: false, isDamped: true });
  assert.ok(Math.abs(damped - (7 / 2.371) * (70 / 55)) < 0.01);
  // Air is not damped beyond what the tin allows, less 5 points, and never dried.
  assert.equal(
    open(sceneIn('panelled-door', 20, 84), { conditioner: false, isDamped: true }),
    open(sceneIn('panelled-door', 20, 84)),
  );
});

test('a door that is fine in a cold room goes off in a hot one, and every way out does what it says', () => {
  const cold = firstTimer(sceneIn('flush-door', 12, 70));
  assert.equal(simulatePass(cold, settingOf(cold)).worst?.state, 'fresh');
  assert.deepEqual(wetEdgeFixes(cold, settingOf(cold), OPTIONS), []);

  const hot = firstTimer(sceneIn('flush-door', 34, 26));
  const now = simulatePass(hot, settingOf(hot));
  assert.equal(now.worst?.state, 'gone-off');
  const ways = wetEdgeFixes(hot, settingOf(hot), OPTIONS);
  assert.ok(ways.length > 2);
  assert.notEqual(ways[0]?.state, 'gone-off');
  for (const { change, result, state } of ways) {
    const again = simulatePass(hot, { ...settingOf(hot), ...change });
    assert.equal(again.worst?.age, result.worst?.age);
    assert.ok((again.worst?.share ?? 0) < (now.worst?.share ?? 0));
    assert.equal(state, again.worst?.state === 'stopped' ? 'fresh' : (again.worst?.state ?? 'fresh'));
  }
  const rank = ['fresh', 'close', 'gone-off'];
  const states = ways.map(({ state }) => rank.indexOf(state));
  assert.deepEqual(states, [...states].sort());
});

test('an edge that sets at a sight line or a joint shows nothing, and is no alarm', () => {
  const hot = sceneIn('panelled-door', 34, 20);
  const slow = firstTimer(hot);
  const { laps, worst } = simulatePass(slow, settingOf(slow));
  assert.ok(laps.some(({ share, state }) => share > 1 && state === 'stopped'));
  assert.ok(laps.every(({ state }) => state !== 'gone-off') && worst?.state !== 'gone-off');
  // The middle of a flush face has no such line.
  const flush = firstTimer(sceneIn('flush-door', 34, 20));
  assert.equal(simulatePass(flush, settingOf(flush)).worst?.state, 'gone-off');
});

test('a cooler hour is told when there is one, and only then', () => {
  const input = firstTimer(sceneIn('flush-door', 34, 20));
  const swing = { warmest: 34, coldest: 14, humidityAtWarmest: 30, humidityAtColdest: 70 };
  const made = new TestJob().tell('add-pieces', {
    ids: ['p'],
    kind: 'flush-door',
    piece: usualPiece('flush-door', 'room-1'),
  });
  made.tell('change-climate', { id: 'house', facts: { usual: swing } });
  const swinging = { ...input, clocks: clocksOf(made.job, 10) };
  const starts = [16, 18, 20, 22, 29].map((hour) => hour * 60);
  const hour = (where: PassInput) =>
    wetEdgeFixes(where, settingOf(where, { start: 15 * 60 }), { ...OPTIONS, starts }).find(({ id }) => id === 'hour');
  assert.equal(hour(input), undefined);
  assert.ok(starts.includes(hour(swinging)?.change.start ?? 0));
});

test('a search keeps the school, never gets worse than it, and is proved on a door', () => {
  const input = sceneIn('panelled-door', 12, 70);
  const setting = settingOf(input);
  const bySchool = simulatePass(input, setting);
  const within = searchedOrder(input, setting, 'within-the-school', 20_000);
  const any = searchedOrder(input, setting, 'any-order', 200_000);
  assert.ok(within.isProved && any.isProved);
  assert.ok(any.worst <= within.worst && within.worst <= (bySchool.worst?.age ?? 0) + 1e-9);
  const found = simulatePass(input, { ...setting, order: any.order });
  assert.ok(Math.abs((found.worst?.age ?? 0) - any.worst) < 1e-9);
  const [gain, ...moves] = orderWords(bySchool, found);
  assert.match(gain ?? '', /^Longest wet edge: 4\.\d min \(.+\), was 1\d\.\d min \(/);
  assert.match(moves[0] ?? '', / comes? (first|after )/);
  assert.match(orderWords(bySchool, bySchool)[0] ?? '', /^Same as the standard order/);
});

test('what has moved is told by the fewest strokes', () => {
  const { strokes } = passOf(
    sceneIn('panelled-door', 20, 50).piece,
    ['back'],
    usualOptions({ kind: 'panelled-door' }, 'brush'),
  );
  const [first, second, ...rest] = strokes;
  const moves = movedStrokes(strokes, [...rest, first!, second!]);
  assert.equal(moves.length, 1);
  assert.deepEqual(moves[0]?.strokes, [first, second]);
  assert.equal(moves[0]?.after, rest.at(-1));
});

test('an order of the back holds for the front, and for another door; one of other panels goes by the school', () => {
  const { piece } = sceneIn('panelled-door', 20, 50);
  const options = usualOptions(piece, 'brush');
  const back = passOf(piece, ['back'], options);
  const order = back.strokes.map(({ id }) => id).reverse();
  const front = { ...piece, scope: { ...piece.scope, edges: [] } };
  const turned = inOrder(passOf(front, ['front'], options), order);
  assert.deepEqual(
    turned.map(({ id }) => id),
    order.map((id) => id.replace('back/', 'front/')),
  );
  const four = { ...piece, shape: { ...piece.shape, rowShares: [1, 1, 1, 1] } };
  const other = passOf(four, ['back'], options);
  assert.deepEqual(inOrder(other, order), other.strokes);
});

test('two painters get an order of their own: as good as any where all can be tried, and never worse than the school', () => {
  const small = { ...sceneIn('plain-area', 23, 50), faces: ['front' as const] };
  const setting = settingOf(small, { painters: 2 });
  const pass = passOf(small.piece, small.faces, setting);
  const problem = wetEdgeProblem(pass, setting, 'any-order', small.coating.openTime);
  const oldest = (order: string[]): number =>
    Math.max(0, ...simulatePass(small, { ...setting, order }).laps.map(({ age }) => age));
  const least = [...everyOrder(problem)].reduce((best, order) => Math.min(best, oldest(order)), Infinity);
  const found = searchedOrder(small, setting, 'any-order', 20_000);
  assert.ok(least > 0 && Math.abs(found.worst - least) < 1e-9, `${found.worst} ${least}`);
  assert.ok(Math.abs(found.worst - oldest(found.order)) < 1e-9);

  const door = sceneIn('panelled-door', 23, 50);
  const both = settingOf(door, { painters: 2 });
  const school = simulatePass(door, both).worst?.age ?? 0;
  const alone = simulatePass(door, {
    ...both,
    order: searchedOrder(door, settingOf(door), 'any-order', 20_000).order,
  }).worst?.age;
  const shared = searchedOrder(door, both, 'any-order', 20_000);
  assert.ok(shared.worst < Math.min(school, alone ?? 0), `${shared.worst} ${school} ${alone}`);
  assert.equal(shared.isProved, false);
});
