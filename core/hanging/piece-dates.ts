import { USES, type Readiness, type Use } from './readiness.ts';

/** A date of a piece on its way back: its last coat, when it is hung or refitted, and from when each use is safe. */
export interface PieceDate {
  event: 'last-coat' | 'hung' | Use;
  /** Minutes from the clocks' t0. */
  at: number;
  /** Logged, and no forecast. */
  isLogged: boolean;
  /** Logged, or a use that is safe by now. What only the plan says is not reached when its hour has passed. */
  isReached: boolean;
}

/** The dates of a piece at `now`, in their order; none before its last coat is planned. What never comes off is not hung. */
export function pieceDates({ piece, lastCoat, isDone, from, hung }: Readiness, now: number): PieceDate[] {
  if (lastCoat === null) return [];
  const uses = USES.flatMap((event): PieceDate[] => {
    const at = from[event];
    return at === null || (event === 'rehang' && !piece.comesOff)
      ? []
      : [{ event, at, isLogged: false, isReached: isDone && at <= now }];
  });
  const dates: PieceDate[] = [
    { event: 'last-coat', at: lastCoat, isLogged: isDone, isReached: isDone },
    ...uses,
    ...(hung ? [{ event: 'hung', at: hung.at, isLogged: hung.isDone, isReached: hung.isDone } as const] : []),
  ];
  return dates.toSorted((one, other) => one.at - other.at);
}
