import { current, original } from 'immer';
import { z } from 'zod';
import { acceptedPlanSchema, baselineOf, logEntrySchema, pinSchema, type LogEntry } from '../record.ts';
import { leftOutSchema, PACE_KEYS } from '../schema.ts';
import { tinSchema } from '../tin-schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { stateIn } from './stating.ts';

/** Accepts a plan, or what was replanned from now; null puts it away. With `pins`, those take the place of all others. */
export const acceptPlan = command({
  args: () => z.object({ plan: acceptedPlanSchema.nullable(), pins: z.array(pinSchema).optional() }),
  label: ({ plan }) => (plan === null ? 'Put the plan away' : plan.reason),
  change(draft, { plan, pins }) {
    draft.plan = plan;
    if (plan !== null) draft.baseline ??= baselineOf(plan);
    if (pins) draft.pins = pins;
  },
});

const STAMPED: Readonly<Record<LogEntry['event'], string>> = {
  started: 'Start',
  done: 'Done',
  partly: 'Partly done',
  tacky: 'Still tacky',
  withdrawn: 'Taken back',
};

/** Measures the job against the plan that it is worked by now, instead of the first one. */
export const measureAgainst = command({
  args: () => z.object({}),
  label: () => 'Measure against this plan',
  change(draft) {
    if (draft.plan === null) throw new CommandRefused('There is no plan to measure against: accept one first.');
    draft.baseline = baselineOf(current(draft.plan));
  },
});

/** Writes stamps into the log. What an earlier stamp said wrongly is corrected by one that replaces it. */
export const stamp = command({
  args: () => z.object({ entries: z.array(logEntrySchema).min(1) }),
  label: ({ entries: [first] }) =>
    first?.replaces !== undefined && first.event !== 'withdrawn'
      ? 'Correct a stamp'
      : `Stamp: ${STAMPED[first?.event ?? 'done']}`,
  change(draft, { entries }) {
    // Given again after a reload, a stamp is not written twice. Read past the draft, which would wrap every entry.
    const known = new Set(original(draft.log).map(({ id }) => id));
    draft.log.push(...entries.filter(({ id }) => !known.has(id)));
  },
});

/** Leaves steps out that the build-up asks for. */
export const leaveOut = command({
  args: () => z.object({ steps: z.array(leftOutSchema).min(1).max(500) }),
  label: ({ steps }) => `Leave out ${steps.length === 1 ? 'a step' : `${steps.length} steps`}`,
  change(draft, { steps }) {
    const known = new Set(draft.leftOut.map(({ taskId }) => taskId));
    draft.leftOut.push(...steps.filter(({ taskId }) => !known.has(taskId)));
  },
});

/** Takes steps in again that were left out. */
export const takeIn = command({
  args: () => z.object({ taskIds: z.array(z.string()).min(1).max(500) }),
  label: () => 'Do it after all',
  change(draft, { taskIds }) {
    const wanted = new Set(taskIds);
    draft.leftOut = draft.leftOut.filter(({ taskId }) => !wanted.has(taskId));
  },
});

/** Opens a tin, or changes what is known of the one with its id. */
export const stateTin = command({
  args: () => z.object({ tin: tinSchema }),
  label: ({ tin }, job) => (job.tins.some(({ id }) => id === tin.id) ? 'Change a tin' : 'Open a tin'),
  change: (draft, { tin }) => stateIn(draft.tins, tin),
});

/** Takes a tin off the list; stamps that name it keep its id. */
export const removeTin = command({
  args: () => z.object({ id: z.string() }),
  label: () => 'Take a tin off the list',
  change(draft, { id }) {
    entryOf(draft.tins, id, 'tin');
    draft.tins = draft.tins.filter((tin) => tin.id !== id);
    for (const tin of draft.tins) tin.boxedWith = tin.boxedWith.filter((other) => other !== id);
  },
});

/** States how much longer a kind of work takes here than by the usual pace; null goes back to the usual. */
export const statePace = command({
  args: () => z.object({ key: z.enum(PACE_KEYS), factor: z.number().nullable() }),
  label: ({ key, factor }) => (factor === null ? `Usual pace: ${key}` : `Own pace: ${key}`),
  change(draft, { key, factor }) {
    const { [key]: _stated, ...others } = draft.paces;
    draft.paces = factor === null ? others : { ...others, [key]: factor };
  },
});
