import { accepted, refused, type Outcome } from '../units/outcome.ts';

/** Lifts a document of one version to the next. */
export type Migration = (document: Record<string, unknown>) => Record<string, unknown>;

/** By the version that they start from. `nivel.job/1` is the first, so nothing needs lifting yet. */
const MIGRATIONS: Readonly<Record<number, Migration>> = {};

const CURRENT_VERSION = 1;

/**
 * Brings a parsed job file of any earlier version to the current one, step by step.
 * Refuses what is no job, and a version that this Nivel does not know.
 */
export function migrateJob(
  document: unknown,
  migrations: Readonly<Record<number, Migration>> = MIGRATIONS,
  current: number = CURRENT_VERSION,
): Outcome<unknown> {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) {
    return refused('This is not a Nivel job: a job file holds one job document.');
  }
  let lifted = document as Record<string, unknown>;
  const match = typeof lifted.format === 'string' ? /^nivel\.job\/(\d{1,4})$/.exec(lifted.format) : null;
  if (match === null) {
    return refused('This is not a Nivel job: its format should read “nivel.job/1”. Choose a file that Nivel exported.');
  }
  let version = Number(match[1]);
  if (version > current) {
    return refused(
      `This job was saved by a newer Nivel (format ${version}); this one reads up to ${current}. Update Nivel, then import it again.`,
    );
  }
  while (version < current) {
    const step = migrations[version];
    if (step === undefined) return refused(`Jobs of format ${version} can’t be read any more.`);
    version++;
    lifted = { ...step(lifted), format: `nivel.job/${version}` };
  }
  return accepted(lifted);
}
