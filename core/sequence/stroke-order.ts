import type { WetEdgeProblem } from './wet-edge.ts';
import { strokeMinutes, type Pass, type PassOptions } from './pass.ts';
import type { Stroke } from './stroke.ts';

/** The same stroke on the other face. */
const turned = (id: string): string =>
  id.startsWith('front/') ? `back/${id.slice('front/'.length)}` : `front/${id.slice('back/'.length)}`;

/**
 * Strokes of a pass in an order that was found or made for the piece: that of one face holds for the other. The school's
 * order where none was, or where it does not name every stroke, as on a piece of other panels.
 */
export function inOrder({ strokes }: Pass, listed: readonly string[] | null): readonly Stroke[] {
  if (listed === null) return strokes;
  const places = new Map(listed.map((id, place) => [id, place]));
  const placed = strokes.map((stroke, index) => {
    const own = places.get(stroke.id);
    return { stroke, index, isOwn: own !== undefined, place: own ?? places.get(turned(stroke.id)) ?? null };
  });
  if (placed.some(({ place }) => place === null)) return strokes;
  // One order for both faces is gone through once for each.
  const faces = new Map<string, number>();
  strokes.forEach(({ sheet }, index) => faces.set(sheet, faces.get(sheet) ?? index));
  const isShared = placed.some(({ isOwn }) => !isOwn) && faces.size > 1;
  return placed
    .sort(
      (one, other) =>
        (isShared ? (faces.get(one.stroke.sheet) ?? 0) - (faces.get(other.stroke.sheet) ?? 0) : 0) ||
        (one.place ?? 0) - (other.place ?? 0) ||
        one.index - other.index,
    )
    .map(({ stroke }) => stroke);
}

/** What a search may leave: the school's ranks, or everything but where one stands. */
export type Freedom = 'within-the-school' | 'any-order';

/** The plain problem of a pass, at a professional's pace: a painter who is slower takes longer everywhere alike. */
export function wetEdgeProblem(
  pass: Pass,
  options: Pick<PassOptions, 'application'>,
  freedom: Freedom,
  openTimeMinutes: number,
): WetEdgeProblem {
  return {
    openTimeMinutes,
    elements: pass.strokes.map((stroke) => ({ id: stroke.id, minutes: strokeMinutes(stroke, options) })),
    laps: pass.laps.map(({ one, other }) => [one, other] as const),
    before: freedom === 'any-order' ? pass.stands : pass.before,
  };
}
