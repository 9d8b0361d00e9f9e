// `npm test`: everything that has to hold, from a fresh clone on.
import { chromium, install } from './prepare.mjs';
import { Phases } from './phases.mjs';

const phases = new Phases();
const script = (name) => ['npx', ['tsx', `scripts/${name}`]];

// Packages come over the network and Chromium is unpacked: neither waits for the other.
await Promise.all([phases.timed('Packages', install), phases.timed('Chromium', chromium)]);
await Promise.all([
  phases.run('Build', 'node', ['scripts/build.mjs']),
  (async () => {
    await phases.run('Types and lint', 'npx', ['oxlint', '-c', 'oxlint.config.mjs', '--type-check']);
    await phases.run('Pages', 'npx', ['astro', 'check', '--tsconfig', 'tsconfig.pages.json']);
    await phases.run('Unused code', 'npx', ['knip']);
    await phases.run('Format', 'npx', ['oxfmt', '--check', '.']);
    await phases.run('Format of pages', 'npx', ['prettier', '--check', '--log-level', 'warn', 'app/**/*.astro']);
  })(),
]);
await phases.run('Unit tests', ...script('unit-tests.ts'), { isAlone: true });
await phases.run('Benches and scripts run', ...script('smoke.ts'), { isAlone: true });
await phases.run('Browser tests', 'npx', ['playwright', 'test'], { isAlone: true });
phases.tell();
