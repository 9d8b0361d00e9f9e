/** Runs the tests of several files in this process: what they share is read and compiled once. */
for (const file of process.argv.slice(2)) await import(new URL(`../${file}`, import.meta.url).href);
