/** Stretches of time: sorted, disjoint, half-open. */
export type Intervals = readonly (readonly [number, number])[];

/** The length of the longest of them; 0 without any. */
export const longestOf = (intervals: Intervals): number =>
  intervals.reduce((longest, [from, until]) => Math.max(longest, until - from), 0);

/** What lies in both of two lists. */
export function intersection(one: Intervals, other: Intervals): [number, number][] {
  const both: [number, number][] = [];
  let [left, right] = [0, 0];
  while (left < one.length && right < other.length) {
    const [from, until] = one[left] ?? [0, 0];
    const [opens, closes] = other[right] ?? [0, 0];
    const [start, end] = [Math.max(from, opens), Math.min(until, closes)];
    if (start < end) both.push([start, end]);
    if (until <= closes) left++;
    else right++;
  }
  return both;
}
