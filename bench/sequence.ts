import { readFileSync } from 'node:fs';
import { readJobFile } from '../core/exchange/job-file.ts';
import type { Piece } from '../core/job/document/piece-schema.ts';
import { searchOrder } from '../core/sequence/order-search.ts';
import { passOf } from '../core/sequence/pass.ts';
import { wetEdgeProblem, type Freedom } from '../core/sequence/stroke-order.ts';
import { load } from './load.ts';
import { usualOptions } from '../core/sequence/usual-options.ts';

/** How long an order takes to be found and proved, for pieces of the demo and for a railing of a hundred spindles. */
const read = readJobFile(readFileSync(new URL('../demo/tern-street.nivel.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.message);
const piece = (mark: string): Piece => {
  const found = read.value.pieces.find((entry) => entry.mark === mark);
  if (!found) throw new Error(`There is no ${mark}.`);
  return found;
};
const railing = piece('R-01');
const CASES: [string, Piece, Piece['scope']['faces'], Freedom][] = [
  ['six-panel door, one face, its school', piece('D-01'), ['back'], 'within-the-school'],
  ['six-panel door, one face, any order', piece('D-01'), ['back'], 'any-order'],
  ['six-panel door, both faces, its school', piece('D-01'), ['back', 'front'], 'within-the-school'],
  ['sectional door 5 × 4, its school', piece('G-01'), ['front'], 'within-the-school'],
  ['sectional door 5 × 4, any order', piece('G-01'), ['front'], 'any-order'],
  [
    'railing of 100 spindles, its school',
    { ...railing, shape: { ...railing.shape, spindles: 100 } },
    ['front'],
    'within-the-school',
  ],
];

for (const [name, of, faces, freedom] of CASES.slice(0, load(Infinity, 2))) {
  for (const run of ['first', 'again']) {
    const from = performance.now();
    const options = usualOptions(of, 'roller');
    const pass = passOf(of, faces, options);
    const problem = wetEdgeProblem(pass, options, freedom, 9);
    const search = searchOrder(problem, { from: pass.strokes.map(({ id }) => id), steps: 300_000 });
    let first: number | null = null;
    for (;;) {
      const next = search.next();
      first ??= performance.now() - from;
      if (!next.done) continue;
      const { worst, bound, isProved } = next.value;
      const took = (performance.now() - from).toFixed(0);
      console.log(
        `${name}, ${run}: ${pass.strokes.length} strokes, first after ${first.toFixed(0)} ms, done after ${took} ms; oldest lap ${worst.toFixed(2)} min, ${isProved ? 'proved' : `none below ${bound.toFixed(2)}`}`,
      );
      break;
    }
  }
}
