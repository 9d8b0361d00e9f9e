import { rectangle, type Element, type Face, type Point } from '../pieces/elevation.ts';
import { NO_WORK, shareOf, workOf, type PaintWork } from '../quantities/paint-work.ts';
import type { FaceOrder } from './face-orders.ts';
import { boundsOf, type Bounds, type Role, type Stroke } from './stroke.ts';

/** A part of an element that is painted at one go. */
export type Part = Pick<Stroke, 'role' | 'name' | 'outline' | 'holes' | 'work'> & {
  /** What is added to the element's id; empty for a whole element. */
  suffix: string;
  section: number;
};

/** How the elements of one face are divided. */
export interface Dividing {
  school: FaceOrder;
  /** Whether lines are cut in apart from what they surround. */
  cutsFirst: boolean;
  /** Lower ends in mm of the rows that the rails make, from the top; empty without rails. */
  rows: readonly number[];
  /** How far is painted from one stand, in mm, and the stretches that a railing has by it. */
  reach: number;
  reaches: readonly Reach[];
}

/** A stretch of a railing from x to x, in mm. */
export interface Reach {
  from: number;
  until: number;
}

/** How far one reaches along a rail or a skirting from one stand, in mm: a default. */
export const USUAL_REACH = 1200;
/** A face up to this, in m², is laid off as one. */
const MAX_UNDIVIDED_M2 = 0.5;
/** The largest block and strip of a board, and of a wall that is rolled, in mm: defaults. */
const BOARD_BLOCK = { width: 450, height: 600, strip: 300 };
const WALL_BLOCK = { width: 900, height: 1200, strip: 900 };
/** Blocks grow where there would be more than so many. */
const MAX_BLOCKS = 600;
/** How wide a line is cut in, in mm. */
const CUT_LINE = 60;
/** What of a spindle's girth, and of its drawing, is painted from the other side. */
const FAR_SIDE = 0.25;
/** What of a handrail's girth is its underside. */
const UNDERSIDE = 0.3;

/** What to add to the rows: the lower ends of all cross and bottom rails. */
export function rowsOf(face: Face): number[] {
  const lower = face.elements
    .filter(({ part }) => part === 'rail')
    .map(({ outline }) => boundsOf(outline))
    .map(({ y, height }) => y + height)
    .sort((one, other) => one - other);
  return lower.slice(1);
}

/** Each bay of a railing in stretches as even as they go. */
export function reachesOf(face: Face, reach: number): Reach[] {
  return face.elements
    .filter(({ part }) => part === 'handrail')
    .flatMap(({ outline }) => {
      const { x, width } = boundsOf(outline);
      const count = Math.ceil(width / reach - 1e-9);
      return Array.from({ length: count }, (_unused, index) => ({
        from: x + (width * index) / count,
        until: x + (width * (index + 1)) / count,
      }));
    });
}

type Divide = (element: Element, dividing: Dividing) => Part[];

/** A whole element in one go. */
const whole =
  (role: Role): Divide =>
  (element) => [partOf(element, role)];

