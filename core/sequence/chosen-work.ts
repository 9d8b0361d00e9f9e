import { strokesOn } from '../job/queries/faces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { Application, StrokeChoice } from '../job/document/stroke-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { coatMinutes, coatPaintWork, usualApplication } from '../quantities/pace.ts';
import { sumOfWork, type PaintWork } from '../quantities/paint-work.ts';
import { RateClock } from '../units/rate-clock.ts';
import { passOf, strokeMinutes } from './pass.ts';
import { simulateStrokes, type Hand } from './simulate.ts';
import { inOrder } from './stroke-order.ts';

/** Hands-on minutes at a professional's pace, from first stroke to last, and how many painters they take. */
export interface CoatWork {
  minutes: number;
  painters: 1 | 2;
}

/** What it takes to put a coat on some faces of a piece, by the strokes that were chosen, or else as its tool usually goes. */
export function coatWork(
  job: Pick<Job, 'strokes' | 'crew'>,
  piece: Piece,
  faces: readonly FaceId[],
  coat: Pick<Coat, 'product' | 'tool' | 'extent'>,
): CoatWork {
  const choice = coat.extent === 'all' ? strokesOn(job, piece, coat.product) : null;
  if (choice === null) {
    return { minutes: faces.reduce((sum, face) => sum + coatMinutes(piece, face, coat), 0), painters: 1 };
  }
  const pass = passOf(piece, faces, choice);
  const minutes = pass.strokes.reduce((sum, stroke) => sum + strokeMinutes(stroke, choice), 0);
  if (choice.painters === 1 || job.crew.length < 2) return { minutes, painters: 1 };
  return { minutes: byTwo(piece, faces, choice), painters: 2 };
}

/** What there is to paint for a coat on some faces of a piece, and how it is put on: what {@link coatWork} takes minutes for. */
export function paintWorkOf(
  job: Pick<Job, 'strokes'>,
  piece: Piece,
  faces: readonly FaceId[],
  coat: Pick<Coat, 'product' | 'tool' | 'extent'>,
): { work: PaintWork; application: Application } {
  const choice = coat.extent === 'all' ? strokesOn(job, piece, coat.product) : null;
  return choice === null
    ? {
        work: sumOfWork(faces.map((face) => coatPaintWork(piece, face, coat.extent))),
        application: usualApplication(coat.tool),
      }
    : {
        work: sumOfWork(passOf(piece, faces, choice).strokes.map(({ work }) => work)),
        application: choice.application,
      };
}

const EQUAL_HANDS: readonly [Hand, Hand] = [
  { id: 'one', name: 'one', factor: 1 },
  { id: 'other', name: 'other', factor: 1 },
];
/** A clock on which nothing sets: how long it takes does not hang on it. */
const STANDING = new RateClock([], 60);

/** Minutes from the first stroke to the last when two share a pass. */
function byTwo(piece: Piece, faces: readonly FaceId[], choice: StrokeChoice): number {
  const pass = passOf(piece, faces, choice);
  return simulateStrokes({
    strokes: inOrder(pass, choice.order),
    laps: [],
    minutesOf: (stroke) => strokeMinutes(stroke, choice),
    hands: EQUAL_HANDS,
    edge: { dose: 1, clock: STANDING },
    start: 0,
    touchDry: null,
  }).until;
}
