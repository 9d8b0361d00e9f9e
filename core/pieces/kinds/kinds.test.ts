import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { knownAnswers } from '../../fixtures/known-answers.ts';
import { casingLengths } from '../casing-lengths.ts';
import type { Shape } from '../shape.ts';
import { weightOfParts } from '../materials.ts';
import { outlineArea, squareMetres, type Edge, type Element, type Face, type Point } from '../elevation.ts';
import { panelFill } from '../fills/panel.ts';
import { framedFace } from '../framed.ts';
import { mitredRectangles } from '../planted-moulding.ts';
import { spindleGap, spindleGirth, spindlesFor } from '../railing-bays.ts';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../registry.ts';
import { slope } from '../relief.ts';
import { drawerFront } from './drawer-front.ts';
import { flushDoor } from './flush-door.ts';
import { mouldedDoor } from './moulded-door.ts';
import { trimRun } from './trim-run.ts';

interface Known extends Record<string, unknown> {
  kind: string;
}
const { cases } = knownAnswers('geometry.json') as { cases: Known[] };
/** The figures of a known case, all of them numbers. */
const known = (kind: string): Record<string, number> => {
  const found = cases.find((entry) => entry.kind === kind);
  assert.ok(found, kind);
  return found as unknown as Record<string, number>;
};
const pair = (kind: string, key: string): [number, number] =>
  (known(kind) as unknown as Record<string, [number, number]>)[key]!;
const sum = (face: Face | undefined, key: 'projectedArea' | 'developedArea'): number =>
  (face?.elements ?? []).reduce((total, element) => total + element[key], 0);
const near = (actual: number, expected: number, within: number): void =>
  assert.ok(Math.abs(actual - expected) <= within, `${actual} is not ${expected}`);

test('known answers for flat faces and their edges', () => {
  for (const [name, definition] of [
    ['flush door', flushDoor],
    ['drawer front, flat slab', drawerFront],
  ] as const) {
    const { width = 0, height = 0, thickness = 0, face = 0, edges = 0 } = known(name);
    const drawn = definition.elevation({ width, height, thickness });
    near(sum(drawn.faces[0], 'developedArea'), face, 0.0001);
    near(
      drawn.edges.reduce((total, edge) => total + edge.area, 0),
      edges,
      0.0001,
    );
  }
});

test('known answer for a raised panel door: the slopes of four mitred bevels', () => {
  const { projected = 0, developed = 0 } = known('raised panel door face');
  const face = framedFace('front', {
    width: 762,
    height: 1981,
    stile: 106,
    muntin: 50,
    topRail: 200,
    crossRail: 200,
    bottomRail: 241,
    columns: 2,
    rowShares: [560, 780],
    fill: () => panelFill(slope(45, 9)),
  });
  assert.equal(sum(face, 'projectedArea').toFixed(5), projected.toFixed(5));
  assert.equal(sum(face, 'developedArea').toFixed(5), developed.toFixed(5));
});

test('known answers for spindles and a railing bay', () => {
  const [side] = pair('square spindle', 'section');
  near(
    squareMetres(spindleGirth('square', side) * known('square spindle').length!),
    known('square spindle').area!,
    1e-5,
  );
  const round = known('round spindle');
  near(squareMetres(spindleGirth('round', round.diameter!) * round.length!), round.area!, 1e-5);
  const { bay = 0, spindle = 0, maxGap = 0, spindles, gap = 0 } = known('railing bay');
  assert.equal(spindlesFor(bay, spindle, maxGap), spindles);
  near(spindleGap(bay, spindle, spindles!), gap, 0.005);
  assert.ok(spindleGap(bay, spindle, spindles! - 1) > maxGap, 'one fewer would leave too wide a gap');
});

