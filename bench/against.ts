import { writeFileSync } from 'node:fs';
import { solve } from '../core/scheduling/solve/solve.ts';
import { verify } from '../core/scheduling/verify.ts';
import { FAMILIES, randomProblem } from './against-problems.ts';
import { givenNumber, load } from './load.ts';
import { Oracle } from './oracle.ts';

/**
 * `npm run bench:against`: random problems solved by Nivel in three seconds, and by a second program. Prints how many
 * are optimal, the mean and the worst ratio, and both times. What Nivel does worse is written into the folder that
 * `FOUND` names, as a case.
 */
const SECONDS = load(3, 1);
const ORACLE_SECONDS = load(40, 5);
const PROBLEMS = load(12, 1);
const [FEWEST, MOST] = load([8, 40], [6, 8]);
const FIRST_SEED = givenNumber(1);
const folder = process.env.FOUND;

const oracle = await Oracle.open();
for (const family of FAMILIES) {
  const ratios: number[] = [];
  const nivel = { proved: 0, milliseconds: 0 };
  const other = { proved: 0, milliseconds: 0 };
  let earlier = 0;
  for (let index = 0; index < PROBLEMS; index++) {
    const seed = FIRST_SEED + index;
    const tasks = FEWEST + Math.round(((MOST - FEWEST) * index) / Math.max(1, PROBLEMS - 1));
    const problem = randomProblem(family, tasks, seed);
    const begun = performance.now();
    const plan = solve(problem, { shouldStop: () => performance.now() - begun > SECONDS * 1000 });
    const solved = performance.now();
    nivel.milliseconds += solved - begun;
    const horizon = plan.status === 'infeasible' ? problem.horizon : plan.finish;
    const answer = await oracle.solve(problem, horizon, ORACLE_SECONDS);
    other.milliseconds += performance.now() - solved;
    const faults = answer.plan === null ? [] : verify(problem, answer.plan);
    if (faults.length > 0) throw new Error(`The oracle’s plan: ${JSON.stringify(faults[0])}`);
    const finish = answer.plan?.finish ?? null;
    if (plan.status === 'infeasible') {
      if (finish !== null)
        console.log(`  ${family.name}, seed ${seed}: no plan, and there is one that ends at ${finish}`);
      continue;
    }
    if (answer.isProved) other.proved++;
    if (plan.status === 'optimal') nivel.proved++;
    if (answer.isProved && finish === null)
      console.log(`  ${family.name}, seed ${seed}: the second program finds none`);
    const best = Math.min(plan.finish, finish ?? Infinity);
    if (plan.lowerBound > best)
      console.log(`  ${family.name}, seed ${seed}: bound ${plan.lowerBound}, and ${best} is there`);
    if (finish === null && !answer.isProved) earlier++;
    ratios.push(plan.finish / best);
    if (plan.finish === best) continue;
    const proof = answer.isProved ? 'proved' : 'found';
    console.log(
      `  ${family.name}, seed ${seed}, ${tasks} tasks: ${plan.finish}, ${best} is ${proof}, bound ${plan.lowerBound}`,
    );
    if (folder && answer.isProved) {
      writeFileSync(
        `${folder}/${family.name.replaceAll(/\W+/g, '-')}-${seed}.json`,
        JSON.stringify({ optimalFinish: best, problem }),
      );
    }
  }
  const percent = (ratio: number): string => `${((ratio - 1) * 100).toFixed(2)}%`;
  const mean = ratios.reduce((sum, ratio) => sum + ratio, 0) / Math.max(1, ratios.length);
  const each = (milliseconds: number): string => `${(milliseconds / PROBLEMS / 1000).toFixed(2)} s`;
  console.log(
    `${family.name}: ${ratios.filter((ratio) => ratio === 1).length} of ${ratios.length} as good as the best known,`,
    `mean ${percent(mean)} over it, worst ${percent(Math.max(...ratios))};`,
    `proved by Nivel ${nivel.proved}, by the second program ${other.proved} (without any plan in time: ${earlier});`,
    `a problem ${each(nivel.milliseconds)} and ${each(other.milliseconds)}`,
  );
}
await oracle.close();
