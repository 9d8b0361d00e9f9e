import { readFileSync } from 'node:fs';
import { planProblemSchema } from '../core/planning/problem.ts';
import { solve } from '../core/planning/solve/solve.ts';
import { BoundSearch } from '../core/planning/bound/lower-bound.ts';
import { exhaust } from '../core/planning/solve/exhaust.ts';
import { prepare } from '../core/planning/solve/prepare.ts';
for (const f of process.argv.slice(2)) {
  const { problem, optimalFinish } = JSON.parse(readFileSync(f, 'utf8'));
  const p = planProblemSchema.parse(problem);
  for (const seed of [1, 2, 3]) {
    const t = performance.now();
    const plan = solve(p, { seed });
    console.log(f, p.tasks.length, optimalFinish, plan.status, plan.status === 'infeasible' ? '' : [plan.finish, plan.lowerBound], ((performance.now() - t) / 1000).toFixed(1));
  }
  const pr = prepare(p); const b = BoundSearch.of(pr);
  if ('task' in b) continue;
  for (const d of [optimalFinish - 1, optimalFinish]) for (const left of [100000, 1000000]) {
    const t = performance.now();
    const tries = { left };
    const r = exhaust(pr, b, d, { tries, shouldStop: () => false });
    console.log('exhaust', d, r.kind, left - tries.left, ((performance.now() - t) / 1000).toFixed(1));
    if (r.kind !== 'unknown') break;
  }
}
