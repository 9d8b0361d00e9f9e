import { original } from 'immer';
import { z } from 'zod';
import { logEntrySchema, type LogEntry } from '../document/log-schema.ts';
import { leftOutSchema } from '../document/schema.ts';
import { command } from './definition.ts';

const STAMPED: Readonly<Record<LogEntry['event'], string>> = {
  started: 'started',
  done: 'done',
  partly: 'part done',
  tacky: 'still tacky',
  withdrawn: 'undone',
};

/** Writes stamps into the log. What an earlier stamp said wrongly is corrected by one that replaces it. */
export const stamp = command({
  isRecord: true,
  args: () => z.object({ entries: z.array(logEntrySchema).min(1) }),
  label: ({ entries: [first] }) =>
    first?.replaces !== undefined && first.event !== 'withdrawn'
      ? 'Corrected a log entry'
      : `Logged: ${STAMPED[first?.event ?? 'done']}`,
  change(draft, { entries }) {
    // Given again after a reload, a stamp is not written twice. Read past the draft, which would wrap every entry.
    const known = new Set(original(draft.log).map(({ id }) => id));
    draft.log.push(...entries.filter(({ id }) => !known.has(id)));
  },
});

/** Leaves steps out that the build-up asks for. */
export const leaveOut = command({
  args: () => z.object({ steps: z.array(leftOutSchema).min(1).max(500) }),
  label: ({ steps }) => `Skipped ${steps.length === 1 ? 'a step' : `${steps.length} steps`}`,
  change(draft, { steps }) {
    const known = new Set(draft.leftOut.map(({ taskId }) => taskId));
    draft.leftOut.push(...steps.filter(({ taskId }) => !known.has(taskId)));
  },
});

/** Takes steps in again that were left out. */
export const restoreSkippedSteps = command({
  args: () => z.object({ taskIds: z.array(z.string()).min(1).max(500) }),
  label: () => 'Restored a skipped step',
  change(draft, { taskIds }) {
    const wanted = new Set(taskIds);
    draft.leftOut = draft.leftOut.filter(({ taskId }) => !wanted.has(taskId));
  },
});
