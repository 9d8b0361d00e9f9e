import { inSentence } from '../../units/sentence.ts';
import { FOUND, resultInWords } from '../../pieces/found.ts';
import { findingSchema } from '../document/finding-schema.ts';
import { entity } from './entity.ts';

/** What tests of surfaces showed. One that is struck out is unknown again, unless an earlier one stands. */
export const findings = entity('findings', findingSchema, {
  called: 'finding',
  words: {
    add: ({ found, result, groupId }, job) =>
      `${FOUND[found].name}: ${inSentence(resultInWords(found, result))} (${
        job.groups.find(({ id }) => id === groupId)?.name ?? 'a group'
      })`,
    change: ({ found }) => `Corrected a test: ${inSentence(FOUND[found].name)}`,
    remove: () => 'Deleted a test result',
  },
});
