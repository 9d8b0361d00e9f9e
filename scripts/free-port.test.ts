import assert from 'node:assert/strict';
import { createServer } from 'node:net';
import { test } from 'node:test';
import { freePort } from './free-port.mjs';

test('servers side by side get different ports, also when both ask for the same one', async (t) => {
  const first = await freePort();
  const server = createServer();
  t.after(() => server.close());
  await new Promise<void>((listening) => server.listen(first, '127.0.0.1', listening));
  assert.ok((await freePort(first)) > first);
  assert.notEqual(await freePort(), first);
});
