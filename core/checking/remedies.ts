import type { Coat } from '../job/document/coat-schema.ts';
import type { ReworkStep } from '../job/document/defect-schema.ts';
import { coatingOf, shelfOf } from '../job/queries/shelf.ts';
import { groupOf } from '../job/queries/groups.ts';
import type { Job } from '../job/document/schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import type { CoatStep } from '../steps/step.ts';
import { coatMinutes, keyMinutes } from '../quantities/pace.ts';
import { coatedArea } from '../quantities/take-off.ts';
import type { DryingStage } from '../shelf/coating.ts';

/** What a remedy is put together for: the face, and the coat that lies on it uppermost. */
export interface ToRemedy {
  job: Pick<Job, 'shelf' | 'groups'>;
  piece: Piece;
  face: FaceId;
  last: CoatStep;
}

/** Makes steps of rework. */
export type Remedy = (toRemedy: ToRemedy) => ReworkStep[];

/** Minutes to get to a spot and put it right. */
const SPOT_MINUTES = 5;

const step = (
  name: string,
  words: string,
  minutes: number,
  waitFor: DryingStage | null,
  coat: Coat | null = null,
): ReworkStep => ({
  name,
  words,
  minutes: Math.max(1, Math.round(minutes * 10) / 10),
  waitFor,
  coat,
});

/** Dry work on one spot, once the coat there has reached a stage. */
export const onSpot =
  (name: string, words: string, waitFor: DryingStage | null): Remedy =>
  () => [step(name, words, SPOT_MINUTES, waitFor)];

/** The whole face sanded flat. */
export const sandFace =
  (waitFor: DryingStage): Remedy =>
  ({ piece, face }) => {
    const share =
      coatedArea(piece, face, 'all') /
      Math.max(0.01, coatedArea(piece, 'front', 'all') + coatedArea(piece, 'back', 'all'));
    return [step('sand', 'Sand the face flat, 220 then 320, and wipe', keyMinutes(piece, 'abrade') * share, waitFor)];
  };

/** The last coat once more, on the spot. */
export const touchIn: Remedy = ({ piece, face, last }) => {
  const coat: Coat = { ...last.coat.coat, tool: last.coat.coating.sprayOnly ? 'spray' : 'brush', extent: 'spots' };
  return [step('touch-in', 'Touch in the spot, thin, feathered out', coatMinutes(piece, face, coat), 'recoat', coat)];
};

/** The last coat once more, over the whole face. */
export const coatFace: Remedy = ({ piece, face, last }) => {
  const coat: Coat = { ...last.coat.coat, extent: 'all' };
  return [step('coat', 'One more coat over the whole face', coatMinutes(piece, face, coat), 'recoat', coat)];
};

/** A primer that blocks stains, on the spot; nothing where the shelf has none for that side. */
export const blockSpot: Remedy = ({ job, piece, face }) => {
  const exposure = piece.exposure[face];
  const primer = shelfOf(job).coatings.find(
    ({ role, blocksStains, exposure: madeFor, spotsOutside, sprayOnly }) =>
      role === 'primer' &&
      blocksStains &&
      !sprayOnly &&
      (madeFor === 'both' || madeFor === exposure || (exposure === 'outside' && spotsOutside)),
  );
  if (!primer) return [];
  const coat: Coat = { product: primer.id, tool: 'brush', thinning: 0, extent: 'spots' };
  return [
    step('block', 'Two thin layers of stain block on the spot', 2 * coatMinutes(piece, face, coat), 'recoat', coat),
  ];
};

/** The primer of the piece once more, on a spot that was taken back to the ground; its topcoat where it had none. */
export const primeSpot: Remedy = ({ job, piece, face, last }) => {
  const primer = groupOf(job, piece)?.buildUp?.coats.find(({ product }) => coatingOf(job, product)?.role === 'primer');
  const coat: Coat = { product: primer?.product ?? last.coat.coating.id, tool: 'brush', thinning: 0, extent: 'spots' };
  return [step('prime', 'Prime the bare spot', coatMinutes(piece, face, coat), null, coat)];
};

/** Several remedies one after another. */
export const sequence =
  (...remedies: readonly Remedy[]): Remedy =>
  (toRemedy) =>
    remedies.flatMap((remedy) => remedy(toRemedy));
