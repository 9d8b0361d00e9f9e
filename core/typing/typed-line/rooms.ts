import { capital } from '../../units/sentence.ts';
import type { Room } from '../../job/document/room-schema.ts';
import type { Word } from './words.ts';

/** Where the pieces of a line go. */
export interface Placing {
  said: string;
  word: Word;
  /** Numbers of a span such as 1-7; null without. */
  numbers: number[] | null;
  roomAt(index: number): { id: string } | { name: string };
  noteAt(index: number): string;
}

type Read = { ok: true; placing: Placing; taken: number } | { ok: false; message: string; word: Word };

/** Words that are rooms by themselves, without “in” before them. */
const ROOM_WORDS: ReadonlySet<string> = new Set(
  'kitchen hall hallway bathroom bedroom lounge landing stairs staircase study office utility pantry nursery porch conservatory attic cellar toilet wc ensuite laundry diner playroom garage lobby vestibule cloakroom basement foyer mudroom loft library upstairs downstairs'.split(
    ' ',
  ),
);

/** Fewer letters than this do not name a room. */
const MIN_LETTERS = 3;

const spanOf = (word: Word | undefined): number[] | null => {
  const match = word && /^(\d{1,4})[-–](\d{1,4})$/.exec(word.text);
  const [from, to] = [Number(match?.[1]), Number(match?.[2])];
  return match && to >= from && to - from < 500
    ? Array.from({ length: to - from + 1 }, (_unused, i) => from + i)
    : null;
};

/** Rooms whose name begins so; else the one that has a later word which does: the instrument store, by “store”. */
function roomsCalled(name: string, rooms: readonly Room[]): Room[] {
  const begins = rooms.filter((room) => room.name.toLowerCase().startsWith(name));
  if (begins.length > 0) return begins;
  const within = rooms.filter((room) => room.name.toLowerCase().includes(` ${name}`));
  return within.length === 1 ? within : [];
}

/**
 * Reads a room from a word on: a room of the job by the beginning of its name, or of a word that only it has, a new one after “in”, or a new one whose
 * name is followed by a span of numbers. Null when it reads as none of these. `isKnown` tells words that say other things.
 */
export function readRoom(
  words: readonly Word[],
  at: number,
  rooms: readonly Room[],
  isKnown: (at: number) => boolean,
): Read | null {
  const word = words[at];
  if (word === undefined) return null;
  const said = word.text === 'in' ? at + 1 : at;
  for (let end = words.length; end > said; end--) {
    const name = words
      .slice(said, end)
      .map(({ text }) => text)
      .join(' ');
    if (name.length < MIN_LETTERS) continue;
    const found = roomsCalled(name, rooms);
    const numbers = spanOf(words[end]);
    const taken = end - at + (numbers ? 1 : 0);
    const one = numbers?.map((number) => rooms.find((room) => room.name.toLowerCase() === `${name} ${number}`));
    if (one?.every((room) => room !== undefined)) {
      return {
        ok: true,
        taken,
        placing: numbered(name, word, numbers ?? [], (index) => ({ id: one[index]?.id ?? '' })),
      };
    }
    const exact = found.find((room) => room.name.toLowerCase() === name) ?? (found.length === 1 ? found[0] : undefined);
    if (exact) return { ok: true, taken, placing: placed(exact.name, word, numbers, name, { id: exact.id }) };
    if (found.length > 1) {
      const names = found
        .slice(0, 4)
        .map((room) => room.name)
        .join(', ');
      return { ok: false, word, message: `“${name}” could be ${names}. Type more of the name.` };
    }
  }
  return readNewRoom(words, at, isKnown);
}

/** A room of the job by its whole name, said with or without “in”. */
export function readWholeRoom(words: readonly Word[], at: number, rooms: readonly Room[]): Read | null {
  const start = words[at]?.text === 'in' ? at + 1 : at;
  const word = words[at];
  const said = (room: Room): string[] => room.name.toLowerCase().split(/\s+/);
  const room = rooms
    .filter((candidate) => said(candidate).every((part, index) => words[start + index]?.text === part))
    .sort((one, other) => said(other).length - said(one).length)[0];
  if (word === undefined || room === undefined) return null;
  const end = start + said(room).length;
  const numbers = spanOf(words[end]);
  const name = room.name.toLowerCase();
  return {
    ok: true,
    taken: end - at + (numbers ? 1 : 0),
    placing: placed(room.name, word, numbers, name, { id: room.id }),
  };
}

/** Whether nothing stands between a word and the one before it: no comma, and no word that said something else. */
const followsOn = (words: readonly Word[], at: number): boolean =>
  at === 0 || (words[at]?.start ?? 0) - (words[at - 1]?.end ?? 0) <= 1;

/** “in back stair”, or “practice 1-7” of a room that is not there yet. */
function readNewRoom(words: readonly Word[], at: number, isKnown: (at: number) => boolean): Read | null {
  const word = words[at];
  if (word === undefined) return null;
  const isNamed = word.text === 'in' || ROOM_WORDS.has(word.text) || words[at + 1]?.text === 'room';
  const start = word.text === 'in' ? at + 1 : at;
  // What follows “in” is a name, whatever it means elsewhere: a front hall.
  let end = isNamed ? Math.min(start + 1, words.length) : start;
  while (end < words.length && !isKnown(end) && followsOn(words, end)) end++;
  if (isNamed && end === words.length - 1 && /^\d{1,3}$/.test(words[end]?.text ?? '')) end++;
  const numbers = spanOf(words[end]);
  if (end === start || (!isNamed && numbers === null)) return null;
  const name = words
    .slice(start, end)
    .map(({ text }) => text)
    .join(' ');
  const taken = end - at + (numbers ? 1 : 0);
  return { ok: true, taken, placing: placed(capital(name), word, numbers, name, { name: capital(name) }) };
}

/** One room for all; numbers become notes. */
function placed(
  roomName: string,
  word: Word,
  numbers: number[] | null,
  name: string,
  room: { id: string } | { name: string },
): Placing {
  const [first, last] = [numbers?.[0], numbers?.at(-1)];
  const isNew = 'name' in room;
  return {
    said: `${isNew ? 'new room ' : ''}${roomName}${numbers ? `, ${first ?? ''} to ${last ?? ''}` : ''}`,
    word,
    numbers,
    roomAt: () => room,
    noteAt: (index) => (numbers ? `${name} ${numbers[index] ?? ''}` : ''),
  };
}

/** A room for each number. */
function numbered(name: string, word: Word, numbers: number[], roomAt: Placing['roomAt']): Placing {
  return { said: `${name} ${numbers[0] ?? ''} to ${numbers.at(-1) ?? ''}`, word, numbers, roomAt, noteAt: () => '' };
}
