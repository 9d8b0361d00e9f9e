import { definitionOf } from '../pieces/registry.ts';
/**
 * The next marks of a kind after those in use: `D-04`, `D-05` after `D-03`. Gaps that removed pieces leave are not
 * filled, so that a tag that hangs somewhere is not doubled.
 */
export function nextMarks(inUse, kind, count) {
  const letter = definitionOf(kind).markLetter;
  const highest = inUse.reduce((most, mark) => {
    const [marked, number] = mark.split('-');
    return marked === letter ? Math.max(most, Number(number)) : most;
  }, 0);
  return Array.from({ length: count }, (_unused, index) => `${letter}-${String(highest + index + 1).padStart(2, '0')}`);
}
/** Orders marks as people do: `D-99` before `D-100`. */
export const compareMarks = (one, other) => one.localeCompare(other, 'en', { numeric: true });
/** From this many in a row on, marks are written as a span. */
const SPAN_FROM = 3;
/** Marks in words, in their order, with spans where they follow each other: “C-01 to C-04, C-07, D-02”. */
export function marksInWords(marks) {
  const sorted = [...new Set(marks)].sort(compareMarks);
  const spans = [];
  for (const mark of sorted) {
    const span = spans.at(-1);
    const [letter, number] = mark.split('-');
    const [lastLetter, lastNumber] = span?.at(-1)?.split('-') ?? [];
    if (span && letter === lastLetter && Number(number) === Number(lastNumber) + 1) span.push(mark);
    else spans.push([mark]);
  }
  return spans
    .flatMap((span) => (span.length >= SPAN_FROM ? [`${span[0] ?? ''} to ${span.at(-1) ?? ''}`] : span))
    .join(', ');
}
