import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync } from 'node:fs';

/**
 * Lists every `*.test.ts` and runs them with Node's own test runner, several files to a process and two processes at a
 * time: starting one for every file would take longer than its tests.
 */
const LANES = 2;
const FILES_A_PROCESS = 8;

const files = ['core', 'app', 'scripts', 'demo']
  .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => `${folder}/${name}`))
  .filter((name) => name.endsWith('.test.ts'))
  .filter((name) => process.argv.slice(2).every((wanted) => name.includes(wanted)))
  .sort();
if (files.length === 0) throw new Error(`No unit test is called ${process.argv.slice(2).join(' ')}.`);
mkdirSync('.nivel', { recursive: true });

const batches = Array.from({ length: Math.ceil(files.length / FILES_A_PROCESS) }, (_unused, index) =>
  files.slice(index * FILES_A_PROCESS, (index + 1) * FILES_A_PROCESS),
);

/** Runs one batch; resolves with whether its tests held. */
const run = (batch: readonly string[], index: number): Promise<boolean> =>
  new Promise((resolve) => {
    const reports = ['--test-reporter=dot', '--test-reporter-destination=stdout'];
    const log = ['--test-reporter=spec', `--test-reporter-destination=.nivel/unit-tests-${index + 1}.log`];
    const child = spawn(
      process.execPath,
      ['--import', 'tsx', ...reports, ...log, 'scripts/run-test-files.ts', ...batch],
      { stdio: 'inherit' },
    );
    child.on('close', (code) => resolve(code === 0));
  });

const waiting = [...batches.entries()];
const held: boolean[] = [];
await Promise.all(
  Array.from({ length: LANES }, async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const [index, batch] = next;
      held.push(await run(batch, index));
    }
  }),
);
process.exit(held.every(Boolean) ? 0 : 1);
