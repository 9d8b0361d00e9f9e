import type { Application } from '../job/document/stroke-schema.ts';
import type { Edge, Element } from '../pieces/elevation.ts';

/**
 * What there is to paint on a part, by how it is measured. Parts of a whole add up to the whole: every measure is a sum
 * over its parts.
 */
export interface PaintWork {
  /** m² as painted, edges apart. */
  area: number;
  /** m² of it that are flat, and that are profiled: bevels, mouldings, what turns away from the face. */
  flat: number;
  profiled: number;
  /** m² on which a wide roller goes: walls, ceilings, large doors of many panels. */
  wide: number;
  /** m that are cut in with the brush before the flat is filled. */
  cutIn: number;
  /** m of members too narrow to roll: face frames, sash bars' frames. */
  slender: number;
  /** m of trim by the length, its m², and m of the lines along which it meets wall and floor. */
  run: number;
  runArea: number;
  runLines: number;
  /** m of plain edge, painted along with the face. */
  edge: number;
  /** m of narrow faces that are cut in, such as the joints of a sectional door. */
  bead: number;
  /** m along glass, and m of the bars between panes. */
  alongGlass: number;
  bars: number;
  /** Spindles, each counted from either side. */
  spindleSides: number;
}

export const NO_WORK: PaintWork = {
  area: 0,
  flat: 0,
  profiled: 0,
  wide: 0,
  cutIn: 0,
  slender: 0,
  run: 0,
  runArea: 0,
  runLines: 0,
  edge: 0,
  bead: 0,
  alongGlass: 0,
  bars: 0,
  spindleSides: 0,
};
const MEASURES = Object.keys(NO_WORK) as (keyof PaintWork)[];

/** A share of some work, 0 to 1. */
export function shareOf(work: PaintWork, share: number): PaintWork {
  const part = { ...work };
  for (const measure of MEASURES) part[measure] *= share;
  return part;
}

/** Work together. */
export function sumOfWork(all: readonly PaintWork[]): PaintWork {
  const sum = { ...NO_WORK };
  for (const work of all) for (const measure of MEASURES) sum[measure] += work[measure];
  return sum;
}

/** How a tool takes each measure: minutes at a professional's pace a m², a m, or a side of a spindle. */
type Pace = Readonly<Record<keyof PaintWork, number>>;

/** By hand. Where each figure comes from, and the range that practice gives for whole pieces, stands in docs/paces.md. */
const BRUSHED: Pace = {
  ...NO_WORK,
  flat: 5,
  profiled: 9,
  wide: 5,
  cutIn: 0.6,
  slender: 0.7,
  run: 0.25,
  runArea: 2.2,
  runLines: 0.1,
  edge: 0.3,
  bead: 0.4,
  alongGlass: 0.95,
  bars: 0.3,
  spindleSides: 1.25,
};
/** Flats are rolled and laid off; what is profiled or slender stays with the brush. */
const ROLLED: Pace = { ...BRUSHED, flat: 3, wide: 1.3 };

/** How each way of putting paint on takes each measure. */
const PACES: Readonly<Record<Application, Pace>> = {
  brush: BRUSHED,
  'profiles-brushed': ROLLED,
  'cut-first': ROLLED,
  // A bare-ended roller goes into the corners by itself.
  roll: { ...ROLLED, profiled: ROLLED.flat, cutIn: 0 },
  // What is slender is area to a gun; an edge is some 40 mm wide, and the fan takes more.
  spray: { ...NO_WORK, area: 2.2, edge: 0.2, bead: 0.2, runLines: 0.2 },
};

/** Minutes that some work takes a professional, one coat. */
export function workMinutes(work: PaintWork, application: Application): number {
  const pace = PACES[application];
  return MEASURES.reduce((sum, measure) => sum + work[measure] * pace[measure], 0);
}

/** Some of the work by one measure: how much of it there is, in m², m or counted, and its minutes. */
export interface MeasuredWork {
  name: string;
  amount: number;
  in: 'm²' | 'm' | 'sides';
  minutes: number;
}

/** How each measure is said, and in what it is counted. */
const MEASURE_WORDS: Readonly<Record<keyof PaintWork, Pick<MeasuredWork, 'name' | 'in'>>> = {
  area: { name: 'sprayed faces', in: 'm²' },
  flat: { name: 'flats', in: 'm²' },
  profiled: { name: 'bevels and mouldings', in: 'm²' },
  wide: { name: 'wide faces', in: 'm²' },
  cutIn: { name: 'cutting in', in: 'm' },
  slender: { name: 'narrow members', in: 'm' },
  run: { name: 'trim', in: 'm' },
  runArea: { name: 'faces of trim', in: 'm²' },
  runLines: { name: 'lines of trim along wall and floor', in: 'm' },
  edge: { name: 'edges', in: 'm' },
  bead: { name: 'joints', in: 'm' },
  alongGlass: { name: 'along glass', in: 'm' },
  bars: { name: 'glazing bars', in: 'm' },
  spindleSides: { name: 'spindles, each side counted', in: 'sides' },
};

/** Minutes of some work at a professional's pace, measure by measure: they add up to {@link workMinutes}. */
export function minutesByMeasure(work: PaintWork, application: Application): MeasuredWork[] {
  const pace = PACES[application];
  return MEASURES.flatMap((measure) => {
    const minutes = work[measure] * pace[measure];
    return minutes > 0 ? [{ ...MEASURE_WORDS[measure], amount: work[measure], minutes }] : [];
  });
}

/** Members up to this, in mm, are too narrow for a roller. */
const SLENDER = 70;

/** What there is to paint on an element. */
export function workOf(element: Element): PaintWork {
  const { part, developedArea, projectedArea, relief, outline, isLarge } = element;
  const none = { ...NO_WORK, area: developedArea };
  const cutIn = element.cutIn / 1000;
  const isProfiled = developedArea > projectedArea + 1e-9;
  switch (part) {
    case 'area':
      return { ...none, wide: developedArea, cutIn };
    case 'spindle':
      return { ...none, spindleSides: 2 };
    case 'glazing-moulding':
      return { ...none, alongGlass: cutIn };
    case 'glazing-bar':
      return { ...none, bars: sidesOf(outline).longer / 1000 };
    default: {
      const { longer, shorter } = sidesOf(outline);
      if (part === 'run' || (part === 'frame' && isProfiled))
        return { ...none, run: longer / 1000, runArea: developedArea, runLines: cutIn };
      if (!isLarge && !isProfiled && shorter <= SLENDER) return { ...none, slender: longer / 1000, cutIn };
      const profiled = relief?.area ?? (isProfiled ? developedArea : 0);
      const flat = developedArea - profiled;
      return { ...none, profiled, ...(isLarge ? { wide: flat } : { flat }), cutIn };
    }
  }
}

/** What there is to paint on an edge: a lining is a face of its own, cut in along the wall and the floor. */
export function workOfEdge({ lies, length, area }: Edge): PaintWork {
  const metres = length / 1000;
  if (lies === 'lining') return { ...NO_WORK, flat: area, runLines: metres };
  return lies === 'joints' ? { ...NO_WORK, bead: metres } : { ...NO_WORK, edge: metres };
}

/** The sides in mm of what an outline spans. */
function sidesOf(outline: Element['outline']): { longer: number; shorter: number } {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  const [width, height] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
  return { longer: Math.max(width, height), shorter: Math.min(width, height) };
}
