import { formatLength, parseLength } from '../units/length.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import type { UnitSystem } from '../units/unit-systems.ts';

/** Between these, in mm, mouldings are on sale. */
const MIN_LENGTH = 300;
const MAX_LENGTH = 12_000;
const MAX_LENGTHS = 8;

/**
 * Reads the lengths of moulding on sale, in mm, each once and the shortest first: separated by semicolons or commas, or
 * by spaces where each is a plain number. Refuses the first that is none, or that nobody sells.
 */
export function readStockLengths(typed: string, units: UnitSystem): Outcome<number[]> {
  const parts = typed
    .split(/^[\d\s]+$/.test(typed) ? /\s+/ : /;|,\s+/)
    .map((part) => part.trim())
    .filter(Boolean);
  if (parts.length === 0) return refused('Enter at least one length, e.g. 2400; 3000.');
  const lengths: number[] = [];
  for (const part of parts) {
    const length = parseLength(part, units);
    if (!length.ok) return refused(`${length.message} Separate lengths with semicolons.`);
    if (length.value < MIN_LENGTH || length.value > MAX_LENGTH) {
      return refused(
        `${formatLength(length.value, units)} – must be ${formatLength(MIN_LENGTH, units)} to ${formatLength(MAX_LENGTH, units)}.`,
      );
    }
    lengths.push(length.value);
  }
  const sorted = [...new Set(lengths)].sort((one, other) => one - other);
  return sorted.length > MAX_LENGTHS ? refused(`${sorted.length} lengths – at most ${MAX_LENGTHS}.`) : accepted(sorted);
}
