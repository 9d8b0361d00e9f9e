import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync } from 'node:fs';

/** Processes at a time. */
const LANES = 2;
/** Files a process: starting one for every file would take longer than its tests. */
const FILES_A_PROCESS = 8;
/** What takes longest begins first, so that no lane stands idle at the end. */
const LONGEST = 'core/running/whole-job.test.ts';

/**
 * Every `*.test.ts` whose path contains all of `wanted`, sorted.
 * @throws Error where there is none
 */
export function unitTestFiles(wanted: readonly string[]): string[] {
  const files = ['core', 'app', 'scripts', 'demo']
    .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => `${folder}/${name}`))
    .filter((name) => name.endsWith('.test.ts'))
    .filter((name) => wanted.every((part) => name.includes(part)))
    .sort((one, other) => Number(other === LONGEST) - Number(one === LONGEST) || (one < other ? -1 : 1));
  if (files.length === 0) throw new Error(`No unit test is called ${wanted.join(' ')}.`);
  return files;
}

/**
 * Runs test files with Node's own test runner, several to a process and two processes at a time; what failed is told on
 * the screen, everything in `.nivel/unit-tests-N.log`.
 * @param seed what the made-up cases of property tests follow from: the same seed, the same cases
 * @returns whether all tests held
 */
export async function runInLanes(files: readonly string[], seed: number): Promise<boolean> {
  mkdirSync('.nivel', { recursive: true });
  const waiting = Array.from({ length: Math.ceil(files.length / FILES_A_PROCESS) }, (_unused, index) => ({
    log: `.nivel/unit-tests-${index + 1}.log`,
    batch: files.slice(index * FILES_A_PROCESS, (index + 1) * FILES_A_PROCESS),
  }));
  const held: boolean[] = [];
  await Promise.all(
    Array.from({ length: LANES }, async () => {
      for (let next = waiting.shift(); next; next = waiting.shift()) {
        held.push(await run(next.batch, next.log, seed));
      }
    }),
  );
  return held.every(Boolean);
}

function run(batch: readonly string[], log: string, seed: number): Promise<boolean> {
  const reports = ['--test-reporter=dot', '--test-reporter-destination=stdout'];
  const logs = ['--test-reporter=spec', `--test-reporter-destination=${log}`];
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', ...reports, ...logs, 'scripts/run-test-files.ts', String(seed), ...batch],
    { stdio: 'inherit' },
  );
  return new Promise((resolve) => child.on('close', (code) => resolve(code === 0)));
}
