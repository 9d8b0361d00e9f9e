export const PHRASES: readonly (readonly [RegExp, string])[];
export function refusedIn(text: string): string[];
