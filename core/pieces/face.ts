import {
  outlineArea,
  squareMetres,
  type Element,
  type Face,
  type FaceId,
  type Grain,
  type Part,
  type Point,
  type Unpainted,
} from './elevation.ts';
import { lapsOf } from './laps.ts';

interface ElementFacts {
  id: string;
  name: string;
  part: Part;
  outline: readonly Point[];
  holes?: readonly (readonly Point[])[];
  grain?: Grain;
  section?: number;
  isLarge?: boolean;
  /** mm² beyond the drawn area; 0 for a flat element. */
  excess?: number;
  cutIn?: number;
  /** The field inside a bevel or moulding; all of the excess lies around it. */
  inside?: readonly Point[];
}

/** An element from its outline; flat and of vertical grain unless told otherwise. */
export function element({
  id,
  name,
  part,
  outline,
  holes = [],
  grain,
  excess = 0,
  cutIn,
  section,
  inside,
  isLarge = false,
}: ElementFacts): Element {
  const drawn = outlineArea(outline) - holes.reduce((sum, hole) => sum + outlineArea(hole), 0);
  return {
    id,
    name,
    part,
    outline,
    holes,
    projectedArea: squareMetres(drawn),
    developedArea: squareMetres(drawn + excess),
    cutIn: cutIn ?? 0,
    grain: grain ?? 'vertical',
    section: section ?? 0,
    isLarge,
    relief: inside ? { inside, area: squareMetres(drawn - outlineArea(inside) + excess) } : null,
  };
}

/** A face of these elements and unpainted parts, with the laps between its elements. */
export function faceOf(
  id: FaceId,
  width: number,
  height: number,
  parts: { elements: readonly Element[]; unpainted?: readonly Unpainted[] },
): Face {
  let laps: Face['laps'] | null = null;
  return {
    id,
    width,
    height,
    elements: parts.elements,
    unpainted: parts.unpainted ?? [],
    // Drawings and areas do without them, and they take the longest of all.
    get laps() {
      laps ??= lapsOf(parts.elements);
      return laps;
    },
  };
}
