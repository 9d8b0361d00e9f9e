import { JobClocks } from '../../clocks/job-clocks.ts';
import type { Job } from '../../job/document/schema.ts';
import { coatingOf } from '../../job/queries/shelf.ts';
import type { FaceId } from '../../pieces/elevation.ts';
import { simulatePass, type PassInput, type PassResult, type StrokeSetting } from '../../sequence/simulated-pass.ts';
import { boundsOf, type Stroke } from '../../sequence/stroke.ts';
import { kept } from '../../units/kept.ts';

/** A piece to paint in an order: plain data. */
export interface OrderTask {
  job: Job;
  pieceId: string;
  faces: readonly FaceId[];
  product: string;
  climateId: string;
  /** In the method’s order. */
  setting: StrokeSetting;
  clocks: { date: string; days: number };
  /** The best order that was found, and whether no order is better. */
  best: { order: string[]; isProved: boolean };
}

/** An order, and the minutes that went by before each part while nothing was painted; none without a clock. */
export interface OrderAnswer {
  order: string[];
  waited: readonly number[];
}

/** What a task is simulated with. Throws where the job does not have its piece or product. */
export const passInputOf = kept(({ job, pieceId, faces, product, climateId, clocks }: OrderTask): PassInput => {
  const piece = job.pieces.find(({ id }) => id === pieceId);
  const coating = coatingOf(job, product);
  if (!piece || !coating) throw new Error(`No piece ${pieceId} or product ${product} in this job.`);
  return { piece, faces, coating, climateId, clocks: new JobClocks(job, clocks.date, clocks.days), crew: job.crew };
});

/** How many laps will show, and what of its open time is over at the oldest that can show. */
export interface WetEdges {
  lost: number;
  share: number;
}

export const wetEdgesOf = ({ laps, worst }: Pick<PassResult, 'laps' | 'worst'>): WetEdges => ({
  lost: laps.filter(({ state }) => state === 'gone-off').length,
  share: worst?.share ?? 0,
});

/** Below 0 where the first is better: fewer laps that show, then a younger oldest one. */
export const comparedEdges = (one: WetEdges, other: WetEdges): number =>
  one.lost - other.lost || one.share - other.share;

/** A task painted in an order. */
export function paintedInOrder(task: OrderTask, { order, waited }: OrderAnswer): PassResult {
  const before = new Map(order.map((id, index) => [id, waited[index] ?? 0]));
  return simulatePass(passInputOf(task), { ...task.setting, order }, (id) => before.get(id) ?? 0);
}

/** The same by the method, and by the best order that was found. */
export const paintedByMethod = kept((task: OrderTask): PassResult => simulatePass(passInputOf(task), task.setting));
export const paintedBest = kept((task: OrderTask): PassResult => {
  const found = simulatePass(passInputOf(task), { ...task.setting, order: task.best.order });
  const method = paintedByMethod(task);
  return comparedEdges(wetEdgesOf(found), wetEdgesOf(method)) <= 0 ? found : method;
});

/** As one reads: from the top, from the left, edges where they are drawn. */
export const byRows = (strokes: readonly Stroke[]): string[] =>
  strokes
    .map((stroke) => ({ id: stroke.id, ...boundsOf(stroke.outline) }))
    .sort((one, other) => one.y - other.y || one.x - other.x)
    .map(({ id }) => id);
