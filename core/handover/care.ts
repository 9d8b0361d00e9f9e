import type { Readiness, Use } from '../hanging/readiness.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coating } from '../shelf/coating.ts';

/** What is not done before a date, and why. */
export const NOT_BEFORE: Readonly<Record<Extract<Use, 'close' | 'wash' | 'full'>, { name: string; until: string }>> = {
  close: {
    name: 'Close',
    until:
      'Until then it stays ajar on its wedge or bumpers, a fire door on release paper and free to close: a soft coat sticks to the stop and tears.',
  },
  wash: {
    name: 'Wash',
    until: 'Until then dust only, with a dry soft cloth. No water, no cleaner, no tape or stickers.',
  },
  full: {
    name: 'Use hard',
    until: 'Until then nothing heavy against it, no hooks over it, no rubber feet on it; knocks still leave marks.',
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
  acrylic: 'A soft cloth, lukewarm water and a drop of mild detergent; rinse and dry. No scouring, no alcohol.',
  'alkyd-waterborne':
    'A soft cloth, lukewarm water and a drop of mild detergent; rinse and dry. No scouring, no alcohol.',
  oil: 'Water with a drop of mild detergent. No ammonia, no strong alkali: they yellow and dull it.',
  shellac: 'Dry or barely damp. Alcohol dissolves it.',
  'two-part': 'Water with mild detergent; it stands most household cleaners. No scouring pads.',
  mineral: 'Dab, do not rub. Marks on matt paint are touched in rather than cleaned.',
};

/** How a finish is cleaned, by its last coat. */
export const cleaningOf = ({ family }: Coating): string => CLEANING[family];
