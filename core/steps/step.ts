import type { Operation } from './operations.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';

/** One step of one piece's way from the wall and back. */
export interface PieceStep {
  /** Stable, so that the log finds it again: `piece/coat-2/back`. */
  id: string;
  piece: Piece;
  operation: Operation;
  /** Minutes at a professional's pace. */
  minutes: number;
  /** For a coat: which, counted from the old surface, with what, and on which faces. */
  coat: { number: number; coat: Coat; coating: Coating; faces: FaceId[]; reAbrade: number } | null;
  /** What it is cleaned, filled or preserved with; null for other steps. */
  product: string | null;
  /** Hours at 23 °C and 50 % RH until its water, glue or filler is dry; 0 for other steps. */
  dryHours: number;
  /** Whether the piece is turned over before. */
  turned: boolean;
  /** How many work on it at once; two where that was chosen for its strokes. */
  painters: 1 | 2;
  /** What puts a defect right: which, on which face, in words, what the coat there must have reached; null otherwise. */
  rework: { defectId: string; face: FaceId; words: string; waitFor: DryingStage | null; isInPlace: boolean } | null;
}

/** A step that puts a coat on. */
export type CoatStep = PieceStep & { coat: NonNullable<PieceStep['coat']> };
