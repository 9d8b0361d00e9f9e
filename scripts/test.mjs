// `npm test`: everything that has to hold, from a fresh clone on.
import { build, chromium, install, run } from './prepare.mjs';

install();
chromium();
const steps = [
  ['Types of the core', 'npx', ['tsc', '-p', 'core/tsconfig.json']],
  ['Types', 'npx', ['tsc', '-p', 'tsconfig.json']],
  ['Types of the pages', 'npx', ['astro', 'check', '--minimumSeverity', 'error']],
  ['Lint', 'npx', ['eslint', '.']],
  ['Format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['Unused code', 'npx', ['knip']],
  ['Unit tests', 'npx', ['tsx', 'scripts/unit-tests.ts']],
];
for (const [name, command, args] of steps) {
  console.log(`\n— ${name}`);
  run(command, args, { ASTRO_TELEMETRY_DISABLED: '1' });
}
console.log('\n— Build');
build();
console.log('\n— Browser tests');
run('npx', ['playwright', 'test']);
