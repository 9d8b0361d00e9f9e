import assert from 'node:assert/strict';
import { test } from 'node:test';
import { coatsToHide } from '../colour/hiding.ts';
import { job } from '../fixtures/example-recipes.ts';
import { coat } from '../fixtures/surfaces.ts';
import { shelfOf } from '../job/queries/shelf.ts';
import { PRIMER_WHITE } from '../colour/primer-tints.ts';
import { faceColour, topcoatsToHide } from './face-colour.ts';
import type { SystemCoat } from './system-coat.ts';

const WHITE = '#ffffff';
const BLACK = '#101010';
const RED = '#c62b22';
const under = (...written: string[]): SystemCoat[] =>
  written.map((each) => {
    const laid = coat(job, each);
    return {
      tool: laid.tool,
      thinning: 0,
      extent: laid.extent,
      coating: shelfOf(job).coatings.find(({ id }) => id === laid.product)!,
    };
  });

test('without a primer topcoats hide as they hide; an unknown colour is taken for one that two hide', () => {
  assert.equal(topcoatsToHide(BLACK, WHITE, []), coatsToHide(BLACK, WHITE));
  for (const [old, next] of [
    [RED, WHITE],
    ['#1f3f77', '#e8e4d8'],
    ['#2f4b5c', RED],
  ] as const) {
    assert.equal(topcoatsToHide(old, next, []), coatsToHide(old, next), `${old} under ${next}`);
  }
  assert.equal(topcoatsToHide(null, WHITE, []), 2);
  assert.equal(topcoatsToHide(null, RED, []), 2);
});

test('a white primer saves coats of white over black, and each more of it leaves less', () => {
  const saved = [0, 1, 2, 3].map((coats) => topcoatsToHide(BLACK, WHITE, Array<string>(coats).fill(PRIMER_WHITE)));
  assert.deepEqual(
    saved,
    saved.toSorted((one, other) => other - one),
  );
  assert.ok(saved[0]! > saved[1]!, saved.join());
  assert.equal(saved.at(-1), 2, 'never fewer than two');
});

test('red hides badly over any white, primed or not', () => {
  assert.ok(topcoatsToHide(WHITE, RED, []) > 2);
  assert.ok(topcoatsToHide(WHITE, RED, [PRIMER_WHITE]) > 2);
});

test('only a primer that lies all over and is not clear counts', () => {
  const coats = (...written: string[]) => faceColour(BLACK, WHITE, under(...written)).toHide;
  const primed = coats('prime-bond-wb', 'enamel-acrylic');
  const bare = coats('enamel-acrylic');
  assert.ok(primed < bare);
  assert.equal(coats('prime-bond-wb@spots', 'enamel-acrylic'), bare);
  assert.equal(coats('prime-2k-tile', 'enamel-acrylic'), bare, 'it dries clear');
  assert.equal(coats('enamel-acrylic', 'enamel-acrylic'), bare, 'a topcoat is what has to hide');
});

test('darker is what takes up more of the sun, by more than an eye would call the same', () => {
  const darker = (old: string | null, next: string) => faceColour(old, next, []).isDarker;
  assert.equal(darker(null, BLACK), null);
  assert.equal(darker(WHITE, BLACK), true);
  assert.equal(darker(BLACK, WHITE), false);
  assert.equal(darker('#808080', '#808080'), false);
  assert.equal(darker('#808080', '#7f7f7f'), false, 'less than one of lightness');
  assert.equal(darker('#808080', '#7c7c7c'), true);
});

test('a colour has its base and how much light it throws back', () => {
  assert.ok(Math.abs(faceColour(null, WHITE, []).reflectance - 100) < 0.1);
  assert.ok(faceColour(null, BLACK, []).reflectance < 1);
  assert.equal(faceColour(null, RED, []).base, 'bright');
});
