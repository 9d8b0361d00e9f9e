import { usualCoat } from '../build-up/fixing.ts';
import type { BuildUp, Key } from '../job/document/group-schema.ts';
import type { Coating } from '../shelf/coating.ts';

/** What an exercise has put on its pieces where that is not what it asks: keyed, washed or not, and coats all over. */
export const plainBuildUp = (coats: readonly Coating[], key: Key, { isWashed }: { isWashed: boolean }): BuildUp => ({
  cleaning: isWashed ? [{ product: 'no-rinse-wash', rinsed: false }] : [],
  key,
  fillers: [],
  grainFill: null,
  preservative: null,
  coats: coats.map((coating) => usualCoat(coating)),
  faceCoats: {},
});
