import { formatMoment } from '../../core/units/moments.ts';
import { expose } from 'comlink';
import { atTheDoor } from '../../core/job/door.ts';
import { JobClocks } from '../../core/clocks/job-clocks.ts';
import { coatingOf } from '../../core/job/queries/shelf.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { localTime } from '../../core/job/site-time.ts';
import type { FaceId } from '../../core/pieces/elevation.ts';
import type { OrderFound } from '../../core/sequence/order-search.ts';
import { orderSearch, type PassInput, type StrokeSetting } from '../../core/sequence/simulated-pass.ts';
import type { Freedom } from '../../core/sequence/stroke-order.ts';
import { wetEdgeFixes, type WetEdgeFix } from '../../core/sequence/wet-edge-fixes.ts';

/** What is asked about: a pass of a piece, in a place, with the clocks on which its times are. */
export interface AskedPass {
  pieceId: string;
  faces: readonly FaceId[];
  product: string;
  climateId: string;
  setting: StrokeSetting;
  clocks: { date: string; days: number };
  /** Times at which one could begin instead. */
  starts: readonly number[];
}

/** A way out without what only its simulation needs. */
export interface WaySummary extends Omit<WetEdgeFix, 'result'> {
  /** The oldest lap: minutes, of how many, and its share of them. */
  age: number;
  limit: number;
  share: number;
  minutes: number;
}

/** Steps of each search among the ways out. */
const STEPS = 6000;

function passInputOf(job: Job, { pieceId, faces, product, climateId, clocks }: AskedPass): PassInput | null {
  const kept = atTheDoor(job);
  const piece = kept.pieces.find(({ id }) => id === pieceId);
  const coating = coatingOf(kept, product);
  if (!piece || !coating) return null;
  return { piece, faces, coating, climateId, clocks: new JobClocks(kept, clocks.date, clocks.days), crew: kept.crew };
}

/** Ways out and orders, behind their door. */
export const strokes = {
  /** What can be done about the oldest lap of a pass, the best first. */
  ways(job: Job, asked: AskedPass): WaySummary[] {
    const input = passInputOf(job, asked);
    if (input === null) return [];
    const say = (time: number): string =>
      formatMoment(localTime(input.clocks.t0, time, job.site.timeZone), 'longWeekdayTime');
    return wetEdgeFixes(input, asked.setting, {
      steps: STEPS,
      starts: asked.starts,
      say,
      units: job.settings.units,
    }).map(({ result: { worst, start, until }, ...way }) => ({
      ...way,
      age: worst?.age ?? 0,
      limit: worst?.limit ?? Infinity,
      share: worst?.share ?? 0,
      minutes: until - start,
    }));
  },

  /** Searches an order; `onBetter` is told of every better one, and of every better bound. */
  async search(
    job: Job,
    asked: AskedPass,
    { freedom, steps }: { freedom: Freedom; steps: number },
    onBetter: (found: OrderFound) => Promise<void>,
  ): Promise<OrderFound | null> {
    const input = passInputOf(job, asked);
    if (input === null) return null;
    const search = orderSearch(input, asked.setting, freedom, steps);
    for (;;) {
      const next = search.next();
      if (next.done) return next.value;
      await onBetter(next.value);
    }
  },
};

export type StrokesWorker = typeof strokes;

expose(strokes);
