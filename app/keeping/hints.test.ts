import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isHintSeen, putHintAway } from './hints.ts';

test('a dismissed hint stays dismissed, and others are not touched', () => {
  assert.equal(isHintSeen('walk'), false);
  putHintAway('walk');
  putHintAway('plan');
  putHintAway('walk');
  assert.deepEqual([isHintSeen('walk'), isHintSeen('plan'), isHintSeen('wal')], [true, true, false]);
});
