import { z } from 'zod';
import { climateSchema, heatingSchema, MAX_TAKEN, statedHourSchema } from '../../air/climate.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { entity } from './entity.ts';

/** Climates; one that no room and no place is in may go, but for the last one indoors and the open air. */
export const climates = entity('climates', climateSchema, {
  called: 'climate',
  words: {
    add: ({ name }) => `Added room conditions ${name}`,
    change: ({ name }) => `Changed conditions of ${name}`,
    remove: (climate) => `Removed room conditions ${climate?.name ?? ''}`,
  },
  mayRemove(draft, { id, whereabouts }) {
    const held = [...draft.rooms, ...draft.places].filter(({ climateId }) => climateId === id).map(({ name }) => name);
    if (held.length > 0) throw new CommandRefused(`${held.join(', ')} still use it. Change their conditions first.`);
    const same = draft.climates.filter((climate) => climate.whereabouts === whereabouts);
    if (same.length === 1) throw new CommandRefused(`Keep at least one ${whereabouts}.`);
  },
});

/** States that the heating of a climate runs, since a local time, or that it is off. */
export const switchHeating = command({
  args: () => z.object({ climateId: z.string(), onSince: heatingSchema.unwrap().shape.onSince }),
  label: ({ climateId, onSince }, job) =>
    `Switched heating ${onSince === null ? 'off' : 'on'} in ${job.climates.find(({ id }) => id === climateId)?.name ?? 'a room'}`,
  change(draft, { climateId, onSince }) {
    const { heating, name } = entryOf(draft.climates, climateId, 'climate');
    if (heating === null) throw new CommandRefused(`${name} has no heating. Set it in Conditions first.`);
    heating.onSince = onSince;
  },
});

/** Takes stated hours into a climate: they take the place of what it had for the same hours. */
export const importHours = command({
  args: () =>
    z.object({
      climateId: z.string(),
      hours: climateSchema.unwrap().shape.stated.shape.hours.min(1),
      source: climateSchema.unwrap().shape.stated.shape.taken.element.shape.source,
      name: climateSchema.unwrap().shape.stated.shape.taken.element.shape.name,
      at: climateSchema.unwrap().shape.stated.shape.taken.element.shape.at,
    }),
  label: ({ climateId, hours }, job) =>
    `Imported ${hours.length} hours for ${job.climates.find(({ id }) => id === climateId)?.name ?? 'a room'}`,
  change(draft, { climateId, hours, ...from }) {
    const { stated } = entryOf(draft.climates, climateId, 'climate');
    const byHour = new Map(stated.hours.map((hour) => [hour.at, hour]));
    for (const hour of hours) byHour.set(hour.at, hour);
    stated.hours = [...byHour.values()].sort((one, other) => (one.at < other.at ? -1 : 1));
    stated.taken = [...stated.taken.slice(1 - MAX_TAKEN), { ...from, hours: hours.length }];
  },
});

/** Forgets the stated hours of a climate from a local hour on; its usual day counts again. */
export const forgetHours = command({
  args: () => z.object({ climateId: z.string(), from: statedHourSchema.unwrap().shape.at }),
  label: ({ climateId }, job) =>
    `Cleared hours of ${job.climates.find(({ id }) => id === climateId)?.name ?? 'a room'}`,
  change(draft, { climateId, from }) {
    const { stated } = entryOf(draft.climates, climateId, 'climate');
    stated.hours = stated.hours.filter(({ at }) => at < from);
    if (stated.hours.length === 0) stated.taken = [];
  },
});
