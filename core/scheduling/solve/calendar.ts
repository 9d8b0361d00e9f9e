/** Working intervals: sorted, disjoint, half-open. */
export type Shifts = readonly (readonly [number, number])[];

/** Index of the first interval that ends after `time`; the list's length if there is none. */
export function intervalEndingAfter(shifts: Shifts, time: number): number {
  let low = 0;
  let high = shifts.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((shifts[middle]?.[1] ?? 0) > time) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Whether some interval ends within `[from, until]`. */
export function shiftEndsWithin(shifts: Shifts, from: number, until: number): boolean {
  const end = shifts[intervalEndingAfter(shifts, from - 1)]?.[1];
  return end !== undefined && end <= until;
}

/** The last end of a shift at or before a time; −1 where none has ended. */
export function lastShiftEnd(shifts: Shifts, time: number): number {
  return shifts[intervalEndingAfter(shifts, time) - 1]?.[1] ?? -1;
}

/** The times in which everybody of several calendars works. */
export function jointShifts(calendars: readonly Shifts[]): Shifts {
  const [first, ...rest] = calendars;
  if (first === undefined) return [];
  return rest.reduce<Shifts>((joint, shifts) => {
    const both: [number, number][] = [];
    let left = 0;
    let right = 0;
    while (left < joint.length && right < shifts.length) {
      const [leftStart, leftEnd] = joint[left] ?? [0, 0];
      const [rightStart, rightEnd] = shifts[right] ?? [0, 0];
      const start = Math.max(leftStart, rightStart);
      const end = Math.min(leftEnd, rightEnd);
      if (start < end) both.push([start, end]);
      if (leftEnd <= rightEnd) left++;
      else right++;
    }
    return both;
  }, first);
}

/** The times in which at least one of several calendars works. */
export function unitedShifts(calendars: readonly Shifts[]): Shifts {
  const union: [number, number][] = [];
  for (const [opens, closes] of calendars.flat().sort(([one], [other]) => one - other)) {
    const last = union.at(-1);
    if (last && opens <= last[1]) last[1] = Math.max(last[1], closes);
    else union.push([opens, closes]);
  }
  return union;
}

/** The first start at or after `from` of `work` ticks in a row within one interval; `null` if there is none. */
export function firstStart(shifts: Shifts, from: number, work: number): number | null {
  // Intervals are not taken apart into names: this is asked more often than anything else.
  for (let index = intervalEndingAfter(shifts, from - 1); index < shifts.length; index++) {
    const opens = shifts[index]?.[0] ?? 0;
    const start = opens > from ? opens : from;
    if (start + work <= (shifts[index]?.[1] ?? 0)) return start;
  }
  return null;
}

/** The same as a place; no work at all fits anywhere. */
export function fitWhole(shifts: Shifts, from: number, work: number): { start: number; end: number } | null {
  const start = work === 0 ? from : firstStart(shifts, from, work);
  return start === null ? null : { start, end: start + work };
}

/**
 * The first place for `work` ticks that may stop at the end of an interval and go on at the start of the next;
 * `null` if the calendar ends before the work does.
 */
export function fitPausing(shifts: Shifts, from: number, work: number): { start: number; end: number } | null {
  if (work === 0) return { start: from, end: from };
  let index = intervalEndingAfter(shifts, from);
  const first = shifts[index];
  if (first === undefined) return null;
  const start = Math.max(first[0], from);
  let left = work;
  for (let at = start; index < shifts.length; index++, at = shifts[index]?.[0] ?? 0) {
    const closes = shifts[index]?.[1] ?? 0;
    if (at + left <= closes) return { start, end: at + left };
    left -= closes - at;
  }
  return null;
}

/** The last place for `work` ticks in a row within one interval that ends by `until`; `null` if there is none. */
export function fitWholeBefore(shifts: Shifts, until: number, work: number): number | null {
  if (work === 0) return until;
  for (let index = intervalEndingAfter(shifts, until - 1); index >= 0; index--) {
    const [opens, closes] = shifts[index] ?? [Infinity, 0];
    const start = Math.min(closes, until) - work;
    if (start >= opens) return start;
  }
  return null;
}

/** The last start of `work` ticks that may pause between intervals and are done by `until`; `null` if there is none. */
export function fitPausingBefore(shifts: Shifts, until: number, work: number): number | null {
  if (work === 0) return until;
  let left = work;
  for (let index = intervalEndingAfter(shifts, until - 1); index >= 0; index--) {
    const [opens, closes] = shifts[index] ?? [Infinity, 0];
    const worked = Math.min(closes, until) - opens;
    if (worked <= 0) continue;
    if (worked >= left) return Math.min(closes, until) - left;
    left -= worked;
  }
  return null;
}
