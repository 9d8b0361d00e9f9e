/** Groups entries by key. Keys and entries keep their order. */
export function groupBy<K, V>(entries: Iterable<V>, keyOf: (entry: V) => K): Map<K, V[]> {
  const groups = new Map<K, V[]>();
  for (const entry of entries) getOrInsertComputed(groups, keyOf(entry), () => []).push(entry);
  return groups;
}

/** The value of a map under a key. A missing one is made and kept. */
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
