import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { verdictsOf } from '../core/build-up/judge.ts';
import { offerFor } from '../core/choosing/offer.ts';
import { readJobFile } from '../core/exchange/job-file.ts';
import { writeOrderCsv } from '../core/exchange/order-csv.ts';
import { writePlanCsv } from '../core/exchange/plan-csv.ts';
import { handoverDocument } from '../core/handover/handover-document.ts';
import { readinessOf } from '../core/hanging/readiness.ts';
import type { Job } from '../core/job/document/schema.ts';
import { minutesSince } from '../core/job/site-time.ts';
import { jobToProblem, problemOfDay } from '../core/planning/drafting/job-to-problem.ts';
import { pieceSteps } from '../core/steps/piece-steps.ts';
import { planCost } from '../core/scheduling/plan-cost.ts';
import { planProblemSchema } from '../core/scheduling/problem.ts';
import { readPlan } from '../core/planning/reading/read-plan.ts';
import { riskOf } from '../core/scheduling/chance/risk.ts';
import { runSheet, workedDays } from '../core/planning/reading/run-sheet.ts';
import { verifiedNearPlan, verifiedPlan } from '../core/scheduling/verified-plan.ts';
import { DelayExplainer } from '../core/planning/reading/delay-explainer.ts';
import { priceOf } from '../core/pricing/price.ts';
import { productNeeds } from '../core/quantities/litres.ts';
import { takeOffLines } from '../core/quantities/take-off-lines.ts';
import { dayOf } from '../core/running/day.ts';
import { eveningTasks } from '../core/running/end-of-day.ts';
import { remindersOf } from '../core/running/reminders.ts';
import { dryingPieces } from '../core/running/drying-status.ts';

/**
 * `npm run answers -- FILE [--smoke]`: writes what the core answers to the demo jobs and the known plan problems, as lines of text.
 * Two versions of Nivel that are to give the same answers are compared by `diff` of their files.
 */
const SEED = 3;
const STEPS = { job: 30, case: 60 };

const text = (path: string): string => readFileSync(new URL(`../${path}`, import.meta.url), 'utf8');

function readJob(path: string): Job {
  const read = readJobFile(text(path));
  if (!read.ok) throw new Error(`${path}: ${read.message}`);
  return read.value;
}

/** What is told of a job, by the name of the question. */
function* answersTo(job: Job): Generator<[string, unknown]> {
  const now = job.settings.clock.kind === 'simulated' ? job.settings.clock.now : `${job.planning.start}T08:00`;
  yield [
    'steps',
    job.pieces.map((piece) => pieceSteps(job, piece).map(({ piece: { mark }, ...step }) => ({ mark, ...step }))),
  ];
  yield ['verdicts', verdictsOf(job)];
  yield ['take-off', takeOffLines(job)];
  yield ['needs', productNeeds(job)];
  yield ['price', priceOf(job)];
  yield ['order', writeOrderCsv(job)];
  for (const group of job.groups) yield [`offers for ${group.name}`, offerFor(job, group)];
  const jobProblem = problemOfDay(job, now.slice(0, 10));
  const { problem, clocks, steps: _steps, conditions, ...more } = jobProblem;
  yield ['problem of today', { problem, conditions, ...more }];
  const later = jobToProblem(job, now, { goesOn: true });
  yield ['problem of now', { problem: later.problem, brokenPins: later.brokenPins, tooLong: later.tooLong }];
  const found = verifiedPlan(problem, { seed: SEED, steps: STEPS.job });
  yield ['plan', found];
  const plan = job.plan;
  if (plan === null) return;
  yield ['near plan', verifiedNearPlan(later.problem, plan, { steps: STEPS.job })];
  yield ['cost', planCost(problem, plan)];
  yield ['risk', riskOf(problem, plan, { samples: 20 })];
  yield ['why', new DelayExplainer(job, jobProblem, plan).explainFinish()];
  const reading = readPlan(job, jobProblem, plan);
  yield ['plan as a list', writePlanCsv(job, reading)];
  yield ['lying', reading.lyings.map(({ piece, ...lying }) => ({ mark: piece.mark, ...lying }))];
  for (const painter of job.crew)
    for (const date of workedDays(job, reading, painter.id))
      yield [`sheet of ${painter.name}, ${date}`, runSheet(job, jobProblem, reading, painter, date)];
  const day = dayOf(job, jobProblem, reading, now);
  yield ['evening', eveningTasks(day)];
  yield ['reminders', remindersOf(day)];
  yield ['drying', dryingPieces(job, jobProblem, now)];
  const rows = readinessOf(job, jobProblem, reading.ends);
  yield ['readiness', rows.map(({ piece, ...row }) => ({ mark: piece.mark, ...row }))];
  yield ['handover', handoverDocument(job, { clocks, rows, now, vocabulary: job.settings.vocabulary })];
  yield ['now', minutesSince(clocks.t0, now, job.site.timeZone)];
}

/** Anything as JSON; maps as their entries, functions and clocks as nothing. */
const asText = (value: unknown): string =>
  JSON.stringify(value, (_key, part: unknown) => (part instanceof Map || part instanceof Set ? [...part] : part), 1);

const [out] = process.argv.slice(2);
if (out === undefined) throw new Error('Name a file: npm run answers -- FILE');
const isSmoke = process.argv.includes('--smoke');
const JOBS = ['demo/linen-press.nivel.json', 'demo/tern-street.nivel.json', 'cases/job-1.nivel.json'];

const lines: string[] = [];
for (const path of isSmoke ? JOBS.slice(0, 1) : JOBS) {
  const job = readJob(path);
  const inUs = { ...job, settings: { ...job.settings, units: 'us' as const, vocabulary: 'us' as const } };
  for (const [question, answer] of answersTo(job)) lines.push(`##### ${path}: ${question}`, asText(answer));
  lines.push(`##### ${path}: order in US units`, writeOrderCsv(inUs));
}
for (const file of isSmoke ? [] : readdirSync(new URL('../cases/plan', import.meta.url)).toSorted()) {
  const { problem } = JSON.parse(text(`cases/plan/${file}`)) as { problem: unknown };
  const parsed = planProblemSchema.parse(problem);
  lines.push(`##### ${file}`, asText(verifiedPlan(parsed, { seed: SEED, steps: STEPS.case })));
}
writeFileSync(out, lines.join('\n'));
console.log(`${lines.filter((line) => line.startsWith('#####')).length} answers`);
