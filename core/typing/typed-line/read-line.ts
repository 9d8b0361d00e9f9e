import { capital, inSentence } from '../../units/sentence.ts';
import type { ImpliedByWord, PieceDefinition } from '../../pieces/definition.ts';
import type { Shape } from '../../pieces/shape.ts';
import { FACE_IDS } from '../../pieces/elevation.ts';
import { definitionOf, type PieceKind } from '../../pieces/registry.ts';
import { formatLength, parseLength } from '../../units/length.ts';
import type { UnitSystem } from '../../units/unit-systems.ts';
import type { StatedPiece } from '../../job/document/piece-schema.ts';
import type { Room } from '../../job/document/room-schema.ts';
import { facingOut, usualPiece } from '../../job/document/usual-piece.ts';
import { FACTS, type Fact } from './facts.ts';
import { FILLERS, phraseAt, takeCountedKind, type Count } from './counted-kind.ts';
import { kindAt, SEVERAL, SEVERAL_IN, type SeveralIn } from './kind-words.ts';
import { nearestWord } from './nearest-word.ts';
import { readRoom, readWholeRoom, type Placing } from './rooms.ts';
import { Unreadable } from './unreadable.ts';
import { statedElsewhere } from './stated-elsewhere.ts';
import { wordsOf, type Word } from './words.ts';

/** A stretch of the line and what it was taken for. */
export interface Understood {
  start: number;
  end: number;
  said: string;
}

/** A stretch of the line that says nothing that Nivel knows, and what it might mean. */
export interface Asked {
  start: number;
  end: number;
  question: string;
}

/** What a line says: so many pieces of a kind, each with its room and its note. */
export interface LineRead {
  kind: PieceKind;
  piece: StatedPiece;
  /** What the line says nothing of, so that the usual was taken. */
  assumed: ('size' | 'surface')[];
  /** Words that were not understood, each with a question; the rest of the line stands. */
  asked: Asked[];
  /** One for each piece; a room that is not there yet has only a name. */
  places: { room: { id: string } | { name: string }; note: string }[];
  /** Where pieces of another kind begin, which are read when these are added; null without. */
  others: number | null;
  understood: Understood[];
}

/** Where a line can't be read, and what would help. */
export interface LineFault {
  message: string;
  start: number;
  end: number;
  understood: Understood[];
}

export type LineOutcome = ({ ok: true } & LineRead) | ({ ok: false } & LineFault);

/** What a line is read against. */
export interface LineContext {
  units: UnitSystem;
  rooms: readonly Room[];
  /** Where pieces go when the line names no room. */
  roomId: string;
}

/**
 * Reads one typed line, such as `7 door 6p 1981x762x35 oil gloss both sides practice 1-7`: a number, a kind, then sizes,
 * coats, scope and room in any order. Lengths without a unit are in the given system's. A fault says at which word.
 */
export function readLine(line: string, context: LineContext): LineOutcome {
  const plain = readWith(line, context, []);
  // Several doors of a kitchen are its cupboards’, where nothing of the line speaks against it.
  const inRoom = readWith(line, context, SEVERAL_IN);
  const isNoDoorway = (read: LineRead): boolean =>
    Number(read.piece.shape.height) <= (definitionOf(read.kind).typed.severalIn?.highest ?? 0);
  const fits =
    inRoom.ok &&
    inRoom.places.length >= SEVERAL &&
    (!plain.ok || inRoom.asked.length <= plain.asked.length) &&
    isNoDoorway(inRoom);
  if (fits) return inRoom;
  if (plain.ok) return plain;
  // “6 shaker doors 450x720”: too low for a doorway, wherever they are.
  const anywhere = readWith(
    line,
    context,
    SEVERAL_IN.map((several) => ({ ...several, rooms: null })),
  );
  return anywhere.ok && isNoDoorway(anywhere) ? anywhere : plain;
}

function readWith(line: string, context: LineContext, severalIn: readonly SeveralIn[]): LineOutcome {
  const understood: Understood[] = [];
  try {
    return { ok: true, ...new LineReader(wordsOf(line), context, understood, severalIn).read(), understood };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { ok: false, message: error.message, start: error.word.start, end: error.word.end, understood };
  }
}

