/** Words for what is not stated in a line, and where it is. */
const STATED_ELSEWHERE: readonly { words: readonly string[]; answer: (word: string) => string }[] = [
  {
    words:
      'white cream ivory magnolia grey gray anthracite charcoal black blue navy green red brown beige yellow pink'.split(
        ' ',
      ),
    answer: (word) => `“${word}” is a colour: it is chosen for the whole group, with its build-up.`,
  },
  {
    words: 'north south east west north-facing south-facing east-facing west-facing facing'.split(' '),
    answer: (word) => `“${word}”: which way it looks is stated with the room.`,
  },
  {
    words: ['stained', 'stains'],
    answer: (word) => `“${word}”: type “varnish” for stained wood; stains that bleed through are found by a test.`,
  },
];

/** Where a word that no line states is stated; null for any other word. */
export const statedElsewhere = (word: string): string | null =>
  STATED_ELSEWHERE.find(({ words }) => words.includes(word))?.answer(word) ?? null;
