import { jobToProblem } from '../core/planning/job-to-problem.ts';
import { solve } from '../core/planning/solve/solve.ts';
import { verify } from '../core/planning/verify.ts';
import { filledOak, fromItsBeginning, sprayedKitchen } from '../bench/jobs.ts';
for (const [name, job] of [['kitchen', sprayedKitchen()], ['oak', filledOak()], ['press', fromItsBeginning('linen-press')], ['school', fromItsBeginning('tern-street')]] as const) {
  const { problem } = jobToProblem(job, `${job.planning.start}T00:00`);
  for (const seed of [1, 2]) {
    const t = performance.now();
    const plan = solve(problem, { seed, steps: 1e6, shouldStop: () => performance.now() - t > (name === 'school' ? 10000 : 4000) });
    if (plan.status === 'infeasible') continue;
    console.log(name, seed, plan.status, plan.finish / 1440, plan.cost.trouble, plan.cost.setups, plan.cost.painterDays, verify(problem, plan).length);
  }
}
