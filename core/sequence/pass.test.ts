import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Piece, StatedPiece } from '../job/document/piece-schema.ts';
import { edgeFaceOf, elevationOf } from '../job/queries/pieces.ts';
import { APPLICATIONS, EDGE_SCHOOLS } from '../job/document/stroke-schema.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { Shape } from '../pieces/shape.ts';
import { FACE_IDS, outlineArea, type FaceId } from '../pieces/elevation.ts';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../pieces/registry.ts';
import { coatMinutes } from '../quantities/pace.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { passOf, strokeMinutes, type Pass, type PassOptions } from './pass.ts';
import { usualOptions } from './usual-options.ts';
import { keepsBefore } from './wet-edge.ts';

/** A piece of a kind with everything that can be painted in scope. */
function whole(kind: PieceKind, shape: Shape = definitionOf(kind).presets[0]!.shape): Piece {
  const stated = usualPiece(kind, 'room-1', { shape: structuredClone(shape) as StatedPiece['shape'] });
  const piece = new TestJob().tell('add-pieces', { ids: ['p'], kind, piece: stated }).job.pieces[0]!;
  const { faces, edges } = elevationOf(piece);
  return { ...piece, scope: { faces: faces.map(({ id }) => id), edges: edges.map(({ id }) => id) } };
}

const presets = PIECE_KINDS.flatMap((kind) =>
  definitionOf(kind).presets.map(({ name, shape }) => ({ title: `${kind}, ${name}`, piece: whole(kind, shape) })),
);

/** Every way in which a piece may be painted: its schools, edges first or last, and each application. */
function everyWay(piece: Piece): PassOptions[] {
  return definitionOf(piece.kind).schools.flatMap((face) =>
    EDGE_SCHOOLS.flatMap((edges) =>
      APPLICATIONS.map((application): PassOptions => ({ face, edges, walls: 'walls-first', application, reach: 1200 })),
    ),
  );
}

const ids = (pass: Pass): string[] => pass.strokes.map(({ id }) => id);
const PASSES: FaceId[][] = [['back'], ['front'], ['back', 'front']];

for (const { title, piece } of presets) {
  test(`${title}: every element and edge once, all of its area, in an order that keeps its school`, () => {
    const { faces, edges } = elevationOf(piece);
    for (const options of everyWay(piece)) {
      for (const wanted of PASSES) {
        const pass = passOf(piece, wanted, options);
        assert.equal(new Set(ids(pass)).size, pass.strokes.length, 'an id twice');
        assert.ok(keepsBefore(pass, ids(pass)));
        for (const face of faces) {
          for (const element of face.elements) {
            const parts = pass.strokes.filter(({ sheet, of }) => sheet === face.id && of === element.id);
            const area = parts.reduce((sum, { work }) => sum + work.area, 0);
            const expected = wanted.includes(face.id) ? element.developedArea : 0;
            assert.ok(Math.abs(area - expected) < 1e-6, `${face.id}/${element.id}: ${area} of ${expected}`);
          }
        }
        const painted = wanted.includes(edgeFaceOf(piece)) ? edges : [];
        assert.deepEqual(
          [...new Set(pass.strokes.filter(({ id }) => id.includes('/edge-')).map(({ of }) => of))].sort(),
          painted.map(({ id }) => id).sort(),
        );
        assert.ok(pass.strokes.every((stroke) => strokeMinutes(stroke, options) > 0, 'a stroke without time'));
      }
    }
  });

  test(`${title}: strokes of a face lie beside each other and fill what is painted of it`, () => {
    for (const face of elevationOf(piece).faces) {
      for (const options of everyWay(piece)) {
        const strokes = passOf(piece, [face.id], options).strokes.filter(({ id }) => !id.includes('/edge-'));
        const drawn = strokes.reduce(
          (sum, { outline, holes }) =>
            sum + outlineArea(outline) - holes.reduce((open, hole) => open + outlineArea(hole), 0),
          0,
        );
        const expected = face.elements.reduce((sum, { projectedArea }) => sum + projectedArea * 1e6, 0);
        assert.ok(Math.abs(drawn - expected) < 1 + expected * 1e-6, `${drawn} of ${expected}`);
      }
    }
  });

  test(`${title}: takes as long as the take-off says, whatever the school`, () => {
    for (const [tool, application] of [
      ['brush', 'brush'],
      ['roller', 'profiles-brushed'],
      ['spray', 'spray'],
    ] as const) {
      for (const options of everyWay(piece).filter((way) => way.application === application)) {
        for (const face of FACE_IDS) {
          const pass = passOf(piece, [face], options);
          const minutes = pass.strokes.reduce((sum, stroke) => sum + strokeMinutes(stroke, options), 0);
          assert.ok(Math.abs(minutes - coatMinutes(piece, face, { tool, extent: 'all' })) < 1e-6, `${minutes}`);
        }
      }
    }
  });
}

