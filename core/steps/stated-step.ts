import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { Operation } from './operations.ts';
import { plainStep } from './plain-step.ts';
import type { PieceStep } from './step.ts';

/** The parts of a job that the steps of its pieces follow from, beside piece and build-up. */
export const STATED_FROM = ['shelf', 'planning', 'strokes', 'crew', 'findings', 'patches', 'site', 'rooms'] as const;
export type Stated = Pick<Job, (typeof STATED_FROM)[number]>;

/** A step of a build-up under the name that it keeps in plan and log. `minutes` at a professional's pace. */
export const stepOf = (
  piece: Piece,
  name: string,
  operation: Operation,
  minutes: number,
  more: Partial<PieceStep> = {},
): PieceStep => plainStep(piece, { id: `${piece.id}/${name}`, operation, minutes }, more);