test('known answers for casing lengths, a skirting run and a planted rectangle', () => {
  const name = 'casing around a door opening';
  const [openingWidth, openingHeight] = pair(name, 'opening');
  const { casingWidth = 0, reveal = 0, legs, head } = known(name);
  assert.deepEqual(casingLengths({ openingWidth, openingHeight, casingWidth, reveal }), { legs, head });
  const { girthOfProfile: girth = 0, length = 0, area = 0 } = known('skirting run');
  const run = trimRun.elevation({ ...trimRun.presets[0]!.shape, profile: 'measured', girth, length });
  near(sum(run.faces[0], 'developedArea'), area, 0.0001);
  const [width, height] = pair('applied moulding rectangle', 'door');
  const margin = known('applied moulding rectangle').margin!;
  const cut = mitredRectangles({
    ...mouldedDoor.presets[0]!.shape,
    width,
    height,
    marginTop: margin,
    marginSide: margin,
    marginBottom: margin,
  } as Parameters<typeof mitredRectangles>[0])
    .flat()
    .map(({ length: long }) => long);
  const pieces = (known('applied moulding rectangle') as unknown as { pieces: [number, number][] }).pieces;
  assert.deepEqual(
    cut,
    pieces.flatMap(([long, count]) => Array.from({ length: count }, () => long)),
  );
});

/** Whether a point lies inside a closed outline: an odd number of its sides is crossed on the way out. */
function holds(outline: readonly Point[], [x, y]: Point): boolean {
  return outline.reduce((inside, [x1, y1], index) => {
    const [x2, y2] = outline[(index + 1) % outline.length]!;
    return y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1 ? !inside : inside;
  }, false);
}
const covers = ({ outline, holes }: Element, point: Point): boolean =>
  holds(outline, point) && !holes.some((hole) => holds(hole, point));

/** Believable shapes of a kind: a preset with every length moved inside its bounds. */
function shapesOf(kind: PieceKind): fc.Arbitrary<Shape> {
  const definition = definitionOf(kind);
  return fc
    .tuple(
      fc.constantFrom(...definition.presets),
      fc.array(fc.double({ min: 0.6, max: 1.6, noNaN: true }), { minLength: 30, maxLength: 30 }),
    )
    .map(([{ shape }, factors]) => {
      const moved: Record<string, Shape[string]> = { ...shape };
      definition.fields.forEach((field, index) => {
        const value = shape[field.key];
        if (field.unit === 'mm' && typeof value === 'number') moved[field.key] = Math.round(value * factors[index]!);
        if (field.unit === 'count' && typeof value === 'number')
          moved[field.key] = Math.max(field.min, Math.round(value * factors[index]!));
      });
      return moved as Shape;
    })
    .filter((shape) => definition.schema.safeParse(shape).success && definition.fault(shape, 'metric') === null);
}

