/** What a finish is for: the kinds of work that a tin names. Every piece is one of them. */
export const WORKS = {
  joinery: 'doors, frames, shutters and trim',
  windows: 'windows',
  cabinets: 'cupboards and furniture',
  rails: 'rails and steps',
  plates: 'switch plates and small parts',
  walls: 'walls',
  ceilings: 'ceilings',
} as const;
export type Work = keyof typeof WORKS;
export const WORK_IDS = Object.keys(WORKS) as [Work, ...Work[]];
