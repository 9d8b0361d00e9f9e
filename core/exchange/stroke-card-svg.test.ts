import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clocksOf } from '../clocks/job-clocks.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { simulatePass } from '../sequence/simulated-pass.ts';
import { usualOptions } from '../sequence/usual-options.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { strokeCardSvg, wrapped } from './stroke-card-svg.ts';

const { job } = new TestJob().door('d');
const piece = job.pieces[0]!;
const result = simulatePass(
  {
    piece,
    faces: ['back'],
    coating: coatingOf(job, 'enamel-acrylic')!,
    climateId: 'house',
    clocks: clocksOf(job, 5),
    crew: job.crew,
  },
  {
    ...usualOptions(piece, 'roller'),
    painters: 1,
    conditioner: false,
    breaks: false,
    order: null,
    isDamped: false,
    start: 540,
  },
);
const card = {
  title: 'D-01 · <Door> & "co"',
  subtitle: 'Coat 1',
  ways: ['Blocks from the top'],
  order: result.strokes.map(({ number, stroke }) => `${number}  ${stroke.name}`),
  notes: ['Look for drips.'],
};

test('a card draws every stroke and numbers it, and lets no mark-up through', () => {
  const svg = strokeCardSvg(result, card);
  assert.ok(svg.includes('D-01 · &lt;Door&gt; &amp; &quot;co&quot;'));
  assert.ok(!svg.includes('<Door>'));
  assert.equal([...svg.matchAll(/<circle /g)].length, 8);
  assert.ok(!/NaN|Infinity|undefined/.test(svg));
  for (const line of card.order) assert.ok(svg.includes(line));
  assert.match(svg, /^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" viewBox="0 0 794 1123"/);
});

test('a long card grows rather than losing its end', () => {
  const svg = strokeCardSvg(result, { ...card, notes: Array<string>(40).fill('Look for drips once more.') });
  assert.ok(Number(/viewBox="0 0 794 (\d+)"/.exec(svg)?.[1]) > 1200);
});

test('words are broken into lines without losing one', () => {
  const text = 'Mouldings and corners first, feathered out of each corner so that nothing is scraped off';
  assert.equal(wrapped(text, 200).join(' '), text);
  assert.ok(wrapped(text, 200).every((line) => line.length <= 30));
  assert.deepEqual(wrapped('', 200), ['']);
});
