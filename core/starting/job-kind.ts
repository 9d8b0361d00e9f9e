import type { PieceKind } from '../pieces/registry.ts';

/** Something that is counted when a job is begun: doors, drawers, metres of skirting. */
export interface Counted {
  id: string;
  name: string;
  /** Drawn beside the count. */
  kind: PieceKind;
  /** For what is measured along its length: m of the longest stretch that is one piece. Left out for whole pieces. */
  longest?: number;
  /** How many there usually are: pieces, or m. */
  usual: number;
  most: number;
  /** Whether choices say something of it, by their ids. */
  takes: readonly string[];
  /** What it is called in a typed line, with the choices that it takes. One text for each room that it is in. */
  typed: readonly string[];
}

/** An answer to a question about the pieces, as words of a typed line. */
export interface Option {
  id: string;
  name: string;
  typed: string;
  /** Nobody knows it: what is taken then stays assumed. */
  isUnknown?: true;
}

/** A question about all pieces of a job, the usual answer first. */
export interface Choice {
  id: string;
  name: string;
  options: readonly [Option, ...Option[]];
}

/** A kind of job: what it usually consists of. To add one is to add an entry. */
export interface JobKind {
  name: string;
  /** What belongs to it, in a line. */
  says: string;
  counted: readonly Counted[];
  choices: readonly Choice[];
  /** Names of its rooms; pieces whose line names none are in the first. */
  rooms: readonly [string, ...string[]];
  /** Whether its pieces are worked on in the open, so that weather and sun matter. */
  isOutside?: true;
}
