import { edgeFaceOf, elevationOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { StrokeChoice } from '../job/document/stroke-schema.ts';
import {
  rectangle,
  type Edge,
  type EdgeId,
  type Element,
  type Face,
  type FaceId,
  type Unpainted,
} from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import { shareOf, workMinutes, workOfEdge } from '../quantities/paint-work.ts';
import { once } from '../units/once.ts';
import { divided, reachesOf, rowsOf, type Dividing } from './dividing.ts';
import { lapsBetween, type Lap } from './pass-laps.ts';
import { precedences, schoolOrder, fixedPrecedences } from './school-order.ts';
import { FACE_ORDERS } from './face-orders.ts';
import { boundsOf, type Stroke } from './stroke.ts';

/** What decides how a face is divided and in which order it is painted. */
export type PassOptions = Pick<StrokeChoice, 'face' | 'edges' | 'walls' | 'application' | 'reach'>;

/** A face as it is drawn, with what lies around it. */
export interface Sheet {
  face: FaceId;
  name: string;
  width: number;
  height: number;
  unpainted: readonly Unpainted[];
}

/** What of a piece is painted in one go: one face, or both, with the edges when the front is among them. */
export interface Pass {
  sheets: readonly Sheet[];
  /** In the school's order. */
  strokes: readonly Stroke[];
  laps: readonly Lap[];
  /** Pairs of ids of which the school paints the first before the second. */
  before: readonly (readonly [string, string])[];
  /** The same of what no order can do without: where one stands, and what is reached from there. */
  stands: readonly (readonly [string, string])[];
}

/** Edges are drawn as wide as this share of the face, at least, so that they can be seen. */
const EDGE_SHOWN = 0.055;
/** Between a face and its edges unfolded beside it, as a share of the face. */
const EDGE_GAP = 0.02;
/** What of a lining is stop and rebate, in mm: a door of 40 mm and a stop of 12. */
const STOP_AND_REBATE = 52;

/** Everything that one pass over some faces of a piece paints, in the order of a school. */
export function passOf(piece: Piece, faces: readonly FaceId[], options: PassOptions): Pass {
  const elevation = elevationOf(piece);
  const definition = definitionOf(piece.kind);
  const shown = elevation.faces.filter((face) => faces.includes(face.id) && piece.scope.faces.includes(face.id));
  const edgeFace = edgeFaceOf(piece);
  const beside = elevation.faces.find(({ id }) => id === edgeFace) ?? elevation.faces[0];
  const edges = faces.includes(edgeFace) ? elevation.edges.filter(({ id }) => piece.scope.edges.includes(id)) : [];
  const strokes = [
    ...shown.flatMap((face) => strokesOfFace(face, options)),
    ...(beside ? edges.flatMap((edge) => strokesOfEdge(edge, beside, definition.edgeNames[edge.id] ?? edge.id)) : []),
  ];
  const drawn = shown.length > 0 || edges.length === 0 || !beside ? shown : [beside];
  const school = FACE_ORDERS[options.face];
  const rows = new Map(elevation.faces.map((face) => [face.id, rowsOf(face)]));
  const sorting = { school, rows, edges: options.edges, cutsFirst: options.application === 'cut-first' };
  const ordered = schoolOrder(strokes, sorting);
  // What is only timed needs no laps, the longest of all to find, and no more orders than this one.
  const laps = once(() => lapsBetween(ordered, drawn, options.edges));
  const before = once(() => precedences(ordered, sorting));
  const stands = once(() => fixedPrecedences(ordered, sorting));
  return {
    sheets: drawn.map(({ id, width, height, unpainted }) => ({
      face: id,
      name: definition.faceNames[id] ?? id,
      width,
      height,
      unpainted,
    })),
    strokes: ordered,
    get laps() {
      return laps();
    },
    get before() {
      return before();
    },
    get stands() {
      return stands();
    },
  };
}

/** Minutes that a stroke takes a professional. */
export const strokeMinutes = (stroke: Stroke, { application }: Pick<PassOptions, 'application'>): number =>
  workMinutes(stroke.work, application);

function strokesOfFace(face: Face, options: PassOptions): Stroke[] {
  const dividing: Dividing = {
    school: FACE_ORDERS[options.face],
    cutsFirst: options.application === 'cut-first',
    rows: rowsOf(face),
    reach: options.reach,
    reaches: reachesOf(face, options.reach),
  };
  return face.elements.flatMap((element) =>
    divided(options.walls === 'trim-first' ? runningOntoTheWall(element) : element, dividing).map(
      ({ suffix, ...part }): Stroke => ({
        ...part,
        id: `${face.id}/${element.id}${suffix}`,
        sheet: face.id,
        grain: element.grain,
        of: element.id,
      }),
    ),
  );
}

/** Trim that may run onto the wall is not cut in along it: of a run one of its long lines, of a casing its only one. */
function runningOntoTheWall(element: Element): Element {
  if (element.part === 'run') {
    return { ...element, cutIn: Math.max(0, element.cutIn - boundsOf(element.outline).width) };
  }
  return element.part === 'frame' ? { ...element, cutIn: 0 } : element;
}

/** The strokes on an edge, drawn beside the front, in the opening, or across the joints. */
function strokesOfEdge(edge: Edge, face: Face, name: string): Stroke[] {
  const work = workOfEdge(edge);
  const stroke = (more: Pick<Stroke, 'role' | 'outline' | 'work'> & Partial<Stroke>, suffix = ''): Stroke => ({
    id: `${face.id}/edge-${edge.id}${suffix}`,
    sheet: face.id,
    name,
    holes: [],
    grain: edge.id === 'top' || edge.id === 'bottom' || edge.id === 'joints' ? 'horizontal' : 'vertical',
    section: 0,
    of: edge.id,
    ...more,
  });
  if (edge.lies === 'lining') {
    const stop = Math.min(0.6, STOP_AND_REBATE / edge.thickness);
    const strips = liningStrips(edge.id, face, stop);
    return [
      stroke({ role: 'lining', name: `inner edge, ${name}`, outline: strips.inner, work: shareOf(work, 1 - stop) }),
      stroke(
        { role: 'stop', name: `stop and rebate, ${name}`, outline: strips.stop, work: shareOf(work, stop) },
        '.stop',
      ),
    ];
  }
  if (edge.lies === 'joints') {
    const joints = Math.max(1, Math.round(edge.length / (2 * face.width)));
    const shown = face.height * 0.02;
    return Array.from({ length: joints }, (_unused, index) =>
      stroke(
        {
          role: 'joint',
          name: `joint ${index + 1}, both its faces`,
          outline: rectangle([0, (face.height * (index + 1)) / (joints + 1) - shown / 2, face.width, shown]),
          work: shareOf(work, 1 / joints),
          section: index,
        },
        `/${index + 1}`,
      ),
    );
  }
  return [stroke({ role: 'edge', outline: edgeStrip(edge.id, face, edge.thickness), work })];
}

/** An edge unfolded beside its face. */
function edgeStrip(id: EdgeId, { width, height }: Face, thickness: number): Stroke['outline'] {
  const span = Math.min(Math.max(width, height), 3 * Math.min(width, height));
  const deep = Math.max(thickness, span * EDGE_SHOWN);
  const gap = span * EDGE_GAP;
  switch (id) {
    case 'hinge':
    case 'left':
      return rectangle([-gap - deep, 0, deep, height]);
    case 'lock':
    case 'right':
      return rectangle([width + gap, 0, deep, height]);
    case 'bottom':
      return rectangle([0, height + gap, width, deep]);
    default:
      return rectangle([0, -gap - deep, width, deep]);
  }
}

/** A jamb or the head of a lining, unfolded into its opening: the inner edge beside the casing, then stop and rebate. */
function liningStrips(id: EdgeId, face: Face, stop: number): { inner: Stroke['outline']; stop: Stroke['outline'] } {
  const opening = face.unpainted.find(({ why }) => why === 'open');
  const { x, y, width, height } = boundsOf(opening?.outline ?? rectangle([0, 0, face.width, face.height]));
  const deep = width * 0.22;
  const [inner, rebate] = [deep * (1 - stop), deep * stop];
  if (id === 'top') {
    return {
      inner: rectangle([x + deep, y, width - 2 * deep, inner]),
      stop: rectangle([x + deep, y + inner, width - 2 * deep, rebate]),
    };
  }
  const isRight = id === 'lock';
  return {
    inner: rectangle([isRight ? x + width - inner : x, y, inner, height]),
    stop: rectangle([isRight ? x + width - deep : x + inner, y, rebate, height]),
  };
}
