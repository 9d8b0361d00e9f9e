import { accountLines, dryingAccount } from '../forecasting/drying-account.ts';
import type { Job } from '../job/document/schema.ts';
import type { JobSteps } from '../steps/job-steps.ts';
import { coatClimateId } from '../steps/wetness/coat-climate.ts';
import { awaitedStage } from '../steps/wetness/current-coats.ts';
import type { DryingPiece } from './drying-status.ts';

/** How the time came about from which a drying piece may be touched by its next step: its coat, then tin and air. */
export function howItDries(
  job: Job,
  { clocks, conditions }: Pick<JobSteps, 'clocks' | 'conditions'>,
  { coated, next, since }: DryingPiece,
): string[] {
  const stage = next === null ? 'close' : awaitedStage(coated, next);
  const { coating, restHours } = coated.coat;
  if (stage === null) return ['The next step doesn’t touch this coat.'];
  const account = dryingAccount(clocks, coating, stage, since, coatClimateId(job, coated), conditions.get(coated.id));
  const isResting = stage === 'recoat' && account !== null && restHours * 60 > account.takes;
  return [
    `${coating.name}.`,
    ...(account ? accountLines(account, job.settings.units) : ['The tin doesn’t say.']),
    ...(isResting ? [`It rests ${restHours} h anyway, as the build-up says.`] : []),
  ];
}
