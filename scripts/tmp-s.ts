import { readFileSync, readdirSync } from 'node:fs';
import { planProblemSchema } from '../core/planning/problem.ts';
import { solve } from '../core/planning/solve/solve.ts';
const dir = '/tmp/found';
const secs = Number(process.argv[2] ?? 3);
for (const f of readdirSync(dir).sort()) {
  const { problem, optimalFinish } = JSON.parse(readFileSync(`${dir}/${f}`, 'utf8'));
  const p = planProblemSchema.parse(problem);
  const out = [];
  for (const seed of [1, 2, 3]) {
    const t = performance.now();
    const plan = secs ? solve(p, { seed, steps: 1e6, shouldStop: () => performance.now() - t > secs * 1000 }) : solve(p, { seed });
    out.push(plan.status === 'infeasible' ? 'none' : `${plan.finish}${plan.status === 'optimal' ? '*' : ''}`, ((performance.now() - t) / 1000).toFixed(1));
  }
  console.log(f, p.tasks.length, optimalFinish, out.join(' '));
}
