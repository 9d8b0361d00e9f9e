import assert from 'node:assert/strict';
import { test } from 'node:test';
import { regionalSettings } from './region.ts';

test('a device says in which units and words one works, where it names a region', () => {
  assert.deepEqual(regionalSettings('en-US'), { units: 'us', vocabulary: 'us', currency: 'USD' });
  assert.deepEqual(regionalSettings('en-GB'), { units: 'metric', vocabulary: 'uk', currency: 'GBP' });
  assert.deepEqual(regionalSettings('de-DE'), { units: 'metric', vocabulary: 'uk', currency: 'EUR' });
  assert.deepEqual(regionalSettings('en'), { units: 'metric', vocabulary: 'uk', currency: 'EUR' });
  assert.deepEqual(regionalSettings('not a language'), { units: 'metric', vocabulary: 'uk', currency: 'EUR' });
});
