import type { SurfaceTest, Shown } from '../../../core/surface-tests/surface-tests.ts';

/** Any of the tests; what its results are called is its own. */
export type ShownTest = Omit<SurfaceTest, 'shows' | 'judgedAs'> & {
  shows: Readonly<Record<string, Shown>>;
  judgedAs: string | null;
};
