import assert from 'node:assert/strict';
import { test } from 'node:test';
import { dependents, namedFiles } from './dependents.ts';

test('what depends on a changed file is found through all that lies between, the nearest first, circles or not', () => {
  const named = new Map([
    ['a.ts', ['b.ts']],
    ['b.ts', ['c.ts', 'a.ts']],
    ['c.ts', []],
    ['a.test.ts', ['a.ts']],
    ['other.test.ts', ['other.ts']],
  ]);
  assert.deepEqual(dependents(named, ['c.ts']), [
    ['c.ts', 0],
    ['b.ts', 1],
    ['a.ts', 2],
    ['a.test.ts', 3],
  ]);
  assert.deepEqual(dependents(named, ['other.ts']), [
    ['other.ts', 0],
    ['other.test.ts', 1],
  ]);
});

test('imports, workers and files that are read are all named', () => {
  const named = namedFiles();
  assert.ok(named.get('scripts/dependents.test.ts')?.includes('scripts/dependents.ts'));
  assert.ok(named.get('app/asking/planner.ts')?.includes('app/asking/planner.worker.ts'));
  assert.ok(named.get('bench/walk.ts')?.includes('demo/tern-street.nivel.json'));
});
