import { areaWithFace, coatedArea } from '../quantities/take-off.ts';
import { coatsOn, laidOn, strokesOn } from '../job/queries/faces.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import type { Coat, Extent } from '../job/document/coat-schema.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import { hasTrait } from '../pieces/registry.ts';
import { knownSurface } from '../surface-tests/known-surface.ts';
import {
  crewFactor,
  denibMinutes,
  HANDLING_MINUTES,
  reAbradeMinutes,
  TURN_MINUTES,
  usualApplication,
} from '../quantities/pace.ts';
import { sectionsOf, type Section } from '../quantities/sections.ts';
import type { Coating } from '../shelf/coating.ts';
import { coatWork } from '../sequence/chosen-work.ts';
import { longestShift } from './crew-shifts.ts';
import type { PieceStep } from './step.ts';
import { stepOf, type Stated } from './stated-step.ts';

/** The coats of a piece: those of all its faces layer by layer, or, a side at a time, all of one face before the other's. */
export function coatSteps(job: Stated, piece: Piece, group: FinishGroup, buildUp: BuildUp): PieceStep[] {
  const faces = FACE_IDS.filter((face) => areaWithFace(piece, face) > 0).reverse();
  const sides = isSideBySide(piece) ? faces.map((face) => [face]) : [faces];
  return sides.flatMap((side, index) => {
    const steps = layersOn(job, piece, group, buildUp, side);
    return index === 0 ? steps : steps.map((step, at) => (at === 0 ? { ...step, otherSide: true } : step));
  });
}

const isSideBySide = ({ comesOff, oneSideAtATime }: Piece): boolean => !comesOff && oneSideAtATime;

/** The name of the denibbing before a coat: of the whole piece, or of the side that is painted by itself. */
export const denibName = (piece: Piece, number: number, faces: readonly FaceId[]): string =>
  isSideBySide(piece) ? `denib-${number}/${faces.join('+')}` : `denib-${number}`;

/** Coats on faces in their layers, each in as many passes as it takes, and denibbing between layers. */
function layersOn(
  job: Stated,
  piece: Piece,
  group: FinishGroup,
  buildUp: BuildUp,
  faces: readonly FaceId[],
): PieceStep[] {
  const steps: PieceStep[] = [];
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
    if (lain !== null && !hasTrait(piece.kind, 'wall'))
      steps.push(stepOf(piece, denibName(piece, number, faces), 'denib', denibMinutes(piece, lain, faces)));
    lain = widest(coated);
    const passes = oneByOne || hasTwoColours ? coated.map((entry): Pass => [entry]) : samePasses(coated);
    passes.forEach((pass, index) => steps.push(...coatStepsOf(job, piece, number, pass, oneByOne && index > 0)));
  }
  return steps;
}

/** Minutes at the crew's pace that one coat takes at one go on a face in the open, where the weather's hours are short. */
const MAX_IN_THE_OPEN = 60;
/** Minutes at the crew's pace that a section of a longer coat takes at most in a room and in the open, as far as its joints allow. */
const MAX_SECTION = { inside: 90, outside: 45 };
/** Hours for which the first coat on bare plaster rests. */
const PLASTER_RESTS = 24;

/**
 * One pass of a layer: faces that are painted at one go, after the piece was turned or not. What is painted in place and
 * lasts longer than a shift, or in the open than the weather usually allows, is done section by section.
 */
function coatStepsOf(job: Stated, piece: Piece, number: number, pass: Pass, turned: boolean): PieceStep[] {
  const [{ coat, coating }] = pass;
  const faces = pass.map(({ face }) => face);
  const { minutes: laying, painters } = coatWork(job, piece, faces, coat);
  const minutes = laying + (piece.comesOff ? HANDLING_MINUTES : 0);
  const { facts } = knownSurface(job, piece);
  const isOnPlaster = number === 1 && facts.substrate === 'plaster' && facts.oldCoat === 'bare';
  const laid = { number, coat, coating, faces, restHours: isOnPlaster ? PLASTER_RESTS : 0 };
  const name = `coat-${number}/${faces.join('+')}`;
  const sections =
    coat.extent === 'all' && isInSections(job, piece, faces, minutes) ? cutAtJoints(job, piece, faces, coat) : [];
  if (sections.length < 2) {
    return [
      stepOf(piece, name, 'coat', minutes + (turned ? TURN_MINUTES : 0), {
        turned,
        painters,
        coat: { ...laid, reAbrade: reAbradeMinutes(piece), section: null },
      }),
    ];
  }
  const whole = sections.reduce((sum, section) => sum + section.minutes, 0);
  return sections.map((section, index) => {
    const [place, of] = [index + 1, sections.length];
    return stepOf(piece, `${name}/${place}-of-${of}`, 'coat', (minutes * section.minutes) / whole, {
      painters,
      coat: {
        ...laid,
        reAbrade: reAbradeMinutes(piece) * section.share,
        section: { number: place, of, name: section.name, names: section.names, share: section.share },
      },
    });
  });
}

const isInTheOpen = (piece: Piece, faces: readonly FaceId[]): boolean =>
  faces.some((face) => piece.exposure[face] === 'outside');

/** Whether a coat is longer than this crew goes on where the piece is. */
function isInSections(job: Stated, piece: Piece, faces: readonly FaceId[], minutes: number): boolean {
  if (piece.comesOff) return false;
  const most = Math.min(longestShift(job.crew), isInTheOpen(piece, faces) ? MAX_IN_THE_OPEN : Infinity);
  return minutes * crewFactor(job.crew) > most;
}

function cutAtJoints(job: Stated, piece: Piece, faces: readonly FaceId[], coat: Coat): Section[] {
  const application = strokesOn(job, piece, coat.product)?.application ?? usualApplication(coat.tool);
  const most = MAX_SECTION[isInTheOpen(piece, faces) ? 'outside' : 'inside'];
  return sectionsOf(piece, faces, application, most / crewFactor(job.crew));
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
