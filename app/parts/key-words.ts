import type { Key } from '../../core/job/document/group-schema.ts';

/** The ways of keying, as a painter says them. */
export const KEY_WORDS: Readonly<Record<Key, string>> = {
  abrade: 'sanded dry, 180–240',
  'wet-abrade': 'wet-sanded',
  degloss: 'deglossed',
  none: 'not keyed',
};
