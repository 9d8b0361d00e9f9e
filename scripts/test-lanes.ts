import { fork } from 'node:child_process';
import { readdirSync } from 'node:fs';

/** Processes at a time. */
const LANES = 2;
/** What takes longest begins first, so that no lane stands idle at the end. */
const LONGEST_FIRST = [
  'core/build-up/every-surface.test.ts',
  'core/planning/solve/brute-force.test.ts',
  'core/running/whole-job.test.ts',
  'core/planning/solve/solve.test.ts',
  'core/exchange/hostile-files.test.ts',
];
const SLOWEST_TOLD = 10;

/** What the made-up cases of property tests follow from: the same code has the same verdict. `npm run hunt` takes others. */
export const SEED = 20_261;

/** What a lane says of a test that has ended; see `lane-reporter.mjs`. */
interface Told {
  name: string;
  isInner: boolean;
  milliseconds: number;
  fault: string | null;
}

interface Ended extends Told {
  file: string;
}

/**
 * Every `*.test.ts` whose path contains all of `wanted`, the longest first.
 * @throws Error where there is none
 */
export function unitTestFiles(wanted: readonly string[]): string[] {
  const files = ['core', 'app', 'scripts', 'demo']
    .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => `${folder}/${name}`))
    .filter((name) => name.endsWith('.test.ts'))
    .filter((name) => wanted.every((part) => name.includes(part)))
    .sort();
  if (files.length === 0) throw new Error(`No unit test is called ${wanted.join(' ')}.`);
  const first = LONGEST_FIRST.filter((name) => files.includes(name));
  return [...first, ...files.filter((name) => !first.includes(name))];
}

/**
 * Runs test files with Node's own test runner in two processes at a time, each given the next file when it has done with
 * one; tells what failed and which tests took longest.
 * @param seed what the made-up cases of property tests follow from: the same seed, the same cases
 * @param seconds after these no further file is begun; those that are left are told
 * @returns whether all tests held
 */
export async function runInLanes(
  files: readonly string[],
  seed: number,
  { seconds = Infinity }: { seconds?: number } = {},
): Promise<boolean> {
  const waiting = [...files];
  const begun = performance.now();
  const next = (): string | null => (performance.now() - begun < seconds * 1000 ? waiting.shift() : null) ?? null;
  const ended: Ended[] = [];
  const lanes = Array.from({ length: Math.min(LANES, files.length) }, () => lane(next, seed, ended));
  const held = await Promise.all(lanes);
  const failed = ended.filter(({ fault }) => fault !== null);
  const slowest = [...ended].sort((one, other) => other.milliseconds - one.milliseconds).slice(0, SLOWEST_TOLD);
  console.log(
    `${ended.length} unit tests in ${files.length - waiting.length} files, ${failed.length} failed. The slowest:`,
  );
  for (const { file, name, milliseconds } of slowest)
    console.log(`  ${(milliseconds / 1000).toFixed(1)} s  ${file}: ${name}`);
  if (waiting.length > 0)
    console.log(`Not run, for the time: ${waiting.length} files, such as ${waiting.slice(0, 3).join(', ')}.`);
  return held.every(Boolean);
}

/** One process that takes one file after the other; answers whether all that it ran held, to its end. */
function lane(nextFile: () => string | null, seed: number, ended: Ended[]): Promise<boolean> {
  const child = fork('scripts/run-test-files.ts', [String(seed)], {
    execArgv: ['--import', 'tsx', '--test-reporter=./scripts/lane-reporter.mjs', '--test-reporter-destination=stdout'],
  });
  let file = nextFile();
  const next = (): void => {
    if (file === null) child.disconnect();
    else child.send(file);
  };
  child.on('message', (told: Told) => {
    if (told.fault !== null) console.log(`✖ ${file ?? ''}: ${told.name}\n${told.fault}\n`);
    if (told.name !== file) ended.push({ ...told, file: file ?? '' });
    else {
      if (told.fault !== null) ended.push({ ...told, file });
      file = nextFile();
      next();
    }
  });
  next();
  return new Promise((resolve) =>
    child.on('exit', (code) => {
      if (file !== null) console.log(`✖ ${file}: its process ended before its tests did`);
      resolve(code === 0 && file === null);
    }),
  );
}
