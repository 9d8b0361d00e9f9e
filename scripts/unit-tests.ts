import { spawnSync } from 'node:child_process';
import { readdirSync } from 'node:fs';

/** Lists every `*.test.ts` (Node 20's runner takes names, not globs) and runs them with Node's own test runner. */
const files = ['core', 'app', 'scripts', 'demo']
  .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => `${folder}/${name}`))
  .filter((name) => name.endsWith('.test.ts'))
  .filter((name) => process.argv.slice(2).every((wanted) => name.includes(wanted)));
// Without names Node looks for tests by itself, and takes all of npm test for one.
if (files.length === 0) throw new Error(`No unit test is called ${process.argv.slice(2).join(' ')}.`);
const { status } = spawnSync(
  process.execPath,
  [
    '--import',
    'tsx',
    '--test',
    // By itself it leaves one core idle.
    '--test-concurrency=2',
    '--test-reporter=dot',
    '--test-reporter-destination=stdout',
    '--test-reporter=spec',
    '--test-reporter-destination=.nivel/unit-tests.log',
    ...files,
  ],
  { stdio: 'inherit' },
);
process.exit(status ?? 1);
