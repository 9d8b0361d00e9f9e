import { fork, type ChildProcess } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import type { Job } from '../core/job/document/schema.ts';
import { BoundSearch } from '../core/scheduling/bound/lower-bound.ts';
import { compareCosts } from '../core/scheduling/aim.ts';
import { batchMinutes, planTrouble } from '../core/scheduling/plan-cost.ts';
import { jobToProblem } from '../core/planning/drafting/job-to-problem.ts';
import { planProblemSchema, type PlanProblem } from '../core/scheduling/problem.ts';
import type { FoundPlan } from '../core/scheduling/plan.ts';
import { riskOf } from '../core/scheduling/chance/risk.ts';
import { solveExactly } from '../core/scheduling/solve/branch-and-bound.ts';
import { prepare } from '../core/scheduling/solve/prepare.ts';
import { solve } from '../core/scheduling/solve/solve.ts';
import { verify } from '../core/scheduling/verify.ts';
import { jobShopProblem, TEN_BY_TEN } from '../core/fixtures/job-shops.ts';
import { madeUpProblem } from '../core/fixtures/made-up-problem.ts';
import { filledOak, fromItsBeginning, sprayedKitchen } from './jobs.ts';
import { load } from './load.ts';
import type { Sighted, Sought } from './plan-finder.ts';
import type { Played } from './risk-player.ts';

/**
 * `npm run bench`: how good plans are and how long they take. With `--long`, what 60 s find of 60 pieces is searched for
 * as well; without, the best of what is known here.
 */
const isLong = process.argv.includes('--long');
/** Seconds of a search, seconds of one for the best known, and pieces of a made-up problem. */
const SEARCH = load(3, 0.1);
const LONG_SEARCH = load(60, 0.1);
const PIECES = load(60, 6);
const SHOP_SEARCH = load(10, 0.1);
const SMALL = load(40, 1);
const RUNS = load(500, 4);
const WORKABLE = load(10, 0.1);

const seconds = (since: number): string => ((performance.now() - since) / 1000).toFixed(2);
const percent = (value: number, of: number): string => `${((value / of - 1) * 100).toFixed(1)}%`;

/** Searches for so many seconds; tells when the first verified plan was there. */
function timed(problem: PlanProblem, forSeconds: number, seed = 1): { plan: FoundPlan; first: number } {
  const start = performance.now();
  let first = 0;
  const plan = solve(problem, {
    seed,
    steps: 1e6,
    shouldStop: () => performance.now() - start > forSeconds * 1000,
    onBetter: (found) => {
      if (first === 0 && verify(problem, found).length === 0) first = performance.now() - start;
    },
  });
  if (plan.status === 'infeasible') throw new Error(plan.reasons[0]?.kind);
  if (verify(problem, plan).length > 0) throw new Error('The plan breaks a rule.');
  return { plan, first };
}

console.log('known answers: finish, bound, known optimum');
const known = readdirSync(new URL('../cases/plan/', import.meta.url));
for (const name of known.slice(0, load(Infinity, 1))) {
  const read = JSON.parse(readFileSync(new URL(`../cases/plan/${name}`, import.meta.url), 'utf8')) as {
    optimalFinish: number;
    problem: unknown;
  };
  const start = performance.now();
  const plan = solve(planProblemSchema.parse(read.problem));
  const told = plan.status === 'infeasible' ? 'none' : `${plan.status} ${plan.finish}, ${plan.lowerBound}`;
  console.log(`  ${name}: ${told}, ${read.optimalFinish} (${seconds(start)} s)`);
}

console.log(
  `the published job shop of ten by ten, ${SHOP_SEARCH} s: finish, known optimum ${TEN_BY_TEN.optimum}, over it`,
);
const shop = jobShopProblem(TEN_BY_TEN);
for (const seed of load([1, 2, 3, 4, 5], [1])) {
  const { plan } = timed(shop, SHOP_SEARCH, seed);
  console.log(`  seed ${seed}: ${plan.finish}, ${percent(plan.finish, TEN_BY_TEN.optimum)}`);
}

