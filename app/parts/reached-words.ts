import type { DryingStage } from '../../core/shelf/coating.ts';

/** What a coat is once it has reached a stage of drying. */
export const REACHED_WORDS: Readonly<Record<DryingStage, string>> = {
  touch: 'touch dry',
  handle: 'dry enough to handle',
  recoat: 'ready to recoat',
  rehang: 'ready to hang',
  close: 'ready to close',
  wash: 'washable',
  full: 'cured',
};
