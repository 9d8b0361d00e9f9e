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
  const bays = baysOf(shape);
  const newels = Array.from({ length: shape.newels }, (_unused, index) => {
    const x = index === 0 ? 0 : (bays[index - 1]?.left ?? 0) + (bays[index - 1]?.clear ?? 0);
    // Four sides and the top.
    const area = 4 * newel * newelHeight + newel ** 2;
    return member(`newel-${index + 1}`, `newel ${index + 1}`, 'newel', [x, 0, newel, total], area);
  });
  const elements: Element[] = newels;
  const unpainted: Unpainted[] = [];
  const open = (id: string, box: Box): void => {
    if (box[2] > 0 && box[3] > 0) unpainted.push({ id: `open-${id}`, why: 'open', outline: rectangle(box) });
  };
  const girth = spindleGirth(shape.section, spindle);
  const clear = bottomRail - clearTop;
  let number = 0;
  bays.forEach((bay, index) => {
    elements.push(...railsOf(shape, bay, { number: index + 1, isOnly: bays.length === 1, rail, bottomRail }));
    for (let place = 0; place < bay.spindles; place++) {
      number += 1;
      const x = bay.left + bay.gap + place * (bay.gap + spindle);
      const box: Box = [x, clearTop, spindle, clear];
      open(`spindle-${number}`, [x - bay.gap, clearTop, bay.gap, clear]);
      elements.push(member(`spindle-${number}`, `spindle ${number}`, 'spindle', box, girth * clear));
    }
    open(`bay-${index + 1}`, [bay.left + bay.clear - bay.gap, clearTop, bay.gap, clear]);
    open(`above-${index + 1}`, [bay.left, 0, bay.clear, rail]);
    open(`below-${index + 1}`, [bay.left, total - shape.underBottomRail, bay.clear, shape.underBottomRail]);
  });
  return { width: length, height: total, elements, unpainted };
}

type Member = 'newel' | 'handrail' | 'bottom-rail' | 'spindle';

/** A member as its front, with the area of all its sides in mm². */
const member = (id: string, name: string, part: Member, box: Box, area: number): Element =>
  element({
    id,
    name,
    part,
    outline: rectangle(box),
    grain: part === 'handrail' || part === 'bottom-rail' ? 'horizontal' : 'vertical',
    excess: area - box[2] * box[3],
  });

/** The handrail of a bay, and its bottom rail where there is one. */
function railsOf(
  { handrailWidth, handrailDepth, bottomRailWidth, bottomRailDepth }: RailingShape,
  { left, clear }: Bay,
  { number, isOnly, rail, bottomRail }: { number: number; isOnly: boolean; rail: number; bottomRail: number },
): Element[] {
  const of = isOnly ? '' : ` of bay ${number}`;
  const railOf = (part: 'handrail' | 'bottom-rail', top: number, depth: number, width: number): Element =>
    member(
      `${part}-${number}`,
      `${part.replace('-', ' ')}${of}`,
      part,
      [left, top, clear, depth],
      clear * 2 * (width + depth),
    );
  return [
    railOf('handrail', rail, handrailDepth, handrailWidth),
    ...(bottomRailDepth > 0 ? [railOf('bottom-rail', bottomRail, bottomRailDepth, bottomRailWidth)] : []),
  ];
}
