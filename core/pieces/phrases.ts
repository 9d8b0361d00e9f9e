import { parseLength } from '../units/length.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import type { Shape, ShapeValue } from './shape.ts';

/** Something that can be typed of a shape: “96 spindles”, “raised”, “profile torus”. */
export interface Phrase {
  /** As one would type it, for help. */
  example: string;
  /** Reads from the first of these lower-case words on; null when they say something else. */
  read(words: readonly string[], units: UnitSystem): { taken: number; shape: Shape } | null;
}

/** A word, or several, that states something by being there. */
export function says(words: string, shape: Shape): Phrase {
  const wanted = words.split(' ');
  return {
    example: words,
    read: (typed) => (wanted.every((word, index) => typed[index] === word) ? { taken: wanted.length, shape } : null),
  };
}

/** “96 spindles”: a whole number before one of these words. */
export function counts(key: string, words: readonly string[], example: string): Phrase {
  return {
    example,
    read: ([number = '', word = '']) =>
      /^\d{1,4}$/.test(number) && words.includes(word) ? { taken: 2, shape: { [key]: Number(number) } } : null,
  };
}

/** “girth 171”: a length after a word. */
export function measures(word: string, stated: (mm: number) => Shape, example: string): Phrase {
  return {
    example,
    read: ([first, length = ''], units) => {
      const read = first === word ? parseLength(length, units) : null;
      return read?.ok ? { taken: 2, shape: stated(read.value) } : null;
    },
  };
}

/** “32 sq”: a length before one of these words. */
export function measured(words: readonly string[], stated: (mm: number) => Shape, example: string): Phrase {
  return {
    example,
    read: ([length = '', last = ''], units) => {
      const read = words.includes(last) ? parseLength(length, units) : null;
      return read?.ok ? { taken: 2, shape: stated(read.value) } : null;
    },
  };
}

const SQUARE_METRES: Readonly<Record<string, number>> = {
  m2: 1,
  'm²': 1,
  sqm: 1,
  sf: 0.09290304,
  sqft: 0.09290304,
};

/** “52 m2”, “560 sq ft”: an area, after a word of its own or by itself. */
export function squares(lead: string | null, stated: (squareMetres: number) => Shape, example: string): Phrase {
  return {
    example,
    read: (typed) => {
      const at = lead === null ? 0 : 1;
      if (lead !== null && typed[0] !== lead) return null;
      const [, number = '', unit = ''] = /^(\d*[.,]?\d+)([a-z]+[2²]?)?$/u.exec(typed[at] ?? '') ?? [];
      const [next = '', after = ''] = typed.slice(at + 1);
      const isApart = unit === '';
      const isTwo = isApart && next === 'sq' && ['ft', 'm'].includes(after);
      const perUnit = SQUARE_METRES[isTwo ? `${next}${after}` : isApart ? next : unit];
      if (number === '' || perUnit === undefined) return null;
      const area = Number(number.replace(',', '.')) * perUnit;
      return { taken: at + (isTwo ? 3 : isApart ? 2 : 1), shape: stated(area) };
    },
  };
}

/** “3x4 panes”: a grid before one of these words. */
export function grid(
  words: readonly string[],
  stated: (across: number, down: number) => Shape,
  example: string,
): Phrase {
  return {
    example,
    read: ([first = '', last = '']) => {
      const match = /^(\d{1,2})x(\d{1,2})$/.exec(first);
      return match && words.includes(last) ? { taken: 2, shape: stated(Number(match[1]), Number(match[2])) } : null;
    },
  };
}

/** “profile torus”, or only “torus”: one of a choice's values, said after its word or by itself. */
export function chooses(key: string, word: string, values: readonly string[], more: Shape = {}): Phrase {
  return {
    example: `${word} ${values[0] ?? ''}`,
    read: (typed) => {
      const lead = typed[0] === word ? 1 : 0;
      const value: ShapeValue | undefined = values.find((candidate) => candidate === typed[lead]);
      return value === undefined ? null : { taken: lead + 1, shape: { ...more, [key]: value } };
    },
  };
}
