import { coatingOf } from '../job/queries/shelf.ts';
import { coatsOn } from '../job/queries/faces.ts';
import { dryingClimateId } from '../job/queries/places.ts';
import { groupOf } from '../job/queries/groups.ts';
import type { Tool } from '../shelf/tools.ts';
import type { Job } from '../job/document/schema.ts';
import type { Coating } from '../shelf/coating.ts';

/** A coating and how it is put on. */
export interface CoatKind {
  coating: Coating;
  tool: Tool;
}

/** What dries in a place of the job: each chosen coating and tool once, in the order in which they are met. */
export function coatsDryingIn(job: Job, climateId: string): CoatKind[] {
  const found: CoatKind[] = [];
  for (const piece of job.pieces) {
    const buildUp = groupOf(job, piece)?.buildUp;
    if (!buildUp) continue;
    for (const face of piece.scope.faces) {
      if (dryingClimateId(job, piece, [face]) !== climateId) continue;
      for (const { product, tool } of coatsOn(buildUp, face)) {
        const coating = coatingOf(job, product);
        const isKnown = found.some((coat) => coat.coating.id === product && coat.tool === tool);
        if (coating && !isKnown) found.push({ coating, tool });
      }
    }
  }
  return found;
}
