import type { Simulation, TimedStroke } from './simulate.ts';

/** Minutes of painting in a pass, without its stops, so that the player shows no waiting. */
export function playedSpan({ start, until, stops }: Pick<Simulation, 'start' | 'until' | 'stops'>): number {
  return until - start - stops.reduce((sum, stop) => sum + stop.until - stop.from, 0);
}

/** The time on the clock after so many played minutes. */
export function clockAt({ start, stops }: Pick<Simulation, 'start' | 'stops'>, minutes: number): number {
  return stops.reduce((time, stop) => (time > stop.from ? time + stop.until - stop.from : time), start + minutes);
}

/** How many played minutes have gone at a time on the clock. */
export function playedAt({ start, stops }: Pick<Simulation, 'start' | 'stops'>, time: number): number {
  return stops.reduce((minutes, stop) => minutes - Math.max(0, Math.min(time, stop.until) - stop.from), time - start);
}

/** The stroke that is painted at a time, the last begun where two are; null before the first. */
export function strokeAt({ strokes }: Pick<Simulation, 'strokes'>, time: number): TimedStroke | null {
  return strokes.reduce<TimedStroke | null>(
    (last, entry) => (entry.from <= time && (last === null || entry.from >= last.from) ? entry : last),
    null,
  );
}
