import fc from 'fast-check';

/** Runs the tests of several files in this process: what they share is read and compiled once. */
const [seed, ...files] = process.argv.slice(2);
fc.configureGlobal({ seed: Number(seed) });
for (const file of files) await import(new URL(`../${file}`, import.meta.url).href);
