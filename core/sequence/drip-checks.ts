import type { FaceId } from '../pieces/elevation.ts';
import { openMinutes, type WetEdge } from './open-time.ts';
import { ROLE_DEFINITIONS } from './roles.ts';
import type { Simulation } from './simulate.ts';

/** When one looks for drips after a face. */
const LOOK_AFTER = 10;

/** A look for drips and runs. */
export interface DripCheck {
  face: FaceId;
  /** Minutes on the edge's clock. */
  at: number;
  /** Until when a run can still be brushed out; later it is left to dry. */
  brushableUntil: number;
  /** Where paint gathers, in the painter's words, each once. */
  where: string[];
}

/**
 * After each face is done one looks at it for drips: after ten minutes, or sooner where the last of it would have set by
 * then; and again from the far side.
 */
export function dripChecks({ strokes }: Pick<Simulation, 'strokes'>, edge: WetEdge): DripCheck[] {
  const faces = new Map<FaceId, { until: number; where: Set<string> }>();
  for (const { stroke, until } of strokes) {
    const face = faces.get(stroke.sheet) ?? { until, where: new Set<string>() };
    face.until = Math.max(face.until, until);
    const drips = ROLE_DEFINITIONS[stroke.role].drips;
    if (drips) face.where.add(drips.where);
    faces.set(stroke.sheet, face);
  }
  return [...faces].map(([face, { until, where }]) => {
    const open = openMinutes(edge, until);
    return { face, at: until + Math.min(LOOK_AFTER, open), brushableUntil: until + open, where: [...where] };
  });
}
