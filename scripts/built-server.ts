import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { freePort } from './free-port.mjs';

/**
 * Serves a build as long as `work` goes on, on a port of its own: several may do so side by side. `work` is given the
 * address.
 */
export async function withBuiltServer(work: (address: string) => Promise<void>, build: string = 'dist'): Promise<void> {
  const port = await freePort();
  const server = spawn(process.execPath, [join(build, 'server', 'entry.mjs')], {
    env: { ...process.env, PORT: String(port), HOST: '127.0.0.1' },
    stdio: 'ignore',
  });
  try {
    const address = `http://localhost:${port}`;
    await waitUntilReady(address);
    await work(address);
  } finally {
    server.kill();
  }
}

async function waitUntilReady(address: string): Promise<void> {
  for (let attempt = 0; attempt < 100; attempt++) {
    const up = await fetch(address).then(
      (response) => response.ok,
      () => false,
    );
    if (up) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('The built server did not come up. Run npm run build first.');
}
