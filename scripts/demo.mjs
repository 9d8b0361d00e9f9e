// `npm run demo`: installs, builds and serves what is missing, and says where the demo job is.
import { spawn } from 'node:child_process';
import { freePort } from './free-port.mjs';
import { build, install } from './prepare.mjs';

await install();
await build();
const port = await freePort(Number(process.env.PORT ?? 4321));
const host = process.env.HOST ?? '127.0.0.1';
const server = spawn(process.execPath, ['dist/server/entry.mjs'], {
  env: { ...process.env, PORT: String(port), HOST: host },
  stdio: ['ignore', 'ignore', 'inherit'],
});
server.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));

const address = `http://localhost:${port}/today?job=demo-tern-street`;
for (let up = false; !up;) {
  up = await fetch(address).then(
    (response) => response.ok,
    () => false,
  );
  if (!up) await new Promise((resolve) => setTimeout(resolve, 100));
}
console.log(`\nNivel is at ${address}\n(all jobs: http://localhost:${port}/; Ctrl C ends it)`);
const opener = { darwin: 'open', win32: 'explorer' }[process.platform] ?? 'xdg-open';
if (process.stdout.isTTY) spawn(opener, [address], { stdio: 'ignore' }).on('error', () => undefined);
