import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * Runs every bench and every script once, with as little load as goes through all of it, so that none of them breaks
 * unseen. Needs a build and Chromium.
 */
const LANES = 2;

interface Smoke {
  /** The command line behind `tsx`. */
  args: readonly string[];
  environment?: Record<string, string>;
  /** What it says once it has done its work. */
  says: RegExp;
  /** Whether it goes on until it is ended, as a server does. */
  isServer?: boolean;
}

const folder = mkdtempSync(join(tmpdir(), 'nivel-smoke-'));
const problemFile = join(folder, 'problem.json');
const { problem } = JSON.parse(readFileSync('cases/plan/case-101.json', 'utf8')) as { problem: unknown };
writeFileSync(problemFile, JSON.stringify(problem));

const bench = (name: string, says: RegExp): Smoke => ({ args: [`bench/${name}.ts`, '--smoke'], says });

/** The longest first. */
const SMOKES: readonly Smoke[] = [
  { args: ['scripts/durability.ts', '--smoke'], says: /tab: 2 kills.* 0 lost/ },
  bench('walk', /sorting the table/),
  bench('today', /usable after \d+ ms.*Done \d+ ms/),
  {
    args: ['scripts/screenshots.ts', 'today-phone'],
    environment: { SHOTS: folder },
    says: /today-phone/,
  },
  { args: ['scripts/icons.ts'], environment: { ICONS: folder }, says: /4 icons/ },
  { args: ['scripts/demo.mjs'], environment: { PORT: '4400' }, says: /Nivel is at http/, isServer: true },
  bench('plan', /30 sprayed fronts: \d+/),
  bench('against', /nights: 1 of 1 as good/),
  bench('moves', /half an hour later: 1 moved/),
  bench('build-up', /offers for/),
  bench('sequence', /proved/),
  bench('drying', /asked again/),
  bench('practice', /solved 5,.*\n.*\n.*\n.*\n.*\n.*solved 5,/),
  // The school's story takes minutes to tell: what tells it is the same.
  { args: ['scripts/make-demo.ts', 'linen-press'], environment: { DEMO: folder }, says: /linen-press: 5 pieces/ },
  { args: ['scripts/plan.ts', problemFile], says: /"status": "optimal"/ },
  { args: ['scripts/answers.ts', join(folder, 'answers.txt'), '--smoke'], says: /\d+ answers/ },
  { args: ['scripts/mutate.ts', 'verify', '2'], says: /verify: \d of 2 faults seen/ },
  { args: ['scripts/hunt.ts', '1', 'wall-rows'], says: /Round 1, seed \d+: held/ },
];

/** Runs one; answers what is wrong with it, or null. */
function faultOf({ args, environment, says, isServer = false }: Smoke): Promise<string | null> {
  const child = spawn(process.execPath, ['--import', 'tsx', ...args], { env: { ...process.env, ...environment } });
  let said = '';
  const hear = (part: Buffer): void => {
    said += part.toString();
    if (isServer && says.test(said)) child.kill();
  };
  child.stdout.on('data', hear);
  child.stderr.on('data', hear);
  return new Promise((resolve) =>
    child.on('close', (code) => {
      if (!says.test(said)) resolve(`ended with ${code} and never said ${String(says)}:\n${said}`);
      else resolve(code === 0 || isServer ? null : `ended with ${code}:\n${said}`);
    }),
  );
}

const waiting = [...SMOKES];
let failed = 0;
await Promise.all(
  Array.from({ length: LANES }, async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const begun = performance.now();
      const fault = await faultOf(next);
      const name = next.args[0] ?? '';
      console.log(`${fault === null ? '✓' : '✖'} ${name} (${((performance.now() - begun) / 1000).toFixed(1)} s)`);
      if (fault === null) continue;
      failed++;
      console.log(`${name} ${fault}`);
    }
  }),
);
process.exit(failed === 0 ? 0 : 1);
