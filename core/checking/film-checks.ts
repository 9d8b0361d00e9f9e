import type { FilmCheck, FilmCheckId } from '../job/document/defect-schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { Use } from '../hanging/readiness.ts';
import type { Readiness } from '../hanging/readiness.ts';

/** One check of the dry film: how it is done, from when it says something, and what a failure means. */
export interface FilmCheckDefinition {
  name: string;
  how: string;
  /** What the piece must be ready for before. */
  from: Use;
  held: string;
  failed: string;
}

/** The three checks. */
export const FILM_CHECK_DEFINITIONS: Readonly<Record<FilmCheckId, FilmCheckDefinition>> = {
  fingernail: {
    name: 'Fingernail',
    how: 'Press a nail into a hidden edge and draw it along.',
    from: 'close',
    held: 'No mark, nothing lifts',
    failed: 'Marks or lifts: not cured, or won’t hold. Wait, warm, retest, then cross-cut.',
  },
  adhesion: {
    name: 'Cross-cut and tape',
    how: 'Six cuts each way, 2 mm apart, on a hidden spot. Tape on, rub down, pull back on itself.',
    from: 'wash',
    held: 'All squares stay',
    failed: 'Squares came off: see if it parted from the surface or between coats.',
  },
  'colour-fast': {
    name: 'Colour-fastness',
    how: 'Rub ten times with a damp white rag, on the darkest colour.',
    from: 'wash',
    held: 'The rag stays white',
    failed: 'Colour on the rag: seal handled parts, or wait longer and retest.',
  },
};

/** A check that is due on a piece. */
export interface DueFilmCheck {
  check: FilmCheckId;
  piece: Piece;
  /** When each use of the piece may begin, and which of these the check waits for. */
  row: Readiness;
  use: Use;
  /** Minutes from the clocks' t0; null where its coats do not get so far. */
  from: number | null;
  /** The last one of this check on that piece. */
  last: FilmCheck | null;
}

/**
 * One piece of every finish group whose coats are all on, and each check on it: the piece that was finished first stands
 * for its like. `rows` as the hanging room has them.
 */
export function dueFilmChecks(job: Job, rows: readonly Readiness[]): DueFilmCheck[] {
  const first = new Map<string, Readiness>();
  for (const row of rows) {
    if (!row.isDone || row.lastCoat === null) continue;
    const known = first.get(row.piece.groupId);
    if (known === undefined || (known.lastCoat ?? Infinity) > row.lastCoat) first.set(row.piece.groupId, row);
  }
  return [...first.values()].flatMap((row) =>
    (Object.keys(FILM_CHECK_DEFINITIONS) as FilmCheckId[]).map((check): DueFilmCheck => {
      const { piece, from } = row;
      const asked = FILM_CHECK_DEFINITIONS[check].from;
      const use = from[asked] === null ? 'close' : asked;
      return {
        check,
        piece,
        row,
        use,
        from: from[use],
        last: job.filmChecks.findLast((done) => done.check === check && done.pieceId === piece.id) ?? null,
      };
    }),
  );
}
