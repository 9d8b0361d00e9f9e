import { patchSchema } from '../document/finding-schema.ts';
import { entity } from './entity.ts';

/** Test patches: laid, coated again, read. */
export const patches = entity('patches', patchSchema, {
  called: 'test patch',
  words: {
    add: ({ where }) => `Started a test patch on ${where}`,
    change: ({ where }, { read }) =>
      read ? `Logged the test patch on ${where}` : `Changed the test patch on ${where}`,
    remove: () => 'Deleted a test patch',
  },
});
