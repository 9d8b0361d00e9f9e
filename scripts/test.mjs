// `npm test`: everything that has to hold, from a fresh clone on.
import { spawn } from 'node:child_process';
import { chromium, install, run } from './prepare.mjs';

const environment = { ...process.env, ASTRO_TELEMETRY_DISABLED: '1' };

/** Runs one command with its output kept until it ends, so that two lanes do not speak at once. */
function step([name, command, args]) {
  return new Promise((resolve) => {
    const begun = Date.now();
    const child = spawn(command, args, { env: environment });
    const said = [];
    child.stdout.on('data', (part) => said.push(part));
    child.stderr.on('data', (part) => said.push(part));
    child.on('close', (code) => {
      console.log(`\n— ${name}, ${Math.round((Date.now() - begun) / 1000)} s`);
      process.stdout.write(Buffer.concat(said));
      if (code !== 0) process.exit(code ?? 1);
      resolve();
    });
  });
}

async function lane(steps) {
  for (const each of steps) await step(each);
}

install();
chromium();
// Two lanes that take about as long, with one core each. Pages and everything that they may import are checked at once,
// the core once more without the browser's names.
await Promise.all([
  lane([
    ['Lint', 'npx', ['eslint', '.']],
    ['Unused code', 'npx', ['knip']],
  ]),
  lane([
    ['Types of the core', 'npx', ['tsc', '-p', 'core/tsconfig.json']],
    ['Types', 'npx', ['astro', 'check', '--minimumSeverity', 'error']],
    ['Build', 'node', ['scripts/build.mjs']],
    ['Format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
  ]),
]);
console.log('\n— Unit tests');
run('npx', ['tsx', 'scripts/unit-tests.ts'], environment);
console.log('\n— Browser tests');
run('npx', ['playwright', 'test']);