const named = (pass: Pass): string[] => pass.strokes.map(({ name }) => name);

test('a six-panel door on its hinges: hinge edge, lock edge, back, front; panels, bars and rails, stiles', () => {
  const door = whole('panelled-door');
  const pass = passOf(
    { ...door, scope: { ...door.scope, edges: ['hinge', 'lock'] } },
    ['front', 'back'],
    usualOptions(door, 'brush'),
  );
  assert.deepEqual(named(pass).slice(0, 3), ['hinge edge', 'lock edge', 'upper left panel']);
  assert.deepEqual(
    pass.strokes.slice(2).map(({ sheet, role }) => `${sheet} ${role}`),
    ['back', 'front'].flatMap((sheet) =>
      [
        ...Array<string>(6).fill('panel'),
        ...Array<string>(3).fill('muntin'),
        ...Array<string>(4).fill('rail'),
        'stile',
        'stile',
      ].map((role) => `${sheet} ${role}`),
    ),
  );
});

test('mouldings first, boards from the top, and edges after the face', () => {
  const door = whole('panelled-door');
  const usual = usualOptions(door, 'brush');
  const mouldings = passOf(door, ['back'], { ...usual, face: 'mouldings-first' });
  assert.deepEqual(
    mouldings.strokes.slice(0, 12).map(({ role }) => role),
    [...Array<string>(6).fill('moulding'), ...Array<string>(6).fill('field')],
  );
  const boards = passOf(door, ['back'], { ...usual, face: 'boards-from-the-top' });
  assert.deepEqual(named(boards).slice(0, 7), [
    'upper left panel',
    'upper right panel',
    'muntin of row 1',
    'top rail',
    'cross rail 1',
    'left stile, row 1',
    'right stile, row 1',
  ]);
  const last = passOf(door, ['front'], { ...usual, edges: 'edges-last' });
  assert.deepEqual(named(last).slice(-4), ['hinge edge', 'lock edge', 'top edge', 'bottom edge']);
  const arrises = last.laps.filter(({ kind }) => kind === 'arris').map(({ one, other }) => [one, other]);
  assert.ok(arrises.some(([one, other]) => one === 'front/stile-left' && other === 'front/edge-hinge'));
  assert.ok(!arrises.some(([one, other]) => one === 'front/stile-right' && other === 'front/edge-hinge'));
});

test('seen from the back, the hinge edge lies at the other stile', () => {
  const door = whole('panelled-door');
  const pass = passOf(door, ['front', 'back'], { ...usualOptions(door, 'brush'), edges: 'edges-last' });
  const met = pass.laps.filter(({ other }) => other === 'front/edge-hinge').map(({ one }) => one);
  assert.deepEqual(met.sort(), ['back/stile-right', 'front/stile-left']);
});

test('a casing: head before legs, inner edges, then stop and rebate with the door open, then the other side', () => {
  const pass = passOf(whole('casing'), ['front', 'back'], usualOptions({ kind: 'casing' }, 'brush'));
  assert.deepEqual(
    pass.strokes.map(({ sheet, role }) => `${sheet} ${role}`),
    [
      ...Array<string>(3).fill('front frame'),
      ...Array<string>(3).fill('front lining'),
      ...Array<string>(3).fill('front stop'),
      ...Array<string>(3).fill('back frame'),
    ],
  );
  assert.equal(pass.strokes[0]?.name, 'head');
});

