import { FACE_IDS, type FaceId } from '../../pieces/elevation.ts';
import type { Piece } from '../document/piece-schema.ts';
import { TOOL_OF, type StrokeChoice } from '../document/stroke-schema.ts';
import type { Coat } from '../document/coat-schema.ts';
import type { BuildUp, FinishGroup } from '../document/group-schema.ts';
import type { Job } from '../document/schema.ts';

/** The colour that a face gets. */
export function colourOn(group: FinishGroup, face: FaceId): FinishGroup['colour'] {
  return face === 'back' ? (group.backColour ?? group.colour) : group.colour;
}

/** The coats that a face of this build-up gets, first to last. */
export function coatsOn(buildUp: BuildUp, face: FaceId): readonly Coat[] {
  return buildUp.faceCoats[face] ?? buildUp.coats;
}

/** The faces on which a build-up fills the grain. */
export const grainFilledFaces = ({ grainFill }: Pick<BuildUp, 'grainFill'>): readonly FaceId[] =>
  grainFill === null ? [] : FACE_IDS.filter((face) => (grainFill.onlyFace ?? face) === face);

/** How pieces of this kind, of this group, take a product; null where nobody has chosen. */
export function strokesOn(
  job: Pick<Job, 'strokes'>,
  { groupId, kind }: Pick<Piece, 'groupId' | 'kind'>,
  product: string,
): StrokeChoice | null {
  return (
    job.strokes.find((entry) => entry.groupId === groupId && entry.kind === kind && entry.product === product) ?? null
  );
}

/** A coat as it is laid on a piece: with the tool that was chosen for the strokes of its kind. */
export function laidOn(job: Pick<Job, 'strokes'>, piece: Pick<Piece, 'groupId' | 'kind'>, coat: Coat): Coat {
  const choice = coat.extent === 'all' ? strokesOn(job, piece, coat.product) : null;
  const tool = choice ? TOOL_OF[choice.application] : coat.tool;
  return tool === coat.tool ? coat : { ...coat, tool };
}
