import { accepted, refused, type Outcome } from '../units/outcome.ts';
import type { Point } from './elevation.ts';

/** A moulding as cut: its painted line from the wall at the top, x out from the wall, y down, in mm. */
export interface Section {
  /** What is painted of the outline. */
  line: readonly Point[];
  /** Length of the painted line, in mm. */
  girth: number;
}

/** Length of an open line in mm. */
export function lineLength(line: readonly Point[]): number {
  return line.reduce((sum, [x, y], index) => {
    const [beforeX, beforeY] = line[index - 1] ?? [x, y];
    return sum + Math.hypot(x - beforeX, y - beforeY);
  }, 0);
}

/** Chords that stand for a quarter of an ellipse; the girth falls short of the true one by less than 0.05%. */
const CHORDS = 24;

/** A quarter of an ellipse from `from` to `to`; it leaves `from` horizontally (`'x'`) or vertically (`'y'`). */
function quarter(from: Point, to: Point, leaves: 'x' | 'y'): Point[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  return Array.from({ length: CHORDS }, (_unused, index): Point => {
    const angle = ((index + 1) / CHORDS) * (Math.PI / 2);
    const [fast, slow] = [Math.sin(angle), 1 - Math.cos(angle)];
    return leaves === 'x' ? [from[0] + dx * fast, from[1] + dy * slow] : [from[0] + dx * slow, from[1] + dy * fast];
  });
}

/** A stock profile: its painted line for a height and thickness in mm. */
interface Profile {
  name: string;
  line(height: number, thickness: number): Point[];
}

/** The stock profiles. To add one, state its line. */
export const PROFILES = {
  square: {
    name: 'square',
    line: (h, t) => [
      [0, 0],
      [t, 0],
      [t, h],
    ],
  },
  chamfer: {
    name: 'chamfered',
    line: (h, t) => {
      const cut = Math.min(0.7 * t, 0.3 * h);
      return [
        [0, 0],
        [t - cut, 0],
        [t, cut],
        [t, h],
      ];
    },
  },
  bullnose: {
    name: 'bullnose',
    line: (h, t) => {
      const radius = Math.min(0.9 * t, h);
      return [[0, 0], [t - radius, 0], ...quarter([t - radius, 0], [t, radius], 'x'), [t, h]];
    },
  },
  ovolo: {
    name: 'ovolo',
    line: (h, t) => {
      const from: Point = [0.3 * t, 0.05 * h];
      return [[0, 0], [0.3 * t, 0], from, ...quarter(from, [0.9 * t, 0.3 * h], 'x'), [t, 0.3 * h], [t, h]];
    },
  },
  torus: {
    name: 'torus',
    line: (h, t) => {
      const [neck, start, end] = [0.4 * t, 0.05 * h, 0.27 * h];
      const nose: Point = [t, (start + end) / 2];
      return [
        [0, 0],
        [neck, 0],
        [neck, start],
        ...quarter([neck, start], nose, 'x'),
        ...quarter(nose, [neck, end], 'y'),
        [neck, 0.3 * h],
        [t, 0.3 * h],
        [t, h],
      ];
    },
  },
  ogee: {
    name: 'ogee',
    line: (h, t) => {
      const [from, middle, to]: Point[] = [
        [0.25 * t, 0.04 * h],
        [0.6 * t, 0.18 * h],
        [0.92 * t, 0.32 * h],
      ];
      if (!from || !middle || !to) return [];
      return [
        [0, 0],
        [0.25 * t, 0],
        from,
        ...quarter(from, middle, 'y'),
        ...quarter(middle, to, 'x'),
        [t, to[1]],
        [t, h],
      ];
    },
  },
  cove: {
    name: 'cove',
    line: (h, t) => {
      const [start, end] = [0.1 * h, 0.9 * h];
      return [[0, 0], [t, 0], [t, start], ...quarter([t, start], [0.15 * t, end], 'x'), [0.15 * t, h]];
    },
  },
} as const satisfies Readonly<Record<string, Profile>>;
export type ProfileId = keyof typeof PROFILES;
export const PROFILE_IDS = Object.keys(PROFILES) as [ProfileId, ...ProfileId[]];

/**
 * A stock profile at a height and thickness in mm. Its lower end stands on something, as a skirting does on the floor,
 * or is free and painted back to the wall, as a casing's inner edge is.
 */
export function profileSection(id: ProfileId, height: number, thickness: number, lowerEnd: 'stands' | 'free'): Section {
  const line: Point[] = [...PROFILES[id].line(height, thickness)];
  if (lowerEnd === 'free') line.push([0, height]);
  return { line, girth: lineLength(line) };
}

/** A drawn profile: x and y in mm by turns. */
export function drawnSection(numbers: readonly number[]): Section {
  const line = Array.from({ length: Math.floor(numbers.length / 2) }, (_unused, index): Point => [
    numbers[2 * index] ?? 0,
    numbers[2 * index + 1] ?? 0,
  ]);
  return { line, girth: lineLength(line) };
}

/** Corners that a drawn profile may have. */
export const MAX_CORNERS = 60;

/** Reads `0 0, 18 0, 18 145`: corners in mm, out from the wall and down from the top, as numbers by turns. */
export function readDrawnProfile(typed: string): Outcome<number[]> {
  const numbers = typed
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  if (numbers.some((number) => !Number.isFinite(number)) || numbers.length % 2 === 1) {
    return refused('Type pairs in mm, out and down: 0 0, 18 0, 18 145.');
  }
  if (numbers.length < 4) return refused('At least two corners, e.g. 0 0, 18 145.');
  if (numbers.length > MAX_CORNERS * 2) return refused(`At most ${MAX_CORNERS} corners.`);
  return accepted(numbers);
}
