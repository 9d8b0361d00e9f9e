/** The schools of order on a face, by id; `core/sequence/face-orders.ts` tells what each does. */
export const FACE_SCHOOLS = [
  'panels-rails-stiles',
  'mouldings-first',
  'boards-from-the-top',
  'blocks-from-the-top',
  'strips-along-the-grain',
  'putty-outwards',
  'top-down',
  'bottom-up',
  'handrail-down',
  'spindles-then-rails',
  'louvres-first',
  'section-by-section',
  'inside-out',
  'casing-then-lining',
  'length-by-length',
] as const;
export type FaceSchool = (typeof FACE_SCHOOLS)[number];
