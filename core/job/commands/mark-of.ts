import type { Job } from '../document/schema.ts';

/** A piece's mark, for history. */
export const markOf = (job: Pick<Job, 'pieces'>, id: string): string =>
  job.pieces.find((piece) => piece.id === id)?.mark ?? 'a piece';
