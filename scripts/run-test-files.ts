import { test } from 'node:test';
import fc from 'fast-check';

/**
 * A lane of the unit tests: runs the test files that it is sent, one after the other in this process, so that what they
 * share is read and compiled once. What comes of them is told by `lane-reporter.mjs`; a test named by the file's path
 * ends each.
 */
const [seed] = process.argv.slice(2);
fc.configureGlobal({ seed: Number(seed) });

process.on('message', (file: string) => {
  void import(new URL(`../${file}`, import.meta.url).href).then(
    () => test(file, () => undefined),
    (reason: unknown) =>
      test(file, () => {
        throw reason;
      }),
  );
});
