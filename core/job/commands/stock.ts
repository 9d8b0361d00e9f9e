import { stockSchema } from '../document/stock-schema.ts';
import { entity } from './entity.ts';

/** Paint that is in stock. */
export const stock = entity('stock', stockSchema, {
  called: 'stock entry',
  words: {
    add: () => 'Note paint in stock',
    change: () => 'Change what is in stock',
    remove: () => 'Take paint out of stock',
  },
});
