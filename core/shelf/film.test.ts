import assert from 'node:assert/strict';
import { test } from 'node:test';
import { knownAnswers } from '../fixtures/known-answers.ts';
import { dryFilmAt, spreadRate, wetFilm } from './film.ts';

const { cases } = knownAnswers('film.json') as {
  cases: { volumeSolids: number; dft: number; thinningPercent: number; spread_m2_per_L: number; wetFilm: number }[];
};

test('known answers for spread rate and wet film', () => {
  for (const known of cases) {
    assert.equal(spreadRate(known.volumeSolids, known.dft).toFixed(3), known.spread_m2_per_L.toFixed(3));
    assert.ok(Math.abs(dryFilmAt(known.spread_m2_per_L, known.volumeSolids) - known.dft) <= 0.06);
    assert.equal(wetFilm(known.volumeSolids, known.dft, known.thinningPercent).toFixed(1), known.wetFilm.toFixed(1));
  }
});
