export function refusedIn(text: string): string[];
