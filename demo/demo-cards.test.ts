import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../core/exchange/job-file.ts';
import { demoCard } from './demo-cards.ts';

test('the cards of the demo jobs are those of the jobs that ship', () => {
  const written: unknown = JSON.parse(readFileSync('demo/demo-cards.json', 'utf8'));
  const made = Object.fromEntries(
    ['linen-press', 'tern-street'].map((name) => {
      const read = readJobFile(readFileSync(`demo/${name}.nivel.json`, 'utf8'));
      assert.ok(read.ok, name);
      return [`demo-${name}`, demoCard(read.value)];
    }),
  );
  assert.deepEqual(written, JSON.parse(JSON.stringify(made)), 'run `npm run make-demo`');
});
