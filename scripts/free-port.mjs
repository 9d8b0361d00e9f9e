import { createServer } from 'node:net';

/** The first free port of this machine from `from` on; any free one without it. */
export const freePort = (from = 0) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(freePort(from + 1)));
    probe.listen(from, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
