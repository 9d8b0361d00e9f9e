/** Length of an open line in mm. */
export function lineLength(line) {
  return line.reduce((sum, [x, y], index) => {
    const [beforeX, beforeY] = line[index - 1] ?? [x, y];
    return sum + Math.hypot(x - beforeX, y - beforeY);
  }, 0);
}
/** Chords that stand for a quarter of an ellipse; the girth falls short of the true one by less than 0.05 %. */
const CHORDS = 24;
/** A quarter of an ellipse from `from` to `to`; it leaves `from` horizontally (`'x'`) or vertically (`'y'`). */
function quarter(from, to, leaves) {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  return Array.from({ length: CHORDS }, (_unused, index) => {
    const angle = ((index + 1) / CHORDS) * (Math.PI / 2);
    const [fast, slow] = [Math.sin(angle), 1 - Math.cos(angle)];
    return leaves === 'x' ? [from[0] + dx * fast, from[1] + dy * slow] : [from[0] + dx * slow, from[1] + dy * fast];
  });
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
      const from = [0.3 * t, 0.05 * h];
      return [[0, 0], [0.3 * t, 0], from, ...quarter(from, [0.9 * t, 0.3 * h], 'x'), [t, 0.3 * h], [t, h]];
    },
  },
  torus: {
    name: 'torus',
    line: (h, t) => {
      const [neck, start, end] = [0.4 * t, 0.05 * h, 0.27 * h];
      const nose = [t, (start + end) / 2];
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
      const [from, middle, to] = [
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
};
export const PROFILE_IDS = Object.keys(PROFILES);
/**
 * A stock profile at a height and thickness in mm. Its lower end stands on something, as a skirting does on the floor,
 * or is free and painted back to the wall, as a casing's inner edge is.
 */
export function profileSection(id, height, thickness, lowerEnd) {
  const line = [...PROFILES[id].line(height, thickness)];
  if (lowerEnd === 'free') line.push([0, height]);
  return { line, girth: lineLength(line) };
}
/** A drawn profile: x and y in mm by turns. */
export function drawnSection(numbers) {
  const line = Array.from({ length: Math.floor(numbers.length / 2) }, (_unused, index) => [
    numbers[2 * index] ?? 0,
    numbers[2 * index + 1] ?? 0,
  ]);
  return { line, girth: lineLength(line) };
}
