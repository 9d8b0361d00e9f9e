import { parseLength } from '../units/length.ts';
/** A word, or several, that states something by being there. */
export function says(words, shape) {
  const wanted = words.split(' ');
  return {
    example: words,
    read: (typed) => (wanted.every((word, index) => typed[index] === word) ? { taken: wanted.length, shape } : null),
  };
}
/** “96 spindles”: a whole number before one of these words. */
export function counts(key, words, example) {
  return {
    example,
    read: ([number = '', word = '']) =>
      /^\d{1,4}$/.test(number) && words.includes(word) ? { taken: 2, shape: { [key]: Number(number) } } : null,
  };
}
/** “girth 171”: a length after a word. */
export function measures(word, stated, example) {
  return {
    example,
    read: ([first, length = ''], units) => {
      const read = first === word ? parseLength(length, units) : null;
      return read?.ok ? { taken: 2, shape: stated(read.value) } : null;
    },
  };
}
/** “32 sq”: a length before one of these words. */
export function measured(words, stated, example) {
  return {
    example,
    read: ([length = '', last = ''], units) => {
      const read = words.includes(last) ? parseLength(length, units) : null;
      return read?.ok ? { taken: 2, shape: stated(read.value) } : null;
    },
  };
}
/** “3x4 panes”: a grid before one of these words. */
export function grid(words, stated, example) {
  return {
    example,
    read: ([first = '', last = '']) => {
      const match = /^(\d{1,2})x(\d{1,2})$/.exec(first);
      return match && words.includes(last) ? { taken: 2, shape: stated(Number(match[1]), Number(match[2])) } : null;
    },
  };
}
/** “profile torus”, or only “torus”: one of a choice's values, said after its word or by itself. */
export function chooses(key, word, values, more = {}) {
  return {
    example: `${word} ${values[0] ?? ''}`,
    read: (typed) => {
      const lead = typed[0] === word ? 1 : 0;
      const value = values.find((candidate) => candidate === typed[lead]);
      return value === undefined ? null : { taken: lead + 1, shape: { ...more, [key]: value } };
    },
  };
}
