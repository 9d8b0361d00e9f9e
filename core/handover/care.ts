import type { Readiness, Use } from '../hanging/readiness.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coating } from '../shelf/coating.ts';

/** What is not done before a date, and why. */
export const NOT_BEFORE: Readonly<Record<Extract<Use, 'close' | 'wash' | 'full'>, { name: string; until: string }>> = {
  close: {
    name: 'Close',
    until:
      'Until the close date, keep it ajar with a wedge or bumpers. A fire door stays free to close, with release paper at the stop.',
  },
  wash: {
    name: 'Wash',
    until: 'Until the wash date, dust with a dry soft cloth only. No water, cleaner, tape or stickers.',
  },
  full: {
    name: 'Full use',
    until: 'Until the full-use date, no hooks, rubber feet or heavy things against it. It still marks easily.',
  },
};
export const CARE_USES = Object.keys(NOT_BEFORE) as (keyof typeof NOT_BEFORE)[];

/** One piece on the care sheet: its dates in minutes from the clocks' t0, null where the tin states none. */
export interface CareLine {
  piece: Piece;
  dates: Readonly<Record<keyof typeof NOT_BEFORE, number | null>>;
  /** Whether its last coat is in the log; otherwise the dates are forecast. */
  isSure: boolean;
}

export function careLines(rows: readonly Readiness[]): CareLine[] {
  return rows.flatMap(({ piece, from, lastCoat, isDone }) =>
    lastCoat === null
      ? []
      : [{ piece, dates: { close: from.close, wash: from.wash, full: from.full }, isSure: isDone }],
  );
}

/** How a finish is cleaned, by its binder. */
const CLEANING: Readonly<Record<Coating['family'], string>> = {
  acrylic: 'Soft cloth, lukewarm water and a drop of mild detergent. Rinse and dry. No scouring, no alcohol.',
  'alkyd-waterborne':
    'Soft cloth, lukewarm water and a drop of mild detergent. Rinse and dry. No scouring, no alcohol.',
  oil: 'Water with a drop of mild detergent. No ammonia or strong alkali: they yellow and dull it.',
  shellac: 'Dry or barely damp. Alcohol dissolves it.',
  'two-part': 'Water and mild detergent. Most household cleaners are fine. No scouring pads.',
  mineral: 'Dab, don’t rub. Touch in marks on matt paint rather than cleaning.',
};

/** How a finish is cleaned, by its last coat. */
export const cleaningOf = ({ family }: Coating): string => CLEANING[family];
