import { tinSchema } from '../document/tin-schema.ts';
import { entity } from './entity.ts';

/** Tins that were opened; stamps that name one that is taken off the list keep its id. */
export const tins = entity('tins', tinSchema, {
  called: 'tin',
  words: { add: () => 'Opened a tin', change: () => 'Changed a tin', remove: () => 'Removed a tin' },
  alsoRemove(draft, id) {
    for (const tin of draft.tins) tin.boxedWith = tin.boxedWith.filter((other) => other !== id);
  },
});
