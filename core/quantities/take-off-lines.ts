import { edgeFaceOf, elevationOf } from '../job/queries/pieces.ts';
import type { Job } from '../job/document/schema.ts';
import type { EdgeId, FaceId, Part } from '../pieces/elevation.ts';
import { paintUses, type PaintUse } from './litres.ts';

/** One element, or edge, of one face with one coat: the finest line of a take-off. */
export interface TakeOffLine {
  use: PaintUse;
  face: FaceId;
  /** What it is in the trade's words; an edge by its place. */
  part: Part | EdgeId;
  name: string;
  area: number;
  litres: number;
}

/** The take-off of a job by face, element, tool and coat. The lines of a coat add up to what its tin gives. */
export function takeOffLines(job: Job): TakeOffLine[] {
  return paintUses(job).flatMap((use) => {
    const parts = partsOf(use);
    const whole = parts.reduce((sum, { area }) => sum + area, 0);
    // Spots are a share of the face: every element has its share of them.
    return parts.map(({ area, ...part }) => ({
      ...part,
      use,
      face: use.face,
      area: (area / whole) * use.area,
      litres: (area / whole) * use.litres,
    }));
  });
}

function partsOf({ piece, face, coat }: PaintUse): { part: Part | EdgeId; name: string; area: number }[] {
  const { faces, edges } = elevationOf(piece);
  const elements =
    coat.extent === 'edges'
      ? []
      : (faces.find(({ id }) => id === face && piece.scope.faces.includes(id))?.elements ?? []);
  const withEdges = face === edgeFaceOf(piece) ? edges.filter(({ id }) => piece.scope.edges.includes(id)) : [];
  return [
    ...elements.map(({ part, name, developedArea }) => ({ part, name, area: developedArea })),
    ...withEdges.map(({ id, area }) => ({ part: id, name: `${id} edge`, area })),
  ].filter(({ area }) => area > 0);
}
