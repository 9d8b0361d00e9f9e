import type { EdgeSchool } from '../job/document/stroke-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import type { FaceOrder } from './face-orders.ts';
import { boundsOf, middleOf, type Role, type Stroke } from './stroke.ts';

/** What a school's order follows from. */
export interface Sorting {
  school: FaceOrder;
  /** Lower ends of the rows of each face, in mm. */
  rows: ReadonlyMap<FaceId, readonly number[]>;
  edges: EdgeSchool;
  /** Whether all lines are cut in before anything is filled. */
  cutsFirst: boolean;
}

const CUT: ReadonlySet<Role> = new Set(['moulding', 'cut-line', 'glazing']);

/** Which of a piece comes before which: edges, faces and what is reached with the door open. */
function phaseOf({ role, sheet }: Stroke, edges: EdgeSchool, hasLining: boolean): number {
  if (role === 'joint') return 9;
  if (hasLining) return role === 'lining' ? 2 : role === 'stop' ? 3 : sheet === 'front' ? 1 : 4;
  if (role === 'edge') return edges === 'edges-first' ? 0 : 8;
  return sheet === 'back' ? 1 : 2;
}

/** Numbers that are compared one after the other: what has lower ones is painted first by this school. */
function rankOf(stroke: Stroke, { school, rows, edges, cutsFirst }: Sorting, hasLining: boolean): number[] {
  const { role } = stroke;
  const phase = phaseOf(stroke, edges, hasLining);
  if (role === 'edge' || role === 'lining' || role === 'stop' || role === 'joint') return [phase];
  const found = school.groups.findIndex((group) => group.includes(role));
  const group = found < 0 ? school.groups.length : found;
  const block =
    school.within === 'section'
      ? stroke.section
      : school.within === 'row'
        ? rowOf(stroke, rows.get(stroke.sheet) ?? [])
        : 0;
  return [phase, cutsFirst && !CUT.has(role) ? 1 : 0, block, group];
}

/** Which row between rails; of a face without rails, how far down in mm. */
function rowOf(stroke: Stroke, rows: readonly number[]): number {
  const [, y] = middleOf(stroke.outline);
  return rows.length > 0 ? rows.filter((end) => end < y).length : Math.round(boundsOf(stroke.outline).y);
}

function compared(one: readonly number[], other: readonly number[]): number {
  for (let index = 0; index < Math.max(one.length, other.length); index++) {
    const difference = (one[index] ?? 0) - (other[index] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}

interface Ranked {
  stroke: Stroke;
  rank: number[];
}

function ranked(strokes: readonly Stroke[], sorting: Sorting): Ranked[] {
  const hasLining = strokes.some(({ role }) => role === 'lining');
  return strokes.map((stroke) => ({ stroke, rank: rankOf(stroke, sorting, hasLining) }));
}

/** Strokes in the order in which a school paints them: rank by rank, then down or across the face. */
export function schoolOrder(strokes: readonly Stroke[], sorting: Sorting): Stroke[] {
  const place = ({ role, outline }: Stroke): number[] => {
    if (role === 'edge' || role === 'lining' || role === 'stop') return [];
    const { x, y } = boundsOf(outline);
    const [across, down] = [Math.round(x), Math.round(y)];
    return sorting.school.runs === 'across' ? [across, down] : [down, across];
  };
  return ranked(strokes, sorting)
    .map(({ stroke, rank }, index) => ({ stroke, rank, place: [...place(stroke), index] }))
    .sort((one, other) => compared(one.rank, other.rank) || compared(one.place, other.place))
    .map(({ stroke }) => stroke);
}

/** Pairs of ids that keep the ranks of a school: everything of one rank before everything of the next. */
export const precedences = (strokes: readonly Stroke[], sorting: Sorting): [string, string][] =>
  stepwise(ranked(strokes, sorting));

/**
 * Pairs of ids that no order can do without, whatever the school: edges and faces in turn, what is reached with a door
 * open after what is not, and the far side of a spindle after its near sides.
 */
export function fixedPrecedences(strokes: readonly Stroke[], sorting: Sorting): [string, string][] {
  const hasLining = strokes.some(({ role }) => role === 'lining');
  const sides = strokes
    .filter(({ role }) => role === 'spindle-back')
    .map(({ id, sheet, of }): [string, string] => [`${sheet}/${of}`, id]);
  const stands = strokes.map((stroke) => ({
    stroke,
    rank: [phaseOf(stroke, sorting.edges, hasLining)],
  }));
  return [...stepwise(stands.sort((one, other) => compared(one.rank, other.rank))), ...sides];
}

/** Everything of one rank before everything of the next, of strokes that are sorted by their ranks. */
function stepwise(sorted: readonly Ranked[]): [string, string][] {
  const groups: Ranked[][] = [];
  for (const entry of sorted) {
    const group = groups.at(-1);
    if (group?.[0] && compared(group[0].rank, entry.rank) === 0) group.push(entry);
    else groups.push([entry]);
  }
  return groups.flatMap((group, index) =>
    group.flatMap(({ stroke: { id } }) =>
      (groups[index + 1] ?? []).map(({ stroke: next }): [string, string] => [id, next.id]),
    ),
  );
}
