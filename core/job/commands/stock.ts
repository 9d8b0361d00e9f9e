import { stockSchema } from '../document/stock-schema.ts';
import { entity } from './entity.ts';

/** Paint that is in stock. */
export const stock = entity('stock', stockSchema, {
  called: 'stock entry',
  words: {
    add: () => 'Added paint in stock',
    change: () => 'Changed stock',
    remove: () => 'Removed paint from stock',
  },
});
