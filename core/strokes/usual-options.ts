import type { Piece } from '../job/piece-schema.ts';
import type { Tool } from '../job/schema.ts';
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