for (const kind of PIECE_KINDS) {
  const definition = definitionOf(kind);

  test(`${kind}: presets can be made, and fields have the schema's bounds`, () => {
    for (const { name, shape } of definition.presets) {
      assert.ok(definition.schema.safeParse(shape).success, name);
      assert.equal(definition.fault(shape, 'metric'), null, name);
      assert.deepEqual(definition.fields.map(({ key }) => key).sort(), Object.keys(shape).sort(), name);
      for (const field of definition.fields) {
        if (!('max' in field) || field.unit === 'shares') continue;
        for (const value of [field.min, field.max]) {
          assert.ok(definition.schema.safeParse({ ...shape, [field.key]: value }).success, `${field.key} ${value}`);
        }
        assert.ok(!definition.schema.safeParse({ ...shape, [field.key]: field.max + 1 }).success, `${field.key} above`);
      }
    }
  });

  test(`${kind}: elements and what stays unpainted tile each face, without gap or overlap`, () => {
    fc.assert(
      fc.property(
        shapesOf(kind),
        fc.array(
          fc.tuple(
            fc.double({ min: 0.001, max: 0.999, noNaN: true }),
            fc.double({ min: 0.001, max: 0.999, noNaN: true }),
          ),
          { minLength: 8, maxLength: 8 },
        ),
        (shape, spots) => {
          for (const face of definition.elevation(shape).faces) {
            const parts = face.elements.reduce((total, element) => total + element.projectedArea, 0);
            const bare = face.unpainted.reduce((total, { outline }) => total + squareMetres(outlineArea(outline)), 0);
            near(parts + bare, squareMetres(face.width * face.height), 1e-6 * Math.max(1, parts));
            for (const [across, down] of spots) {
              // Off any line that a member could lie on.
              const point: Point = [across * face.width + 0.001234, down * face.height + 0.001234];
              const holders = [
                ...face.elements.filter((element) => covers(element, point)).map(({ id }) => id),
                ...face.unpainted.filter(({ outline }) => holds(outline, point)).map(({ id }) => id),
              ];
              assert.equal(holders.length, 1, `${point.join(' ')} is held by ${holders.join(', ')}`);
            }
          }
        },
      ),
      { numRuns: 25 },
    );
  });

  test(`${kind}: laps are between two elements that touch, told once and the same in a mirror`, () => {
    fc.assert(
      fc.property(shapesOf(kind), (shape) => {
        for (const face of definition.elevation(shape).faces) {
          const ids = new Set(face.elements.map(({ id }) => id));
          assert.equal(ids.size, face.elements.length, 'an id stands for one element');
          const pairs = face.laps.map((lap) => [...lap].sort().join('|'));
          assert.equal(new Set(pairs).size, pairs.length);
          assert.ok(face.laps.every(([one, other]) => ids.has(one) && ids.has(other) && one !== other));
          if (face.elements.length > 1 && kind !== 'carcass') {
            const met = new Set(face.laps.flat());
            assert.deepEqual(
              [...ids].filter((id) => !met.has(id)),
              [],
              'every element meets another',
            );
          }
        }
      }),
      { numRuns: 10 },
    );
  });

  test(`${kind}: more size is more area and more weight, and no relief takes paint away`, () => {
    const grows = definition.fields.filter((field) =>
      ['width', 'height', 'length', 'openingHeight', 'depth'].includes(field.key),
    );
    assert.ok(grows.length > 0);
    fc.assert(
      fc.property(shapesOf(kind), (shape) => {
        const area = (of: Shape): number => {
          const { faces, edges } = definition.elevation(of);
          return (
            faces.reduce((total, face) => total + sum(face, 'developedArea'), 0) +
            edges.reduce((total, edge: Edge) => total + edge.area, 0)
          );
        };
        for (const face of definition.elevation(shape).faces) {
          for (const element of face.elements) assert.ok(element.projectedArea > 0, element.id);
        }
        for (const { key } of grows) {
          // A louvre more or less is a step: so much that it takes several.
          const larger = { ...shape, [key]: Number(shape[key]) * 1.25 };
          if (!definition.schema.safeParse(larger).success || definition.fault(larger, 'metric')) continue;
          assert.ok(area(larger) > area(shape), `${key} ${String(shape[key])}`);
          assert.ok(weightOfParts(definition.madeOf(larger)) >= weightOfParts(definition.madeOf(shape)));
        }
      }),
      { numRuns: 25 },
    );
  });
}

test('the laps of a framed face: panels meet rails and stiles, not each other across a muntin', () => {
  const face = definitionOf('panelled-door').elevation(definitionOf('panelled-door').presets[0]!.shape).faces[0]!;
  const meets = (id: string): string[] =>
    face.laps.flatMap(([one, other]) => (one === id ? [other] : other === id ? [one] : [])).sort();
  assert.deepEqual(meets('panel-0-0'), ['muntin-0-0', 'rail-0', 'rail-1', 'stile-left']);
  assert.deepEqual(meets('stile-right'), [
    'panel-0-1',
    'panel-1-1',
    'panel-2-1',
    'rail-0',
    'rail-1',
    'rail-2',
    'rail-3',
  ]);
});

test('a shape that can’t be made names the field and what would help', () => {
  const fault = (kind: PieceKind, facts: Shape) =>
    definitionOf(kind).fault({ ...definitionOf(kind).presets[0]!.shape, ...facts }, 'metric');
  assert.match(fault('panelled-door', { width: 330 })?.message ?? '', /Narrow the stiles/);
  assert.equal(fault('moulded-door', { marginSide: 350 })?.field, 'marginSide');
  assert.equal(fault('railing', { spindles: 200 })?.field, 'spindles');
  assert.equal(fault('louvred-shutter', { pitch: 60 })?.field, 'pitch');
  assert.equal(fault('trim-run', { profile: 'drawn', drawn: [] })?.field, 'drawn');
  assert.equal(fault('plain-area', { openings: 10 })?.field, 'openings');
});

test('a railing with gaps too wide says how many spindles would keep them', () => {
  const { remarks, presets } = definitionOf('railing');
  const told = remarks?.({ ...presets[0]!.shape, length: 1830 + 180, newels: 2, spindles: 10 }, 'metric')[0] ?? '';
  assert.match(told, /137 mm/);
  assert.match(
    told,
    /gaps of 137 mm between spindles: over 99 mm\. 14 spindles would fit the limit\. Local codes decide\./,
  );
});
