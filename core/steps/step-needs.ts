import { TWO_PEOPLE_FROM, weightOf } from '../job/queries/pieces.ts';
import { operationOf } from './operations.ts';
import type { PieceStep } from './step.ts';

/** Whether a step is done on the bench. */
export const isBenchWork = (step: PieceStep): boolean =>
  step.piece.comesOff && operationOf(step).isBenchWork && !step.rework?.isInPlace;

/** Whether the piece stays where it dries after a step: a coat, or what is done between two. */
export const staysWhereItDries = (step: PieceStep): boolean => step.coat !== null || operationOf(step).isBetweenCoats;

/** Whether a step takes two people: a heavy piece is lifted off its hinges and back by two, and two may share its strokes. */
export const needsTwo = (step: PieceStep): boolean =>
  step.painters === 2 || (operationOf(step).isLifted && weightOf(step.piece) > TWO_PEOPLE_FROM);
