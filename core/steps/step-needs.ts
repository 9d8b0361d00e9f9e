import { TWO_PEOPLE_FROM, weightOf } from '../job/queries/pieces.ts';
import type { PieceStep } from './step.ts';

/** What is done on the bench, of pieces that come off. */
const BENCH_WORK: ReadonlySet<PieceStep['operation']> = new Set([
  'wash',
  'abrade',
  'wet-abrade',
  'degloss',
  'plant',
  'fill',
  'drill',
  'grain-fill',
  'preserve',
  'denib',
  'coat',
  'put-right',
]);

/** What lifts a piece off its hinges or back onto them. */
const LIFTING: ReadonlySet<PieceStep['operation']> = new Set(['take-off', 'take-down', 'hang-for-night', 'rehang']);

/** Whether a step is done on the bench. */
export const isBenchWork = ({ piece, operation, rework }: PieceStep): boolean =>
  piece.comesOff && BENCH_WORK.has(operation) && !rework?.isInPlace;

/** Whether a step takes two people: a heavy piece is lifted off its hinges and back by two, and two may share its strokes. */
export const needsTwo = ({ operation, piece, painters }: PieceStep): boolean =>
  painters === 2 || (LIFTING.has(operation) && weightOf(piece) > TWO_PEOPLE_FROM);
