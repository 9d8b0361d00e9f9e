import { patchSchema } from '../document/finding-schema.ts';
import { entity } from './entity.ts';

/** Test patches: laid, coated again, read. */
export const patches = entity('patches', patchSchema, {
  called: 'test patch',
  words: {
    add: ({ where }) => `Test patch on ${where}`,
    change: ({ where }, { read }) => (read ? `Read the patch on ${where}` : `Change the patch on ${where}`),
    remove: () => 'Strike out a test patch',
  },
});
