/**
 * How much a bench loads. With `-- --smoke` it only shows that it still runs: every part of it once, with so little that
 * its figures mean nothing.
 */
export const isSmoke = process.argv.includes('--smoke');

/** What a bench loads with: `full`, or `smoke` where it only has to run. */
export const load = <const T>(full: T, smoke: T): T => (isSmoke ? smoke : full);

/** The number that was given to a bench, or `otherwise`. */
export const givenNumber = (otherwise: number): number =>
  Number(process.argv.slice(2).find((argument) => !argument.startsWith('--')) ?? otherwise);
