// Plain JavaScript: runs before anything is installed.
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';

const STAMPS = '.nivel';

/** Runs a command of the project with its output shown; ends the process with its code if it fails. */
export function run(command, args, environment = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...environment } });
  if (status !== 0) process.exit(status ?? 1);
}

const stampOf = (name) => (existsSync(`${STAMPS}/${name}`) ? readFileSync(`${STAMPS}/${name}`, 'utf8') : '');

function stamp(name, mark) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(`${STAMPS}/${name}`, mark);
}

/** Installs what the lockfile says, unless it is there already. */
export function install() {
  const mark = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync('node_modules/.package-lock.json') && stampOf('installed') === mark) return;
  console.log('Installing packages…');
  run('npm', ['ci', '--no-audit', '--no-fund']);
  stamp('installed', mark);
}

/** Builds the application, unless nothing has changed since it was built. */
export function build() {
  const files = ['core', 'app', 'demo', 'scripts']
    .flatMap((folder) => readdirSync(folder, { recursive: true }).map((name) => `${folder}/${name}`))
    .concat(['astro.config.mjs', 'package-lock.json'])
    .filter((name) => statSync(name).isFile() && !name.endsWith('.test.ts'))
    .sort();
  const hash = createHash('sha256');
  for (const name of files) hash.update(name).update(readFileSync(name));
  const mark = hash.digest('hex');
  if (existsSync('dist/server/entry.mjs') && stampOf('built') === mark) return;
  console.log('Building…');
  run('npx', ['astro', 'build'], { ASTRO_TELEMETRY_DISABLED: '1' });
  stamp('built', mark);
}

/** Sees to it that there is a Chromium for the browser tests: Debian's without windows, any other, or one that CHROMIUM names. */
export function chromium() {
  const isThere = (places) => places.some((place) => place && existsSync(place));
  if (isThere([process.env.CHROMIUM, '/usr/bin/chromium-headless-shell'])) return;
  try {
    console.log('Installing Debian’s headless Chromium…');
    const waits = ['-o', 'Acquire::Retries=0', '-o', 'Acquire::http::Timeout=20'];
    execFileSync('apt-get', ['update', ...waits], { stdio: 'ignore' });
    const what = ['-y', '--no-install-recommends', 'chromium-headless-shell'];
    execFileSync('apt-get', ['install', ...waits, ...what], { stdio: 'inherit' });
  } catch {
    if (isThere(['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'])) return;
    console.error(
      'The browser tests need Chromium. Install it (apt-get install chromium-headless-shell), or set CHROMIUM to its path.',
    );
    process.exit(1);
  }
}
