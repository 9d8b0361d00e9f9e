import { execFileSync, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dependents, namedFiles } from './dependents.ts';
import { LANES, runInLanes, SEED, unitTestFiles } from './test-lanes.ts';
import { knownSeconds, withinSeconds } from './unit-seconds.ts';

/**
 * `npm run check`: types, lint and unit tests of what has changed since the last commit and of what depends on it, the
 * nearest first, as far as half a minute goes; what is left out is told. To be run while working; `npm test` checks all.
 */
const UNIT_SECONDS = 6;
const MOST_LINTED = 40;

const lines = (command: string, args: readonly string[]): string[] =>
  execFileSync(command, args, { encoding: 'utf8' }).split('\n').filter(Boolean);

/** Runs a command with what it says shown when it has ended; answers whether it held. */
function held(name: string, command: string, args: readonly string[]): Promise<boolean> {
  const child = spawn(command, args);
  const said: Buffer[] = [];
  child.stdout.on('data', (part: Buffer) => said.push(part));
  child.stderr.on('data', (part: Buffer) => said.push(part));
  return new Promise((resolve) =>
    child.on('close', (code) => {
      console.log(`— ${name} ${code === 0 ? 'held' : 'FAILED'} after ${(performance.now() / 1000).toFixed(0)} s`);
      process.stdout.write(Buffer.concat(said));
      resolve(code === 0);
    }),
  );
}

const changed = [
  ...lines('git', ['diff', '--name-only', 'HEAD']),
  ...lines('git', ['ls-files', '--others', '--exclude-standard']),
];
// What was deleted is gone itself, and what names it has to be looked at.
const near = dependents(namedFiles(), changed)
  .map(([file]) => file)
  .filter((file) => existsSync(file));
const unitTests = new Set(unitTestFiles([]));
const tests = near.filter((file) => unitTests.has(file));
const code = near.filter((file) => /\.(tsx?|mjs)$/.test(file));
const linted = code.slice(0, MOST_LINTED);
console.log(
  `${changed.length} files have changed; ${code.length} in all depend on them, ${tests.length} of them unit tests.`,
);

// One after the other: both use all cores.
const isSound =
  linted.length === 0 ||
  (await held('Types and lint', 'npx', ['oxlint', '-c', 'oxlint.config.mjs', '--type-check', ...linted]));
if (linted.length < code.length)
  console.log(`Not linted, for the time: ${code.length - linted.length} files further off.`);
const run = withinSeconds(tests, UNIT_SECONDS * LANES, knownSeconds());
const isTested = run.length === 0 || (await runInLanes(run, SEED));
if (run.length < tests.length) {
  const left = tests.filter((file) => !run.includes(file));
  console.log(`Not run, for the time: ${left.length} files of unit tests, such as ${left.slice(0, 3).join(', ')}.`);
}
process.exit(isSound && isTested ? 0 : 1);
