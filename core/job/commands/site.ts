import { z } from 'zod';
import { climateSchema } from '../../air/climate.ts';
import { marksInWords } from '../marks.ts';
import { jobSchema, painterSchema, placeSchema, roomSchema, roomTaskSchema } from '../schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';

/** Renames the job. */
export const renameJob = command({
  args: z.object({ name: jobSchema.shape.name }),
  label: ({ name }) => `Rename the job to ${name}`,
  change(draft, { name }) {
    draft.name = name;
  },
});

/** Changes units, vocabulary, currency or the job's clock. */
export const changeSettings = command({
  args: jobSchema.shape.settings.partial(),
  label: (settings) => `Change ${Object.keys(settings).join(', ')}`,
  change(draft, settings) {
    for (const [key, value] of Object.entries(settings)) {
      if (value !== undefined) Object.assign(draft.settings, { [key]: value });
    }
  },
});

/** Changes the place, its time zone or the year in which it was built. */
export const changeSite = command({
  args: jobSchema.shape.site.partial(),
  label: (site) => `Change ${Object.keys(site).join(', ')} of the site`,
  change(draft, site) {
    for (const [key, value] of Object.entries(site)) {
      if (value !== undefined) Object.assign(draft.site, { [key]: value });
    }
  },
});

/** Changes the stock that moulding is cut from, the saw's kerf, or what has been cut. */
export const changeCutting = command({
  args: jobSchema.shape.cutting.partial(),
  label: (cutting) => `Change ${Object.keys(cutting).join(', ')} of the cut list`,
  change(draft, cutting) {
    for (const [key, value] of Object.entries(cutting)) {
      if (value !== undefined) Object.assign(draft.cutting, { [key]: value });
    }
  },
});

/** Adds a room, or changes the one with its id. */
export const stateRoom = command({
  args: z.object({ room: roomSchema }),
  label: ({ room }) => `State the room ${room.name}`,
  change(draft, { room }) {
    const index = draft.rooms.findIndex((entry) => entry.id === room.id);
    if (index < 0) draft.rooms.push(room);
    else draft.rooms[index] = room;
  },
});

/** States that a task of a room is done, at a local time, or that it is open again. */
export const tickRoomTask = command({
  args: z.object({ roomId: z.string(), taskId: z.string(), doneAt: roomTaskSchema.shape.doneAt }),
  label: ({ roomId, doneAt }, job) =>
    `${doneAt === null ? 'Open again' : 'Done'} in ${job.rooms.find(({ id }) => id === roomId)?.name ?? 'a room'}`,
  change(draft, { roomId, taskId, doneAt }) {
    entryOf(entryOf(draft.rooms, roomId, 'room').tasks, taskId, 'task').doneAt = doneAt;
  },
});

/** Takes an empty room out of the job. */
export const removeRoom = command({
  args: z.object({ id: z.string() }),
  label: ({ id }, job) => `Remove the room ${job.rooms.find((room) => room.id === id)?.name ?? ''}`,
  change(draft, { id }) {
    const held = draft.pieces.filter((piece) => piece.roomId === id);
    if (held.length > 0) {
      throw new CommandRefused(`The room still has ${marksInWords(held.map((piece) => piece.mark))}. Move them first.`);
    }
    draft.rooms = draft.rooms.filter((room) => room.id !== id);
  },
});

/** Changes a climate of the job. */
export const changeClimate = command({
  args: z.object({ climate: climateSchema }),
  label: ({ climate }) => `Change the climate of ${climate.name}`,
  change(draft, { climate }) {
    Object.assign(entryOf(draft.climates, climate.id, 'climate'), climate);
  },
});

/** Changes a bench or rack. */
export const changePlace = command({
  args: z.object({ place: placeSchema }),
  label: ({ place }) => `Change ${place.name}`,
  change(draft, { place }) {
    Object.assign(entryOf(draft.places, place.id, 'place'), place);
  },
});

/** Adds a painter, or changes the one with the same id. */
export const statePainter = command({
  args: z.object({ painter: painterSchema }),
  label: ({ painter }) => `State the hours of ${painter.name}`,
  change(draft, { painter }) {
    const index = draft.crew.findIndex((entry) => entry.id === painter.id);
    if (index < 0) draft.crew.push(painter);
    else draft.crew[index] = painter;
  },
});

/** Takes a painter out of the crew; the last one stays. */
export const removePainter = command({
  args: z.object({ id: z.string() }),
  label: ({ id }, job) => `Remove ${job.crew.find((painter) => painter.id === id)?.name ?? 'a painter'}`,
  change(draft, { id }) {
    if (draft.crew.length === 1) throw new CommandRefused('Someone has to paint: a job keeps at least one painter.');
    draft.crew = draft.crew.filter((painter) => painter.id !== id);
  },
});

/** Changes the first day, the promised day or the way pieces are turned. */
export const changePlanning = command({
  args: jobSchema.shape.planning.partial(),
  label: (planning) => `Change ${Object.keys(planning).join(', ')} of the plan`,
  change(draft, planning) {
    for (const [key, value] of Object.entries(planning)) {
      if (value !== undefined) Object.assign(draft.planning, { [key]: value });
    }
  },
});
