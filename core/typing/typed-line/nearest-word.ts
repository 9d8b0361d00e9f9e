/** Letters to change, add or leave out between two words (Levenshtein 1966). */
function distance(one: string, other: string): number {
  let row = Array.from({ length: other.length + 1 }, (_unused, index) => index);
  for (let i = 1; i <= one.length; i++) {
    const next = [i];
    for (let j = 1; j <= other.length; j++) {
      const swap = (row[j - 1] ?? 0) + (one[i - 1] === other[j - 1] ? 0 : 1);
      next.push(Math.min(swap, (row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1));
    }
    row = next;
  }
  return row.at(-1) ?? 0;
}

/** The known word that a mistyped one was probably meant for; null when none is near. */
export function nearestWord(typed: string, known: readonly string[]): string | null {
  const [best] = known.map((word) => ({ word, far: distance(typed, word) })).sort((one, other) => one.far - other.far);
  return best && best.far <= Math.max(1, Math.floor(typed.length / 3)) ? best.word : null;
}
