import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { knownAnswers } from '../../testing/known-answers.ts';
import { outlineArea, squareMetres, type Face } from '../elevation.ts';
import { framedFace, type Framing } from '../framed.ts';
import { definitionOf, PIECE_KINDS } from '../registry.ts';
import { flushDoor } from './flush-door.ts';
import { drawerFront } from './drawer-front.ts';

const { cases } = knownAnswers<{ cases: Record<string, never>[] }>('geometry.json');
const known = (kind: string): Record<string, number> => {
  const found = cases.find((entry) => entry.kind === kind);
  assert.ok(found, kind);
  return found as Record<string, number>;
};
const sum = (face: Face | undefined, key: 'projectedArea' | 'developedArea'): number =>
  (face?.elements ?? []).reduce((total, element) => total + element[key], 0);

test('known answers for flat faces and their edges', () => {
  for (const [name, definition] of [
    ['flush door', flushDoor],
    ['drawer front, flat slab', drawerFront],
  ] as const) {
    const { width = 0, height = 0, thickness = 0, face = 0, edges = 0 } = known(name);
    const drawn = definition.elevation({ width, height, thickness });
    assert.ok(Math.abs(sum(drawn.faces[0], 'developedArea') - face) < 0.0001);
    assert.ok(Math.abs(drawn.edges.reduce((total, edge) => total + edge.area, 0) - edges) < 0.0001);
  }
});

test('known answer for a raised panel door: the slopes of four mitred bevels', () => {
  const { projected = 0, developed = 0 } = known('raised panel door face');
  const framing: Framing = {
    width: 762,
    height: 1981,
    stile: 106,
    muntin: 50,
    topRail: 200,
    crossRail: 200,
    bottomRail: 241,
    columns: 2,
    rowShares: [560, 780],
    bevel: { width: 45, depth: 9 },
    mouldingGirth: 0,
  };
  const face = framedFace('front', framing);
  assert.equal(sum(face, 'projectedArea').toFixed(5), projected.toFixed(5));
  assert.equal(sum(face, 'developedArea').toFixed(5), developed.toFixed(5));
});

/** Believable shapes of a kind: its presets with their main sizes moved inside the bounds. */
const shapes = PIECE_KINDS.flatMap((kind) => {
  const definition = definitionOf(kind);
  return definition.presets.map((preset) => ({ kind, definition, preset: preset.shape }));
});

for (const { kind, definition, preset } of shapes) {
  test(`${kind} ${definition.presets.findIndex((entry) => entry.shape === preset)}: elements tile their face, laps are real, more size is more area`, () => {
    fc.assert(
      fc.property(fc.integer({ min: 400, max: 900 }), fc.integer({ min: 1200, max: 2400 }), (width, height) => {
        const shape = { ...preset, width, height };
        if (!definition.schema.safeParse(shape).success || definition.fault(shape)) return;
        const { faces, edges } = definition.elevation(shape);
        for (const face of faces) {
          const outlines = face.elements.reduce((total, element) => total + outlineArea(element.outline), 0);
          assert.ok(Math.abs(outlines - width * height) < 0.01, 'tiles without gap or overlap');
          assert.ok(sum(face, 'developedArea') >= sum(face, 'projectedArea') - 1e-12);
          const ids = new Set(face.elements.map((element) => element.id));
          assert.equal(ids.size, face.elements.length);
          const pairs = face.laps.map((lap) => [...lap].sort().join('|'));
          assert.equal(new Set(pairs).size, pairs.length, 'a lap is told once');
          assert.ok(face.laps.every(([one, other]) => ids.has(one) && ids.has(other) && one !== other));
        }
        const around = edges.reduce((total, edge) => total + edge.length, 0);
        assert.equal(around, 2 * (width + height));
        const wider = definition.elevation({ ...shape, width: width + 20 });
        assert.ok(sum(wider.faces[0], 'developedArea') > sum(faces[0], 'developedArea'));
        assert.ok(definition.weight({ ...shape, height: height + 50 }) > definition.weight(shape));
      }),
    );
  });
}

test('a framed face says which member leaves no room for its panels', () => {
  const definition = definitionOf('panelled-door');
  const fault = definition.fault({ ...definition.presets[0]?.shape, width: 330 });
  assert.equal(fault?.field, 'stile');
  assert.match(fault?.message ?? '', /Narrow the stiles/);
});

test('elements of a framed face do not overlap: no element holds the middle of another', () => {
  const definition = definitionOf('panelled-door');
  const face = definition.elevation(definition.presets[0]?.shape ?? {}).faces[0];
  const boxes = (face?.elements ?? []).map(({ id, outline }) => ({
    id,
    left: Math.min(...outline.map(([x]) => x)),
    right: Math.max(...outline.map(([x]) => x)),
    top: Math.min(...outline.map(([, y]) => y)),
    bottom: Math.max(...outline.map(([, y]) => y)),
  }));
  for (const one of boxes) {
    const [x, y] = [(one.left + one.right) / 2, (one.top + one.bottom) / 2];
    const holders = boxes.filter((box) => x > box.left && x < box.right && y > box.top && y < box.bottom);
    assert.deepEqual(
      holders.map(({ id }) => id),
      [one.id],
    );
  }
  assert.equal(squareMetres(1_000_000), 1);
});
