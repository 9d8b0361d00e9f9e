import { TOOLS } from '../shelf/tools.ts';
import { keptByName } from '../units/kept.ts';
import { exposedFaceOf } from '../air/exposed-face.ts';
import {
  hindrancesOf,
  indoorPaintingHour,
  outdoorPaintingHour,
  type PaintingBlocker,
  type PaintingHour,
  type PaintLimits,
} from '../air/painting-blockers.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import type { Tool } from '../shelf/tools.ts';
import type { Coating } from '../shelf/coating.ts';

/** What a coating allows while it is put on with a tool. */
export function limitsOf(coating: Coating, tool: Tool): PaintLimits {
  const { minTemperature, maxTemperature, maxHumidity, rainSafe, notInSun } = coating;
  return {
    minTemperature,
    maxTemperature,
    maxHumidity,
    rainSafe,
    notInSun,
    mostWind: TOOLS[tool].maxWind,
  };
}

/** Every hour of a climate, or of a face in the open, as it bears on painting there: every product asks for them again. */
export const paintingHours = keptByName((clocks: JobClocks, climateId): readonly PaintingHour[] =>
  exposedFaceOf(climateId)
    ? clocks.face(climateId).map(outdoorPaintingHour)
    : clocks.air(climateId).slice(0, clocks.hours).map(indoorPaintingHour),
);

/** What is against putting on a coating in each hour of a place, from the clocks' first on; nothing where it may be. */
export function hindrancesIn(
  clocks: JobClocks,
  climateId: string,
  coating: Coating,
  tool: Tool,
): readonly (readonly PaintingBlocker[])[] {
  const reached = clocks.reaching(coating, 'touch', climateId);
  // A coat put on at the hour's end is the last that was begun in it.
  const touchDry = (hour: number): number => (reached === null ? Infinity : reached((hour + 1) * 60) / 60);
  return hindrancesOf(paintingHours(clocks, climateId), limitsOf(coating, tool), touchDry);
}

/** Hours in a row in which one may paint, or which one reason forbids. `until` is the first hour after them. */
export interface Stretch {
  from: number;
  until: number;
  /** The reason that is told first; null where one may paint. */
  hindrance: PaintingBlocker | null;
}

/** Hours `from` until before `until` as stretches of the same answer. */
export function stretchesOf(
  hindrances: readonly (readonly PaintingBlocker[])[],
  from: number,
  until: number,
): Stretch[] {
  const stretches: Stretch[] = [];
  for (let hour = from; hour < until; hour++) {
    const hindrance = hindrances[hour]?.[0] ?? null;
    const last = stretches.at(-1);
    if (last && last.hindrance === hindrance) last.until = hour + 1;
    else stretches.push({ from: hour, until: hour + 1, hindrance });
  }
  return stretches;
}

/** The longest stretch of a span in which one may paint; null when there is none. */
export function bestWindow(stretches: readonly Stretch[]): Stretch | null {
  return stretches.reduce<Stretch | null>((best, stretch) => {
    if (stretch.hindrance !== null) return best;
    return best === null || stretch.until - stretch.from > best.until - best.from ? stretch : best;
  }, null);
}
