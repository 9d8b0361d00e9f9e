import type { Application } from '../job/document/stroke-schema.ts';
import type { Element } from '../pieces/elevation.ts';

/** What there is to paint on a part, by how it is measured. Parts of a whole add up to the whole. */
export interface PaintWork {
  /** m² as painted, edges apart. */
  area: number;
  /** m² of it that are flat, and that are profiled: bevels, mouldings, what turns away from the face. */
  flat: number;
  profiled: number;
  /** m that are cut in with the brush before the flat is filled. */
  cutIn: number;
  /** m of edge. */
  edge: number;
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
  cutIn: 0,
  edge: 0,
  alongGlass: 0,
  bars: 0,
  spindleSides: 0,
};

/** A share of some work, 0 to 1. */
export const shareOf = (work: PaintWork, share: number): PaintWork => ({
  area: work.area * share,
  flat: work.flat * share,
  profiled: work.profiled * share,
  cutIn: work.cutIn * share,
  edge: work.edge * share,
  alongGlass: work.alongGlass * share,
  bars: work.bars * share,
  spindleSides: work.spindleSides * share,
});

/**
 * Minutes at a professional's pace; starting values, until the painter's own log replaces them. Where nothing is stated
 * for cutting in, it is a band as wide as a 50 mm brush at the pace of a profile. A bar's pace is shared between the flat
 * of the bar and the mouldings along the panes on both its sides.
 */
const PACE = {
  brushFlatPerM2: 4.5,
  brushProfiledPerM2: 8,
  rollPerM2: 2.8,
  sprayPerM2: 0.9,
  edgePerMetre: 1.6,
  /** An edge is some 40 mm wide, and the fan takes more. */
  sprayedEdgePerMetre: 0.09,
  cutInPerMetre: 0.4,
  alongGlassPerMetre: 0.95,
  barPerMetre: 0.3,
  spindleASide: 2.5,
} as const;

/** How each way of putting paint on takes flats, profiles and lines; what is slender or an edge takes the brush in all but spraying. */
const WAYS: Readonly<Record<Exclude<Application, 'spray'>, { flat: number; profiled: number; cutIn: number }>> = {
  brush: { flat: PACE.brushFlatPerM2, profiled: PACE.brushProfiledPerM2, cutIn: PACE.cutInPerMetre },
  'profiles-brushed': { flat: PACE.rollPerM2, profiled: PACE.brushProfiledPerM2, cutIn: PACE.cutInPerMetre },
  'cut-first': { flat: PACE.rollPerM2, profiled: PACE.brushProfiledPerM2, cutIn: PACE.cutInPerMetre },
  // A bare-ended roller goes into the corners by itself.
  roll: { flat: PACE.rollPerM2, profiled: PACE.rollPerM2, cutIn: 0 },
};

/** Minutes that some work takes a professional, one coat. */
export function workMinutes(work: PaintWork, application: Application): number {
  if (application === 'spray') {
    // What is slender is area to a gun; an edge has its own pace.
    return work.area * PACE.sprayPerM2 + work.edge * PACE.sprayedEdgePerMetre;
  }
  const way = WAYS[application];
  return (
    work.flat * way.flat +
    work.profiled * way.profiled +
    work.cutIn * way.cutIn +
    work.edge * PACE.edgePerMetre +
    work.alongGlass * PACE.alongGlassPerMetre +
    work.bars * PACE.barPerMetre +
    work.spindleSides * PACE.spindleASide
  );
}

/** What there is to paint on an element. */
export function workOf({ part, developedArea, projectedArea, cutIn, relief, outline }: Element): PaintWork {
  const none = { ...NO_WORK, area: developedArea };
  switch (part) {
    case 'spindle':
      return { ...none, spindleSides: 2 };
    case 'glazing-moulding':
      return { ...none, alongGlass: cutIn / 1000 };
    case 'glazing-bar':
      return { ...none, bars: longerSide(outline) / 1000 };
    default: {
      const isProfiled = developedArea > projectedArea + 1e-9;
      const profiled = relief?.area ?? (isProfiled ? developedArea : 0);
      return { ...none, profiled, flat: developedArea - profiled, cutIn: cutIn / 1000 };
    }
  }
}

/** The longer side in mm of what an outline spans. */
function longerSide(outline: Element['outline']): number {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  return Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
}
