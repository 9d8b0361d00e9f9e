import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path/posix';

/** Whatever a file names by a path from itself: imports, workers, data that is read. Imports here carry their ending. */
const NAMED = /['"`](\.{1,2}\/[\w./-]+\.\w+)(?:\?\w+)?['"`]/g;

const SOURCES = ['core', 'app', 'demo', 'scripts', 'bench', 'e2e'];

/** By each source file, the files that it names, whether they are there or not. Paths are from the project's folder. */
export function namedFiles(): Map<string, string[]> {
  const files = SOURCES.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => `${folder}/${name}`),
  ).filter((name) => /\.(tsx?|mjs|astro)$/.test(name));
  return new Map(
    files.map((file) => {
      const named = [...readFileSync(file, 'utf8').matchAll(NAMED)].map(([, path = '']) => join(dirname(file), path));
      return [file, named];
    }),
  );
}

/**
 * The files that depend on any of `changed`, these included, with the number of steps to the nearest of them; the
 * nearest first.
 * @param named by each file, those that it names
 */
export function dependents(
  named: ReadonlyMap<string, readonly string[]>,
  changed: readonly string[],
): [string, number][] {
  const namedBy = new Map<string, string[]>();
  for (const [file, paths] of named) {
    for (const path of paths) namedBy.set(path, [...(namedBy.get(path) ?? []), file]);
  }
  const steps = new Map(changed.map((file) => [file, 0]));
  const open = [...changed];
  for (let next = open.shift(); next !== undefined; next = open.shift()) {
    for (const file of namedBy.get(next) ?? []) {
      if (steps.has(file)) continue;
      steps.set(file, (steps.get(next) ?? 0) + 1);
      open.push(file);
    }
  }
  return [...steps];
}
