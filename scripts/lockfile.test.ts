import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { z } from 'zod';

const lockfileSchema = z.object({ packages: z.record(z.string(), z.object({ resolved: z.string().optional() })) });

test('the lockfile has the address of every package: without it npm ci reads the whole history of each', () => {
  const { packages } = lockfileSchema.parse(JSON.parse(readFileSync('package-lock.json', 'utf8')));
  const missing = Object.keys(packages).filter((path) => path !== '' && packages[path]?.resolved === undefined);
  assert.deepEqual(missing, []);
});
