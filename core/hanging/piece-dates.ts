import { USES, type Readiness, type Use } from './readiness.ts';

/** A date of a piece on its way back: its last coat, when it is hung or refitted, and from when each use is safe. */
export interface PieceDate {
  event: 'last-coat' | 'hung' | Use;
  /** Minutes from the clocks' t0. */
  at: number;
  /** Logged, and no forecast. */
  isLogged: boolean;
}

/** The dates of a piece in their order; none while its last coat is not planned. What never comes off is not hung. */
export function pieceDates({ piece, lastCoat, isDone, from, hung }: Readiness): PieceDate[] {
  if (lastCoat === null) return [];
  const uses = USES.flatMap((event): PieceDate[] => {
    const at = from[event];
    return at === null || (event === 'rehang' && !piece.comesOff) ? [] : [{ event, at, isLogged: false }];
  });
  const dates: PieceDate[] = [
    { event: 'last-coat', at: lastCoat, isLogged: isDone },
    ...uses,
    ...(hung ? [{ event: 'hung', at: hung.at, isLogged: hung.isDone } as const] : []),
  ];
  return dates.toSorted((one, other) => one.at - other.at);
}