console.log(`${SMALL} random small problems against trying everything`);
const small = { count: 0, proved: 0, over: 0, later: 0, bound: 0 };
for (let seed = 1; seed <= SMALL; seed++) {
  const shape = { pieces: 2, painters: 1 + (seed % 2), bench: 1, rack: 1 + (seed % 3), passes: 1, seed, days: 30 };
  const problem = madeUpProblem(shape);
  const quick = solve(problem, { steps: 300 });
  if (quick.status === 'infeasible') continue;
  const prepared = prepare(problem);
  const bounds = BoundSearch.of(prepared);
  if ('task' in bounds) continue;
  let best = quick.finish;
  let isProved = false;
  for (const tries = { left: 20_000 }; !isProved;) {
    const rest = solveExactly(prepared, bounds, best - 1, { tries, shouldStop: () => false });
    if (rest.kind === 'unknown') break;
    if (rest.kind === 'none') isProved = true;
    else best = Math.max(...rest.placements.map(({ end }) => end));
  }
  small.count++;
  if (isProved) {
    small.proved++;
    small.bound += best / bounds.below(best).finish - 1;
  }
  small.over += quick.finish / best - 1;
  if (quick.finish > best) small.later++;
}
const average = ((small.over / small.count) * 100).toFixed(2);
console.log(
  `  ${small.count} planned, ${small.proved} proved, ${small.later} later than the best, ${average}% on average;`,
  `the bounds alone are ${((small.bound / small.proved) * 100).toFixed(2)}% below what is proved`,
);

console.log(
  `${PIECES} pieces: first plan ms, finish after ${SEARCH} s, its bound, over the bound, over the best known`,
);
const SHOPS = [
  [1, 1, 12],
  [2, 2, 20],
  [2, 2, 8],
  [1, 2, 60],
  [3, 3, 30],
] as const;
for (const [painters, bench, rack] of SHOPS.slice(0, load(SHOPS.length, 1))) {
  const problem = madeUpProblem({ pieces: PIECES, painters, bench, rack, seed: 3 });
  const { plan, first } = timed(problem, SEARCH);
  const best = isLong ? Math.min(plan.finish, timed(problem, LONG_SEARCH).plan.finish) : plan.finish;
  const figures = [first.toFixed(0), plan.finish, plan.lowerBound, percent(plan.finish, plan.lowerBound)];
  console.log(
    `  ${painters} painters, bench ${bench}, rack ${rack}:`,
    ...figures,
    isLong ? percent(plan.finish, best) : '–',
  );
}

console.log('pieces, tasks: first plan ms, ms a task; MB of the process');
for (const pieces of load([60, 120, 250, 500], [12])) {
  const problem = madeUpProblem({ pieces, painters: 3, bench: 3, rack: Math.round(pieces / 6), seed: 3, days: 500 });
  const { first } = timed(problem, SEARCH);
  const count = problem.tasks.length;
  const memory = (process.memoryUsage().rss / 1e6).toFixed(0);
  console.log(`  ${pieces}, ${count}:`, first.toFixed(0), (first / count).toFixed(3), memory);
}

console.log(`${RUNS} sampled runs`);
const sixty = madeUpProblem({ pieces: PIECES, painters: 2, bench: 2, rack: 20, seed: 3 });
const sixtyPlan = solve(sixty, load({}, { steps: 20 }));
const start = performance.now();
if (sixtyPlan.status !== 'infeasible') {
  riskOf(sixty, sixtyPlan, { samples: RUNS });
  console.log(`  ${PIECES} pieces: ${seconds(start)} s`);
  // As the application does it: two workers, each with half of them.
  const players = [1, 2].map(() =>
    fork(new URL('./risk-player.ts', import.meta.url), { execArgv: ['--import', 'tsx'] }),
  );
  const told = (player: ChildProcess): Promise<unknown> => new Promise((resolve) => player.once('message', resolve));
  await Promise.all(players.map(told));
  const together = performance.now();
  const answers = players.map(told);
  players.forEach((player, index) =>
    player.send({ problem: sixty, plan: sixtyPlan, samples: RUNS / 2, seed: index + 1 } satisfies Played),
  );
  await Promise.all(answers);
  console.log(`  ${PIECES} pieces, two workers: ${seconds(together)} s`);
  players.forEach((player) => player.kill());
}

