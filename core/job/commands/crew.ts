import { inSentence } from '../../units/sentence.ts';
import { z } from 'zod';
import { PACE_KEYS, PACE_NAMES, painterSchema } from '../document/crew-schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { entity } from './entity.ts';

/** Painters; the last one stays. */
export const crew = entity('crew', painterSchema, {
  called: 'painter',
  words: {
    add: ({ name }) => `Added ${name} to the crew`,
    change: ({ name }) => `Changed hours of ${name}`,
    remove: (painter) => `Removed ${painter?.name ?? 'a painter'}`,
  },
  mayRemove(draft) {
    if (draft.crew.length === 1) throw new CommandRefused('Keep at least one painter.');
  },
  alsoRemove(draft, id) {
    draft.pins = draft.pins.filter(({ painters }) => !painters.includes(id));
  },
});

/** Gives painters a day off, or has them come after all. */
export const giveDayOff = command({
  args: () =>
    z.object({
      painterIds: z.array(z.string()).min(1),
      date: z.iso.date('Choose a day.'),
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

/** States how much longer a kind of work takes here than by the usual pace; null goes back to the usual. */
export const statePace = command({
  args: () => z.object({ key: z.enum(PACE_KEYS), factor: z.number().nullable() }),
  label: ({ key, factor }) =>
    factor === null ? `Reset pace: ${inSentence(PACE_NAMES[key])}` : `Changed pace: ${inSentence(PACE_NAMES[key])}`,
  change(draft, { key, factor }) {
    const { [key]: _stated, ...others } = draft.paces;
    draft.paces = factor === null ? others : { ...others, [key]: factor };
  },
});
