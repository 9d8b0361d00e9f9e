import { cleanerOf, fillerOf, preservativeOf } from '../job/queries/shelf.ts';
import { coatsOn, grainFilledFaces, laidOn } from '../job/queries/faces.ts';
import { groupOf } from '../job/queries/groups.ts';
import { hangsByNight } from '../job/queries/pieces.ts';
import { derivedOf } from '../job/derived.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import {
  grainFillMinutes,
  hardwareMinutes,
  keyMinutes,
  loosePaintMinutes,
  preparationOf,
  preserveMinutes,
  washMinutes,
} from '../quantities/pace.ts';
import { maskingOf } from '../quantities/masking.ts';
import { FILLER_HOURS } from '../pieces/filler.ts';
import { SUBSTRATES } from '../pieces/substrate.ts';
import { knownSurface } from '../surface-tests/known-surface.ts';
import type { Tool } from '../shelf/tools.ts';
import { coatSteps } from './coat-steps.ts';
import { withNights } from './night-hanging.ts';
import { withRework } from './rework-steps.ts';
import type { Operation } from './operations.ts';
import { STATED_FROM, stepOf, type Stated } from './stated-step.ts';
import type { PieceStep } from './step.ts';
import { areaWithFace } from '../quantities/take-off.ts';

/** Of the minutes that masking took, what taking it off takes. */
const UNMASKING = 0.25;

/** Whether a piece can be planned: its group's build-up is chosen and something of it is in scope. */
export function isPlannable(job: Job, piece: Piece): boolean {
  const buildUp = groupOf(job, piece)?.buildUp;
  return !!buildUp && hasCoats(piece, buildUp);
}

const hasCoats = (piece: Piece, { coats }: BuildUp): boolean =>
  coats.length > 0 && FACE_IDS.some((face) => areaWithFace(piece, face) > 0);

/** Hours at 23 °C and 50 % RH until what was abraded wet is dry: a default. */
const WET_ABRASION_DRIES = 1;

export const stepsIn = derivedOf(
  ['leftOut', 'defects', ...STATED_FROM],
  (job, piece: Piece, group: FinishGroup | undefined): readonly PieceStep[] =>
    group ? withRework(job, piece, stepsWith(job, piece, group)) : [],
);

/** Every step of a piece in order; empty when it can't be planned yet. */
export const pieceSteps = (job: Job, piece: Piece): readonly PieceStep[] => stepsIn(job, piece, groupOf(job, piece));

/** The steps that a piece would have in such a group: what a build-up that could be chosen would ask. */
export function stepsWith(job: Stated, piece: Piece, group: FinishGroup): PieceStep[] {
  const { buildUp } = group;
  if (buildUp === null || !hasCoats(piece, buildUp)) return [];
  const hardware = hardwareMinutes(piece);
  const masking = maskingOf(job, piece, toolsOf(job, piece, buildUp));
  const [first, last] = piece.comesOff
    ? [stepOf(piece, 'take-off', 'take-off', hardware.takeOff), stepOf(piece, 'rehang', 'rehang', hardware.rehang)]
    : [
        stepOf(piece, 'mask', 'mask', hardware.inPlace + masking.minutes),
        stepOf(piece, 'refit', 'refit', hardware.inPlace + UNMASKING * masking.minutes),
      ];
  const isBare = !piece.comesOff && hardware.inPlace + masking.minutes === 0;
  if (isBare) return [...preparationSteps(job, piece, buildUp), ...coatSteps(job, piece, group, buildUp)];
  const steps = [first, ...preparationSteps(job, piece, buildUp), ...coatSteps(job, piece, group, buildUp), last];
  return hangsByNight(piece) ? withNights(steps, job.crew) : steps;
}

/** The tools with which a piece gets its coats. */
const toolsOf = (job: Stated, piece: Piece, buildUp: BuildUp): Tool[] =>
  FACE_IDS.flatMap((face) => coatsOn(buildUp, face).map((coat) => laidOn(job, piece, coat).tool));

/** The faces of a piece that are abraded until their pores are open to the grain filler of a build-up. */
export const openedFaces = (job: Stated, piece: Piece, buildUp: BuildUp): readonly FaceId[] =>
  knownSurface(job, piece).facts.oldCoat === 'bare' ? [] : grainFilledFaces(buildUp);

/** Cleaning, keying, filling and preserving, in that order. */
function preparationSteps(job: Stated, piece: Piece, buildUp: BuildUp): PieceStep[] {
  const steps: PieceStep[] = [];
  const { facts } = knownSurface(job, piece);
  const add = (name: string, operation: Operation, minutes: number, more: Partial<PieceStep>): void =>
    void steps.push(stepOf(piece, name, operation, minutes, more));
  buildUp.cleaning.forEach(({ product }, index) => {
    const dryHours = cleanerOf(job, product)?.dryHours;
    const name = index === 0 ? 'wash' : `wash-${index + 1}`;
    if (dryHours !== undefined) add(name, 'wash', washMinutes(piece, facts.contamination), { dryHours, product });
  });
  const isWet = buildUp.key === 'wet-abrade' || facts.lead === 'lead';
  const wetDries = { dryHours: WET_ABRASION_DRIES };
  const letsGo = facts.soundness === 'lets-go' && facts.oldCoat !== 'bare';
  const loose = loosePaintMinutes(piece);
  if (letsGo) {
    add('scrape', isWet ? 'wet-scrape' : 'scrape', loose.scrape, {});
    add('feather', isWet ? 'wet-feather' : 'feather', loose.feather, isWet ? wetDries : {});
  }
  if (buildUp.key !== 'none') {
    add(
      buildUp.key,
      buildUp.key,
      keyMinutes(piece, buildUp.key, openedFaces(job, piece, buildUp)),
      buildUp.key === 'wet-abrade' ? wetDries : {},
    );
  }
  const fillers = buildUp.fillers.flatMap((id) => fillerOf(job, id) ?? []);
  const forHoles = fillers.find(({ fills }) => fills === 'holes');
  if (letsGo && SUBSTRATES[facts.substrate].isFilled) {
    add('spot-fill', 'spot-fill', loose.spotFill, {
      dryHours: forHoles?.dryHours ?? FILLER_HOURS,
      product: forHoles?.id ?? null,
    });
  }
  preparationOf(piece, fillers).forEach(({ operation, minutes, dryHours, filler }, index, all) => {
    const isAgain = all.slice(0, index).some((other) => other.operation === operation);
    add(isAgain ? `${operation}-${index + 1}` : operation, operation, minutes, {
      dryHours,
      product: filler?.id ?? null,
    });
  });
  const grain = fillerOf(job, buildUp.grainFill?.product ?? null);
  const grainMinutes = grainFillMinutes(piece, grainFilledFaces(buildUp));
  for (let pass = 1; grain && grainMinutes > 0 && pass <= (buildUp.grainFill?.passes ?? 0); pass++) {
    const { dryHours, id: product } = grain;
    add(`grain-fill-${pass}`, 'grain-fill', grainMinutes, { dryHours, product });
  }
  if (letsGo) add('dust-off', 'dust-off', loose.dustOff, {});
  const preservative = preservativeOf(job, buildUp.preservative);
  if (preservative) {
    const { dryHours, id: product } = preservative;
    add('preserve', 'preserve', preserveMinutes(piece, !piece.preservesRest || facts.oldCoat === 'bare'), {
      dryHours,
      product,
    });
  }
  return steps;
}
