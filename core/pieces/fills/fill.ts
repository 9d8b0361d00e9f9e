import type { Box, Element, Unpainted } from '../elevation.ts';

/** A field of a framed face: what lies between its rails and stiles. */
export interface Field {
  /** Unique on its face. */
  id: string;
  /** Where it is: “upper left”, “3”; empty when it is the only one. */
  place: string;
  /** Which of several frames it belongs to: “section 2”; empty when there is one. */
  of: string;
  box: Box;
}

/** What a framed face holds in its fields: a definition like any other. To add one, write its file. */
export interface Fill {
  /** What a field of it is called: “panel”. */
  name: string;
  /** The smallest width and height in mm of a field that it can be made in. */
  least: { width: number; height: number };
  parts(field: Field): { elements: Element[]; unpainted: Unpainted[] };
}

/** “upper left panel”, “panel 3 of section 2”, “panel”. */
export function named({ place, of }: Field, name: string): string {
  const placed = /^\d+$/.test(place) ? `${name} ${place}` : `${place} ${name}`.trim();
  return of === '' ? placed : `${placed} of ${of}`;
}
