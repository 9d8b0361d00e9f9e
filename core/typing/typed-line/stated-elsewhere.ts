/** Words for what is not stated in a line, and where it is. */
const STATED_ELSEWHERE: readonly { words: readonly string[]; answer: (word: string) => string }[] = [
  {
    words:
      'white cream ivory magnolia grey gray anthracite charcoal black blue navy green red brown beige yellow pink'.split(
        ' ',
      ),
    answer: (word) => `“${word}” is a colour. Set it in Build-up.`,
  },
  {
    words: 'north south east west north-facing south-facing east-facing west-facing facing'.split(' '),
    answer: (word) => `“${word}” is a direction. Set it under Rooms.`,
  },
  {
    words: ['stained', 'stains'],
    answer: () => `Type “varnish” for stained wood. Test for stains that bleed.`,
  },
];

/** Where a word that no line states is stated; null for any other word. */
export const statedElsewhere = (word: string): string | null =>
  STATED_ELSEWHERE.find(({ words }) => words.includes(word))?.answer(word) ?? null;
