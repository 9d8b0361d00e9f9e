import type { Extent } from '../../core/job/document/coat-schema.ts';

/** Where a coat goes, in a word. */
export const EXTENT_WORDS: Readonly<Record<Extent, string>> = { all: 'all over', spots: 'spots', edges: 'edges' };
