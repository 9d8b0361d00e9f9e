/** A browser's synchronous storage, empty: what every tab of it shares. */
export function storage(): Storage {
  const kept: Record<string, string> = {};
  return Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    setItem: { value: (key: string, value: string) => Object.assign(kept, { [key]: value }) },
    removeItem: { value: (key: string) => Reflect.deleteProperty(kept, key) },
  }) as unknown as Storage;
}
