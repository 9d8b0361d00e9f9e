import type { ImpliedByWord } from '../../pieces/definition.ts';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../../pieces/registry.ts';
import type { Shape } from '../../pieces/shape.ts';
import { nearestWord } from './nearest-word.ts';
import type { Word } from './words.ts';

/** What words for a kind of piece say of it. */
export interface KindWord {
  kind: PieceKind;
  words: readonly string[];
  shape: Shape;
  implied: ImpliedByWord;
}

/** Kinds by their words, the longest first, so that “flush door” is no door in general. */
const KIND_WORDS: readonly KindWord[] = PIECE_KINDS.flatMap((kind) => {
  const { words, implied = {} } = definitionOf(kind).typed;
  return Object.entries(words).map(([said, shape]) => ({
    kind,
    words: said.split(' '),
    shape,
    implied: implied[said] ?? {},
  }));
}).sort((one, other) => other.words.length - one.words.length);

/** A word of another kind that means this one where several are said in such a room, up to so many mm high. */
export interface SeveralIn {
  kind: PieceKind;
  word: string;
  /** Null for any room. */
  rooms: readonly string[] | null;
  highest: number;
}

/** What plain words mean where several are said in a room. */
export const SEVERAL_IN: readonly SeveralIn[] = PIECE_KINDS.flatMap((kind) => {
  const { severalIn } = definitionOf(kind).typed;
  return severalIn === undefined ? [] : [{ kind, ...severalIn }];
});
/** From so many on, they are not the doors of the room itself. */
export const SEVERAL = 3;

const pluralsOf = (word: string): string[] => [`${word}s`, `${word}es`, word.replace(/f$/, 'ves')];

/** Whether words from a place on say a phrase; plurals count as well. */
function saysAt(words: readonly Word[], at: number, phrase: readonly string[]): boolean {
  return phrase.every((wanted, index) => {
    const said = words[at + index]?.text ?? '';
    return said === wanted || pluralsOf(wanted).includes(said);
  });
}

/** The longest words for a kind that stand at a place of a line; null where none do. */
export function kindAt(words: readonly Word[], at: number): (KindWord & { at: number }) | null {
  const found = KIND_WORDS.find((kind) => saysAt(words, at, kind.words));
  return found ? { ...found, at } : null;
}

/** The first word of a line, or two, that a kind's name could have been meant by. */
export function nearestKind(words: readonly Word[]): { word: Word; near: string | null } {
  const known = KIND_WORDS.map((kind) => kind.words.join(' '));
  for (const length of [2, 1]) {
    for (let at = 0; at + length <= words.length; at++) {
      const said = words.slice(at, at + length);
      const [word] = said;
      const near = nearestWord(said.map(({ text }) => text).join(' '), known);
      if (word && near !== null) return { word: { ...word, end: said.at(-1)?.end ?? word.end }, near };
    }
  }
  return { word: words[0] ?? { text: '', start: 0, end: 0 }, near: null };
}
