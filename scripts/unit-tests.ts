import { runInLanes, unitTestFiles } from './test-lanes.ts';

/**
 * Runs the unit tests: `npm run unit [-- part of a path …]`. Property tests make up the same cases every time, so that
 * the same code has the same verdict; `npm run hunt` looks for others.
 */
const SEED = 20_261;

process.exit((await runInLanes(unitTestFiles(process.argv.slice(2)), SEED)) ? 0 : 1);
