/** A browser's synchronous storage that is empty, and forgets with the tab. */
export function forgetfulStorage(): Storage {
  const kept: Record<string, string> = {};
  return Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    setItem: { value: (key: string, value: string) => Object.assign(kept, { [key]: value }) },
    removeItem: { value: (key: string) => Reflect.deleteProperty(kept, key) },
  }) as unknown as Storage;
}
