import { inSentence } from '../../units/sentence.ts';
import type { PieceDefinition } from '../../pieces/definition.ts';
import { definitionOf } from '../../pieces/registry.ts';
import type { Shape } from '../../pieces/shape.ts';
import type { UnitSystem } from '../../units/unit-systems.ts';
import { kindAt, nearestKind, type KindWord, type SeveralIn } from './kind-words.ts';
import { Unreadable } from './unreadable.ts';
import type { Word } from './words.ts';

/** Most pieces that one line makes. */
const MAX_PIECES_A_LINE = 200;

/** Small words between facts, which state nothing. */
export const FILLERS: ReadonlySet<string> = new Set(
  'a an the and with of on at to is are each all by for to from old new existing currently painted paint coat coats finish finished size sized made about approx pcs pieces x & + @ - – — . : /'.split(
    ' ',
  ),
);

/** How many, and the word that says so. */
export interface Count {
  word: Word;
  value: number;
}

type Placed = KindWord & { at: number };

/** What a phrase of a kind says at a place, and how many words it takes; null where none does. */
export function phraseAt(
  words: readonly Word[],
  at: number,
  phrases: PieceDefinition['typed']['phrases'],
  units: UnitSystem,
): { shape: Shape; taken: number } | null {
  const texts = words.slice(at).map(({ text }) => text);
  for (const phrase of phrases) {
    const read = phrase.read(texts, units);
    if (read !== null) return read;
  }
  return null;
}

/**
 * Takes the kind and how many of it out of the words of a line, wherever they stand, and tells what was taken for what.
 * `into` are the words of the room that the pieces go to where the line names none. Throws where no kind is said, and
 * where more are counted than one line makes.
 */
export function takeCountedKind(
  words: Word[],
  { units, into, severalIn }: { units: UnitSystem; into: readonly string[]; severalIn: readonly SeveralIn[] },
  tell: (from: number, count: number, said: string) => void,
): { found: KindWord; count: Count | null } {
  const take = (at: number, value: number): Count | null => {
    const word = words[at];
    if (word === undefined) return null;
    tell(at, 1, `${value} ×`);
    words.splice(at, 1);
    return { word, value };
  };
  const leading = leadingCount(words);
  const first = leading === null ? null : take(0, leading);
  const found = kindMeant(words, units, first !== null);
  const { at } = found;
  const isPlural = isMany(words, found);
  const said = found.words.join(' ');
  const named = [...into, ...words.map(({ text }) => text)];
  const inRoom = severalIn.find(
    ({ word, rooms }) => said === word && (rooms?.some((room) => named.includes(room)) ?? true),
  );
  const kind = inRoom?.kind ?? found.kind;
  const isPlain = inRoom !== undefined || Object.keys(found.shape).length === 0;
  tell(at, found.words.length, isPlain ? inSentence(definitionOf(kind).name) : said);
  words.splice(at, found.words.length);
  const where = first === null && isPlural ? (countBefore(words, at) ?? countAfter(words, at)) : null;
  return { found: { ...found, kind }, count: where === null ? first : take(where.at, where.value) };
}

/** “7” or “7×” before anything else. */
function leadingCount([word]: readonly Word[]): number | null {
  const match = word && /^(\d{1,4})[x×]?$/.exec(word.text);
  if (!word || !match) return null;
  const value = Number(match[1]);
  if (isPossible(value)) return value;
  throw new Unreadable(`At most ${MAX_PIECES_A_LINE} pieces a line. Use a second line for more.`, word);
}

const isPossible = (value: number): boolean => value >= 1 && value <= MAX_PIECES_A_LINE;

/** “kitchen, 14 doors”: how many, before the kind's plural, wherever that stands. */
function countBefore(words: readonly Word[], at: number): { at: number; value: number } | null {
  const text = words[at - 1]?.text ?? '';
  return /^\d{1,3}$/.test(text) && isPossible(Number(text)) ? { at: at - 1, value: Number(text) } : null;
}

/** A number before one of these counts parts, and no pieces. */
const COUNTED_PARTS = /^(p|panel|panels|panes?|sections?|spindles|newels|lights?|over|m|mm|m2|m²|sq|high|x)$/;

/** “drawers 4”, “drawers x 4”: how many, after the kind's plural, where nothing stands that the number would belong to. */
function countAfter(words: readonly Word[], from: number): { at: number; value: number } | null {
  const at = pastFillers(words, from);
  const value = Number(/^[x×]?(\d{1,3})$/.exec(words[at]?.text ?? '')?.[1]);
  return isPossible(value) && !COUNTED_PARTS.test(words[at + 1]?.text ?? '') ? { at, value } : null;
}

/** The place of the next word that is no small one. */
function pastFillers(words: readonly Word[], from: number): number {
  let at = from;
  while (FILLERS.has(words[at]?.text ?? '')) at++;
  return at;
}

/**
 * The kind that a line is about: the first that is said, unless that is a word for many and others are counted right
 * after it, “kitchen cabinets, 12 doors”. “Architraves, 9 doors” are nine architraves, and the doors are taken out.
 */
function kindMeant(words: Word[], units: UnitSystem, isCounted: boolean): Placed {
  const all = words.flatMap((_word, at) => kindAt(words, at) ?? []);
  const [first] = all;
  if (first === undefined) {
    const { word, near } = nearestKind(words);
    const help = near ? ` Did you mean “${near}”?` : ' Type e.g. door, cupboard door, sash window, railing, skirting.';
    throw new Unreadable(`No kind of piece.${help}`, word);
  }
  // “kitchen 14 doors 5 drawers”: these are counted by themselves, and the others are read next.
  const isCountedHere = isCounted || (isMany(words, first) && countBefore(words, first.at) !== null);
  const counted = isCountedHere ? undefined : countedAfter(words, units, first, all);
  if (counted === undefined) return first;
  if (definitionOf(first.kind).typed.countedBy !== counted.words.join(' ')) return counted;
  words.splice(counted.at, counted.words.length);
  return first;
}

const isMany = (words: readonly Word[], said: Placed): boolean =>
  words[said.at + said.words.length - 1]?.text !== said.words.at(-1);

/** The kind that is counted right after one for many, which it says nothing of. */
function countedAfter(
  words: readonly Word[],
  units: UnitSystem,
  first: Placed,
  all: readonly Placed[],
): Placed | undefined {
  if (!isMany(words, first)) return undefined;
  const number = pastFillers(words, first.at + first.words.length);
  const isNumber = /^\d{1,3}$/.test(words[number]?.text ?? '');
  const saysOfFirst = phraseAt(words, number, definitionOf(first.kind).typed.phrases, units) !== null;
  return isNumber && !saysOfFirst ? all.find((kind) => kind.at === number + 1 && isMany(words, kind)) : undefined;
}
