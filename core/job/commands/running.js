import { z } from 'zod';
import { acceptedPlanSchema, logEntrySchema } from '../record.ts';
import { command } from './definition.ts';
/** Accepts a plan, or what was replanned from now; null puts it away. */
export const acceptPlan = command({
  args: z.object({ plan: acceptedPlanSchema.nullable() }),
  label: ({ plan }) => (plan === null ? 'Put the plan away' : plan.reason),
  change(draft, { plan }) {
    draft.plan = plan;
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
