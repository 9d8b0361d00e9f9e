import { definitionOf, type PieceKind } from '../pieces/registry.ts';

/** The next free marks of a kind after those in use: `D-04`, `D-05` after `D-03`. Marks are never given out twice. */
export function nextMarks(inUse: readonly string[], kind: PieceKind, count: number): string[] {
  const letter = definitionOf(kind).markLetter;
  const highest = inUse.reduce((most, mark) => {
    const [marked, number] = mark.split('-');
    return marked === letter ? Math.max(most, Number(number)) : most;
  }, 0);
  return Array.from({ length: count }, (_unused, index) => `${letter}-${String(highest + index + 1).padStart(2, '0')}`);
}