console.log(
  'jobs: pieces, tasks, problem ms, first plan ms, finish and bound in days after',
  `${WORKABLE} s; set-ups and batches a painter-day, share of batches up to 10 min, median min, mixes a day at most`,
);
const JOBS: readonly [string, Job, number][] = [
  ['linen press', fromItsBeginning('linen-press'), 1],
  ['kitchen of 30 sprayed fronts', sprayedKitchen(), 1],
  ['oak, grain filled', filledOak(), 1],
  ['school', fromItsBeginning('tern-street'), load(5, 1)],
];
// As the application does it: two workers look for a plan with different seeds, and the better one counts.
const finders = [1, 2].map(() => fork(new URL('./plan-finder.ts', import.meta.url), { execArgv: ['--import', 'tsx'] }));
const answerOf = <T>(finder: ChildProcess): Promise<T> =>
  new Promise((resolve) => finder.once('message', (told) => resolve(told as T)));
await Promise.all(finders.map(answerOf));
for (const [name, job, seeds] of JOBS.slice(0, load(JOBS.length, 2))) {
  const made = performance.now();
  const { problem } = jobToProblem(job, `${job.planning.start}T00:00`);
  const making = performance.now() - made;
  for (let seed = 1; seed <= seeds; seed++) {
    const answers = finders.map(answerOf<Sighted>);
    finders.forEach((finder, index) =>
      finder.send({ problem, seed: seed + index * 100, seconds: WORKABLE } satisfies Sought),
    );
    const sighted = await Promise.all(answers);
    const [plan] = sighted
      .flatMap((each) => (each.plan.status === 'infeasible' ? [] : [each.plan]))
      .sort((one, other) => compareCosts(one.cost, other.cost));
    if (plan === undefined || verify(problem, plan).length > 0) throw new Error('The plan breaks a rule.');
    const { setups, batches, tiny, painterDays } = planTrouble(problem, plan);
    const days = (minutes: number): string => (minutes / 1440).toFixed(2);
    const first = Math.min(...sighted.map((each) => each.first));
    const figures = [job.pieces.length, problem.tasks.length, making.toFixed(0), first.toFixed(0), days(plan.finish)];
    const workable = [setups / painterDays, batches / painterDays].map((count) => count.toFixed(1));
    console.log(
      seeds > 1 ? `  ${name}, seed ${seed}:` : `  ${name}:`,
      ...[...figures, `${days(plan.lowerBound)};`, ...workable, `${((tiny / batches) * 100).toFixed(0)}%`],
      ...[medianBatch(problem, plan), mostMixes(problem, plan)],
    );
  }
}
for (const finder of finders) finder.kill();

/** Minutes of the batch in the middle, of all in the order of their length. */
function medianBatch(problem: PlanProblem, plan: FoundPlan): number {
  const lengths = batchMinutes(problem, plan).sort((one, other) => one - other);
  return lengths[lengths.length >> 1] ?? 0;
}

/** How often any two-part product is mixed on one day at most. */
function mostMixes({ setups, tickMinutes }: PlanProblem, plan: FoundPlan): number {
  const mixed = new Set(setups.filter(({ mixes }) => mixes).map(({ key }) => key));
  const days = new Map<string, number>();
  for (const { key, start } of plan.setups) {
    const day = `${key} ${Math.floor((start * tickMinutes) / 1440)}`;
    if (mixed.has(key)) days.set(day, (days.get(day) ?? 0) + 1);
  }
  return Math.max(0, ...days.values());
}
