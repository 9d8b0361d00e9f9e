import { cleanerOf, coatingOf, fillerOf, preservativeOf } from '../job/queries/shelf.ts';
import { coatsOn, laidOn } from '../job/queries/faces.ts';
import { groupOf } from '../job/queries/groups.ts';
import { hangsByNight } from '../job/queries/pieces.ts';
import { derivedOf } from '../job/derived.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coat, Extent } from '../job/document/coat-schema.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import {
  denibMinutes,
  grainFillMinutes,
  hardwareMinutes,
  keyMinutes,
  maskMinutes,
  preparationOf,
  preserveMinutes,
  reAbradeMinutes,
  TURN_MINUTES,
  washMinutes,
} from '../quantities/pace.ts';
import { withNights } from './night-hanging.ts';
import { plainStep } from './plain-step.ts';
import { withRework } from './rework-steps.ts';
import type { Operation } from './operations.ts';
import type { PieceStep } from './step.ts';
import { coatWork } from '../strokes/chosen-work.ts';
import { areaWithFace, coatedArea } from '../quantities/take-off.ts';
import type { Coating } from '../shelf/coating.ts';

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
  ['shelf', 'planning', 'strokes', 'crew', 'leftOut', 'defects'],
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
  const [first, last] = piece.comesOff
    ? [stepOf(piece, 'take-off', 'take-off', hardware.takeOff), stepOf(piece, 'rehang', 'rehang', hardware.rehang)]
    : [stepOf(piece, 'mask', 'mask', maskMinutes(piece)), stepOf(piece, 'refit', 'refit', hardware.takeOff)];
  const steps = [first, ...preparationSteps(job, piece, buildUp), ...coatSteps(job, piece, group, buildUp), last];
  return hangsByNight(piece) ? withNights(steps, job.crew) : steps;
}

type Stated = Pick<Job, 'shelf' | 'planning' | 'strokes' | 'crew'>;

const stepOf = (
  piece: Piece,
  name: string,
  operation: Operation,
  minutes: number,
  more: Partial<PieceStep> = {},
): PieceStep => plainStep(piece, { id: `${piece.id}/${name}`, operation, minutes }, more);

/** Cleaning, keying, filling and preserving, in that order. */
function preparationSteps(job: Pick<Job, 'shelf'>, piece: Piece, buildUp: BuildUp): PieceStep[] {
  const steps: PieceStep[] = [];
  const add = (name: string, operation: Operation, minutes: number, more: Partial<PieceStep>): void =>
    void steps.push(stepOf(piece, name, operation, minutes, more));
  buildUp.cleaning.forEach(({ product }, index) => {
    const dryHours = cleanerOf(job, product)?.dryHours;
    const name = index === 0 ? 'wash' : `wash-${index + 1}`;
    if (dryHours !== undefined) add(name, 'wash', washMinutes(piece), { dryHours, product });
  });
  if (buildUp.key !== 'none') {
    add(buildUp.key, buildUp.key, keyMinutes(piece, buildUp.key), {
      dryHours: buildUp.key === 'wet-abrade' ? WET_ABRASION_DRIES : 0,
    });
  }
  const filler = fillerOf(job, buildUp.filler) ?? null;
  for (const { operation, minutes, dryHours } of preparationOf(piece, filler)) {
    add(operation, operation, minutes, { dryHours });
  }
  const grain = fillerOf(job, buildUp.grainFill?.product ?? null);
  for (let pass = 1; grain && pass <= (buildUp.grainFill?.passes ?? 0); pass++) {
    const { dryHours, id: product } = grain;
    add(`grain-fill-${pass}`, 'grain-fill', grainFillMinutes(piece), { dryHours, product });
  }
  const preservative = preservativeOf(job, buildUp.preservative);
  if (preservative) {
    const { dryHours, id: product } = preservative;
    add('preserve', 'preserve', preserveMinutes(piece), { dryHours, product });
  }
  return steps;
}

/** The coats in their layers, each in as many passes as it takes, and denibbing between layers. */
function coatSteps(job: Stated, piece: Piece, group: FinishGroup, buildUp: BuildUp): PieceStep[] {
  const steps: PieceStep[] = [];
  const faces = FACE_IDS.filter((face) => areaWithFace(piece, face) > 0).reverse();
  const hasTwoColours = group.backColour !== null && group.backColour.hex !== group.colour.hex;
  const oneByOne = piece.comesOff && job.planning.turning === 'one-face';
  const layers = Math.max(...faces.map((face) => coatsOn(buildUp, face).length));
  let lain: Extent | null = null;
  for (let number = 1; number <= layers; number++) {
    const coated = faces.flatMap((face) => {
      const chosen = coatsOn(buildUp, face)[number - 1];
      const coat = chosen && laidOn(job, piece, chosen);
      const coating = coat && coatingOf(job, coat.product);
      return coat && coating && coatedArea(piece, face, coat.extent) > 0 ? [{ face, coat, coating }] : [];
    });
    if (coated.length === 0) continue;
    if (lain !== null) steps.push(stepOf(piece, `denib-${number}`, 'denib', denibMinutes(piece, lain)));
    lain = widest(coated);
    const passes = oneByOne || hasTwoColours ? coated.map((entry): Pass => [entry]) : samePasses(coated);
    passes.forEach((pass, index) => steps.push(coatStep(job, piece, number, pass, oneByOne && index > 0)));
  }
  return steps;
}

/** One pass of a layer: faces that are painted at one go, after the piece was turned or not. */
function coatStep(job: Stated, piece: Piece, number: number, pass: Pass, turned: boolean): PieceStep {
  const [{ coat, coating }] = pass;
  const faces = pass.map(({ face }) => face);
  const { minutes, painters } = coatWork(job, piece, faces, coat);
  return stepOf(piece, `coat-${number}/${faces.join('+')}`, 'coat', minutes + (turned ? TURN_MINUTES : 0), {
    turned,
    painters,
    coat: { number, coat, coating, faces, reAbrade: reAbradeMinutes(piece) },
  });
}

/** How far the coats reach that are laid at once. */
function widest(coated: readonly Coated[]): Extent {
  const extents = coated.map(({ coat }) => coat.extent);
  if (extents.includes('all')) return 'all';
  return extents.includes('spots') ? 'spots' : 'edges';
}

type Coated = { face: FaceId; coat: Coat; coating: Coating };
type Pass = [Coated, ...Coated[]];

/** Faces that take the same product in the same way are painted in one pass; others after each other. */
function samePasses(coated: readonly Coated[]): Pass[] {
  const passes: Pass[] = [];
  for (const entry of coated) {
    const pass = passes.find(
      ([first]) =>
        first.coat.product === entry.coat.product &&
        first.coat.tool === entry.coat.tool &&
        first.coat.extent === entry.coat.extent,
    );
    if (pass) pass.push(entry);
    else passes.push([entry]);
  }
  return passes;
}
