import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../exchange/job-file.ts';
import { EDGE_SCHOOLS } from '../job/document/stroke-schema.ts';
import { definitionOf } from '../pieces/registry.ts';
import { leastWorstAge } from '../fixtures/every-order.ts';
import { bestOrder } from './order-search.ts';
import { passOf } from './pass.ts';
import { wetEdgeProblem } from './stroke-order.ts';
import { usualOptions } from './usual-options.ts';

const read = readJobFile(readFileSync(new URL('../../demo/tern-street.nivel.json', import.meta.url), 'utf8'));
assert.ok(read.ok);
const { pieces } = read.value;

test('the best order within its usual school is proved for every piece of the demo', () => {
  const seen = new Set<string>();
  for (const piece of pieces) {
    const shape = JSON.stringify([piece.kind, piece.shape, piece.scope]);
    if (seen.has(shape)) continue;
    seen.add(shape);
    const options = usualOptions(piece, 'roller');
    const pass = passOf(piece, piece.scope.faces, options);
    const problem = wetEdgeProblem(pass, options, 'within-the-school', 9);
    const found = bestOrder(problem, { from: pass.strokes.map(({ id }) => id), steps: 40_000 });
    assert.ok(found.isProved, `${piece.mark}: ${found.worst} is not proved, ${found.bound} is`);
  }
  assert.ok(seen.size > 30);
  assert.ok([...new Set(pieces.map(({ kind }) => kind))].every((kind) => definitionOf(kind).schools.length > 0));
});

/** Orders that can be tried one by one. */
const MAX_TRIED = 7;

test('agrees with trying every order on the small passes of the demo, in each of their schools', () => {
  const seen = new Map<string, number>();
  for (const piece of pieces) {
    for (const face of definitionOf(piece.kind).schools) {
      for (const edges of EDGE_SCHOOLS) {
        const key = [piece.kind, piece.shape.style ?? '', face, edges].join('/');
        const options = { ...usualOptions(piece, 'roller'), face, edges };
        const pass = passOf(piece, piece.scope.faces.slice(0, 1), options);
        if (seen.has(key) || pass.strokes.length > MAX_TRIED || pass.laps.length === 0) continue;
        const problem = wetEdgeProblem(pass, options, 'within-the-school', 9);
        const found = bestOrder(problem, { from: pass.strokes.map(({ id }) => id), steps: 40_000 });
        assert.ok(found.isProved);
        assert.ok(Math.abs(found.worst - leastWorstAge(problem)) < 1e-5, `${piece.mark}, ${face}`);
        seen.set(key, pass.strokes.length);
      }
    }
  }
  assert.ok(seen.size >= 8, [...seen.keys()].join(', '));
});
