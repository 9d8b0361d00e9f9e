import { placeSchema } from '../document/room-schema.ts';
import { entity } from './entity.ts';

/** Benches and racks: a job has those that it began with. */
export const places = entity('places', placeSchema, {
  called: 'place',
  words: {
    add: ({ name }) => `Added ${name}`,
    change: ({ name }) => `Changed ${name}`,
    remove: (place) => `Removed ${place?.name ?? 'a place'}`,
  },
});
