import assert from 'node:assert/strict';
import { test } from 'node:test';
import { newJob } from '../job/document/new-job.ts';
import { on } from '../fixtures/example-recipes.ts';
import { ground } from '../fixtures/surfaces.ts';
import type { Ground } from './situation.ts';
import { situations } from './situation.ts';
import type { Recipe } from './system-coat.ts';
import { coversTheLongWay, misfits } from './misfits.ts';

const job = newJob({ id: 'a', name: 'a', createdAt: '2027-01-01T08:00:00Z', start: '2027-01-04', timeZone: 'UTC' });
const first = (surface: Ground, recipe: Recipe) => situations(job, surface, recipe)[0] ?? assert.fail('no face');
const count = (surface: Ground, coats: string): number => misfits(first(surface, on(coats)));
const tinted = (coats: string): Recipe => {
  const recipe = on(coats);
  const front = recipe.coats.front.map((coat, index) => (index === 0 ? { ...coat, tint: '#5c5d5d' } : coat));
  return { ...recipe, coats: { front, back: front } };
};

const sound = ground({ oldCoat: 'waterborne-matt', oldColour: '#f4f2ec' });
const charcoal = ground(
  { oldCoat: 'waterborne-matt', oldColour: '#f4f2ec' },
  { colours: { front: '#36454f', back: '#36454f' } },
);
const ENAMEL = 'enamel-acrylic enamel-acrylic';

test('a primer on sound paint is one too many, unless it is tinted to hide or something bleeds', () => {
  assert.equal(count(sound, ENAMEL), 0);
  assert.equal(count(sound, `prime-bond-wb ${ENAMEL}`), 1);
  assert.equal(misfits(first(sound, tinted(`prime-bond-wb ${ENAMEL}`))), 0);
  assert.equal(count(ground({ oldCoat: 'waterborne-matt', stains: 'bleeds' }), `prime-shellac ${ENAMEL}`), 0);
});

test('a paint for the open is made for something else inside', () => {
  assert.equal(count(sound, 'ext-acrylic ext-acrylic'), 1);
  const outside = { exposure: { front: 'outside', back: 'outside' } } as const;
  assert.equal(count(ground({ oldCoat: 'waterborne-matt' }, outside), 'ext-acrylic ext-acrylic'), 0);
});

test('four topcoats of a deep colour are the long way, unless the primer is tinted or it was seen to cover', () => {
  const four = on(`${ENAMEL} ${ENAMEL}`);
  assert.ok(coversTheLongWay(first(charcoal, four)));
  assert.ok(!coversTheLongWay(first(sound, four)), 'white over white is no deep colour');
  assert.ok(!coversTheLongWay(first({ ...charcoal, coveredIn: 4 }, four)));
  assert.ok(!coversTheLongWay(first(charcoal, tinted(`prime-bond-wb ${ENAMEL} enamel-acrylic`))));
});

test('what is mixed with a hardener is one more for whoever is no professional', () => {
  const melamine = { substrate: 'laminate', oldCoat: 'factory-finish' } as const;
  const coats = 'prime-2k-tile enamel-acrylic enamel-acrylic';
  assert.equal(count(ground(melamine, { isProfessional: false }), coats), count(ground(melamine), coats) + 1);
});

test('metal whose coat lets go is primed as metal; under a coat that holds it is primed by that', () => {
  const rusting = ground({ substrate: 'metal', oldCoat: 'oil-gloss', soundness: 'lets-go' });
  assert.equal(count(rusting, `prime-metal-wb ${ENAMEL}`), 0);
  assert.equal(count(rusting, `prime-bond-wb ${ENAMEL}`), 1);
  assert.equal(count(ground({ substrate: 'metal', oldCoat: 'oil-gloss' }), `prime-bond-wb ${ENAMEL}`), 0);
});
