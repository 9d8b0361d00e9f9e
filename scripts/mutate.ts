import { spawn } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readdirSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seededRandom } from '../core/units/seeded-random.ts';
import { dependents, namedFiles } from './dependents.ts';
import { mutantsOf, type Mutant } from './mutants.ts';
import { unitTestFiles } from './test-lanes.ts';
import { knownSeconds } from './unit-seconds.ts';

/**
 * `npm run mutate -- PART [COUNT] [SEED]`: puts small faults into a part of the core, one at a time, runs the unit tests
 * that depend on it, and tells which faults no test has seen. A part is one of those below, a folder or a file. Works on
 * copies; nothing here is changed.
 */
const PARTS: Readonly<Record<string, readonly string[]>> = {
  verify: ['core/scheduling/verify.ts'],
  quantities: ['core/quantities'],
  drying: ['core/shelf/drying', 'core/units/rate-clock.ts'],
  'build-up': ['core/build-up'],
  commands: ['core/job/commands'],
};
const LANES = 2;
/** Seconds of tests for a fault, the nearest first, and how much longer they may take before the fault counts as seen. */
const TEST_SECONDS = 15;
const MAX_SECONDS = 60;

const [part = '', count = '30', seed = '1'] = process.argv.slice(2);
const paths = PARTS[part] ?? (existsSync(part) ? [part] : []);
if (paths.length === 0) throw new Error(`Name a part: ${Object.keys(PARTS).join(', ')}, a folder or a file.`);

const files = paths.flatMap((path) =>
  path.endsWith('.ts')
    ? [path]
    : readdirSync(path, { recursive: true, encoding: 'utf8' })
        .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
        .map((name) => `${path}/${name}`),
);

interface Planted extends Mutant {
  file: string;
}

const random = seededRandom(Number(seed));
const all: Planted[] = files.flatMap((file) =>
  mutantsOf(readFileSync(file, 'utf8'), file).map((mutant) => ({ ...mutant, file })),
);
const drawn = all
  .map((mutant) => ({ mutant, at: random() }))
  .toSorted((one, other) => one.at - other.at)
  .slice(0, Number(count))
  .map(({ mutant }) => mutant);

const named = namedFiles();
const unitTests = new Set(unitTestFiles([]));
const seconds = knownSeconds();

/** The unit tests of a file, its own before all others and the nearest before those further off, as far as the time goes. */
function testsOf(file: string): string[] {
  const own = file.replace(/\.ts$/, '.test.ts');
  let spent = 0;
  return dependents(named, [file])
    .filter(([each]) => unitTests.has(each))
    .toSorted(([one, near], [other, far]) => Number(other === own) - Number(one === own) || near - far)
    .map(([each]) => each)
    .filter((each) => {
      const takes = seconds.get(each) ?? 1;
      if (each !== own && spent + takes > TEST_SECONDS) return false;
      spent += takes;
      return true;
    });
}

/** Whether a file of tests fails, or goes on for ever, in a copy of the project. */
function fails(folder: string, file: string): Promise<boolean> {
  // In one process, so that none is left behind by a fault that goes on for ever.
  const child = spawn(process.execPath, ['--import', 'tsx', file], { cwd: folder, stdio: 'ignore' });
  const timer = setTimeout(() => child.kill('SIGKILL'), MAX_SECONDS * 1000);
  return new Promise((resolve) =>
    child.on('close', (code) => {
      clearTimeout(timer);
      resolve(code !== 0);
    }),
  );
}

/** Whether any of these files fails; the rest is not run once one has. */
async function isSeen(folder: string, tests: readonly string[]): Promise<boolean> {
  for (const file of tests) if (await fails(folder, file)) return true;
  return false;
}

function copyOfProject(): string {
  const folder = mkdtempSync(join(tmpdir(), 'nivel-mutants-'));
  for (const path of [
    'core',
    'app',
    'demo',
    'cases',
    'scripts',
    'bench',
    'lint',
    'docs',
    'package.json',
    'tsconfig.json',
    'tsconfig.strict.json',
  ])
    cpSync(path, join(folder, path), { recursive: true });
  symlinkSync(join(process.cwd(), 'node_modules'), join(folder, 'node_modules'));
  return folder;
}

const waiting = [...drawn];
const missed: Planted[] = [];
await Promise.all(
  Array.from({ length: LANES }, async () => {
    const folder = copyOfProject();
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const whole = readFileSync(next.file, 'utf8');
      writeFileSync(join(folder, next.file), whole.slice(0, next.start) + next.becomes + whole.slice(next.end));
      if (!(await isSeen(folder, testsOf(next.file)))) missed.push(next);
      writeFileSync(join(folder, next.file), whole);
    }
  }),
);
for (const { file, line, was, becomes } of missed) console.log(`not seen: ${file}:${line} ${was} → ${becomes}`);
const killed = drawn.length - missed.length;
console.log(
  `${part}: ${killed} of ${drawn.length} faults seen (${((100 * killed) / drawn.length).toFixed(0)}%), drawn of ${all.length}`,
);
