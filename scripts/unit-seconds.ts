import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { z } from 'zod';

const FOLDER = '.nivel';
const FILE = `${FOLDER}/unit-seconds.json`;

const secondsSchema = z.record(z.string(), z.number().nonnegative());

/** What takes long on every machine, also where nothing has run yet. */
const LONG: readonly [string, number][] = [
  ['core/build-up/every-surface.test.ts', 12],
  ['core/running/whole-job.test.ts', 11],
  ['core/scheduling/solve/solve.test.ts', 10],
  ['core/scheduling/solve/appointments.test.ts', 6],
  ['core/scheduling/solve/brute-force.test.ts', 6],
  ['core/exchange/hostile-files.test.ts', 5],
];

/** Seconds that unit test files took on this machine the last time, by their paths. */
export function knownSeconds(): Map<string, number> {
  if (!existsSync(FILE)) return new Map(LONG);
  const read = secondsSchema.safeParse(JSON.parse(readFileSync(FILE, 'utf8')));
  return new Map([...LONG, ...(read.success ? Object.entries(read.data) : [])]);
}

/** Remembers how long files took, beside what is known of others. */
export function noteSeconds(taken: ReadonlyMap<string, number>): void {
  mkdirSync(FOLDER, { recursive: true });
  writeFileSync(FILE, JSON.stringify(Object.fromEntries([...knownSeconds(), ...taken])));
}

/** What a file is taken to need that has not run yet. */
const USUAL = 0.5;

/**
 * As many of `files`, in their order, as are done within `seconds` of work by what is known of them; a long one is passed
 * over where the rest of the time is too short for it.
 */
export function withinSeconds(files: readonly string[], seconds: number, known: ReadonlyMap<string, number>): string[] {
  let left = seconds;
  return files.filter((file) => {
    const needs = known.get(file) ?? USUAL;
    if (needs > left) return false;
    left -= needs;
    return true;
  });
}
