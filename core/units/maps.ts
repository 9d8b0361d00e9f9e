/** Entries by what they have in common, in the order in which each key comes first; entries keep theirs. */
export function groupBy<K, V>(entries: Iterable<V>, keyOf: (entry: V) => K): Map<K, V[]> {
  const groups = new Map<K, V[]>();
  for (const entry of entries) getOrInsertComputed(groups, keyOf(entry), () => []).push(entry);
  return groups;
}

/** What a map holds under a key; where it holds nothing, what is made, which it holds from then on. */
export function getOrInsertComputed<K, V>(
  map: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  let value = map.get(key);
  if (value === undefined) {
    value = make();
    map.set(key, value);
  }
  return value;
}
