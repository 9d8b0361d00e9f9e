import { z } from 'zod';
import { marksInWords } from '../marks.ts';
import { roomSchema, roomTaskSchema } from '../document/room-schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { entity } from './entity.ts';

/** Rooms; only one that is empty is taken out. */
export const rooms = entity('rooms', roomSchema, {
  called: 'room',
  words: {
    add: ({ name }) => `Added ${name}`,
    change: ({ name }) => `Changed ${name}`,
    remove: (room) => `Removed ${room?.name ?? ''}`,
  },
  mayRemove(draft, { id }) {
    const held = draft.pieces.filter(({ roomId }) => roomId === id);
    if (held.length === 0) return;
    throw new CommandRefused(`Still has ${marksInWords(held.map(({ mark }) => mark))}. Move them first.`);
  },
  alsoRemove(draft, id) {
    draft.signOffs = draft.signOffs.filter(({ roomId }) => roomId !== id);
  },
});

/** States that a task of a room is done, at a local time, or that it is open again. */
export const tickRoomTask = command({
  args: () => z.object({ roomId: z.string(), taskId: z.string(), doneAt: roomTaskSchema.unwrap().shape.doneAt }),
  label: ({ roomId, doneAt }, job) =>
    `${doneAt === null ? 'Reopened a task' : 'Finished a task'} in ${job.rooms.find(({ id }) => id === roomId)?.name ?? 'a room'}`,
  change(draft, { roomId, taskId, doneAt }) {
    entryOf(entryOf(draft.rooms, roomId, 'room').tasks, taskId, 'task').doneAt = doneAt;
  },
});
