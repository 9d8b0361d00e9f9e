import { readFileSync } from 'node:fs';
import { runInLanes, unitTestFiles } from './test-lanes.ts';

/**
 * Hunts for faults that the unit tests have not met: runs the property tests again and again with made-up cases of their
 * own. `npm run hunt [-- rounds [part of a path …]]`; stops at the first round that fails and tells its seed.
 */
const [rounds = '10', ...wanted] = process.argv.slice(2);
const files = unitTestFiles(wanted).filter((file) => readFileSync(file, 'utf8').includes('fc.assert'));

for (let round = 1; round <= Number(rounds); round++) {
  const seed = Math.floor(Math.random() * 2 ** 31);
  const started = performance.now();
  const held = await runInLanes(files, seed);
  console.log(
    `\nRound ${round}, seed ${seed}: ${held ? 'held' : 'FAILED'}, ${Math.round((performance.now() - started) / 1000)} s`,
  );
  if (!held) process.exit(1);
}
