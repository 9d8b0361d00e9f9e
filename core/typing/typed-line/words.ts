/** A word of a typed line, with where it stands; a size with its parts stays one word. */
export interface Word {
  /** In lower case, without spaces inside. */
  text: string;
  start: number;
  end: number;
}

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
/** A fraction of an inch; “6/6” are panes. */
const FRACTION = String.raw`\d?[13579]\/(?:2|4|8|16|32|64)(?!\d)`;
const MIXED = String.raw`(?:\d+(?:\s+|-)${FRACTION}|${FRACTION}|${NUMBER})`;
// “6'8” and “6 ft 8 in” are one length; “12 ft 36 spindles” and “120 ft 5 1/4 in” of baseboard are two.
const FEET = String.raw`(?:${NUMBER}\s*'(?:\s*-?\s*${MIXED}\s*(?:"|in\b)?)?|1?\d\s*ft\s*-?\s*${MIXED}\s*(?:"|in\b)|${NUMBER}\s*ft\b)`;
// “door in kitchen” is no inch; “36 in” before another size or at the end is one.
const MARKED = String.raw`${MIXED}\s*(?:"|mm\b|cm\b|m\b)|${MIXED}in\b|${MIXED}\s+in(?=\s*(?:$|[,;]|[x×*]\s*\d))`;
const LENGTH = String.raw`(?:${FEET}|${MARKED}|${MIXED})`;
const SIZE = String.raw`${LENGTH}(?:\s*[x×*]\s*${LENGTH}){1,2}`;
/** A quoted note, a size, a length with its unit, or anything up to the next space. */
const WORD = new RegExp(
  String.raw`“[^”]*”|"[^"]{3,}"|${SIZE}(?=[\s,;]|$)|(?:${FEET}|${MARKED})(?=[\s,;]|$)|[^\s,;]+`,
  'giu',
);

/** Marks as one types them on a keyboard; brackets say nothing. */
const plain = (text: string): string =>
  text
    .replace(/[’′]/g, "'")
    .replace(/[″]|''/g, '"')
    .replace(/[()[\]]/g, ' ');

/** Counts that are written out. “One” is left: “one side at a time”. */
const WRITTEN_COUNTS =
  'two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'.split(
    ' ',
  );

/** A count as a number, where it is written out. */
function numeral(text: string): string {
  const at = WRITTEN_COUNTS.indexOf(text);
  return at < 0 ? text : String(at + 2);
}

/** The words of a line, in order. */
export function wordsOf(line: string): Word[] {
  return [...plain(line).matchAll(WORD)].map((match) => {
    // “kitchen:” is a kitchen.
    const said = match[0].replace(/(?<=[a-z]):$/i, '');
    const quoted = /^["“]/.test(said) && said.length > 2;
    // “1 3/8” keeps its space; around an x there is none.
    const text = quoted
      ? said
      : numeral(
          said
            .toLowerCase()
            .replace(/\s*[x×*]\s*(?=[\d])/g, 'x')
            .replace(/\s+(?=["'a-z])/g, ''),
        );
    return { text, start: match.index, end: match.index + said.length };
  });
}
