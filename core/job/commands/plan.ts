import { current } from 'immer';
import { z } from 'zod';
import { acceptedPlanSchema, baselineOf, pinSchema } from '../document/plan-schema.ts';
import { planningSchema } from '../document/schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { section } from './section.ts';

/** Changes the first day, the promised day or the way pieces are turned. */
export const changePlanning = section('planning', planningSchema, (changed) => `Changed the plan: ${changed}`);

/** Accepts a plan, or what was replanned from now; null puts it away. With `pins`, those take the place of all others. */
export const acceptPlan = command({
  args: () => z.object({ plan: acceptedPlanSchema.nullable(), pins: z.array(pinSchema).optional() }),
  label: ({ plan }) => (plan === null ? 'Discarded the plan' : plan.reason),
  change(draft, { plan, pins }) {
    draft.plan = plan;
    if (plan !== null) draft.baseline ??= baselineOf(plan);
    if (pins) draft.pins = pins;
  },
});

/** Measures the job against the plan that it is worked by now, instead of the first one. */
export const measureAgainst = command({
  args: () => z.object({}),
  label: () => 'Compared with this plan',
  change(draft) {
    if (draft.plan === null) throw new CommandRefused('No plan to compare with. Accept one first.');
    draft.baseline = baselineOf(current(draft.plan));
  },
});

/** Pins tasks to a time and to hands; overtakes what they were pinned to before. */
export const pinTasks = command({
  args: () => z.object({ pins: z.array(pinSchema).min(1).max(500) }),
  label: ({ pins }) => (pins.length === 1 ? 'Pinned a step' : `Pinned ${pins.length} steps`),
  change(draft, { pins }) {
    const pinned = new Set(pins.map(({ taskId }) => taskId));
    if (pinned.size !== pins.length) throw new CommandRefused('Pin each step to one time only.');
    for (const painter of pins.flatMap(({ painters }) => painters)) entryOf(draft.crew, painter, 'painter');
    draft.pins = [...draft.pins.filter(({ taskId }) => !pinned.has(taskId)), ...pins];
  },
});

/** Lets tasks go that were pinned. */
export const unpinTasks = command({
  args: () => z.object({ taskIds: z.array(z.string()).min(1) }),
  label: ({ taskIds }) => (taskIds.length === 1 ? 'Unpinned a step' : `Unpinned ${taskIds.length} steps`),
  change(draft, { taskIds }) {
    const loose = new Set(taskIds);
    draft.pins = draft.pins.filter(({ taskId }) => !loose.has(taskId));
  },
});
