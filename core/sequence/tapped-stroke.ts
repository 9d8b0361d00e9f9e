import type { Point } from '../pieces/elevation.ts';
import { drawnAt, type Layout } from './layout.ts';
import { boundsOf, type Bounds, type Stroke } from './stroke.ts';

/** A stroke as a thumb meets it, in px of its drawing. */
export interface TapTarget {
  id: string;
  outline: readonly Point[];
  holes: readonly (readonly Point[])[];
  bounds: Bounds;
}

/** How far from a stroke a tap still means it: half of what a thumb covers, in px. */
export const TAP_REACH = 24;
/** The same for what a thumb sweeps over, which is what lies under its middle. */
const SWEEP_REACH = 3;
/** A sweep is looked at in steps, in px: thinner than a spindle on a phone and its reach. */
const SWEEP_STEP = 2;

/** Every stroke of a drawing that is drawn in it. */
export const tapTargets = (layout: Layout, strokes: readonly Stroke[]): TapTarget[] =>
  strokes.map((stroke) => {
    const drawn = (outline: readonly Point[]): Point[] => outline.map((point) => drawnAt(layout, stroke, point));
    const outline = drawn(stroke.outline);
    return { id: stroke.id, outline, holes: stroke.holes.map(drawn), bounds: boundsOf(outline) };
  });

/** Whether a point lies inside an outline, by the crossings of a ray. */
const isInside = (outline: readonly Point[], [x, y]: Point): boolean =>
  outline.reduce((inside, [x1, y1], index) => {
    const [x2, y2] = outline[(index + 1) % outline.length] ?? [x1, y1];
    return y1 > y !== y2 > y && x < x1 + ((y - y1) / (y2 - y1)) * (x2 - x1) ? !inside : inside;
  }, false);

/** How far a point is from the nearest side of an outline. */
const fromSides = (outline: readonly Point[], [x, y]: Point): number =>
  outline.reduce((nearest, [x1, y1], index) => {
    const [x2, y2] = outline[(index + 1) % outline.length] ?? [x1, y1];
    const length = (x2 - x1) ** 2 + (y2 - y1) ** 2;
    const along = length === 0 ? 0 : Math.max(0, Math.min(1, ((x - x1) * (x2 - x1) + (y - y1) * (y2 - y1)) / length));
    return Math.min(nearest, Math.hypot(x - x1 - along * (x2 - x1), y - y1 - along * (y2 - y1)));
  }, Infinity);

function distance({ outline, holes, bounds }: TapTarget, at: Point, reach: number): number {
  const [x, y] = at;
  const isNear =
    x >= bounds.x - reach &&
    x <= bounds.x + bounds.width + reach &&
    y >= bounds.y - reach &&
    y <= bounds.y + bounds.height + reach;
  if (!isNear) return Infinity;
  if (isInside(outline, at) && !holes.some((hole) => isInside(hole, at))) return 0;
  return Math.min(...[outline, ...holes].map((sides) => fromSides(sides, at)));
}

/**
 * The stroke that a tap at a point, in px, means, of those that `isOpen`: the one under it, else the nearest within
 * reach; null where there is none.
 */
export function tappedStroke(
  targets: readonly TapTarget[],
  isOpen: (id: string) => boolean,
  at: Point,
  reach: number = TAP_REACH,
): string | null {
  let nearest: { id: string; far: number } | null = null;
  for (const target of targets) {
    const far = distance(target, at, reach);
    if (far <= reach && (nearest === null || far < nearest.far) && isOpen(target.id)) nearest = { id: target.id, far };
  }
  return nearest?.id ?? null;
}

/** The strokes over which a thumb sweeps from one point to another, in px, in that order, of those that `isOpen`. */
export function sweptStrokes(
  targets: readonly TapTarget[],
  isOpen: (id: string) => boolean,
  [x1, y1]: Point,
  [x2, y2]: Point,
): string[] {
  const swept = new Set<string>();
  const steps = Math.max(1, Math.ceil(Math.hypot(x2 - x1, y2 - y1) / SWEEP_STEP));
  for (let step = 1; step <= steps; step++) {
    const at: Point = [x1 + ((x2 - x1) * step) / steps, y1 + ((y2 - y1) * step) / steps];
    const id = tappedStroke(targets, (each) => isOpen(each) && !swept.has(each), at, SWEEP_REACH);
    if (id !== null) swept.add(id);
  }
  return [...swept];
}
