import type { ProofTest, Shown } from '../../../core/proving/proof-tests.ts';

/** Any of the tests; what its results are called is its own. */
export type ShownTest = Omit<ProofTest, 'shows' | 'judgedAs'> & {
  shows: Readonly<Record<string, Shown>>;
  judgedAs: string | null;
};
