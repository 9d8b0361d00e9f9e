import type { UnitSystem } from '../units/unit-systems.ts';
import { formatLength } from '../units/length.ts';
import type { Box } from './elevation.ts';

/** Rectangles of moulding on a flat face, sizes in mm. */
export interface Planting {
  width: number;
  height: number;
  columns: number;
  /** How the height between the margins is shared among the rectangles, from the top; any positive numbers. */
  rowShares: readonly number[];
  marginTop: number;
  marginSide: number;
  marginBottom: number;
  /** From one rectangle's outside to the next one's. */
  between: number;
  mouldingWidth: number;
}

/** The outsides of the rectangles, row by row from the top. */
export function plantedBoxes(planting: Planting): Box[] {
  const { width, height, columns, rowShares, marginTop, marginSide, marginBottom, between } = planting;
  const boxWidth = (width - 2 * marginSide - (columns - 1) * between) / columns;
  const clear = height - marginTop - marginBottom - (rowShares.length - 1) * between;
  const sum = rowShares.reduce((total, share) => total + share, 0);
  let y = marginTop;
  return rowShares.flatMap((share) => {
    const boxHeight = (clear * share) / sum;
    const row = Array.from({ length: columns }, (_unused, column): Box => [
      marginSide + column * (boxWidth + between),
      y,
      boxWidth,
      boxHeight,
    ]);
    y += boxHeight + between;
    return row;
  });
}

/** Why the rectangles can't be planted; null when they can. */
export function plantingFault(planting: Planting, units: UnitSystem): { field: string; message: string } | null {
  const least = 2 * planting.mouldingWidth + 10;
  for (const [, , width, height] of plantedBoxes(planting)) {
    const tight = (left: number): string =>
      `Each rectangle needs ${formatLength(least, units)} – only ${formatLength(Math.max(0, left), units)} left. Narrow the margins.`;
    if (width < least) return { field: 'marginSide', message: tight(width) };
    if (height < least) return { field: 'marginTop', message: tight(height) };
  }
  return null;
}

/** Four mitred lengths a rectangle, over the long points in mm: two as wide and two as high as its outside. */
export function mitredRectangles(planting: Planting): { side: string; length: number }[][] {
  return plantedBoxes(planting).map(([, , width, height]) => [
    { side: 'top', length: width },
    { side: 'bottom', length: width },
    { side: 'left', length: height },
    { side: 'right', length: height },
  ]);
}
