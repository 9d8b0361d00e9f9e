import type { EdgeSchool } from '../job/document/stroke-schema.ts';
import { lapsOf } from '../pieces/laps.ts';
import { boundsOf, type Role, type Stroke } from './stroke.ts';

/** Where two strokes meet: in the middle of a surface, at a joint of the timber, along a profile's line, or over an arris. */
export const LAP_KINDS = {
  surface: { name: 'in the middle of a surface', isNatural: false },
  joint: { name: 'at a joint', isNatural: true },
  'sight-line': { name: 'at a sight line', isNatural: true },
  arris: { name: 'over an arris', isNatural: true },
} as const satisfies Readonly<
  Record<string, { name: string; /** Whether one may stop there without its showing. */ isNatural: boolean }>
>;
export type LapKind = keyof typeof LAP_KINDS;

/** Two strokes of which the later is pulled over the edge of the earlier. */
export interface Lap {
  one: string;
  other: string;
  kind: LapKind;
}

const ROUND_THE_ARRIS: ReadonlySet<Role> = new Set(['edge', 'lining', 'stop', 'spindle-back', 'underside']);
const PROFILED: ReadonlySet<Role> = new Set(['panel', 'moulding', 'field', 'glazing', 'louvre', 'spindle']);

function kindOf(one: Stroke, other: Stroke): LapKind {
  if (ROUND_THE_ARRIS.has(one.role) || ROUND_THE_ARRIS.has(other.role)) {
    // Two stretches of one underside meet in the middle of it.
    return one.role === other.role && one.of === other.of ? 'surface' : 'arris';
  }
  if (one.of === other.of && one.role === other.role) return 'surface';
  return PROFILED.has(one.role) || PROFILED.has(other.role) ? 'sight-line' : 'joint';
}

/** What does not meet, though it is drawn side by side. */
function isApart(one: Stroke, other: Stroke): boolean {
  // The joints of a sectional door are painted with it part open; what spills onto its face is wiped.
  if (one.role === 'joint' || other.role === 'joint') return true;
  // Unfolded into its opening a lining touches more than it does in its frame: a jamb ends under the head of the lining.
  const roles = [one.role, other.role];
  if (roles.includes('stop') && (roles.includes('frame') || (roles.includes('lining') && one.of !== other.of)))
    return true;
  const lining = one.role === 'lining' ? one : other.role === 'lining' ? other : null;
  const casing = one.role === 'frame' ? one : other.role === 'frame' ? other : null;
  if (lining && casing && (lining.of === 'top') !== (casing.of === 'head')) return true;
  // The far side of a spindle meets its other sides alone; where it stands on the rails is a corner.
  return (one.role === 'spindle-back' || other.role === 'spindle-back') && one.of !== other.of;
}

/** Every lap of a pass, each once. Edges that are painted first have none: their spill is wiped off the faces. */
export function lapsBetween(
  strokes: readonly Stroke[],
  sheets: readonly { id: string; width: number; height: number }[],
  edges: EdgeSchool,
): Lap[] {
  const laps = sheets.flatMap(({ id }) => {
    const here = strokes.filter(({ sheet, role }) => sheet === id && role !== 'edge');
    const byId = new Map(here.map((stroke) => [stroke.id, stroke]));
    return lapsOf(here).flatMap(([first, second]) => {
      const [one, other] = [byId.get(first), byId.get(second)];
      if (!one || !other || isApart(one, other)) return [];
      return [{ one: first, other: second, kind: kindOf(one, other) }];
    });
  });
  return edges === 'edges-first' ? laps : [...laps, ...arrisLaps(strokes, sheets)];
}

/** Laps of edges with what lies along them on the faces of this pass. */
function arrisLaps(
  strokes: readonly Stroke[],
  sheets: readonly { id: string; width: number; height: number }[],
): Lap[] {
  return strokes
    .filter(({ role }) => role === 'edge')
    .flatMap((edge) =>
      sheets.flatMap(({ id, width, height }) =>
        strokes
          .filter((stroke) => stroke.sheet === id && stroke.role !== 'edge' && stroke.role !== 'joint')
          .filter((stroke) => {
            const { x, y, width: wide, height: high } = boundsOf(stroke.outline);
            // Seen from the back, left and right change places.
            const [left, right] = id === 'front' ? ['hinge', 'lock'] : ['lock', 'hinge'];
            const [near, far] = id === 'front' ? ['left', 'right'] : ['right', 'left'];
            if (edge.of === left || edge.of === near) return x < 0.01;
            if (edge.of === right || edge.of === far) return x + wide > width - 0.01;
            return edge.of === 'top' ? y < 0.01 : y + high > height - 0.01;
          })
          .map((stroke): Lap => ({ one: stroke.id, other: edge.id, kind: 'arris' })),
      ),
    );
}
