import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { definitionOf, hasTrait } from '../pieces/registry.ts';
import { makesMist, type Tool } from '../shelf/tools.ts';

/** Minutes a metre of tape at a professional's pace; a default. */
const MINUTES_PER_METRE = 0.6;
/** Minutes a m² of film or paper at a professional's pace, put up and taken down; a default. */
const MINUTES_PER_M2_OF_FILM = 1.5;
/** How far mist is kept off what surrounds a piece, in m of film from its outline. */
const FILM_BESIDE = 1.8;

/** What is masked where a piece stays in place. */
export interface Masking {
  /** m of tape. */
  tape: number;
  /** m² of film or paper. */
  film: number;
  /** At a professional's pace. */
  minutes: number;
}

const NONE: Masking = { tape: 0, film: 0, minutes: 0 };

/**
 * Whether lines along wall and glass are taped: as it was stated, otherwise where a first-timer paints. A practised hand
 * cuts them in, and the coat's own minutes hold that.
 */
const isTaped = ({ crew, planning }: Pick<Job, 'crew' | 'planning'>): boolean =>
  planning.lines === null ? crew.some(({ skill }) => skill === 'first-timer') : planning.lines === 'tape';

/**
 * What is masked where a piece is painted in place with these tools. What is fixed to it is taped whoever paints; lines
 * along wall and glass where they are not cut in. Where trim comes first it may run onto the wall, and the wall is cut
 * against it. Mist goes everywhere: all lines are taped and the surroundings covered.
 */
export function maskingOf(job: Pick<Job, 'crew' | 'planning'>, piece: Piece, tools: readonly Tool[]): Masking {
  if (piece.comesOff || piece.scope.faces.length + piece.scope.edges.length === 0) return NONE;
  const { lines } = definitionOf(piece.kind);
  const { wall = 0, glass = 0, fixed = 0, openings = 0 } = lines?.(piece.shape) ?? {};
  // What is painted behind an opening needs no cover.
  const covered = glass + (piece.scope.faces.length > 1 ? 0 : openings);
  const isSprayed = tools.some(makesMist);
  const isWall = hasTrait(piece.kind, 'wall');
  const trimFirst = job.planning.trades === 'trim-first';
  // Of trim and wall the one that is painted later is kept off the other.
  const along = isWall === trimFirst ? wall : 0;
  const cutLines = isSprayed ? wall + covered : isTaped(job) ? along + glass : 0;
  const tape = (fixed + cutLines) / 1000;
  const film = isSprayed ? (wall / 1000) * FILM_BESIDE + covered / 4000 : 0;
  return { tape, film, minutes: tape * MINUTES_PER_METRE + film * MINUTES_PER_M2_OF_FILM };
}
