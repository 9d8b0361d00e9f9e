import type { Operation } from './operations.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';

/** The section of a coat that is longer than one goes on: which of how many, what it is, and its share of the coat. */
export interface CoatSection {
  number: number;
  of: number;
  name: string;
  /** The joints' own names that it holds, in order. */
  names: readonly string[];
  share: number;
}

/** What a step lays. */
export interface CoatWork {
  number: number;
  coat: Coat;
  coating: Coating;
  faces: FaceId[];
  reAbrade: number;
  /** Where it is done in sections, from joint to joint; null for the whole coat at one go. */
  section: CoatSection | null;
  /** Hours for which it rests at least before the next coat, whatever its tin says: fresh plaster drinks for a day. */
  restHours: number;
}

/** One step of one piece's way from the wall and back. */
export interface PieceStep {
  /** Stable, so that the log finds it again: `piece/coat-2/back`. */
  id: string;
  piece: Piece;
  operation: Operation;
  /** Minutes at a professional's pace. */
  minutes: number;
  /** For a coat: which, counted from the old surface, with what, and on which faces. */
  coat: CoatWork | null;
  /** What it is cleaned, filled or preserved with; null for other steps. */
  product: string | null;
  /** Hours at 23 °C and 50 % RH until its water, glue or filler is dry; 0 for other steps. */
  dryHours: number;
  /** Whether the piece is turned over before. */
  turned: boolean;
  /** Whether one side of a piece in place is done, and the other is begun with this step. */
  otherSide: boolean;
  /** How many work on it at once; two where that was chosen for its strokes. */
  painters: 1 | 2;
  /** What puts a defect right: which, on which face, in words, what the coat there must have reached; null otherwise. */
  rework: { defectId: string; face: FaceId; words: string; waitFor: DryingStage | null; isInPlace: boolean } | null;
}

/** A step that puts a coat on. */
export type CoatStep = PieceStep & { coat: NonNullable<PieceStep['coat']> };
