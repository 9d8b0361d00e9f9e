import { readFileSync } from 'node:fs';

/** A file of known answers in `cases/`. */
// The reader says what the file holds; a wrong guess fails the test that made it.
// oxlint-disable-next-line typescript/no-unnecessary-type-parameters
export function knownAnswers<T>(name: string): T {
  return JSON.parse(readFileSync(new URL(`../../cases/${name}`, import.meta.url), 'utf8')) as T;
}
