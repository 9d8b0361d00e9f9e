/** How figures of a measure are written in one unit. */
export interface Scale {
  /** As it stands behind a figure. */
  unit: string;
  /** How much of the stored unit one of these is. */
  perUnit: number;
  /** What the scale shows where the stored one shows nothing: 32 for °F. */
  zero?: number;
  /** In words, where the unit is spelt out: “litres”. */
  plural?: string;
  /** Decimals, where nobody asks for others. */
  digits: number;
  /** The least figure that is still said in this unit; smaller ones are said in the one before. */
  from?: number;
  /** Whether figures are typed in this unit. The first one is, where none says so. */
  isTyped?: true;
}

/** A figure on a scale, from one in the stored unit. */
export const shownOn = ({ perUnit, zero = 0 }: Scale, stored: number): number => stored / perUnit + zero;

/** A figure in the stored unit, from one on a scale. */
export const storedFrom = ({ perUnit, zero = 0 }: Scale, shown: number): number => (shown - zero) * perUnit;

/** A figure as it is written, with so many decimals: `1,250.50`. */
export const fixed = (value: number, digits: number): string =>
  new Intl.NumberFormat('en-GB', { minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value);
