import { z } from 'zod';
import { pinSchema } from '../record.ts';
import { command, CommandRefused, entryOf } from './definition.ts';

/** Pins tasks to a time and to hands; overtakes what they were pinned to before. */
export const pinTasks = command({
  args: () => z.object({ pins: z.array(pinSchema).min(1).max(500) }),
  label: ({ pins }) => (pins.length === 1 ? 'Pin a task' : `Pin ${pins.length} tasks`),
  change(draft, { pins }) {
    const pinned = new Set(pins.map(({ taskId }) => taskId));
    if (pinned.size !== pins.length) throw new CommandRefused('One task can’t be pinned to two times.');
    for (const painter of pins.flatMap(({ painters }) => painters)) entryOf(draft.crew, painter, 'painter');
    draft.pins = [...draft.pins.filter(({ taskId }) => !pinned.has(taskId)), ...pins];
  },
});

/** Lets tasks go that were pinned. */
export const unpinTasks = command({
  args: () => z.object({ taskIds: z.array(z.string()).min(1) }),
  label: ({ taskIds }) => (taskIds.length === 1 ? 'Unpin a task' : `Unpin ${taskIds.length} tasks`),
  change(draft, { taskIds }) {
    const loose = new Set(taskIds);
    draft.pins = draft.pins.filter(({ taskId }) => !loose.has(taskId));
  },
});
