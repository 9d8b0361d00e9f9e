import type { Piece } from '../job/document/piece-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { Job } from '../job/document/schema.ts';
import type { StrokeChoice } from '../job/document/stroke-schema.ts';
import { strokesOn } from '../job/queries/faces.ts';
import { definitionOf } from '../pieces/registry.ts';
import { usualApplication } from '../quantities/pace.ts';
import { USUAL_REACH } from './dividing.ts';
import type { PassOptions } from './pass.ts';

/** How a piece is painted where nobody has chosen: its kind's usual school, edges first, with the coat's tool. */
export function usualOptions(piece: Pick<Piece, 'kind'>, tool: Tool): PassOptions {
  return {
    face: definitionOf(piece.kind).schools[0],
    edges: 'edges-first',
    walls: 'walls-first',
    application: usualApplication(tool),
    reach: USUAL_REACH,
  };
}

/** How a pass is painted, whatever piece and product it is chosen for. */
export type StrokeOptions = Omit<StrokeChoice, 'groupId' | 'kind' | 'product'>;

/**
 * What the job has chosen for a product on a piece, or the usual way with the coat's tool, by one painter, in the order of
 * trades that the job is planned by.
 */
export function chosenOptions(
  job: Pick<Job, 'strokes' | 'planning'>,
  piece: Pick<Piece, 'kind' | 'groupId'>,
  product: string,
  tool: Tool,
): StrokeOptions {
  const chosen = strokesOn(job, piece, product);
  if (chosen === null) return { ...usualStrokes(piece, tool), walls: job.planning.trades };
  const { groupId: _group, kind: _kind, product: _product, ...options } = chosen;
  return options;
}

/** The usual way by one painter, in the school's order. */
export const usualStrokes = (piece: Pick<Piece, 'kind'>, tool: Tool): StrokeOptions => ({
  ...usualOptions(piece, tool),
  painters: 1,
  conditioner: false,
  breaks: false,
  order: null,
});
