import { z } from 'zod';
import { acceptedPlanSchema, logEntrySchema, pinSchema } from '../record.ts';
import { command } from './definition.ts';

/** Accepts a plan, or what was replanned from now; null puts it away. With `pins`, those take the place of all others. */
export const acceptPlan = command({
  args: z.object({ plan: acceptedPlanSchema.nullable(), pins: z.array(pinSchema).optional() }),
  label: ({ plan }) => (plan === null ? 'Put the plan away' : plan.reason),
  change(draft, { plan, pins }) {
    draft.plan = plan;
    if (pins) draft.pins = pins;
  },
});

/** Writes stamps into the log. */
export const stamp = command({
  args: z.object({ entries: z.array(logEntrySchema).min(1) }),
  label: ({ entries }) => {
    const said = { started: 'Start', done: 'Done', tacky: 'Still tacky' }[entries[0]?.event ?? 'done'];
    return `Stamp: ${said}`;
  },
  change(draft, { entries }) {
    draft.log.push(...entries);
  },
});
