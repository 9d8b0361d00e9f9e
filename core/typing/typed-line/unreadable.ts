import type { Word } from './words.ts';

/** A line that can't be read, with the word at which that shows. */
export class Unreadable extends Error {
  readonly word: Word;
  constructor(message: string, word: Word) {
    super(message);
    this.word = word;
  }
}
