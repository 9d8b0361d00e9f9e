import { fork } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { knownSeconds, noteSeconds } from './unit-seconds.ts';

/** Processes at a time. */
export const LANES = 2;
const SLOWEST_TOLD = 10;

/** What the made-up cases of property tests follow from: the same code has the same verdict. `npm run hunt` takes others. */
export const SEED = 20_261;

/** What a lane says of a test that has ended; see `lane-reporter.mjs`. */
interface LaneMessage {
  name: string;
  isInner: boolean;
  milliseconds: number;
  fault: string | null;
}

interface Ended extends LaneMessage {
  file: string;
}

/**
 * Every `*.test.ts` whose path contains all of `wanted`. What takes longest begins first, so that no lane stands idle at
 * the end.
 * @throws Error where there is none
 */
export function unitTestFiles(wanted: readonly string[]): string[] {
  const files = ['core', 'app', 'scripts', 'demo']
    .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => `${folder}/${name}`))
    .filter((name) => name.endsWith('.test.ts'))
    .filter((name) => wanted.every((part) => name.includes(part)))
    .sort();
  if (files.length === 0) throw new Error(`No unit test is called ${wanted.join(' ')}.`);
  const seconds = knownSeconds();
  return files.sort((one, other) => (seconds.get(other) ?? 0) - (seconds.get(one) ?? 0));
}

/**
 * Runs test files with Node's own test runner in two processes at a time, each given the next file when it has done with
 * one; tells what failed and which tests took longest, and remembers how long each file took.
 * @param seed what the made-up cases of property tests follow from: the same seed, the same cases
 * @returns whether all tests held
 */
export async function runInLanes(files: readonly string[], seed: number): Promise<boolean> {
  const waiting = [...files];
  const ended: Ended[] = [];
  const seconds = new Map<string, number>();
  const lanes = Array.from({ length: Math.min(LANES, files.length) }, () => lane(waiting, seed, ended, seconds));
  const held = await Promise.all(lanes);
  noteSeconds(seconds);
  const failed = ended.filter(({ fault }) => fault !== null);
  const slowest = [...ended].sort((one, other) => other.milliseconds - one.milliseconds).slice(0, SLOWEST_TOLD);
  console.log(`${ended.length} unit tests in ${files.length} files, ${failed.length} failed. The slowest:`);
  for (const { file, name, milliseconds } of slowest)
    console.log(`  ${(milliseconds / 1000).toFixed(1)} s  ${file}: ${name}`);
  return held.every(Boolean);
}

/** One process that takes one file after the other; answers whether all that it ran held, to its end. */
function lane(waiting: string[], seed: number, ended: Ended[], seconds: Map<string, number>): Promise<boolean> {
  const child = fork('scripts/run-test-files.ts', [String(seed)], {
    execArgv: [
      '--import',
      'tsx',
      '--max-semi-space-size=64',
      '--test-reporter=./scripts/lane-reporter.mjs',
      '--test-reporter-destination=stdout',
    ],
  });
  let file: string | undefined;
  let begun = 0;
  const next = (): void => {
    file = waiting.shift();
    begun = performance.now();
    if (file === undefined) child.disconnect();
    else child.send(file);
  };
  child.on('message', (message: LaneMessage) => {
    if (file === undefined) return;
    if (message.fault !== null) console.log(`✖ ${file}: ${message.name}\n${message.fault}\n`);
    if (message.name !== file || message.fault !== null) ended.push({ ...message, file });
    if (message.name !== file) return;
    seconds.set(file, (performance.now() - begun) / 1000);
    next();
  });
  next();
  return new Promise((resolve) =>
    child.on('exit', (code) => {
      if (file !== undefined) console.log(`✖ ${file}: its process ended before its tests did`);
      resolve(code === 0 && file === undefined);
    }),
  );
}
