import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dependents, namedFiles } from './dependents.ts';
import { LANES, runInLanes, SEED, unitTestFiles } from './test-lanes.ts';
import { knownSeconds, withinSeconds } from './unit-seconds.ts';

/**
 * `npm run check`: types, lint and unit tests of what has changed since the last commit and of what depends on it, the
 * nearest first, as far as half a minute goes; what is left out is told. To be run while working; `npm test` checks all.
 */
const UNIT_SECONDS = 6;
const MAX_LINTED = 40;

const lines = (command: string, args: readonly string[]): string[] =>
  execFileSync(command, args, { encoding: 'utf8' }).split('\n').filter(Boolean);

/** Types and lint of some files; answers whether both hold. */
function isSoundIn(files: readonly string[]): boolean {
  if (files.length === 0) return true;
  const { status } = spawnSync('npx', ['oxlint', '-c', 'oxlint.config.mjs', '--type-check', ...files], {
    stdio: 'inherit',
  });
  console.log(`— Types and lint ${status === 0 ? 'hold' : 'FAILED'} after ${(performance.now() / 1000).toFixed(0)} s`);
  return status === 0;
}

const changed = [
  ...lines('git', ['diff', '--name-only', 'HEAD']),
  ...lines('git', ['ls-files', '--others', '--exclude-standard']),
];
// A deleted file can’t be checked itself; the files that name it are.
const near = dependents(namedFiles(), changed)
  .map(([file]) => file)
  .filter((file) => existsSync(file));
const unitTests = new Set(unitTestFiles([]));
const tests = near.filter((file) => unitTests.has(file));
const code = near.filter((file) => /\.(tsx?|mjs)$/.test(file));
const linted = code.slice(0, MAX_LINTED);
console.log(
  `${changed.length} files have changed; ${code.length} in all depend on them, ${tests.length} of them unit tests.`,
);

// One after the other: both use all cores.
const isSound = isSoundIn(linted);
if (linted.length < code.length)
  console.log(`Not linted, for the time: ${code.length - linted.length} files further off.`);
const run = withinSeconds(tests, UNIT_SECONDS * LANES, knownSeconds());
const isTested = run.length === 0 || (await runInLanes(run, SEED));
if (run.length < tests.length) {
  const left = tests.filter((file) => !run.includes(file));
  console.log(`Not run, for the time: ${left.length} files of unit tests, such as ${left.slice(0, 3).join(', ')}.`);
}
process.exit(isSound && isTested ? 0 : 1);
