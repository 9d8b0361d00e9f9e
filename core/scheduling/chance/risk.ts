import type { OpenPlan } from '../plan.ts';
import { CriticalPath } from '../why/critical-path.ts';
import type { PlanProblem } from '../problem.ts';
import { Sampler, USUAL_SPREAD, type Spread } from './monte-carlo.ts';
import { buildSchedule } from '../solve/build.ts';
import { policyOf } from '../solve/policy.ts';
import type { Prepared } from '../solve/prepared.ts';
import { prepare } from '../solve/prepare.ts';
import type { Schedule } from '../solve/schedule.ts';

export interface RiskOptions {
  samples?: number;
  seed?: number;
  spread?: Spread;
  shouldStop?: () => boolean;
}

/** How the same order of work turns out when days and hands are not as supposed. */
export interface Risk {
  /** When each sampled run is finished, in ticks, the earliest first; `Infinity` for those beyond the horizon. */
  finishes: number[];
  /** Waits that decided the finish, with the share of runs in which they did, the largest first. */
  decisive: { from: string; to: string; share: number }[];
}

/** Every so many runs, the waits that decided the finish are looked for. */
const LOOKED_AT = 10;

/**
 * Runs a plan's policy, which is who does what after what, against sampled climates and paces. A run keeps the hands, and
 * begins nothing before the plan does: who is done early waits, and who is late goes on with what is ready. Without any
 * spread it is the plan. Deterministic for a seed.
 */
export function riskOf(problem: PlanProblem, plan: Pick<OpenPlan, 'tasks'>, options: RiskOptions = {}): Risk {
  const prepared = prepare(problem);
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const policy = policyOf(prepared, planned, { slack: 0, keepsTimes: true, keepsHands: true });
  const sampler = new Sampler(prepared, options.seed ?? 1, options.spread ?? USUAL_SPREAD);
  const samples = options.samples ?? 500;
  const finishes: number[] = [];
  const decided = new Map<string, { from: string; to: string; runs: number }>();
  let lookedAt = 0;
  for (let run = 0; run < samples && !options.shouldStop?.(); run++) {
    const sampled = sampler.next();
    const built = buildSchedule(sampled, policy);
    const schedule = 'schedule' in built ? built.schedule : null;
    finishes.push(schedule === null ? Infinity : schedule.cost().finish);
    if (schedule === null || run % LOOKED_AT !== 0) continue;
    lookedAt++;
    for (const { from, to } of decisiveWaits(sampled, schedule)) {
      const known = decided.get(`${from}>${to}`) ?? { from, to, runs: 0 };
      known.runs++;
      decided.set(`${from}>${to}`, known);
    }
  }
  return {
    finishes: finishes.sort((one, other) => one - other),
    decisive: [...decided.values()]
      .map(({ from, to, runs }) => ({ from, to, share: runs / lookedAt }))
      .sort((one, other) => other.share - one.share),
  };
}

/** Runs that were played apart, as one; each with as many samples as every other. */
export function together(risks: readonly Risk[]): Risk {
  const shares = new Map<string, Risk['decisive'][number]>();
  for (const { from, to, share } of risks.flatMap(({ decisive }) => decisive)) {
    const known = shares.get(`${from}>${to}`)?.share ?? 0;
    shares.set(`${from}>${to}`, { from, to, share: known + share / risks.length });
  }
  return {
    finishes: risks.flatMap(({ finishes }) => finishes).sort((one, other) => one - other),
    decisive: [...shares.values()].sort((one, other) => other.share - one.share),
  };
}

/** The tick by which a share of the runs is finished; `Infinity` where too many never are. */
export function finishBy({ finishes }: Pick<Risk, 'finishes'>, share: number): number {
  return finishes[Math.min(finishes.length - 1, Math.ceil(share * finishes.length) - 1)] ?? Infinity;
}

/** The share of the runs that are finished by a tick. */
export function chanceBy({ finishes }: Pick<Risk, 'finishes'>, tick: number): number {
  return finishes.filter((finish) => finish <= tick).length / Math.max(1, finishes.length);
}

/** The drying on the chain that ends last. */
function decisiveWaits(prepared: Prepared, schedule: Schedule): { from: string; to: string }[] {
  let last = 0;
  for (let index = 1; index < schedule.ends.length; index++) {
    if ((schedule.ends[index] ?? 0) > (schedule.ends[last] ?? 0)) last = index;
  }
  const id = (index: number): string => prepared.tasks[index]?.task.id ?? '';
  return new CriticalPath(prepared, schedule)
    .chain(last)
    .flatMap(({ task, held }) =>
      held.kind === 'wait' && held.wait.atLeast !== null && held.wait.atLeast.clock !== null
        ? [{ from: id(held.task), to: id(task) }]
        : [],
    );
}
