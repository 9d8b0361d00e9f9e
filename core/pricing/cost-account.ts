import type { Cost } from '../choosing/weigh.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { crewFactor, crewPaceWords } from '../quantities/pace.ts';
import { operationOf } from '../steps/operations.ts';
import { stepsWith } from '../steps/piece-steps.ts';
import { formatDuration } from '../units/measures.ts';
import { counted } from '../units/sentence.ts';
import { HEADINGS } from './price.ts';

/** How hours, days and coats of a build-up came about, heading by heading, at the crew's pace. */
export function costAccount(
  job: Job,
  group: FinishGroup,
  buildUp: BuildUp,
  cost: Pick<Cost, 'days' | 'coats'>,
): string[] {
  const factor = crewFactor(job.crew);
  const pieces = job.pieces.filter(({ groupId }) => groupId === group.id);
  const steps = pieces.flatMap((piece) => stepsWith(job, piece, { ...group, buildUp }));
  const lines = Object.entries(HEADINGS).flatMap(([heading, what]) => {
    const minutes = steps.reduce((sum, step) => sum + (operationOf(step).pricedAs === heading ? step.minutes : 0), 0);
    return minutes > 0 ? [`${what}: ${formatDuration(Math.round(minutes * factor))}.`] : [];
  });
  return [
    `${counted(pieces.length, 'piece')}, ${counted(steps.length, 'step')}.`,
    ...lines,
    `Your crew: ${crewPaceWords(job.crew)}.`,
    `Days: work and drying of the slowest piece, ${Math.round(cost.days * 10) / 10} in all.`,
  ];
}
