import { z } from 'zod';
import { climateSchema, heatingSchema, MOST_TAKEN, statedHourSchema } from '../../air/climate.ts';
import { marksInWords } from '../marks.ts';
import { readingSchema } from '../reading-schema.ts';
import { jobSchema, painterSchema, placeSchema, roomSchema, roomTaskSchema } from '../schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';

/** Renames the job. */
export const renameJob = command({
  args: () => z.object({ name: jobSchema.unwrap().shape.name }),
  label: ({ name }) => `Rename the job to ${name}`,
  change(draft, { name }) {
    draft.name = name;
  },
});

/** Changes units, vocabulary, currency or the job's clock. */
export const changeSettings = command({
  args: () => jobSchema.unwrap().shape.settings.unwrap().partial(),
  label: (settings) => `Change ${Object.keys(settings).join(', ')}`,
  change(draft, settings) {
    for (const [key, value] of Object.entries(settings)) {
      if (value !== undefined) Object.assign(draft.settings, { [key]: value });
    }
  },
});

/** Changes the place, its time zone or the year in which it was built. */
export const changeSite = command({
  args: () => jobSchema.unwrap().shape.site.partial(),
  label: (site) => `Change ${Object.keys(site).join(', ')} of the site`,
  change(draft, site) {
    for (const [key, value] of Object.entries(site)) {
      if (value !== undefined) Object.assign(draft.site, { [key]: value });
    }
  },
});

/** Changes the stock that moulding is cut from, the saw's kerf, or what has been cut. */
export const changeCutting = command({
  args: () => jobSchema.unwrap().shape.cutting.unwrap().partial(),
  label: (cutting) => `Change ${Object.keys(cutting).join(', ')} of the cut list`,
  change(draft, cutting) {
    for (const [key, value] of Object.entries(cutting)) {
      if (value !== undefined) Object.assign(draft.cutting, { [key]: value });
    }
  },
});

/** Adds a room, or changes the one with its id. */
export const stateRoom = command({
  args: () => z.object({ room: roomSchema }),
  label: ({ room }) => `State the room ${room.name}`,
  change(draft, { room }) {
    const index = draft.rooms.findIndex((entry) => entry.id === room.id);
    if (index < 0) draft.rooms.push(room);
    else draft.rooms[index] = room;
  },
});

/** States that a task of a room is done, at a local time, or that it is open again. */
export const tickRoomTask = command({
  args: () => z.object({ roomId: z.string(), taskId: z.string(), doneAt: roomTaskSchema.unwrap().shape.doneAt }),
  label: ({ roomId, doneAt }, job) =>
    `${doneAt === null ? 'Open again' : 'Done'} in ${job.rooms.find(({ id }) => id === roomId)?.name ?? 'a room'}`,
  change(draft, { roomId, taskId, doneAt }) {
    entryOf(entryOf(draft.rooms, roomId, 'room').tasks, taskId, 'task').doneAt = doneAt;
  },
});

/** Takes an empty room out of the job. */
export const removeRoom = command({
  args: () => z.object({ id: z.string() }),
  label: ({ id }, job) => `Remove the room ${job.rooms.find((room) => room.id === id)?.name ?? ''}`,
  change(draft, { id }) {
    const held = draft.pieces.filter((piece) => piece.roomId === id);
    if (held.length > 0) {
      throw new CommandRefused(`The room still has ${marksInWords(held.map((piece) => piece.mark))}. Move them first.`);
    }
    draft.rooms = draft.rooms.filter((room) => room.id !== id);
    draft.signOffs = draft.signOffs.filter(({ roomId }) => roomId !== id);
  },
});

/** Adds a climate, or changes the one with its id. */
export const stateClimate = command({
  args: () => z.object({ climate: climateSchema }),
  label: ({ climate }) => `Change the climate of ${climate.name}`,
  change(draft, { climate }) {
    const index = draft.climates.findIndex(({ id }) => id === climate.id);
    if (index < 0) draft.climates.push(climate);
    else draft.climates[index] = climate;
  },
});

/** States that the heating of a climate runs, since a local time, or that it is off. */
export const switchHeating = command({
  args: () => z.object({ climateId: z.string(), onSince: heatingSchema.unwrap().shape.onSince }),
  label: ({ climateId, onSince }, job) =>
    `Heating ${onSince === null ? 'off' : 'on'}: ${job.climates.find(({ id }) => id === climateId)?.name ?? 'a climate'}`,
  change(draft, { climateId, onSince }) {
    const { heating, name } = entryOf(draft.climates, climateId, 'climate');
    if (heating === null)
      throw new CommandRefused(`${name} has no heating. State under Air when and how warm it is heated.`);
    heating.onSince = onSince;
  },
});

/** Takes a climate out of the job that no room and no place is in; the last one, and the open air, stay. */
export const removeClimate = command({
  args: () => z.object({ id: z.string() }),
  label: ({ id }, job) => `Remove the climate ${job.climates.find((climate) => climate.id === id)?.name ?? ''}`,
  change(draft, { id }) {
    const { whereabouts } = entryOf(draft.climates, id, 'climate');
    const held = [...draft.rooms, ...draft.places].filter(({ climateId }) => climateId === id).map(({ name }) => name);
    if (held.length > 0)
      throw new CommandRefused(`${held.join(', ')} would have no air. Give them another climate first.`);
    const same = draft.climates.filter((climate) => climate.whereabouts === whereabouts);
    if (same.length === 1) throw new CommandRefused(`A job keeps at least one climate ${whereabouts}.`);
    draft.climates = draft.climates.filter((climate) => climate.id !== id);
  },
});

