import { WORKS, type Work } from '../pieces/works.ts';

/** What a first coat has to hold on. */
export const GROUNDS = {
  'sound-paint': 'sound dull paint',
  glossy: 'gloss, varnish and factory finish',
  laminate: 'laminate and melamine',
  vinyl: 'vinyl and plastic',
  'bare-timber': 'bare timber',
  board: 'bare board',
  metal: 'bare metal',
  plaster: 'bare plaster',
} as const;
export type SurfaceGround = keyof typeof GROUNDS;

/** What a tin can be for: a ground that it holds on, stains that it blocks, or work that it finishes. */
export const USES = { ...GROUNDS, stains: 'stains, knots and tannin', ...WORKS } as const;
export type Use = SurfaceGround | 'stains' | Work;
export const USE_IDS = Object.keys(USES) as [Use, ...Use[]];
