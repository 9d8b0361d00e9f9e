import { readFileSync } from 'node:fs';
import { performance } from 'node:perf_hooks';
import { freeze } from 'immer';
import { verdictsOf } from '../core/build-up/judge.ts';
import { RULES } from '../core/build-up/rules/registry.ts';
import { outdatedBuildUps } from '../core/build-up/build-up-review.ts';
import { offerFor } from '../core/choosing/offer.ts';
import { readJobFile } from '../core/exchange/job-file.ts';
import type { Job } from '../core/job/document/schema.ts';
import { load } from './load.ts';

/** Prints how long verdicts and offers take for a job of 300 pieces, made of Tern Street's. */
const read = readJobFile(readFileSync(new URL('../demo/tern-street.nivel.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.message);
const { pieces } = read.value;
const many = Array.from({ length: load(300, 30) }, (_unused, index) => {
  const piece = pieces[index % pieces.length];
  if (piece === undefined) throw new Error('The demo has no pieces.');
  return { ...piece, id: `p${index}`, mark: `Z-${String(index + 1).padStart(2, '0')}` };
});

function timed(name: string, run: () => void): void {
  const times = Array.from({ length: load(7, 1) }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  const sorted = [...times].sort((one, other) => one - other);
  console.log(`${name}: first ${times[0]?.toFixed(1)} ms, median ${sorted[sorted.length >> 1]?.toFixed(1)} ms`);
}

/** Frozen anew each time, so that nothing is kept from the run before. */
const fresh = (): Job => freeze({ ...structuredClone(read.value), pieces: structuredClone(many) }, true);
console.log(`${RULES.length} rules, ${many.length} pieces in ${read.value.groups.length} groups`);
let job = fresh();
timed('verdicts on every chosen build-up, from scratch', () => {
  job = fresh();
  verdictsOf(job);
});
timed('the same, with what has changed since', () => void outdatedBuildUps(job));
for (const group of job.groups.slice(0, load(Infinity, 1))) {
  timed(`offers for ${group.name}`, () => void offerFor(job, group));
}
