import type { FaceId, Grain, Point } from '../pieces/elevation.ts';
import type { PaintWork } from '../quantities/paint-work.ts';

/** What a stroke is to an order: what the schools sort by. */
export const ROLES = [
  'panel',
  'moulding',
  'field',
  'glazing',
  'bar',
  'muntin',
  'rail',
  'stile',
  'ground',
  'louvre',
  'frame',
  'sill',
  'side',
  'block',
  'cut-line',
  'length',
  'newel',
  'bottom-rail',
  'spindle',
  'underside',
  'handrail',
  'spindle-back',
  'edge',
  'lining',
  'stop',
  'joint',
] as const;
export type Role = (typeof ROLES)[number];

/** What is painted at one go, without putting the brush down: an element of a face, a part of one, or an edge. */
export interface Stroke {
  /** Unique on the piece: `front/panel-0-0`, `front/edge-hinge`. */
  id: string;
  /** The face that it is drawn with. Edges are painted with the front. */
  sheet: FaceId;
  role: Role;
  /** As said on the card: “upper left panel”. */
  name: string;
  /** In mm on its sheet; edges are unfolded beside the face, wider than they are. */
  outline: readonly Point[];
  holes: readonly (readonly Point[])[];
  work: PaintWork;
  grain: Grain;
  /** Which of several frames or stretches it belongs to, from 0. */
  section: number;
  /** The element of the face that it is a part of, or the edge. */
  of: string;
}

/** A rectangle around an outline in mm. */
export interface Bounds {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The rectangle that an outline spans. */
export function boundsOf(outline: readonly Point[]): Bounds {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of outline) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y);
  }
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** The middle of what an outline spans. */
export function middleOf(outline: readonly Point[]): Point {
  const { x, y, width, height } = boundsOf(outline);
  return [x + width / 2, y + height / 2];
}
