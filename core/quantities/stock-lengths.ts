import { formatLength, parseLength } from '../units/length.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import type { UnitSystem } from '../units/system.ts';

/** Between these, in mm, mouldings are on sale. */
const SHORTEST = 300;
const LONGEST = 12_000;
const MOST = 8;

/**
 * Reads the lengths of moulding on sale, in mm, each once and the shortest first: separated by semicolons or commas, or
 * by spaces where each is a plain number. Refuses the first that is none, or that nobody sells.
 */
export function readStockLengths(typed: string, units: UnitSystem): Outcome<number[]> {
  const parts = typed
    .split(/^[\d\s]+$/.test(typed) ? /\s+/ : /;|,\s+/)
    .map((part) => part.trim())
    .filter(Boolean);
  if (parts.length === 0) return refused('State at least one length that is on sale, such as 2400; 3000.');
  const lengths: number[] = [];
  for (const part of parts) {
    const length = parseLength(part, units);
    if (!length.ok) return refused(`${length.message} Separate lengths with semicolons.`);
    if (length.value < SHORTEST || length.value > LONGEST) {
      return refused(
        `Lengths on sale lie between ${formatLength(SHORTEST, units)} and ${formatLength(LONGEST, units)}; this is ${formatLength(length.value, units)}.`,
      );
    }
    lengths.push(length.value);
  }
  const sorted = [...new Set(lengths)].sort((one, other) => one - other);
  return sorted.length > MOST
    ? refused(`Up to ${MOST} lengths are compared; these are ${sorted.length}.`)
    : accepted(sorted);
}
