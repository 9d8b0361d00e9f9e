import type { DryingStage } from '../../../core/shelf/coating.ts';

/** What may be done from each stage of drying on. */
export const STAGE_WORDS: Readonly<Record<DryingStage, string>> = {
  touch: 'touch dry',
  handle: 'turn over',
  recoat: 'recoat',
  rehang: 'hang',
  close: 'close',
  wash: 'wash',
  full: 'full use',
};
