import { hasFeature } from '../pieces/registry.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { formatLength, formatSize, lengthFieldText } from '../units/length.ts';
import { elevationOf } from './queries/pieces.ts';
import type { Drilling, Piece } from './document/piece-schema.ts';

type Holes = Omit<Drilling, 'id'>;

/** Holes for a pull: two screws of 5 mm, 128 mm apart. */
const PULL = { name: 'bar pull', on: 'front', centres: 128, diameter: 5 } as const;
/** From the edge of a front to the middle of its pull or knob, in mm. */
const FROM_EDGE = 50;
/** From a door's lock edge to the spindle, and from its top to the middle of the handle, in mm. */
const BACKSET = 60;
const HANDLE_DOWN = 980;

const isHung = (piece: Piece): boolean => elevationOf(piece).edges.some(({ id }) => id === 'hinge');

/** The new holes that a piece is usually given, placed on its own size; the first is the likeliest. */
export function usualDrillings(piece: Piece): Holes[] {
  const { width = 0, height = 0 } = elevationOf(piece).faces[0] ?? {};
  const thickness = typeof piece.shape.thickness === 'number' ? piece.shape.thickness : 0;
  if (isHung(piece)) {
    const y = Math.min(HANDLE_DOWN, height / 2);
    const latch = { on: 'edge', x: thickness / 2, y, centres: 0, upright: true } as const;
    return [
      { ...latch, name: 'latch bore, larger', diameter: 25 },
      { ...latch, name: 'spindle', on: 'front', x: Math.max(0, width - BACKSET), diameter: 22 },
      { ...latch, name: 'lockset face bore', on: 'front', x: Math.max(0, width - BACKSET), diameter: 54 },
    ];
  }
  const isDrawer = hasFeature(piece.kind, 'drawer');
  const x = isDrawer ? width / 2 : Math.max(0, width - FROM_EDGE);
  const y = isDrawer ? height / 2 : Math.min(height / 2, FROM_EDGE + PULL.centres / 2);
  return [
    { ...PULL, x, y, upright: !isDrawer },
    { ...PULL, name: 'knob', centres: 0, x, y: isDrawer ? y : FROM_EDGE, upright: true },
  ];
}

/** Where the holes of a fitting lie, each from the left and the top, in mm. */
export function holesOf({
  x,
  y,
  centres,
  upright,
}: Pick<Drilling, 'x' | 'y' | 'centres' | 'upright'>): [number, number][] {
  if (centres === 0) return [[x, y]];
  return [-centres / 2, centres / 2].map((offset) => [x + (upright ? 0 : offset), y + (upright ? offset : 0)]);
}

/**
 * Why holes can't be drilled there; null when they can: every hole lies whole on the face or edge that it is drilled
 * into.
 */
export function drillingFault(piece: Piece, drilling: Holes, units: UnitSystem): string | null {
  const { width = 0, height = 0 } = elevationOf(piece).faces[0] ?? {};
  const thickness = typeof piece.shape.thickness === 'number' ? piece.shape.thickness : width;
  const across = drilling.on === 'front' ? width : thickness;
  const radius = drilling.diameter / 2;
  const outside = holesOf(drilling).find(
    ([x, y]) => x - radius < 0 || x + radius > across || y - radius < 0 || y + radius > height,
  );
  if (outside === undefined) return null;
  return `The ${formatLength(drilling.diameter, units)} hole at ${lengthFieldText(outside[0], units)} from the left, ${lengthFieldText(outside[1], units)} from the top runs off the ${drilling.on} (${formatSize(across, height, units)}).`;
}
