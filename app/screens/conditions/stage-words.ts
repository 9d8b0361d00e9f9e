import type { DryingStage } from '../../../core/shelf/coating.ts';

/** What may be done from each stage of drying on. */
export const STAGE_WORDS: Readonly<Record<DryingStage, string>> = {
  touch: 'touch dry',
  handle: 'turn it over',
  recoat: 'recoat',
  rehang: 'hang it',
  close: 'close it',
  wash: 'wash it',
  full: 'fully hard',
};
