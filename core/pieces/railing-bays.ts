import { rectangle, type Box, type Element, type Unpainted } from './elevation.ts';
import { element } from './face.ts';

/** What the geometry of a railing needs of its shape, in mm. */
interface RailingShape {
  length: number;
  height: number;
  spindles: number;
  section: 'square' | 'round' | 'turned';
  spindle: number;
  newels: number;
  newel: number;
  newelHeight: number;
  handrailWidth: number;
  handrailDepth: number;
  bottomRailWidth: number;
  bottomRailDepth: number;
  underBottomRail: number;
  largestGap: number;
}

/** One stretch between posts. */
export interface Bay {
  /** From the railing's left end. */
  left: number;
  clear: number;
  spindles: number;
  /** Between spindles and to the posts. */
  gap: number;
}

/** The gap in mm between `spindles` of a size in a clear bay, and to its posts. */
export const spindleGap = (bay: number, spindle: number, spindles: number): number =>
  (bay - spindles * spindle) / (spindles + 1);

/** The fewest spindles that leave no gap wider than `largestGap` mm in a clear bay. */
export const spindlesFor = (bay: number, spindle: number, largestGap: number): number =>
  Math.max(0, Math.ceil((bay - largestGap) / (spindle + largestGap) - 1e-9));

/** The bays between newels that stand at even distances, the first and last at the ends; spindles shared out evenly. */
export function baysOf(shape: RailingShape): Bay[] {
  const { length, newels, newel, spindle, spindles } = shape;
  const count = Math.max(1, newels - 1);
  const clear = (length - newels * newel) / count;
  // A single newel stands at the start.
  const first = newels > 0 ? newel : 0;
  return Array.from({ length: count }, (_unused, index) => {
    const share = Math.floor(((index + 1) * spindles) / count) - Math.floor((index * spindles) / count);
    return { left: first + index * (clear + newel), clear, spindles: share, gap: spindleGap(clear, spindle, share) };
  });
}

/** The fewest spindles of the whole railing that keep its largest gap. */
export const spindlesNeeded = (shape: RailingShape): number =>
  baysOf(shape).reduce((sum, bay) => sum + spindlesFor(bay.clear, shape.spindle, shape.largestGap), 0);

/** What the beads and hollows of a turned spindle add to a round one's girth along its length, as a share. */
const TURNED_EXCESS = 0.1;

/** Girth of a spindle in mm: a square one's four sides, a round one's circumference. */
export function spindleGirth(section: RailingShape['section'], size: number): number {
  return section === 'square' ? 4 * size : Math.PI * size * (section === 'turned' ? 1 + TURNED_EXCESS : 1);
}

/** Elements of a railing and the air between them. The area of each member is that of all its sides. */
export function railingParts(shape: RailingShape): {
  width: number;
  height: number;
  elements: Element[];
  unpainted: Unpainted[];
} {
  const { length, height, spindle, newel, newelHeight } = shape;
  const total = shape.newels > 0 ? Math.max(height, newelHeight) : height;
  const rail = total - height;
  const clearTop = rail + shape.handrailDepth;
  const bottomRail = total - shape.underBottomRail - shape.bottomRailDepth;
  const elements: Element[] = [];
  const unpainted: Unpainted[] = [];
  const add = (
    id: string,
    name: string,
    part: 'newel' | 'handrail' | 'bottom-rail' | 'spindle',
    box: Box,
    area: number,
  ): void => {
    elements.push(
      element({
        id,
        name,
        part,
        outline: rectangle(box),
        grain: part === 'handrail' || part === 'bottom-rail' ? 'horizontal' : 'vertical',
        excess: area - box[2] * box[3],
      }),
    );
  };
  const open = (id: string, box: Box): void => {
    if (box[2] > 0 && box[3] > 0) unpainted.push({ id: `open-${id}`, why: 'open', outline: rectangle(box) });
  };
  const bays = baysOf(shape);
  for (let index = 0; index < shape.newels; index++) {
    const x = index === 0 ? 0 : (bays[index - 1]?.left ?? 0) + (bays[index - 1]?.clear ?? 0);
    // Four sides and the top.
    add(
      `newel-${index + 1}`,
      `newel ${index + 1}`,
      'newel',
      [x, 0, newel, total],
      4 * newel * newelHeight + newel ** 2,
    );
  }
  const girth = spindleGirth(shape.section, spindle);
  let number = 0;
  bays.forEach((bay, index) => {
    const of = bays.length > 1 ? ` of bay ${index + 1}` : '';
    const handrailGirth = 2 * (shape.handrailWidth + shape.handrailDepth);
    add(
      `handrail-${index + 1}`,
      `handrail${of}`,
      'handrail',
      [bay.left, rail, bay.clear, shape.handrailDepth],
      bay.clear * handrailGirth,
    );
    if (shape.bottomRailDepth > 0) {
      const bottomGirth = 2 * (shape.bottomRailWidth + shape.bottomRailDepth);
      add(
        `bottom-rail-${index + 1}`,
        `bottom rail${of}`,
        'bottom-rail',
        [bay.left, bottomRail, bay.clear, shape.bottomRailDepth],
        bay.clear * bottomGirth,
      );
    }
    const clear = bottomRail - clearTop;
    for (let place = 0; place < bay.spindles; place++) {
      number += 1;
      const x = bay.left + bay.gap + place * (bay.gap + spindle);
      open(`spindle-${number}`, [x - bay.gap, clearTop, bay.gap, clear]);
      add(`spindle-${number}`, `spindle ${number}`, 'spindle', [x, clearTop, spindle, clear], girth * clear);
    }
    open(`bay-${index + 1}`, [bay.left + bay.clear - bay.gap, clearTop, bay.gap, clear]);
    open(`above-${index + 1}`, [bay.left, 0, bay.clear, rail]);
    open(`below-${index + 1}`, [bay.left, total - shape.underBottomRail, bay.clear, shape.underBottomRail]);
  });
  return { width: length, height: total, elements, unpainted };
}
