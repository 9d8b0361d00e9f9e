import type { MaterialVolume } from './materials.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import type { z } from 'zod';
import type { CautionId } from './cautions.ts';
import type { EdgeId, Elevation, FaceId } from './elevation.ts';
import type { Phrase } from './phrases.ts';
import type { Section } from './profiles.ts';
import type { Shape, ShapeField } from './shape.ts';
import type { FaceSchool } from './stroke-schools.ts';
import type { Feature, Trait } from './traits.ts';
import type { ExistingCoat, Substrate } from './substrate.ts';
import type { Trade } from './trades.ts';
import type { Work } from './works.ts';

/** A bag entry: what the piece usually carries. */
export interface HardwareItem {
  name: string;
  count: number;
}

/** Work before the first coat, and how long its glue or filler takes. */
export interface Preparation {
  operation: 'plant' | 'fill' | 'drill' | 'caulk' | 'putty';
  /** At a professional's pace. */
  minutes: number;
  /** At 23 °C and 50 % RH. */
  dryHours: number;
}

/** Lines beside a piece that stays in place, in mm. */
export interface MaskedLines {
  /** Along wall, floor, tread or worktop: cut in freehand, or taped. */
  wall?: number;
  /** Of these, what runs along the floor: no joint to caulk. */
  floor?: number;
  /** Along glass: the same. */
  glass?: number;
  /** Along seals, tracks, hinges and furniture that stay on: taped whoever paints. */
  fixed?: number;
  /** Around openings into what is not painted: covered where it is sprayed. */
  openings?: number;
}

/** One length of moulding to cut for a piece. */
export interface MouldingCut {
  /** Unique on the piece. */
  id: string;
  /** What it is cut from: profile and size. */
  moulding: string;
  place: string;
  length: number;
}

/** One kind of piece: all that Nivel knows about it. To add a kind, write its file and list it in the registry. */
export interface PieceDefinition<S extends Shape = Shape> {
  id: string;
  /** In the UK vocabulary; said in the job's own by `inVocabulary`. */
  name: string;
  plural: string;
  /** The letter of its marks: `D` in `D-03`. */
  markLetter: string;
  /** What kind of work its finish is. */
  work(shape: S): Work;
  /** Which trade of its room it belongs to, where it is painted in place; left out where it stands apart from them. */
  trade?(shape: S): Trade;
  schema: z.ZodType<S>;
  fields: readonly ShapeField[];
  presets: readonly { name: string; shape: S }[];
  /** Why a shape within bounds still can't be made; null when it can. */
  fault(shape: S, units: UnitSystem): { field: string; message: string } | null;
  elevation(shape: S): Elevation;
  /** The profile as cut, for kinds that are long and of one section. */
  section?(shape: S): Section;
  /** What follows from the sizes and is worth a line beside the drawing: the gap between spindles. */
  remarks?(shape: S, units: UnitSystem): string[];
  /** Names of the faces that it has: “front” and “back”, “room side”, “all round”. Every kind has a front. */
  faceNames: Readonly<Partial<Record<FaceId, string>> & { front: string }>;
  edgeNames: Partial<Readonly<Record<EdgeId, string>>>;
  /** The face that looks out where the piece closes the house: of a window, a garage door, an entrance. */
  outerFace?: FaceId;
  /** The face with which its edges are painted, by the way it opens; the front where it is left out. */
  edgesWith?(shape: S): FaceId;
  /** Whether a new piece of this kind looks out on that face, unless it is said otherwise. */
  usuallyOutside?: true;
  /** The face that may stay as it is where days or money are short, since few see it; left out where all are seen. */
  lessSeen?: FaceId;
  /** The schools of order that apply to its faces, the usual one first. */
  schools: readonly [FaceSchool, ...FaceSchool[]];
  /** What is kept open, wedged or closed off while it is wet in its place. */
  whileWet: readonly string[];
  /** What must not get paint, in the painter's words. */
  staysUnpainted: readonly string[];
  hardware(shape: S): HardwareItem[];
  /** The materials of all that is carried once it is off. */
  madeOf(shape: S): readonly MaterialVolume[];
  /** Usual scope of a new piece of this kind. */
  usualScope: { faces: readonly FaceId[]; edges: readonly EdgeId[] };
  /** What it is usually made of and has on it, where that goes without saying. */
  usualSurface?(shape: S): { substrate: Substrate; existing: ExistingCoat };
  /** Whether an opening stands open while it is away: a doorway, a cupboard; not where a plate or a shelf was. */
  closesOpening: boolean;
  /** Whether it is taken off to be painted. */
  comesOff: 'usually' | 'rarely' | 'never';
  /** Work that the shape itself asks for before the first coat: planting moulding, levelling a patch. */
  preparation?(shape: S): Preparation[];
  /** Mitred lengths of moulding that it gets, in mm over the long points. */
  cuts?(shape: S): MouldingCut[];
  /**
   * Minutes at a professional's pace: to take it off with its hardware and bag that, to rehang it, and, where it is painted
   * in place, to take off the furniture that is in the way and to put it back, each.
   */
  pace: { takeOff: number; rehang: number; inPlace: number };
  /** What is kept clean where it is painted in place, in mm of line. Left out where nothing is. */
  lines?(shape: S): MaskedLines;
  /** What its use asks of a finish. */
  traits: readonly Trait[];
  /** What it is, where that concerns more than its finish; left out where there is nothing to say. */
  features?: readonly Feature[];
  /** Dangers that come with the kind itself. */
  cautions: readonly CautionId[];
  /** How it is typed in one line. */
  typed: Typed;
}

/** What a word for a kind says beside the shape. */
export interface ImpliedByWord {
  /** Its outer face looks out: “back door”. */
  isOutside?: true;
  /** It is worked on from a ladder. */
  upHigh?: true;
  /** Every face is painted: “bookcase”. */
  allOver?: true;
  madeOf?: Substrate;
}

/** The same said by several words. */
export const impliedBy = (words: readonly string[], implied: ImpliedByWord): Readonly<Record<string, ImpliedByWord>> =>
  Object.fromEntries(words.map((word) => [word, implied]));

/** How a kind is said in a typed line. */
export interface Typed {
  /** Words for the kind without plural, “flush door”, and what each says of the shape. The longest that fits counts. */
  words: Readonly<Record<string, Shape>>;
  /** What these words say beside the shape: “fascia” lies outside, and is reached from a ladder. */
  implied?: Readonly<Record<string, ImpliedByWord>>;
  /** A word of another kind that counts these: “architraves for 9 doors”. */
  countedBy?: string;
  /**
   * A word of another kind that means this one where several are said in such a room, up to so many mm high: “kitchen,
   * 14 doors”.
   */
  severalIn?: { word: string; rooms: readonly string[]; highest: number };
  /** Sizes typed as `a x b x c`, in mm; null when the kind can't take so many. */
  sizes(lengths: readonly number[]): Shape | null;
  /** Fields that take single lengths, in the order in which they are typed. */
  lengths: readonly string[];
  phrases: readonly Phrase[];
  /** What follows from the rest where the line did not state it: how many spindles a railing needs. */
  complete?(shape: Shape, stated: ReadonlySet<string>): Shape;
}
