/** With its first letter large, as a sentence begins. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/**
 * A name or a phrase as it stands inside a sentence: its first letter small, unless the first word is an abbreviation,
 * such as MDF, or holds a figure, such as D-05.
 */
export const inSentence = (words: string): string =>
  /^\p{Lu}[\p{Ll}-]*(?=[^\p{L}\d]|$)/u.test(words) && !/^\p{Lu}-/u.test(words)
    ? words.charAt(0).toLowerCase() + words.slice(1)
    : words;

const CONJUNCTION = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** “a, b and c”; of more than `most`, the first ones and how many more there are. */
export function listed(names: readonly string[], most = Infinity): string {
  const shown = names.length > most ? [...names.slice(0, most - 1), `${names.length - most + 1} more`] : names;
  return CONJUNCTION.format(shown);
}

const DISJUNCTION = new Intl.ListFormat('en-GB', { type: 'disjunction' });

/** “a, b or c”. */
export const anyOf = (names: readonly string[]): string => DISJUNCTION.format(names);

/** A count with what is counted: “1 piece”, “3 pieces”; `many` where the plural is not the singular with an s. */
export const counted = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;
