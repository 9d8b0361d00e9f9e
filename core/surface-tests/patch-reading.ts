import type { Patch } from '../job/document/finding-schema.ts';
import { JobClocks } from '../clocks/job-clocks.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { groupOf } from '../job/queries/groups.ts';
import { hangingClimateId } from '../job/queries/places.ts';
import type { Job } from '../job/document/schema.ts';
import { localIso, localTime, minutesSince } from '../job/site-time.ts';

/** Days that a patch may take. */
const MAX_DAYS = 90;

/** When a test patch may be coated again, and when it may be read, as local ISO times; null for never within 90 days. */
export interface PatchReading {
  laidAt: string;
  recoatFrom: string | null;
  /** From here on a fingernail and tape tell: the last coat has come up to what hanging needs. */
  readFrom: string | null;
  /** From here on it is as hard as it gets. */
  sureFrom: string | null;
}

/** The drying clock of a test patch: its last coat, in the climate of the room in which its pieces are. */
export function patchReading(job: Job, patch: Patch): PatchReading {
  const last = patch.coats.at(-1);
  const laidAt = last?.at ?? '';
  const coating = coatingOf(job, last?.product ?? '');
  const piece = job.pieces.find((candidate) => groupOf(job, candidate)?.id === patch.groupId);
  const climateId = piece ? hangingClimateId(job, piece, piece.scope.faces) : (job.climates[0]?.id ?? '');
  if (coating === undefined) return { laidAt, recoatFrom: null, readFrom: null, sureFrom: null };
  const { timeZone } = job.site;
  const clocks = new JobClocks(job, laidAt.slice(0, 10), MAX_DAYS);
  const from = minutesSince(clocks.t0, laidAt, timeZone);
  const at = (stage: 'recoat' | 'rehang' | 'full'): string | null => {
    const reached = clocks.reached(coating, stage, from, climateId);
    return reached === null || reached === Infinity
      ? null
      : localIso(localTime(clocks.t0, Math.ceil(reached), timeZone));
  };
  return { laidAt, recoatFrom: at('recoat'), readFrom: at('rehang'), sureFrom: at('full') };
}
