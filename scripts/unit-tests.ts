import { runInLanes, SEED, unitTestFiles } from './test-lanes.ts';

/** Runs the unit tests: `npm run unit [-- part of a path …]`. */
process.exit((await runInLanes(unitTestFiles(process.argv.slice(2)), SEED)) ? 0 : 1);
