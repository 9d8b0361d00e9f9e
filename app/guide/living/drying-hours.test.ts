import assert from 'node:assert/strict';
import { test } from 'node:test';
import { dryingHours } from './drying-hours.ts';

test('at the tin’s own air a coat takes what the tin says, in the cold longer, too cold for ever', () => {
  for (const product of ['enamel-acrylic', 'enamel-alkyd-wb', 'enamel-oil']) {
    for (const { name, tin, here } of dryingHours(product, 23, 50)) {
      assert.ok(here !== null && Math.abs(here / tin - 1) < 0.02, `${product}, ${name}: ${here} for ${tin}`);
    }
    const [cold] = dryingHours(product, 12, 70);
    assert.ok(cold && cold.here !== null && cold.here > cold.tin * 1.2, product);
    assert.ok(
      dryingHours(product, 3, 70).every(({ here }) => here === null),
      `${product} at 3 °C`,
    );
  }
});