/** How each part of a face is divided into what is painted at one go. */
const DIVIDES: Readonly<Record<Element['part'], Divide>> = {
  panel: (element, { school, cutsFirst }) => {
    const { relief, outline, name, section } = element;
    if (relief === null || !(school.partsMouldings || cutsFirst)) return [partOf(element, 'panel')];
    const all = workOf(element);
    const moulding: PaintWork = { ...NO_WORK, area: relief.area, profiled: relief.area, cutIn: all.cutIn };
    const field: PaintWork = { ...NO_WORK, area: all.area - relief.area, flat: all.flat, wide: all.wide };
    return [
      {
        suffix: '.moulding',
        role: 'moulding',
        name: `moulding of ${name}`,
        outline,
        holes: [relief.inside],
        work: moulding,
        section,
      },
      {
        suffix: '.field',
        role: 'field',
        name: `field of ${name}`,
        outline: relief.inside,
        holes: [],
        work: field,
        section,
      },
    ];
  },
  moulding: whole('moulding'),
  'glazing-moulding': whole('glazing'),
  'glazing-bar': whole('bar'),
  muntin: whole('muntin'),
  rail: whole('rail'),
  stile: (element, { school, rows }) => {
    const { x, y, width, height } = boundsOf(element.outline);
    if (!school.partsStiles || rows.length < 2) return [partOf(element, 'stile')];
    const ends = [y, ...rows.slice(0, -1), y + height];
    return rows.map((_row, index) => {
      const [from, until] = [ends[index] ?? y, ends[index + 1] ?? y + height];
      return {
        ...partOf(element, 'stile'),
        suffix: `/${index + 1}`,
        name: `${element.name}, row ${index + 1}`,
        outline: rectangle([x, from, width, until - from]),
        work: shareOf(workOf(element), (until - from) / height),
      };
    });
  },
  louvre: whole('louvre'),
  frame: (element) => [partOf(element, element.id === 'sill' ? 'sill' : 'frame')],
  slab: (element, dividing) =>
    element.holes.length > 0 ? [partOf(element, 'ground')] : blocksOf(element, dividing, BOARD_BLOCK),
  side: (element, dividing) => blocksOf(element, dividing, BOARD_BLOCK, 'side'),
  area: (element, dividing) => blocksOf(element, dividing, WALL_BLOCK),
  run: (element, { reach }) => lengthsOf(element, 'length', evenLengths(boundsOf(element.outline), reach)),
  newel: (element, { reaches }) => {
    const { x, width } = boundsOf(element.outline);
    const next = reaches.findIndex(({ from }) => from >= x + width / 2);
    return [{ ...partOf(element, 'newel'), section: next < 0 ? Math.max(0, reaches.length - 1) : next }];
  },
  'bottom-rail': (element, { reaches }) => lengthsOf(element, 'bottom-rail', stretchesOf(element, reaches)),
  handrail: (element, { reaches }) =>
    stretchesOf(element, reaches).flatMap((stretch) => {
      const { y, height } = boundsOf(element.outline);
      const top = height * (1 - UNDERSIDE);
      const work = shareOf(workOf(element), stretch.share);
      const at = ` ${stretch.section + 1}`;
      const upright = (from: number, deep: number): Point[] =>
        rectangle([stretch.from, from, stretch.until - stretch.from, deep]);
      const part = { holes: [], section: stretch.section };
      return [
        {
          ...part,
          suffix: `/${stretch.section + 1}.underside`,
          role: 'underside' as const,
          name: `underside of the handrail, stretch${at}`,
          outline: upright(y + top, height - top),
          work: shareOf(work, UNDERSIDE),
        },
        {
          ...part,
          suffix: `/${stretch.section + 1}.top`,
          role: 'handrail' as const,
          name: `top and sides of the handrail, stretch${at}`,
          outline: upright(y, top),
          work: shareOf(work, 1 - UNDERSIDE),
        },
      ];
    }),
  spindle: (element, { reaches }) => {
    const { x, y, width, height } = boundsOf(element.outline);
    const middle = x + width / 2;
    const found = reaches.findIndex(({ from, until }) => middle >= from && middle <= until);
    const section = Math.max(0, found);
    const side = { ...workOf(element), spindleSides: 1 };
    const near = width * (1 - FAR_SIDE);
    return [
      {
        suffix: '',
        role: 'spindle',
        name: `${element.name}, three sides`,
        outline: rectangle([x, y, near, height]),
        holes: [],
        work: { ...side, area: side.area * (1 - FAR_SIDE) },
        section,
      },
      {
        suffix: '.far',
        role: 'spindle-back',
        name: `${element.name}, fourth side`,
        outline: rectangle([x + near, y, width - near, height]),
        holes: [],
        work: { ...side, area: side.area * FAR_SIDE },
        section,
      },
    ];
  },
};

/** What of an element is painted at one go, all of it, once. */
export const divided = (element: Element, dividing: Dividing): Part[] => DIVIDES[element.part](element, dividing);

function partOf(element: Element, role: Role): Part {
  const { name, outline, holes, section } = element;
  return { suffix: '', role, name, outline, holes, work: workOf(element), section };
}

interface Stretch extends Reach {
  section: number;
  /** Of the whole element. */
  share: number;
}

/** The stretches of a railing that a rail of it runs through. */
function stretchesOf(element: Element, reaches: readonly Reach[]): Stretch[] {
  const { x, width } = boundsOf(element.outline);
  return reaches.flatMap(({ from, until }, section) =>
    from >= x - 0.01 && until <= x + width + 0.01 ? [{ from, until, section, share: (until - from) / width }] : [],
  );
}

function evenLengths({ x, width }: Bounds, reach: number): Stretch[] {
  const count = Math.max(1, Math.ceil(width / reach - 1e-9));
  return Array.from({ length: count }, (_unused, index) => ({
    from: x + (width * index) / count,
    until: x + (width * (index + 1)) / count,
    section: 0,
    share: 1 / count,
  }));
}

function lengthsOf(element: Element, role: Role, stretches: readonly Stretch[]): Part[] {
  const { y, height } = boundsOf(element.outline);
  if (stretches.length < 2 && role === 'length') return [partOf(element, role)];
  return stretches.map(({ from, until, section, share }, index) => ({
    suffix: `/${index + 1}`,
    role,
    name: role === 'length' ? `length ${index + 1}` : `bottom rail, stretch ${section + 1}`,
    outline: rectangle([from, y, until - from, height]),
    holes: [],
    work: shareOf(workOf(element), share),
    section,
  }));
}

