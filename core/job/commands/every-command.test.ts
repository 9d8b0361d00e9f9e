import assert from 'node:assert/strict';
import { test } from 'node:test';
import { applyPatches } from 'immer';
import type { Job } from '../document/schema.ts';
import { COMMANDS } from './registry.ts';
import { divided, start } from '../../fixtures/worked-job.ts';
import { TOLD } from '../../fixtures/told-commands.ts';
import { applyCommand, type CommandName } from './apply.ts';

for (const name of Object.keys(COMMANDS) as CommandName[]) {
  test(`${name}: changes what it says, is called by its name, and is undone exactly`, () => {
    const [args, label, holds] = TOLD[name] as [never, RegExp, (job: Job) => boolean];
    const from = name === 'merge-groups' ? divided : start;
    const outcome = applyCommand(from, name, args);
    assert.ok(outcome.ok, outcome.ok ? '' : outcome.message);
    assert.match(outcome.value.label, label);
    assert.ok(holds(outcome.value.job), 'holds afterwards');
    assert.deepEqual(applyPatches(outcome.value.job, outcome.value.inverse), from);
    assert.deepEqual(applyPatches(from, outcome.value.patches), outcome.value.job);
  });
}
