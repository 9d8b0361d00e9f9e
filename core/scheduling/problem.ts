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
  /** Where it is done, to count walks; nowhere in particular where it is left out. */
  place: id.nullish(),
});

/** Painter-minutes that something costs which a plan could do without. */
const minutes = z.number().min(0).max(1440);

/** What disturbs a crew, in painter-minutes. */
const troubleSchema = z.strictObject({
  /** For every batch: putting one thing away and beginning another. */
  change: minutes.default(5),
  /** A batch shorter than so many minutes counts as if it lasted so long. */
  shortBatch: minutes.default(15),
  /** For every mix of a two-part product, beside setting up. */
  mix: minutes.default(10),
  /** For every walk to another place. */
  walk: minutes.default(3),
  /** For every turn of a space from those who share it to one who needs all of it, as dust needs the air of a room. */
  turn: minutes.default(10),
  /** For every last shift of a painter's day in which what stays wet longest did not go on last. */
  slowLast: minutes.default(0),
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
          /** Whether setting up is mixing a two-part product. */
          mixes: z.boolean().nullish(),
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
    /** Where it is stated, the finish counts to the crew's half-day; otherwise to the tick. */
    trouble: troubleSchema.nullish(),
    /** Ticks that a plan may end later than the soonest one, if it is calmer for that; stated with `trouble`. */
    later: tick.nullish(),
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
    const unique = (list: keyof typeof problem, what: string, ids: readonly string[]): void => {
      const seen = new Set<string>();
      ids.forEach((own, index) => {
        const message = `Two ${what} have the same id “${own}”.`;
        if (seen.has(own)) context.addIssue({ code: 'custom', path: [list, index], message });
        seen.add(own);
      });
    };
    const ids = (list: readonly { id: string }[]): string[] => list.map((entry) => entry.id);
    unique('tasks', 'tasks', ids(problem.tasks));
    unique('painters', 'painters', ids(problem.painters));
    unique('spaces', 'spaces', ids(problem.spaces));
    unique('clocks', 'clocks', ids(problem.clocks));
    unique('windows', 'windows', ids(problem.windows));
    unique(
      'setups',
      'set-ups',
      problem.setups.map(({ key }) => key),
    );
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