test('a railing: stretch by stretch from the bottom, three sides of each spindle, the fourth from the other side', () => {
  const railing = whole('railing');
  const pass = passOf(railing, ['front'], usualOptions(railing, 'brush'));
  const first = pass.strokes.filter(({ section }) => section === 0);
  assert.deepEqual(pass.strokes.slice(0, first.length), first);
  const roles = first.map(({ role }) => role);
  assert.deepEqual([...new Set(roles)], ['newel', 'bottom-rail', 'spindle', 'underside', 'handrail', 'spindle-back']);
  assert.equal(
    roles.filter((role) => role === 'spindle').length,
    roles.filter((role) => role === 'spindle-back').length,
  );
  const down = passOf(railing, ['front'], { ...usualOptions(railing, 'brush'), face: 'handrail-down' });
  assert.deepEqual(
    [...new Set(down.strokes.filter(({ section }) => section === 0).map(({ role }) => role))],
    ['newel', 'handrail', 'underside', 'spindle', 'bottom-rail', 'spindle-back'],
  );
  const far = pass.laps.filter(({ one, other }) => one.endsWith('.far') || other.endsWith('.far'));
  assert.ok(far.every(({ one, other }) => other.replace('.far', '') === one.replace('.far', '')));
  assert.equal(far.length, 27);
});

test('windows go from the glass outwards, sash by sash, and the frame is last', () => {
  const window = whole('sash-window');
  const roles = passOf(window, ['front'], usualOptions(window, 'brush')).strokes.filter(({ role }) => role !== 'edge');
  assert.deepEqual(
    [...new Set(roles.map(({ section, role }) => `${section} ${role}`))],
    ['0 glazing', '0 bar', '0 rail', '0 stile', '1 glazing', '1 bar', '1 rail', '1 stile', '2 frame', '2 sill'].flatMap(
      (each) => each,
    ),
  );
});

test('a louvred shutter: all louvres of the back, from the top, then its frame; the front after it', () => {
  const shutter = whole('louvred-shutter');
  const pass = passOf(
    { ...shutter, scope: { ...shutter.scope, edges: [] } },
    ['front', 'back'],
    usualOptions(shutter, 'brush'),
  );
  assert.deepEqual(
    pass.strokes.map(({ sheet, role }) => `${sheet} ${role}`).filter((each, at, all) => each !== all[at - 1]),
    ['back louvre', 'back rail', 'back stile', 'front louvre', 'front rail', 'front stile'],
  );
});

test('a sectional door: section after section, the joints last', () => {
  const door = whole('sectional-door');
  const pass = passOf(door, ['front'], usualOptions(door, 'roller'));
  const faces = pass.strokes.filter(({ role }) => role !== 'edge' && role !== 'joint');
  assert.deepEqual(
    [...faces].sort((one, other) => one.section - other.section),
    faces,
  );
  assert.deepEqual(
    named(pass).slice(-4),
    [1, 2, 3, 4].map((joint) => `joint ${joint}, both its faces`),
  );
});

test('a flush door is painted in blocks; a small front as one; a skirting in lengths that are reached', () => {
  const door = passOf(whole('flush-door'), ['back'], usualOptions({ kind: 'flush-door' }, 'roller'));
  assert.deepEqual(
    named(door),
    [1, 2, 3, 4, 5, 6, 7, 8].map((block) => `block ${block}`),
  );
  assert.ok(door.laps.every(({ kind }) => kind === 'surface'));
  const strips = passOf(whole('flush-door'), ['back'], {
    ...usualOptions({ kind: 'flush-door' }, 'roller'),
    face: 'strips-along-the-grain',
  });
  assert.deepEqual(named(strips), ['strip 1', 'strip 2', 'strip 3']);
  const drawer = passOf(whole('drawer-front'), ['front'], usualOptions({ kind: 'drawer-front' }, 'roller'));
  assert.equal(drawer.strokes.filter(({ role }) => role === 'block').length, 1);
  const skirting = passOf(whole('trim-run'), ['front'], usualOptions({ kind: 'trim-run' }, 'brush'));
  assert.equal(skirting.strokes.length, 9);
  assert.deepEqual(skirting.laps.length, 8);
});

test('trim that may run onto the wall is not cut in along it', () => {
  const skirting = whole('trim-run');
  const usual = usualOptions(skirting, 'brush');
  const minutes = (options: PassOptions): number =>
    passOf(skirting, ['front'], options).strokes.reduce((sum, stroke) => sum + strokeMinutes(stroke, options), 0);
  // 10 m of line at 0.1 minutes a metre.
  assert.ok(Math.abs(minutes(usual) - minutes({ ...usual, walls: 'trim-first' }) - 1) < 1e-9);
});
