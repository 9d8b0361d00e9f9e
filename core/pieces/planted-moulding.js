/** The outsides of the rectangles, row by row from the top. */
export function plantedBoxes(planting) {
  const { width, height, columns, rowShares, marginTop, marginSide, marginBottom, between } = planting;
  const boxWidth = (width - 2 * marginSide - (columns - 1) * between) / columns;
  const clear = height - marginTop - marginBottom - (rowShares.length - 1) * between;
  const sum = rowShares.reduce((total, share) => total + share, 0);
  let y = marginTop;
  return rowShares.flatMap((share) => {
    const boxHeight = (clear * share) / sum;
    const row = Array.from({ length: columns }, (_unused, column) => [
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
export function plantingFault(planting) {
  const least = 2 * planting.mouldingWidth + 10;
  for (const [, , width, height] of plantedBoxes(planting)) {
    const tight = (left) =>
      `The margins leave ${Math.max(0, Math.round(left))} mm for a rectangle; with this moulding it takes ${least} mm.`;
    if (width < least) return { field: 'marginSide', message: tight(width) };
    if (height < least) return { field: 'marginTop', message: tight(height) };
  }
  return null;
}
/** Four mitred lengths a rectangle, measured over the long points, in mm: two as wide and two as high as its outside. */
export function mitredLengths(planting) {
  return plantedBoxes(planting).flatMap(([, , width, height]) => [width, width, height, height]);
}
