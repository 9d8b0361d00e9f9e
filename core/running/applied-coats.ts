import { kept } from '../units/kept.ts';
import type { Air } from '../air/climate.ts';
import { exposedFaceOf } from '../air/exposed-face.ts';
import { standingStamps } from '../job/progress.ts';
import { climateOf, hangingClimateId, placeOf } from '../job/queries/places.ts';
import { colourOn } from '../job/queries/faces.ts';
import { groupOf } from '../job/queries/groups.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { LogEntry } from '../job/document/log-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import type { OpenedTin } from '../job/document/tin-schema.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatStep, PieceStep } from '../steps/step.ts';
import { isBenchWork } from '../steps/step-needs.ts';
import type { FaceId } from '../pieces/elevation.ts';

/** A coat that the log says was put on. */
export interface AppliedCoat {
  step: CoatStep;
  stamp: LogEntry;
  /** Minutes from the clocks' t0 at which it was finished. */
  at: number;
  /** As stamped; null where nobody noted it. */
  air: Air | null;
  tin: OpenedTin | null;
}

/** The climate of the air in which a step is done: the bench's, the room's, or the open air before an outside face. */
export function workClimateId(job: Job, step: PieceStep): string {
  if (isBenchWork(step)) return placeOf(job, 'bench').climateId;
  const id = hangingClimateId(job, step.piece, step.coat?.faces ?? step.piece.scope.faces);
  return exposedFaceOf(id)?.climateId ?? id;
}

/** The colour of a coat as its tin has it; null for primers and sealers. */
export function colourOfCoat(job: Job, { piece, coat }: CoatStep): string | null {
  const group = groupOf(job, piece);
  const [face] = coat.faces;
  return coat.coating.role === 'topcoat' && group && face ? colourOn(group, face).hex.toLowerCase() : null;
}

/** The tin that a product in a colour is taken from at a moment: the one opened last that is not empty or put away. */
export function tinInUse(
  tins: readonly OpenedTin[],
  product: string,
  hex: string | null,
  at: string,
): OpenedTin | null {
  const open = tins.filter(
    (tin) =>
      tin.product === product &&
      (tin.hex?.toLowerCase() ?? null) === hex &&
      tin.openedAt <= at &&
      (tin.emptiedAt === null || tin.emptiedAt > at) &&
      tin.end === null,
  );
  return open.reduce<OpenedTin | null>((last, tin) => (last && last.openedAt > tin.openedAt ? last : tin), null);
}

/** What a stamp notes by itself: the air where the step is done, and for a coat the tin that it comes from. */
export function notedWith(job: Job, clocks: JobClocks, step: PieceStep, at: string): Pick<LogEntry, 'air' | 'tinId'> {
  const climateId = workClimateId(job, step);
  const hour = Math.floor(minutesSince(clocks.t0, at, job.site.timeZone) / 60);
  const air = climateOf(job, climateId) ? clocks.air(climateId).at(hour) : undefined;
  const tin = isCoat(step) ? tinInUse(job.tins, step.coat.coating.id, colourOfCoat(job, step), at) : null;
  return {
    ...(air ? { air: { temperature: rounded(air.temperature), humidity: rounded(air.humidity) } } : {}),
    ...(tin ? { tinId: tin.id } : {}),
  };
}

const rounded = (figure: number): number => Math.round(figure * 10) / 10;

/** The last done stamp of every task. */
export const doneStampsByTask = kept(
  (log: readonly LogEntry[]): ReadonlyMap<string, LogEntry> =>
    new Map(standingStamps(log).flatMap((entry) => (entry.event === 'done' ? [[entry.taskId, entry]] : []))),
);

/** The coats that were put on a piece, or on one of its faces, as the log has them, first to last. */
export function appliedCoats(job: Job, clocks: Pick<JobClocks, 't0'>, piece: Piece, face?: FaceId): AppliedCoat[] {
  const stamps = doneStampsByTask(job.log);
  const tins = new Map(job.tins.map((tin) => [tin.id, tin]));
  return pieceSteps(job, piece)
    .filter(isCoat)
    .flatMap((step): AppliedCoat[] => {
      const stamp = stamps.get(step.id);
      if (!stamp || (face !== undefined && !step.coat.faces.includes(face))) return [];
      return [
        {
          step,
          stamp,
          at: minutesSince(clocks.t0, stamp.at, job.site.timeZone),
          air: stamp.air ?? null,
          tin: tins.get(stamp.tinId ?? '') ?? null,
        },
      ];
    })
    .sort((one, other) => one.at - other.at);
}
