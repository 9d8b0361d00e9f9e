import { rectangle } from '../elevation.ts';
import { element } from '../face.ts';
import { named, type Fill } from './fill.ts';

/** Slats between the stiles, in mm. */
export interface Louvres {
  /** Across the slat, from nose to nose. */
  width: number;
  thickness: number;
  /** From the middle of one slat to the next, as the slats are set. */
  pitch: number;
}

/** How many slats a field of this height takes: as many whole pitches as fit, and at least one. */
export const louvreCount = (height: number, pitch: number): number => Math.max(1, Math.floor(height / pitch + 1e-9));

/**
 * A bank of slats. Each is painted all round; one face of the piece gets half of its girth, so that both faces together
 * have both sides and both noses of every slat.
 */
export function louvreFill({ width: slat, thickness, pitch }: Louvres): Fill {
  return {
    name: 'louvres',
    least: { width: 60, height: pitch },
    parts: (field) => {
      const [x, y, length, height] = field.box;
      const count = louvreCount(height, pitch);
      const step = height / count;
      const elements = Array.from({ length: count }, (_unused, index) =>
        element({
          id: `louvre-${field.id}-${index + 1}`,
          name: named(field, `louvre ${index + 1}`),
          part: 'louvre',
          outline: rectangle([x, y + index * step, length, step]),
          excess: length * (slat + thickness) - length * step,
          grain: 'horizontal',
        }),
      );
      return { elements, unpainted: [] };
    },
  };
}
