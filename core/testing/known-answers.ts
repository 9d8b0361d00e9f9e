import { readFileSync } from 'node:fs';

/** A file of known answers in `cases/`. The reader says what it holds; a wrong guess fails the test that made it. */
export const knownAnswers = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../../cases/${name}`, import.meta.url), 'utf8'));
