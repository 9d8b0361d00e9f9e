import { readFileSync } from 'node:fs';

/** A file of known answers in `cases/`. */
export function knownAnswers<T>(name: string): T {
  return JSON.parse(readFileSync(new URL(`../../cases/${name}`, import.meta.url), 'utf8')) as T;
}
