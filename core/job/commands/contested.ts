type Plain = Record<string, unknown>;

const isPlain = (value: unknown): value is Plain => typeof value === 'object' && value !== null;

/** Entries of a list by what tells them apart, wherever they stand; null for a list without. */
export function keyed(value: unknown): Plain | null {
  if (!isPlain(value)) return null;
  if (!Array.isArray(value)) return value;
  const byKey: Plain = {};
  for (const entry of value as unknown[]) {
    const key = isPlain(entry) ? (entry.id ?? entry.taskId ?? entry.date) : undefined;
    if (typeof key !== 'string') return null;
    byKey[key] = entry;
  }
  return byKey;
}

const isSame = (one: unknown, other: unknown): boolean =>
  one === other || JSON.stringify(one) === JSON.stringify(other);

const isWords = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((entry) => typeof entry === 'string');

/** The words that were put into a list, or taken out. */
const changedWords = (before: readonly string[], after: readonly string[]): string[] => [
  ...before.filter((word) => !after.includes(word)),
  ...after.filter((word) => !before.includes(word)),
];

/**
 * Whether a change, from `theirs` to `ours`, has overwritten what another tab had changed, from `base` to `theirs`:
 * the same field of the same entry. Entries are known by their ids.
 */
export function contested(base: unknown, theirs: unknown, ours: unknown): boolean {
  if (theirs === ours || base === theirs) return false;
  if (isWords(base) && isWords(theirs) && isWords(ours)) {
    const changed = changedWords(base, theirs);
    if (changed.length > 0) return changed.some((word) => theirs.includes(word) !== ours.includes(word));
  }
  const [before, between, after] = [keyed(base), keyed(theirs), keyed(ours)];
  if (before === null || between === null || after === null) return !isSame(theirs, ours) && !isSame(base, theirs);
  const keys = new Set([...Object.keys(between), ...Object.keys(after)]);
  return [...keys].some((key) => contested(before[key], between[key], after[key]));
}
