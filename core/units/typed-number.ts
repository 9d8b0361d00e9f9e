import { accepted, refused, type Outcome } from './outcome.ts';

/** Reads a whole number between two limits, or says what would be right. */
export function wholeNumber(typed: string, min: number, max: number): Outcome<number> {
  const value = Number(typed.trim());
  if (typed.trim() === '' || !Number.isInteger(value)) return refused(`Type a whole number from ${min} to ${max}.`);
  if (value < min || value > max) return refused(`${value} – must be ${min} to ${max}.`);
  return accepted(value);
}

/** Reads a number between two limits, or says what would be right. A comma counts as a point. */
export function anyNumber(typed: string, min: number, max: number): Outcome<number> {
  const value = Number(typed.trim().replace(',', '.'));
  if (typed.trim() === '' || !Number.isFinite(value)) return refused(`Type a number from ${min} to ${max}.`);
  if (value < min || value > max) return refused(`${value} – must be ${min} to ${max}.`);
  return accepted(value);
}
