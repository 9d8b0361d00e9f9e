/** A size in the unit that suits it: “42 kB”, “12 MB”, “1.3 GB”. `bytes` is 0 or more. */
export function sizeWords(bytes: number): string {
  if (bytes >= 1e9) return `${(bytes / 1e9).toFixed(1)} GB`;
  if (bytes >= 1e6) return `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`;
  return `${Math.ceil(bytes / 1000)} kB`;
}
