import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import { patchReading } from '../surface-tests/patch-reading.ts';

/**
 * Until when no piece of a group is coated, in minutes from `t0`: until its test patches that nobody has read yet can
 * be read with a fingernail. Groups without such a patch are left out, and so is a patch that never dries.
 */
export function patchWaits(job: Job, t0: string): Map<string, number> {
  const waits = new Map<string, number>();
  for (const patch of job.patches) {
    const readFrom = patch.read === null ? patchReading(job, patch).readFrom : null;
    if (readFrom === null) continue;
    const until = minutesSince(t0, readFrom, job.site.timeZone);
    waits.set(patch.groupId, Math.max(until, waits.get(patch.groupId) ?? 0));
  }
  return waits;
}
