import type { z } from 'zod';
import type { EdgeId, Elevation, FaceId } from './elevation.ts';

/** A length or count that a kind asks for, with the bounds inside which it is believable. */
export interface DimensionField {
  key: string;
  label: string;
  unit: 'mm' | 'count' | 'shares';
  min: number;
  max: number;
  /** Main sizes are asked first; the rest wait behind “more of its shape”. */
  main: boolean;
}

/** A choice that a kind asks for. */
export interface ChoiceField {
  key: string;
  label: string;
  unit: 'choice';
  choices: readonly { value: string; label: string }[];
  main: boolean;
}

export type ShapeField = DimensionField | ChoiceField;

export type ShapeValue = number | string | readonly number[];
export type Shape = Readonly<Record<string, ShapeValue>>;

/** A bag entry: what the piece usually carries. */
export interface HardwareItem {
  name: string;
  count: number;
}

/** One kind of piece: all that Nivel knows about it. To add a kind, write its file and list it in the registry. */
export interface PieceDefinition<S extends Shape = Shape> {
  id: string;
  /** In the UK vocabulary; said in the job's own by `inVocabulary`. */
  name: string;
  plural: string;
  /** The letter of its marks: `D` in `D-03`. */
  markLetter: string;
  schema: z.ZodType<S>;
  fields: readonly ShapeField[];
  presets: readonly { name: string; shape: S }[];
  /** Why a shape within bounds still can't be made; null when it can. */
  fault(shape: S): { field: string; message: string } | null;
  elevation(shape: S): Elevation;
  /** Name of a face on this kind: “front” and “back”, or “room side” and “hall side”. */
  faceNames: Readonly<Record<FaceId, string>>;
  edgeNames: Partial<Readonly<Record<EdgeId, string>>>;
  hardware(shape: S): HardwareItem[];
  /** Weight in kg, from the size and a density of 560 kg/m³ for timber or 720 for board. */
  weight(shape: S): number;
  /** Usual scope of a new piece of this kind. */
  usualScope: { faces: readonly FaceId[]; edges: readonly EdgeId[] };
  /** Minutes to take the hardware off and bag it, and to rehang, at a professional's pace. */
  pace: { takeOff: number; rehang: number };
}
