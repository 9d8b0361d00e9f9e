/** Mitred lengths around an opening, over their long points in mm: two legs and a head, set back by the reveal. */
export function casingLengths(shape) {
  const outside = shape.casingWidth + shape.reveal;
  return { legs: shape.openingHeight + outside, head: shape.openingWidth + 2 * outside };
}
