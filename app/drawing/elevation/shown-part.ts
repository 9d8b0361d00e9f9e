import type { Face } from '../../../core/pieces/elevation.ts';

/** How much of a face is drawn, from the left, in mm. */
export interface ShownPart {
  width: number;
  /** Whether the drawing breaks off before the face ends. */
  isBroken: boolean;
}

/** Wider than so many heights a face is broken off: a skirting of sixty metres shows its profile, not a thread. */
const MAX_ASPECT = 3.2;
/** A face lower than this, in mm, is measured as if it were as high. */
const MIN_HEIGHT = 240;

/** The part of a face that a drawing shows. */
export function shownPart(face: Pick<Face, 'width' | 'height'>): ShownPart {
  const most = Math.max(face.height, MIN_HEIGHT) * MAX_ASPECT;
  return face.width <= most * 1.15 ? { width: face.width, isBroken: false } : { width: most, isBroken: true };
}

/** The line along which a broken drawing ends: a saw's teeth. */
export function breakLine(width: number, height: number): string {
  const teeth = Math.max(3, Math.round(height / 160)) * 2;
  const depth = Math.min(36, height * 0.09);
  return Array.from(
    { length: teeth + 1 },
    (_unused, index) => `${width - (index % 2) * depth} ${(height * index) / teeth}`,
  ).join('L');
}