/** Takes stated hours into a climate: they take the place of what it had for the same hours. */
export const takeHours = command({
  args: () =>
    z.object({
      climateId: z.string(),
      hours: climateSchema.unwrap().shape.stated.shape.hours.min(1),
      source: climateSchema.unwrap().shape.stated.shape.taken.element.shape.source,
      name: climateSchema.unwrap().shape.stated.shape.taken.element.shape.name,
      at: climateSchema.unwrap().shape.stated.shape.taken.element.shape.at,
    }),
  label: ({ climateId, hours }, job) =>
    `Take ${hours.length} hours into ${job.climates.find(({ id }) => id === climateId)?.name ?? 'a climate'}`,
  change(draft, { climateId, hours, ...from }) {
    const { stated } = entryOf(draft.climates, climateId, 'climate');
    const byHour = new Map(stated.hours.map((hour) => [hour.at, hour]));
    for (const hour of hours) byHour.set(hour.at, hour);
    stated.hours = [...byHour.values()].sort((one, other) => (one.at < other.at ? -1 : 1));
    stated.taken = [...stated.taken.slice(1 - MOST_TAKEN), { ...from, hours: hours.length }];
  },
});

/** Forgets the stated hours of a climate from a local hour on; its usual day counts again. */
export const forgetHours = command({
  args: () => z.object({ climateId: z.string(), from: statedHourSchema.unwrap().shape.at }),
  label: ({ climateId }, job) =>
    `Forget hours of ${job.climates.find(({ id }) => id === climateId)?.name ?? 'a climate'}`,
  change(draft, { climateId, from }) {
    const { stated } = entryOf(draft.climates, climateId, 'climate');
    stated.hours = stated.hours.filter(({ at }) => at < from);
    if (stated.hours.length === 0) stated.taken = [];
  },
});

/** Writes readings of instruments, or stages that a finger found reached, into the job. */
export const takeReadings = command({
  args: () => z.object({ readings: z.array(readingSchema).min(1).max(500) }),
  label: ({ readings }) => (readings.length === 1 ? 'Log a reading' : `Log ${readings.length} readings`),
  change(draft, { readings }) {
    for (const reading of readings) {
      if (reading.kind === 'air') entryOf(draft.climates, reading.climateId, 'climate');
      if (reading.kind === 'surface') entryOf(draft.pieces, reading.pieceId, 'piece');
    }
    draft.readings.push(...readings);
  },
});

/** Takes a reading out again: it was a slip. */
export const removeReading = command({
  args: () => z.object({ id: z.string() }),
  label: () => 'Remove a reading',
  change(draft, { id }) {
    entryOf(draft.readings, id, 'reading');
    draft.readings = draft.readings.filter((reading) => reading.id !== id);
  },
});

/** Changes a bench or rack. */
export const changePlace = command({
  args: () => z.object({ place: placeSchema }),
  label: ({ place }) => `Change ${place.name}`,
  change(draft, { place }) {
    Object.assign(entryOf(draft.places, place.id, 'place'), place);
  },
});

/** Adds a painter, or changes the one with the same id. */
export const statePainter = command({
  args: () => z.object({ painter: painterSchema }),
  label: ({ painter }) => `State the hours of ${painter.name}`,
  change(draft, { painter }) {
    const index = draft.crew.findIndex((entry) => entry.id === painter.id);
    if (index < 0) draft.crew.push(painter);
    else draft.crew[index] = painter;
  },
});

/** Gives painters a day off, or has them come after all. */
export const giveDayOff = command({
  args: () =>
    z.object({
      painterIds: z.array(z.string()).min(1),
      date: z.iso.date('Choose the day.'),
      comes: z.boolean(),
    }),
  label: ({ painterIds, date, comes }, { crew }) => {
    const names = crew.filter(({ id }) => painterIds.includes(id)).map(({ name }) => name);
    return `${names.join(', ')} ${comes ? 'at work' : 'off'} on ${date}`;
  },
  change(draft, { painterIds, date, comes }) {
    for (const id of painterIds) {
      const painter = entryOf(draft.crew, id, 'painter');
      const others = painter.daysOff.filter((day) => day !== date);
      painter.daysOff = comes ? others : [...others, date].sort();
    }
  },
});

/** Takes a painter out of the crew; the last one stays. */
export const removePainter = command({
  args: () => z.object({ id: z.string() }),
  label: ({ id }, job) => `Remove ${job.crew.find((painter) => painter.id === id)?.name ?? 'a painter'}`,
  change(draft, { id }) {
    if (draft.crew.length === 1) throw new CommandRefused('Someone has to paint: a job keeps at least one painter.');
    draft.crew = draft.crew.filter((painter) => painter.id !== id);
    draft.pins = draft.pins.filter(({ painters }) => !painters.includes(id));
  },
});

/** Changes the first day, the promised day or the way pieces are turned. */
export const changePlanning = command({
  args: () => jobSchema.unwrap().shape.planning.unwrap().partial(),
  label: (planning) => `Change ${Object.keys(planning).join(', ')} of the plan`,
  change(draft, planning) {
    for (const [key, value] of Object.entries(planning)) {
      if (value !== undefined) Object.assign(draft.planning, { [key]: value });
    }
  },
});
