/** A piece in the plan: what of it comes next, which is null where its work has begun, and what comes last. */
export interface PieceSpan {
  pieceId: string;
  roomId: string;
  zone: string;
  next: string | null;
  last: string;
}

/** Where the pieces are that may be off at once in a room. */
export const offSpace = (roomId: string): string => `off/${roomId}`;

/** Where the zones of a room are that may be in work at once. */
export const zoneSpace = (roomId: string): string => `zones/${roomId}`;