/** A face without joints in blocks or strips no larger than one lays off before the next. */
function blocksOf(
  element: Element,
  { school, cutsFirst, reach }: Dividing,
  largest: typeof BOARD_BLOCK,
  role: 'block' | 'side' = 'block',
): Part[] {
  const { x, y, width, height } = boundsOf(element.outline);
  if (element.projectedArea <= MAX_UNDIVIDED_M2 && !cutsFirst) return [partOf(element, role)];
  const isUpright = element.grain !== 'horizontal';
  // Who takes shorter stretches takes smaller blocks as well.
  const scale = reach / USUAL_REACH;
  const most =
    school.slabs === 'blocks'
      ? { width: largest.width, height: largest.height }
      : isUpright
        ? { width: largest.strip, height: Infinity }
        : { width: Infinity, height: largest.strip };
  const grown = Math.max(1, Math.sqrt(((width / most.width) * (height / most.height)) / MAX_BLOCKS));
  const count = (length: number, longest: number): number =>
    Math.max(1, Math.ceil(length / (longest * grown * scale) - 1e-9));
  const [columns, rows] = [count(width, most.width), count(height, most.height)];
  const all = workOf(element);
  const [hole] = element.holes;
  const open = hole ? boundsOf(hole) : null;
  const isCut = cutsFirst && element.cutIn > 0;
  const inset = isCut ? Math.min(CUT_LINE, width / 6, height / 6) : 0;
  const word = school.slabs === 'blocks' ? 'block' : 'strip';
  const blocks: Part[] = [];
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const box: Bounds = {
        x: x + (column * width) / columns,
        y: y + (row * height) / rows,
        width: width / columns,
        height: height / rows,
      };
      const gap = open && overlap(box, open);
      const painted = (box.width * box.height - (gap ? gap.width * gap.height : 0)) / 1e6;
      if (painted < 1e-6) continue;
      const outer =
        (row === 0 ? box.width : 0) +
        (row === rows - 1 ? box.width : 0) +
        (column === 0 ? box.height : 0) +
        (column === columns - 1 ? box.height : 0);
      const left = column === 0 ? inset : 0;
      const top = row === 0 ? inset : 0;
      const right = column === columns - 1 ? inset : 0;
      const bottom = row === rows - 1 ? inset : 0;
      const share = element.projectedArea > 0 ? painted / element.projectedArea : 0;
      blocks.push({
        suffix: `/${row + 1}-${column + 1}`,
        role,
        name:
          columns * rows === 1
            ? element.name
            : `${role === 'side' ? `${element.name}, ` : ''}${word} ${blocks.length + 1}`,
        outline: rectangle([box.x + left, box.y + top, box.width - left - right, box.height - top - bottom]),
        holes: gap ? [rectangle([gap.x, gap.y, gap.width, gap.height])] : [],
        work: {
          ...shareOf(all, share),
          cutIn: isCut || element.cutIn === 0 ? 0 : (all.cutIn * outer) / (2 * (width + height)),
        },
        section: element.section,
      });
    }
  }
  return isCut ? [...cutLinesOf(element, all, inset), ...blocks] : blocks;
}

/** The four lines around a face that are cut in before it is filled. */
function cutLinesOf(element: Element, all: PaintWork, inset: number): Part[] {
  const { x, y, width, height } = boundsOf(element.outline);
  const sides: [string, Bounds][] = [
    ['upper', { x, y, width, height: inset }],
    ['left', { x, y: y + inset, width: inset, height: height - 2 * inset }],
    ['right', { x: x + width - inset, y: y + inset, width: inset, height: height - 2 * inset }],
    ['lower', { x, y: y + height - inset, width, height: inset }],
  ];
  return sides.map(([name, box]) => ({
    suffix: `.${name}`,
    role: 'cut-line',
    name: `${name} line`,
    outline: rectangle([box.x, box.y, box.width, box.height]),
    holes: [],
    work: { ...NO_WORK, cutIn: (all.cutIn * Math.max(box.width, box.height)) / (2 * (width + height) - 4 * inset) },
    section: element.section,
  }));
}

function overlap(one: Bounds, other: Bounds): Bounds | null {
  const x = Math.max(one.x, other.x);
  const y = Math.max(one.y, other.y);
  const width = Math.min(one.x + one.width, other.x + other.width) - x;
  const height = Math.min(one.y + one.height, other.y + other.height) - y;
  return width > 0.01 && height > 0.01 ? { x, y, width, height } : null;
}
