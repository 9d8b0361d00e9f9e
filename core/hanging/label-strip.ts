import type { Piece } from '../job/document/piece-schema.ts';

/** The simulated label printer: tape of one width, on a roll. mm. */
export const TAPE = { width: 62, roll: 15_000, feed: 3 } as const;

/** A label as it comes off the strip. */
export interface StripLabel {
  piece: Piece;
  /** Where it begins on the tape, and how long it is, in mm. */
  at: number;
  length: number;
}

/** A label is so long at least, and longer by every part of its bag beyond the first. mm. */
const MIN_LENGTH = 54;
const A_PART = 5;

/** Lays labels one after another on the tape that is left; what no longer fits waits for the next roll. */
export function labelStrip(
  pieces: readonly Piece[],
  left: number,
): { labels: StripLabel[]; waiting: Piece[]; used: number } {
  const labels: StripLabel[] = [];
  let at = 0;
  for (const [index, piece] of pieces.entries()) {
    const length = MIN_LENGTH + A_PART * Math.max(0, piece.hardware.length - 1);
    if (at + length + TAPE.feed > left) return { labels, waiting: pieces.slice(index), used: at };
    labels.push({ piece, at, length });
    at += length + TAPE.feed;
  }
  return { labels, waiting: [], used: at };
}

const SCHEME = 'nivel-piece';

/** What the code on a label says: which job, which piece. */
export const labelCode = (jobId: string, piece: Pick<Piece, 'id' | 'mark'>): string =>
  [SCHEME, jobId, piece.id, piece.mark].join(':');

/** The piece of a job that a code or a typed mark names; a sentence that says why where it names none. */
export function pieceNamed(job: { id: string; pieces: readonly Piece[] }, said: string): Piece | string {
  const [scheme, jobId, pieceId] = said.trim().split(':');
  if (scheme === SCHEME) {
    if (jobId !== job.id) return 'This label is from another job.';
    return job.pieces.find(({ id }) => id === pieceId) ?? 'This label’s piece is no longer in the job.';
  }
  const typed = said
    .trim()
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '');
  const match = /^([A-Z]{1,2})0*(\d+)$/.exec(typed);
  const piece = job.pieces.find(({ mark }) => {
    const [letter, number] = mark.split('-');
    return match !== null && letter === match[1] && Number(number) === Number(match[2]);
  });
  return (
    piece ?? `${said.trim() === '' ? 'No tag typed' : `No piece ${said.trim()}`}. Type it as on the tag, e.g. D-05.`
  );
}
