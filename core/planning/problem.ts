import { z } from 'zod';

export const PLAN_PROBLEM_FORMAT = 'nivel.plan-problem/1';

const tick = z.number().int().min(0).max(1_000_000);
const id = z.string().min(1).max(200);
const interval = z.tuple([tick, tick]).refine(([start, end]) => start < end, 'An interval ends after it starts.');
const intervals = z
  .array(interval)
  .max(5000)
  .refine(
    (list) => list.every(([start], index) => index === 0 || (list[index - 1]?.[1] ?? 0) <= start),
    'Intervals are sorted and do not overlap.',
  );
const spaceUse = z.object({ id, slots: z.number().int().min(0).max(10_000) });
const measure = z.union([
  z.strictObject({ ticks: tick }),
  z.strictObject({ clock: id, dose: z.number().min(0).max(1e9) }),
]);

const taskSchema = z.object({
  id,
  work: tick,
  painters: z.number().int().min(0).max(12),
  setup: id.nullish(),
  spaces: z.array(spaceUse).max(20).default([]),
  earliest: tick.nullish(),
  latest: tick.nullish(),
  pausable: z.boolean().default(false),
  window: id.nullish(),
  by: z.array(id).max(12).nullish(),
});

const waitSchema = z.object({
  from: id,
  to: id,
  atLeast: measure.nullish(),
  atMost: measure.nullish(),
  late: z.object({ work: tick }).nullish(),
});

/** The planning problem in its plain, open form. All times are whole ticks from `t0`; intervals are half-open. */
export const planProblemSchema = z
  .object({
    format: z.literal(PLAN_PROBLEM_FORMAT),
    tickMinutes: z.number().positive().max(1440),
    t0: z.string().max(40),
    horizon: tick,
    painters: z.array(z.object({ id, shifts: intervals })).max(40),
    spaces: z
      .array(z.object({ id, slots: z.number().int().min(0).max(100_000) }))
      .max(500)
      .default([]),
    clocks: z
      .array(z.object({ id, step: tick.min(1), rate: z.array(z.number().min(0).max(100)).max(200_000) }))
      .max(2000)
      .default([]),
    windows: z.array(z.object({ id, intervals })).max(2000).default([]),
    setups: z
      .array(
        z.object({
          key: id,
          work: tick,
          keeps: tick.nullish(),
          acrossShifts: z.boolean().default(false),
          after: z.record(id, tick).nullish(),
        }),
      )
      .max(2000)
      .default([]),
    tasks: z.array(taskSchema).max(20_000),
    waits: z.array(waitSchema).max(100_000).default([]),
    holds: z
      .array(z.object({ space: id, slots: z.number().int().min(0).max(10_000), after: id, until: id }))
      .max(50_000)
      .default([]),
  })
  .superRefine((problem, context) => {
    const known = {
      task: idsOf(problem.tasks, 'id'),
      painter: idsOf(problem.painters, 'id'),
      space: idsOf(problem.spaces, 'id'),
      clock: idsOf(problem.clocks, 'id'),
      window: idsOf(problem.windows, 'id'),
      'set-up': idsOf(problem.setups, 'key'),
    };
    const need = (what: keyof typeof known, wanted: string | null | undefined, path: (string | number)[]): void => {
      if (wanted != null && !known[what].has(wanted)) {
        context.addIssue({ code: 'custom', path, message: `There is no ${what} “${wanted}”.` });
      }
    };
    if (known.task.size !== problem.tasks.length) {
      context.addIssue({ code: 'custom', path: ['tasks'], message: 'Two tasks have the same id.' });
    }
    problem.tasks.forEach((task, index) => {
      need('set-up', task.setup, ['tasks', index, 'setup']);
      need('window', task.window, ['tasks', index, 'window']);
      task.spaces.forEach((use) => need('space', use.id, ['tasks', index, 'spaces']));
      task.by?.forEach((painter) => need('painter', painter, ['tasks', index, 'by']));
    });
    problem.waits.forEach((wait, index) => {
      need('task', wait.from, ['waits', index, 'from']);
      need('task', wait.to, ['waits', index, 'to']);
      for (const limit of [wait.atLeast, wait.atMost]) {
        if (limit && 'clock' in limit) need('clock', limit.clock, ['waits', index]);
      }
    });
    problem.holds.forEach((hold, index) => {
      need('space', hold.space, ['holds', index, 'space']);
      need('task', hold.after, ['holds', index, 'after']);
      need('task', hold.until, ['holds', index, 'until']);
    });
  });

function idsOf<K extends string>(list: readonly Record<K, string>[], key: K): Set<string> {
  return new Set(list.map((entry) => entry[key]));
}

/** A problem as it is written in a file; lists and flags may be left out. */
export type PlanProblemFile = z.input<typeof planProblemSchema>;
/** A problem that has passed the schema. */
export type PlanProblem = z.output<typeof planProblemSchema>;
export type PlanTask = PlanProblem['tasks'][number];
export type Measure = z.output<typeof measure>;

export interface PlannedTask {
  id: string;
  start: number;
  end: number;
  painters: string[];
  late: boolean;
}

export interface PlannedSetup {
  key: string;
  painter: string;
  start: number;
  end: number;
}

/** What a plan costs, in the order in which plans are compared. */
export interface PlanCost {
  finish: number;
  painterDays: number;
  setups: number;
}

export interface FoundPlan {
  status: 'optimal' | 'feasible';
  tasks: PlannedTask[];
  setups: PlannedSetup[];
  finish: number;
  lowerBound: number;
  cost: PlanCost;
}

export interface NoPlan {
  status: 'infeasible';
  /** Which task can't be placed and why, in terms that a painter can act on. */
  reasons: { task: string | null; message: string }[];
}

export type PlanSolution = FoundPlan | NoPlan;
