import { accountLines, dryingAccount } from '../forecasting/drying-account.ts';
import { progressByTask } from '../job/progress.ts';
import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import type { JobSteps } from '../steps/job-steps.ts';
import { coatStays } from '../steps/wetness/coat-climate.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { coatsInTheEnd, type Readiness, type Use } from './readiness.ts';

/** How the date came about from which a piece may be used so: its slowest coat, what its tin says, and the air since. */
export function howUse(
  job: Job,
  { clocks, conditions }: Pick<JobSteps, 'clocks' | 'conditions'>,
  { piece, lastCoat, hung }: Readiness,
  use: Use,
): string[] {
  const progress = progressByTask(job.log);
  const accounts = coatsInTheEnd(pieceSteps(job, piece), (id) => Boolean(progress.get(id)?.doneAt)).flatMap((step) => {
    const doneAt = progress.get(step.id)?.doneAt;
    const from = doneAt ? minutesSince(clocks.t0, doneAt, job.site.timeZone) : lastCoat;
    if (from === null) return [];
    const stays = coatStays(job, step, hung?.at ?? Infinity);
    const account = dryingAccount(clocks, step.coat.coating, use, from, stays, conditions.get(step.id));
    return account ? [{ name: step.coat.coating.name, account, reached: from + account.takes }] : [];
  });
  const [slowest] = accounts.toSorted((one, other) => other.reached - one.reached);
  return slowest
    ? [`${slowest.name}, the slowest coat.`, ...accountLines(slowest.account, job.settings.units)]
    : ['The tin doesn’t say.'];
}
