import type { Piece } from '../job/document/piece-schema.ts';

/** How the bag of a piece stands, counted part by part. */
export interface BagStanding {
  /** Parts that belong to the piece, were counted into the bag, and are back on the piece. */
  count: number;
  bagged: number;
  fitted: number;
  /** What was never counted in, and is not on the piece either. */
  missing: { name: string; short: number }[];
  /** What is in the bag and not yet back on the piece. */
  inBag: { name: string; left: number }[];
}

export function bagOf({ hardware }: Pick<Piece, 'hardware'>): BagStanding {
  const sum = (of: (item: Piece['hardware'][number]) => number): number =>
    hardware.reduce((total, item) => total + of(item), 0);
  return {
    count: sum(({ count }) => count),
    bagged: sum(({ bagged, count }) => Math.min(bagged, count)),
    fitted: sum(({ fitted, count }) => Math.min(fitted, count)),
    missing: hardware.flatMap(({ name, count, bagged, fitted }) => {
      const short = count - Math.max(Math.min(bagged, count), fitted);
      return short > 0 ? [{ name, short }] : [];
    }),
    inBag: hardware.flatMap(({ name, bagged, fitted }) => (bagged > fitted ? [{ name, left: bagged - fitted }] : [])),
  };
}
