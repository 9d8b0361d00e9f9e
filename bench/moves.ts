import { readFileSync } from 'node:fs';
import { readJobFile } from '../core/exchange/job-file.ts';
import { minutesSince } from '../core/job/site-time.ts';
import { jobToProblem } from '../core/planning/drafting/job-to-problem.ts';
import { Mover } from '../core/planning/revising/moving.ts';
import { readPlan } from '../core/planning/reading/read-plan.ts';
import { verifiedNearPlan } from '../core/scheduling/verified-plan.ts';
import { seededRandom } from '../core/units/seeded-random.ts';
import { load } from './load.ts';

/** Runs that are moved by each span. */
const MOVES = load(15, 1);

/** `npm run bench:moves`: what runs of the demo school that are moved by hand move besides, and how long that takes. */
const read = readJobFile(readFileSync(new URL('../demo/tern-street.nivel.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.message);
const job = read.value;
const { plan } = job;
if (plan === null || job.settings.clock.kind !== 'simulated') throw new Error('The demo has a plan and a clock.');
const { now } = job.settings.clock;
const jobProblem = jobToProblem(job, now, { goesOn: true });
const at = minutesSince(plan.t0, now, job.site.timeZone);

const began = performance.now();
const near = verifiedNearPlan(jobProblem.problem, plan);
if (near.status === 'infeasible') throw new Error('The plan leads nowhere.');
console.log(`replanned from now: ${near.distance.moved} steps move, ${(performance.now() - began).toFixed(0)} ms`);

const random = seededRandom(7);
const runs = readPlan(job, jobProblem, { ...near, t0: plan.t0 }).runs.filter(({ start }) => start > at);
const mover = new Mover(job, jobProblem, near, at);
const SPANS = [
  [30, 'half an hour'],
  [180, 'three hours'],
  [1440, 'a day'],
] as const;
for (const [by, words] of SPANS.slice(0, load(SPANS.length, 1))) {
  const moved: number[] = [];
  const later: number[] = [];
  const took: number[] = [];
  let refused = 0;
  for (let attempt = 0; attempt < 60 && moved.length < MOVES; attempt++) {
    const run = runs[Math.floor(random() * runs.length)];
    if (run === undefined) break;
    const start = performance.now();
    const taskIds = run.steps.map(({ id }) => id);
    const answer = mover.move({ taskIds, start: run.start + by, painters: run.painters });
    if ('refused' in answer) {
      refused++;
      continue;
    }
    took.push(performance.now() - start);
    const { changes } = answer;
    moved.push(changes.moved.filter(({ taskId }) => !taskIds.includes(taskId)).length);
    later.push(changes.finish[1] - changes.finish[0]);
  }
  const middle = (figures: number[]): number => figures.sort((one, other) => one - other)[figures.length >> 1] ?? 0;
  const stays = later.filter((minutes) => minutes <= 0).length;
  console.log(
    `${words} later: ${moved.length} moved, ${refused} refused; finish stays ${stays} times; other steps that move:`,
    `median ${middle(moved)}, worst ${Math.max(...moved)}; ms: median ${middle(took).toFixed(0)}, worst ${Math.max(...took).toFixed(0)}`,
  );
}
