import type { Element, Point } from './elevation.ts';

/** Outlines that come nearer than this, in mm, touch. */
const TOUCH = 0.01;
/** Touching over less than this, in mm, is a corner and no lap. */
const MIN_LAP = 1;

type Tile = Pick<Element, 'id' | 'outline' | 'holes'>;

interface Side {
  from: Point;
  to: Point;
}

interface Outlined {
  id: string;
  sides: Side[];
  left: number;
  right: number;
  top: number;
  bottom: number;
}

function outlined(element: Tile): Outlined {
  const xs = element.outline.map(([x]) => x);
  const ys = element.outline.map(([, y]) => y);
  const sides = [element.outline, ...element.holes].flatMap((outline) =>
    outline.map((from, index) => ({ from, to: outline[(index + 1) % outline.length] ?? from })),
  );
  return {
    id: element.id,
    sides,
    left: Math.min(...xs),
    right: Math.max(...xs),
    top: Math.min(...ys),
    bottom: Math.max(...ys),
  };
}

/** Length in mm over which two straight sides lie on each other. */
function shared(one: Side, other: Side): number {
  const [x, y] = one.from;
  const [dx, dy] = [one.to[0] - x, one.to[1] - y];
  const length = Math.hypot(dx, dy);
  if (length === 0) return 0;
  const [ux, uy] = [dx / length, dy / length];
  const off = ([px, py]: Point): number => Math.abs((px - x) * uy - (py - y) * ux);
  if (off(other.from) > TOUCH || off(other.to) > TOUCH) return 0;
  const along = ([px, py]: Point): number => (px - x) * ux + (py - y) * uy;
  const [start, end] = [along(other.from), along(other.to)];
  return Math.min(length, Math.max(start, end)) - Math.max(0, Math.min(start, end));
}

/** Pairs of elements whose outlines share a side, each pair once, in the elements' order. */
export function lapsOf(elements: readonly Tile[]): [string, string][] {
  const all = elements.map(outlined);
  const laps: [string, string][] = [];
  all.forEach((one, index) => {
    for (const other of all.slice(index + 1)) {
      const apart =
        one.left > other.right + TOUCH ||
        other.left > one.right + TOUCH ||
        one.top > other.bottom + TOUCH ||
        other.top > one.bottom + TOUCH;
      if (apart) continue;
      const meets = one.sides.some((side) => other.sides.some((opposite) => shared(side, opposite) > MIN_LAP));
      if (meets) laps.push([one.id, other.id]);
    }
  });
  return laps;
}
