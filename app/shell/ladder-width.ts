/** Pixels that the ladder of stages takes at the left. */
export const LADDER_WIDTH = 196;