/** A piece of a kind as the word for it says. */
function impliedPiece(
  definition: PieceDefinition,
  { isOutside, upHigh, allOver, madeOf }: ImpliedByWord,
  usual: StatedPiece,
): StatedPiece {
  const faces = FACE_IDS.filter((id) => definition.faceNames[id]);
  return {
    ...usual,
    ...(upHigh && { upHigh }),
    ...(allOver && { scope: { ...usual.scope, faces } }),
    ...(madeOf && { surface: { ...usual.surface, substrate: madeOf } }),
    ...(isOutside && { exposure: facingOut(definition) }),
  };
}

class LineReader {
  readonly #words: Word[];
  readonly #context: LineContext;
  readonly #understood: Understood[];
  readonly #severalIn: readonly SeveralIn[];
  /** Words that state something of the kind that the line is about. */
  #phrases: PieceDefinition['typed']['phrases'] = [];

  constructor(words: Word[], context: LineContext, understood: Understood[], severalIn: readonly SeveralIn[]) {
    this.#words = words;
    this.#severalIn = severalIn;
    this.#context = context;
    this.#understood = understood;
  }

  read(): Omit<LineRead, 'understood'> {
    const into = this.#context.rooms.find(({ id }) => id === this.#context.roomId)?.name ?? '';
    const { found, count } = takeCountedKind(
      this.#words,
      { units: this.#context.units, into: into.toLowerCase().split(/\s+/), severalIn: this.#severalIn },
      this.#tell.bind(this),
    );
    const { kind, shape: said, implied } = found;
    const definition = definitionOf(kind);
    this.#phrases = definition.typed.phrases;
    const preset = definition.presets[0]?.shape;
    let piece = impliedPiece(
      definition,
      implied,
      usualPiece(kind, this.#context.roomId, { shape: { ...preset, ...said } as StatedPiece['shape'] }),
    );
    const asked: Asked[] = [];
    const stated = new Map<string, Word>();
    const shape: Record<string, Shape[string]> = { ...piece.shape };
    const free = [...definition.typed.lengths];
    let placing: Placing | null = null;
    let others: number | null = null;
    const facts: Fact[] = [];

    const state = (facts: Shape, word: Word): void => {
      for (const [key, value] of Object.entries(facts)) {
        shape[key] = value;
        stated.set(key, word);
      }
    };
    for (let at = 0; at < this.#words.length;) {
      const word = this.#words[at];
      if (word === undefined) break;
      const taken =
        this.#room(at, (found) => (placing = found), 'whole names') ??
        (this.#isInches(at) ? 1 : null) ??
        this.#phrase(at, definition, (facts) => state(facts, word)) ??
        this.#sizes(at, definition, (facts) => state(facts, word)) ??
        this.#fact(at, (fact) => {
          facts.push(fact);
          piece = fact.state(piece, definition);
          if (piece.comesOff && definition.comesOff === 'never') {
            throw new Unreadable(`${definition.plural} are painted in place.`, word);
          }
        }) ??
        this.#note(at, (note) => (piece = { ...piece, note })) ??
        this.#room(at, (found) => (placing = found)) ??
        (this.#countsMistyped(at, definition) || this.#countsOthers(at)
          ? null
          : this.#length(at, definition, free, (facts) => state(facts, word))) ??
        (FILLERS.has(word.text) ? 1 : null);
      if (taken === null && this.#countsOthers(at)) {
        others = word.start;
        break;
      }
      if (taken === null) {
        const { words, question } = this.#question(at, definition);
        asked.push({ start: word.start, end: this.#words[at + words - 1]?.end ?? word.end, question });
        at += words;
      } else at += taken;
    }
    const complete = definition.typed.complete?.(shape, new Set(stated.keys())) ?? shape;
    const last = this.#words.at(-1) ?? { text: '', start: 0, end: 0 };
    this.#check(complete, definition, (key) => stated.get(key) ?? last);
    piece = { ...piece, shape: complete as StatedPiece['shape'] };
    const isSized = definition.fields.some(({ key, main, unit }) => main && unit !== 'choice' && stated.has(key));
    const assumed: LineRead['assumed'] = [];
    if (!isSized) assumed.push('size');
    if (!facts.some(({ isSurface }) => isSurface)) assumed.push('surface');
    return { kind, piece, assumed, asked, others, places: this.#places(count, placing, piece.note) };
  }

  #tell(from: number, count: number, said: string): void {
    const [first, last] = [this.#words[from], this.#words[from + count - 1]];
    if (first && last) this.#understood.push({ start: first.start, end: last.end, said });
  }

  #phrase(at: number, definition: PieceDefinition, state: (facts: Shape) => void): number | null {
    const read = phraseAt(this.#words, at, definition.typed.phrases, this.#context.units);
    if (read === null) return null;
    const said = this.#words.slice(at, at + read.taken).map(({ text }) => text);
    state(read.shape);
    this.#tell(at, read.taken, said.join(' '));
    return read.taken;
  }

  #sizes(at: number, definition: PieceDefinition, state: (facts: Shape) => void): number | null {
    const word = this.#words[at];
    if (!word || !/\dx\d|["'mnt]x\d/.test(word.text)) return null;
    const parts = word.text.split('x');
    // “5x4m” is both in metres.
    const unit = /[a-z"']+$/.exec(parts.at(-1) ?? '')?.[0] ?? '';
    const lengths = parts.map((part) => {
      const read = parseLength(/^[\d.,]+$/.test(part) ? part + unit : part, this.#context.units);
      if (!read.ok) throw new Unreadable(read.message, word);
      return read.value;
    });
    const facts = definition.typed.sizes(lengths);
    if (facts === null) {
      throw new Unreadable(
        `${definition.name} can’t have ${lengths.length} sizes like this.${this.#example(definition)}`,
        word,
      );
    }
    state(facts);
    this.#tell(at, 1, this.#inWords(facts, definition));
    return 1;
  }

  #inWords(facts: Shape, definition: PieceDefinition): string {
    return Object.entries(facts)
      .map(([key, value]) => {
        const label = inSentence(definition.fields.find((field) => field.key === key)?.label ?? key);
        return `${label} ${formatLength(Number(value), this.#context.units)}`;
      })
      .join(', ');
  }

  #fact(at: number, state: (fact: (typeof FACTS)[number]) => void, how: 'told' | 'silently' = 'told'): number | null {
    let best: { fact: (typeof FACTS)[number]; taken: number } | null = null;
    for (const fact of FACTS) {
      for (const words of fact.words) {
        const phrase = words.split(' ');
        const exact = phrase.every((wanted, index) => this.#words[at + index]?.text === wanted);
        if (exact && phrase.length > (best?.taken ?? 0)) best = { fact, taken: phrase.length };
      }
    }
    if (best === null) return null;
    state(best.fact);
    if (how === 'told') this.#tell(at, best.taken, best.fact.said);
    return best.taken;
  }

  /** “hinges squeak”, in quotation marks. */
  #note(at: number, state: (note: string) => void): number | null {
    const match = /^["“](.{1,300})["”]$/.exec(this.#words[at]?.text ?? '');
    if (match?.[1] === undefined) return null;
    state(match[1].trim());
    this.#tell(at, 1, `note: ${match[1].trim()}`);
    return 1;
  }

  /** A room by its whole name goes before other meanings of its words: a front hall is no front. */
  #room(at: number, state: (placing: Placing) => void, only: 'whole names' | 'any' = 'any'): number | null {
    const read =
      only === 'any'
        ? readRoom(this.#words, at, this.#context.rooms, (from) => this.#isKnown(from))
        : readWholeRoom(this.#words, at, this.#context.rooms);
    if (read === null) return null;
    if (!read.ok) throw new Unreadable(read.message, this.#words[at] ?? read.word);
    state(read.placing);
    this.#tell(at, read.taken, read.placing.said);
    return read.taken;
  }

  /** “36x60 in oak”: whether “in” after sizes stands for inches, since no place follows. */
  #isInches(at: number): boolean {
    if (this.#words[at]?.text !== 'in' || !/\dx\d/.test(this.#words[at - 1]?.text ?? '')) return false;
    return this.#isKnown(at + 1) || kindAt(this.#words, at + 1) !== null;
  }

  /** Whether something other than a room's name starts at this word. Many a room has a front. */
  #isKnown(at: number): boolean {
    const word = this.#words[at]?.text ?? '';
    if (/^front/.test(word) && this.#words[at + 1]?.text !== 'only') return false;
    if (phraseAt(this.#words, at, this.#phrases, this.#context.units) !== null) return true;
    return /^[\d"“]/.test(word) || this.#fact(at, () => undefined, 'silently') !== null;
  }

  #length(at: number, definition: PieceDefinition, free: string[], state: (facts: Shape) => void): number | null {
    const word = this.#words[at];
    const read = word && /^[\d.,]/.test(word.text) ? parseLength(word.text, this.#context.units) : null;
    const [key] = free;
    if (!read?.ok || key === undefined) return null;
    free.shift();
    state({ [key]: read.value });
    this.#tell(at, 1, this.#inWords({ [key]: read.value }, definition));
    return 1;
  }

  #example(definition: PieceDefinition): string {
    const [phrase] = definition.typed.phrases;
    return phrase ? ` Try “${phrase.example}”.` : '';
  }

  /** “96 spindels”: a number that belongs to a word which is not understood, but nearly one of this kind's own. */
  #countsMistyped(at: number, { typed }: PieceDefinition): boolean {
    const next = this.#words[at + 1]?.text ?? '';
    if (!/^\d+$/.test(this.#words[at]?.text ?? '') || !/^[a-z]{4,}$/.test(next) || FILLERS.has(next)) return false;
    const own = typed.phrases.flatMap(({ example }) => example.split(' '));
    return !own.includes(next) && nearestWord(next, own) !== null;
  }

  /** “6 drawers”: whether pieces of another kind are counted from a place on. */
  #countsOthers(at: number): boolean {
    return /^\d{1,3}$/.test(this.#words[at]?.text ?? '') && kindAt(this.#words, at + 1) !== null;
  }

  /** What is asked about words that say nothing from a place on, and how many of them it is about. */
  #question(at: number, definition: PieceDefinition): { words: number; question: string } {
    const word = this.#words[at] ?? { text: '', start: 0, end: 0 };
    const next = this.#words[at + 1];
    if (next && this.#countsMistyped(at, definition)) {
      return { words: 2, question: this.#questionOf(next, definition) };
    }
    const other = kindAt(this.#words, at);
    if (other) {
      return { words: other.words.length, question: `Type “${other.words.join(' ')}” on its own line.` };
    }
    return { words: 1, question: this.#questionOf(word, definition) };
  }

  #questionOf(word: Word, definition: PieceDefinition): string {
    if (/^[\d.,]/.test(word.text)) {
      return `Can’t place “${word.text}”. Type sizes together, e.g. 1981x762x35.`;
    }
    const elsewhere = statedElsewhere(word.text);
    if (elsewhere !== null) return elsewhere;
    const known = [
      ...FACTS.flatMap(({ words }) => words),
      ...definition.typed.phrases.flatMap(({ example }) => example.split(' ')),
      ...this.#context.rooms.map(({ name }) => name.toLowerCase()),
    ];
    const near = nearestWord(word.text, known);
    const help = near ? ` Did you mean “${near}”?` : '';
    return `Can’t read “${word.text}”.${help} For a new room, type “in ${word.text}”.`;
  }

  /** Bounds and what can be made, told at the word that stated it. */
  #check(shape: Shape, definition: PieceDefinition, at: (key: string) => Word): void {
    for (const field of definition.fields) {
      const value = shape[field.key];
      if (field.unit === 'shares' || !('max' in field) || typeof value !== 'number') continue;
      if (value >= field.min && value <= field.max) continue;
      const show = (number: number): string =>
        field.unit === 'mm' ? formatLength(number, this.#context.units) : String(number);
      throw new Unreadable(
        `${field.label} ${show(value)} – must be ${show(field.min)} to ${show(field.max)}.`,
        at(field.key),
      );
    }
    const parsed = definition.schema.safeParse(shape);
    if (!parsed.success) {
      const [issue] = parsed.error.issues;
      throw new Unreadable(issue?.message ?? 'Check the sizes.', at(String(issue?.path[0])));
    }
    const fault = definition.fault(parsed.data, this.#context.units);
    if (fault) throw new Unreadable(fault.message, at(fault.field));
  }

  #places(count: Count | null, placing: Placing | null, note: string): LineRead['places'] {
    const numbers = placing?.numbers ?? null;
    if (numbers && count && numbers.length !== count.value) {
      throw new Unreadable(
        `${capital(placing?.said ?? '')} is ${numbers.length} rooms, but the line starts with ${count.value}.`,
        placing?.word ?? count.word,
      );
    }
    const many = numbers?.length ?? count?.value ?? 1;
    return Array.from({ length: many }, (_unused, index) => ({
      room: placing?.roomAt(index) ?? { id: this.#context.roomId },
      note: [placing?.noteAt(index) ?? '', note].filter(Boolean).join(', '),
    }));
  }
}
