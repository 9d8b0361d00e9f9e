import assert from 'node:assert/strict';
import { test } from 'node:test';
import { elevationOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { PIECE_KINDS, type PieceKind } from '../pieces/registry.ts';
import { RateClock } from '../units/rate-clock.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { orderGroups, orderLines } from './card-lines.ts';
import { coatWork } from './chosen-work.ts';
import { dripChecks } from './drip-checks.ts';
import { handlingOf } from './handling.ts';
import { lapLine } from './lap-line.ts';
import { layingOff, outOfCorners } from './laying-off.ts';
import { drawnAt, labelsOf, labelWidth, LABEL_RADIUS, layoutOf, rowOf } from './layout.ts';
import { passOf, strokeMinutes } from './pass.ts';
import { toolFor } from './roles.ts';
import { simulateStrokes } from './simulate.ts';
import { boundsOf } from './stroke.ts';
import { chosenOptions, usualOptions } from './usual-options.ts';

const pieceOf = (kind: PieceKind): Piece =>
  new TestJob().tell('add-pieces', { ids: ['p'], kind, piece: usualPiece(kind, 'room-1') }).job.pieces[0]!;

const EDGE = { dose: 9, clock: new RateClock(Array<number>(100).fill(1), 60) };
function playedOn(piece: Piece, faces: ('front' | 'back')[], edge = EDGE) {
  const options = usualOptions(piece, 'roller');
  const pass = passOf(piece, faces, options);
  const result = simulateStrokes({
    strokes: pass.strokes,
    laps: pass.laps,
    minutesOf: (stroke) => strokeMinutes(stroke, options),
    hands: [{ id: 'one', name: 'one', factor: 1 }],
    edge,
    start: 0,
    touchDry: null,
  });
  return { pass, result };
}

for (const kind of PIECE_KINDS) {
  test(`${kind}: every stroke is drawn once, inside the drawing, on a phone and on a wide screen`, () => {
    const piece = pieceOf(kind);
    const { pass } = playedOn(piece, piece.scope.faces);
    for (const width of [290, 640, 1900]) {
      const layout = layoutOf(pass, width, 500);
      for (const stroke of pass.strokes) {
        assert.ok(rowOf(layout, stroke), `${stroke.name} lies in no row`);
        const { x, y, width: wide, height } = boundsOf(stroke.outline);
        for (const corner of [
          [x, y],
          [x + wide, y + height],
        ] as const) {
          const [left, top] = drawnAt(layout, stroke, corner);
          assert.ok(left >= -0.6 && left <= width + 0.6, `${stroke.name} at x ${left} of ${width}`);
          assert.ok(top >= -0.6 && top <= layout.height + 0.6, `${stroke.name} at y ${top} of ${layout.height}`);
        }
      }
      const labels = labelsOf(layout, pass.strokes);
      assert.equal(labels[0]?.number, 1);
      labels.forEach((one, index) => {
        for (const other of labels.slice(index + 1)) {
          const apart =
            Math.abs(one.x - other.x) > (labelWidth(one.number) + labelWidth(other.number)) / 2 ||
            Math.abs(one.y - other.y) > 2 * LABEL_RADIUS;
          assert.ok(apart, `${one.number} and ${other.number} lie on each other`);
        }
      });
    }
  });
}

test('a long railing is folded into rows that cut no stroke', () => {
  const railing = {
    ...pieceOf('railing'),
    shape: { ...pieceOf('railing').shape, length: 11_400, newels: 5, spindles: 96 },
  };
  const { pass } = playedOn(railing, ['front']);
  const layout = layoutOf(pass, 640, 500);
  assert.equal(layout.rows.length, 4);
  for (const stroke of pass.strokes) {
    const { x, width } = boundsOf(stroke.outline);
    const row = rowOf(layout, stroke)!;
    assert.ok(x >= row.from - 0.02 && x + width <= row.until + 0.02, stroke.name);
  }
});

test('strokes are laid off along the grain into what is wet, upwards or to the right where nothing is', () => {
  const { pass } = playedOn(pieceOf('panelled-door'), ['back']);
  const stroke = (name: string) => pass.strokes.find((entry) => entry.name === name)!;
  const alone = layingOff(stroke('left stile'), []);
  assert.ok(alone.from[0] === alone.to[0] && alone.to[1] < alone.from[1]);
  const down = layingOff(stroke('upper left panel'), [stroke('middle left panel')]);
  assert.ok(down.to[1] > down.from[1]);
  const across = layingOff(stroke('top rail'), []);
  assert.ok(across.from[1] === across.to[1] && across.to[0] > across.from[0]);
  const left = layingOff(stroke('top rail'), [stroke('left stile')]);
  assert.ok(left.to[0] < left.from[0]);
  const { x, y, width, height } = boundsOf(stroke('upper left panel').outline);
  for (const { from, to } of outOfCorners(stroke('upper left panel'))) {
    const off = ([px, py]: readonly [number, number]): number => Math.hypot(px - x - width / 2, py - y - height / 2);
    assert.ok(off(to) < off(from));
  }
});

test('a lap is marked where its strokes meet; one of an edge along the face', () => {
  const door = pieceOf('panelled-door');
  const pass = passOf(door, ['front', 'back'], { ...usualOptions(door, 'brush'), edges: 'edges-last' });
  const stroke = (id: string) => pass.strokes.find((entry) => entry.id === id)!;
  assert.deepEqual(lapLine(stroke('front/stile-left'), stroke('front/rail-0')), [
    [105, 0],
    [105, 105],
  ]);
  const height = Number(door.shape.height);
  const width = Number(door.shape.width);
  assert.deepEqual(lapLine(stroke('front/edge-hinge'), stroke('front/stile-left')), [
    [0, 0],
    [0, height],
  ]);
  assert.deepEqual(lapLine(stroke('back/stile-right'), stroke('front/edge-hinge')), [
    [width, 0],
    [width, height],
  ]);
});

test('drips are looked for ten minutes after each face, or before it has set', () => {
  const door = pieceOf('panelled-door');
  const slow = playedOn(door, ['back', 'front'], { ...EDGE, dose: 30 });
  const looks = dripChecks(slow.result, { ...EDGE, dose: 30 });
  const ends = (sheet: string): number =>
    Math.max(...slow.result.strokes.filter(({ stroke }) => stroke.sheet === sheet).map(({ until }) => until));
  assert.deepEqual(looks.map(({ face }) => face).sort(), ['back', 'front']);
  for (const { face, at, brushableUntil } of looks) {
    assert.ok(Math.abs(at - ends(face) - 10) < 1e-6);
    assert.ok(Math.abs(brushableUntil - ends(face) - 30) < 1e-6);
  }
  const fast = dripChecks(slow.result, { ...EDGE, dose: 3 });
  assert.ok(fast.every(({ face, at }) => Math.abs(at - ends(face) - 3) < 1e-6));
  assert.ok(looks[0]?.where.some((where) => where.includes('lower corners of the panel')));
});

test('a loose door lies on points under its stiles, is held where it gets no paint, and one face dries at a time', () => {
  const door = pieceOf('panelled-door');
  const flat = handlingOf(door, 'one-face')!;
  assert.deepEqual(
    flat.points.map(([x, y]) => [Math.round(x), Math.round(y)]),
    [
      [53, 436],
      [710, 436],
      [53, 1545],
      [710, 1545],
    ],
  );
  assert.match(flat.holdWords, /top edge and bottom edge|hinge edge and lock edge/);
  assert.ok(flat.steps.every(({ isWetBelow }) => !isWetBelow));
  assert.ok(handlingOf(door, 'both-on-points')!.steps.some(({ isWetBelow }) => isWetBelow));
  assert.equal(handlingOf({ ...door, comesOff: false }, 'one-face'), null);
  const frontOnly = { ...door, scope: { faces: ['front' as const], edges: [] } };
  assert.equal(handlingOf(frontOnly, 'one-face')?.steps.length, 1);
});

test('a long order is told in groups of like strokes, a short one stroke by stroke', () => {
  const railing = playedOn(pieceOf('railing'), ['front']).result;
  const groups = orderGroups(railing);
  assert.equal(
    groups.reduce((sum, { count }) => sum + count, 0),
    railing.strokes.length,
  );
  assert.ok(groups.length < railing.strokes.length / 2);
  const lines = orderLines(railing, 'brush', { front: 'all round' });
  assert.match(
    lines[2] ?? '',
    /^3–\d+ {2}spindle 1, three sides to spindle \d+, three sides · 25 mm sash brush · from /,
  );
  const door = playedOn(pieceOf('panelled-door'), ['back']).result;
  assert.equal(orderGroups(door).length, door.strokes.length);
});

test('tools by the way of painting', () => {
  const { pass } = playedOn(pieceOf('panelled-door'), ['back']);
  const panel = pass.strokes.find(({ role }) => role === 'panel')!;
  const stile = pass.strokes.find(({ role }) => role === 'stile')!;
  assert.equal(toolFor(panel, 'profiles-brushed'), '50 mm brush, then roller');
  assert.equal(toolFor(stile, 'profiles-brushed'), 'roller, laid off');
  assert.equal(toolFor(stile, 'brush'), '50 mm brush');
  assert.equal(toolFor(panel, 'roll'), 'bare-ended roller');
  assert.equal(toolFor(panel, 'spray'), 'gun');
});

test('what is chosen rules the time of a coat: by one as its strokes, by two until the later is done', () => {
  const made = new TestJob().door('d').coated();
  const [door] = made.job.pieces;
  const coat = { product: 'enamel-acrylic', tool: 'roller', extent: 'all' } as const;
  const usual = coatWork(made.job, door!, ['back'], coat);
  const choice = {
    ...usualOptions(door!, 'brush'),
    groupId: door!.groupId,
    kind: door!.kind,
    product: 'enamel-acrylic',
    painters: 1 as const,
    conditioner: false,
    breaks: false,
    order: null,
  };
  assert.deepEqual(chosenOptions(made.job, door!, 'enamel-acrylic', 'roller').application, 'profiles-brushed');
  made.tell('choose-strokes', choice);
  const { groupId: _group, kind: _kind, product: _product, ...options } = choice;
  assert.deepEqual(chosenOptions(made.job, door!, 'enamel-acrylic', 'roller'), options);
  assert.equal(
    chosenOptions(made.job, door!, 'primer-bonding', 'brush').application,
    'brush',
    'of another product, not',
  );
  const brushed = coatWork(made.job, door!, ['back'], coat);
  assert.ok(Math.abs(brushed.minutes / usual.minutes - 5 / 3) < 1e-9);
  made.tell('choose-strokes', { ...choice, painters: 2 });
  assert.deepEqual(coatWork(made.job, door!, ['back'], coat), { ...brushed, painters: 1 }, 'a crew of one stays one');
  made.tell('add-painter', { entry: { ...made.job.crew[0]!, id: 'painter-2' } });
  const byTwo = coatWork(made.job, door!, ['back'], coat);
  assert.equal(byTwo.painters, 2);
  assert.ok(Math.abs(byTwo.minutes - brushed.minutes / 2) < 1e-9, 'eight like blocks are shared evenly');
  assert.deepEqual(coatWork(made.job, door!, ['back'], { ...coat, product: 'prime-bond-wb' }).painters, 1);
  assert.equal(elevationOf(door!).faces.length, 2);
});
