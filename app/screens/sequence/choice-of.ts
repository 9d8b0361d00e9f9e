import type { StrokeChoice } from '../../../core/job/document/stroke-schema.ts';
import type { StrokesView } from './use-strokes.ts';

/** What is tried, as the job keeps it for all pieces like this one. */
export function choiceOf({ piece, pass, setting }: StrokesView): StrokeChoice {
  const { face, edges, walls, application, reach, painters, conditioner, breaks, order } = setting;
  const { groupId, kind } = piece;
  return {
    groupId,
    kind,
    product: pass.coating.id,
    face,
    edges,
    walls,
    application,
    reach,
    painters,
    conditioner,
    breaks,
    order,
  };
}
