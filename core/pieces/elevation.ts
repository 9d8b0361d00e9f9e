/** A point on a face in mm: x to the right, y down, from the top left corner as seen by someone facing it. */
export type Point = readonly [x: number, y: number];

/** An upright rectangle on a face in mm. */
export type Box = readonly [x: number, y: number, width: number, height: number];

export const GRAINS = ['vertical', 'horizontal', 'none'] as const;
export type Grain = (typeof GRAINS)[number];

/** What an element is in the trade's words; paces, relief and stroke orders go by it. */
export type Part =
  | 'slab'
  | 'panel'
  | 'rail'
  | 'handrail'
  | 'bottom-rail'
  | 'stile'
  | 'muntin'
  | 'glazing-bar'
  | 'glazing-moulding'
  | 'moulding'
  | 'louvre'
  | 'frame'
  | 'side'
  | 'spindle'
  | 'newel'
  | 'run'
  | 'area';

/** A part of a face that is painted as one: a panel, a rail, a stile, a whole slab. */
export interface Element {
  id: string;
  /** As said on the card: “upper left panel”. */
  name: string;
  part: Part;
  /** Outline in mm on the face, a closed polygon without its first point repeated. */
  outline: readonly Point[];
  /** What is cut out of the outline: the glass inside a moulding, the moulding on a slab. */
  holes: readonly (readonly Point[])[];
  /** Area as drawn, in m². */
  projectedArea: number;
  /** Area as painted, in m²: with what slopes, mouldings and sides that turn away add. */
  developedArea: number;
  /** Length in mm that is cut in with the brush before the flat is filled. */
  cutIn: number;
  grain: Grain;
  /** Whether it belongs to a face so large that a wide roller goes on its flats. */
  isLarge: boolean;
  /** Which of several frames on a face it belongs to, counted from 0: a section, a sash. */
  section: number;
  /** The bevel or moulding around a panel: the outline of the field inside it, and its own area as painted, in m². */
  relief: { inside: readonly Point[]; area: number } | null;
}

/** A part of a face that gets no paint, and why: together with the elements it makes up the whole face. */
export interface Unpainted {
  id: string;
  why: 'glass' | 'open';
  outline: readonly Point[];
}

export type FaceId = 'front' | 'back';
export const FACE_IDS = ['front', 'back'] as const satisfies readonly FaceId[];

/** One painted face, drawn as it is seen. */
export interface Face {
  id: FaceId;
  width: number;
  height: number;
  elements: readonly Element[];
  unpainted: readonly Unpainted[];
  /** Pairs of element ids that share an edge, where one meets the other's wet edge. */
  laps: readonly (readonly [string, string])[];
}

export const EDGE_IDS = ['hinge', 'lock', 'top', 'bottom', 'left', 'right', 'joints'] as const;
export type EdgeId = (typeof EDGE_IDS)[number];

/** One edge: its length and thickness in mm and its area in m². */
export interface Edge {
  id: EdgeId;
  length: number;
  thickness: number;
  area: number;
  /** Where it lies: around the piece, in the opening that it lines, or at the joints between sections. */
  lies?: 'around' | 'lining' | 'joints';
}

/** Everything that the drawing, the take-off and the stroke order need to know of a piece's shape. */
export interface Elevation {
  faces: readonly Face[];
  edges: readonly Edge[];
}

/** Square millimetres as square metres. */
export const squareMetres = (squareMillimetres: number): number => squareMillimetres / 1_000_000;

/** The outline of an upright rectangle. */
export function rectangle([x, y, width, height]: Box): Point[] {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ];
}

/** A box made smaller by `by` mm on every side. */
export const inset = ([x, y, width, height]: Box, by: number): Box => [x + by, y + by, width - 2 * by, height - 2 * by];

/** Length of a closed outline, in the unit of its points. */
export const perimeter = (outline: readonly Point[]): number =>
  outline.reduce((sum, [x, y], index) => {
    const [nextX, nextY] = outline[(index + 1) % outline.length] ?? [x, y];
    return sum + Math.hypot(nextX - x, nextY - y);
  }, 0);

/** Area of a closed outline in mm², by the shoelace formula. */
export function outlineArea(outline: readonly Point[]): number {
  let twice = 0;
  outline.forEach(([x, y], index) => {
    const [nextX, nextY] = outline[(index + 1) % outline.length] ?? [x, y];
    twice += x * nextY - nextX * y;
  });
  return Math.abs(twice) / 2;
}
