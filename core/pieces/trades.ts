/** The work in a room in which one follows the other: high before low, and last what is walked on and along. */
export const TRADES = {
  ceiling: 'ceilings',
  wall: 'walls',
  'high-trim': 'cornices and rails',
  joinery: 'doors, frames and windows',
  'floor-trim': 'skirting',
} as const;
export type Trade = keyof typeof TRADES;

/** In which order the trades of a room follow each other, by what is painted first where trim meets a wall. */
export const TRADE_ORDERS = {
  'walls-first': ['ceiling', 'wall', 'high-trim', 'joinery', 'floor-trim'],
  'trim-first': ['ceiling', 'high-trim', 'joinery', 'floor-trim', 'wall'],
} as const satisfies Record<string, readonly Trade[]>;
