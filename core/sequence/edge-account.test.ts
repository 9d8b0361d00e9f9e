import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clocksOf } from '../clocks/job-clocks.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { edgeAccount } from './edge-account.ts';
import { simulatePass } from './simulated-pass.ts';
import { usualStrokes } from './usual-options.ts';

const { job } = new TestJob().door('a');
const [piece] = job.pieces;
const coating = coatingOf(job, 'enamel-acrylic');
assert.ok(piece && coating, 'a door and its enamel');

for (const conditioner of [false, true])
  test(`the account of a wet edge comes to the oldest lap${conditioner ? ', with a conditioner' : ''}`, () => {
    const input = {
      piece,
      faces: ['front' as const],
      coating,
      climateId: 'house',
      clocks: clocksOf(job, 30),
      crew: job.crew,
    };
    const setting = { ...usualStrokes(piece, 'brush'), conditioner, isDamped: false, start: 600 };
    const result = simulatePass(input, setting);
    const { worst, openTime } = result;
    assert.ok(worst, 'a door has laps');
    const lines = edgeAccount(input, setting, result, 'metric');
    assert.equal(lines.includes('Conditioner: 40% longer.'), conditioner, lines.join(' '));
    assert.ok(lines.includes(`So wet for ${openTime.toFixed(1)} min.`), lines.join(' '));
    const strokes = lines.flatMap((line) => {
      const [, from, until] = /from ([\d.]+) to ([\d.]+) min/.exec(line) ?? [];
      return from === undefined ? [] : [(Number(from) + Number(until)) / 2];
    });
    const [earlier = NaN, later = NaN] = strokes;
    assert.ok(Math.abs(later - earlier - worst.age) <= 0.1, lines.join(' '));
  });
