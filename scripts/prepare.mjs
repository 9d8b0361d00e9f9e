// Plain JavaScript: runs before anything is installed.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';

const STAMPS = '.nivel';

/** Runs a command of the project with its output shown; rejects with its name if it fails. */
function run(command, args, { isQuiet = false } = {}) {
  const child = spawn(command, args, {
    stdio: isQuiet ? 'ignore' : 'inherit',
    env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1' },
  });
  return new Promise((resolve, reject) => {
    const fail = () => reject(new Error(`${[command, ...args].join(' ')} failed.`));
    child.on('error', fail);
    child.on('close', (code) => (code === 0 ? resolve() : fail()));
  });
}

const stampOf = (name) => (existsSync(`${STAMPS}/${name}`) ? readFileSync(`${STAMPS}/${name}`, 'utf8') : '');

function stamp(name, mark) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(`${STAMPS}/${name}`, mark);
}

/** Installs what the lockfile says, unless it is there already. */
export async function install() {
  const mark = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync('node_modules/.package-lock.json') && stampOf('installed') === mark) return;
  console.log('Installing packages…');
  await run('npm', ['ci', '--no-audit', '--no-fund', '--prefer-offline']);
  stamp('installed', mark);
}

/** Builds the application, unless nothing has changed since it was built. */
export async function build() {
  const files = ['core', 'app', 'demo']
    .flatMap((folder) => readdirSync(folder, { recursive: true }).map((name) => `${folder}/${name}`))
    .concat([
      'astro.config.mjs',
      'package-lock.json',
      ...['bundling', 'offline', 'threads'].map((name) => `scripts/${name}.mjs`),
    ])
    .filter((name) => statSync(name).isFile() && !name.endsWith('.test.ts'))
    .sort();
  const hash = createHash('sha256');
  for (const name of files) hash.update(name).update(readFileSync(name));
  const mark = hash.digest('hex');
  if (existsSync('dist/server/entry.mjs') && stampOf('built') === mark) return;
  console.log('Building…');
  stamp('built', '');
  await run('npx', ['astro', 'build']);
  stamp('built', mark);
}

/** Sees to it that there is a Chromium for the browser tests: Debian's without windows, any other, or one that CHROMIUM names. */
export async function chromium() {
  const isThere = (places) => places.some((place) => place && existsSync(place));
  if (isThere([process.env.CHROMIUM, '/usr/bin/chromium-headless-shell'])) return;
  try {
    console.log('Installing Debian’s headless Chromium…');
    const waits = ['-o', 'Acquire::Retries=0', '-o', 'Acquire::http::Timeout=20'];
    await run('apt-get', ['update', ...waits], { isQuiet: true });
    await run('apt-get', ['install', ...waits, '-qq', '-y', '--no-install-recommends', 'chromium-headless-shell']);
  } catch {
    if (isThere(['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'])) return;
    throw new Error(
      'The browser tests need Chromium. Install it (apt-get install chromium-headless-shell), or set CHROMIUM to its path.',
    );
  }
}
