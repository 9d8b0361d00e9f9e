import type { Piece } from '../job/document/piece-schema.ts';
import type { Operation } from './operations.ts';
import type { PieceStep } from './step.ts';

/** A step of one painter's that lays no coat and leaves nothing wet, but for what `more` says of it. `minutes` of work. */
export const plainStep = (
  piece: Piece,
  { id, operation, minutes }: { id: string; operation: Operation; minutes: number },
  more: Partial<PieceStep> = {},
): PieceStep => ({
  id,
  piece,
  operation,
  minutes,
  coat: null,
  product: null,
  dryHours: 0,
  turned: false,
  otherSide: false,
  painters: 1,
  rework: null,
  ...more,
});
