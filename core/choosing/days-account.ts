import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { crewFactor, crewPaceWords } from '../quantities/pace.ts';
import { workOf } from '../steps/crew-work.ts';
import { stepsWith } from '../steps/piece-steps.ts';
import { formatDuration } from '../units/measures.ts';
import { counted } from '../units/sentence.ts';
import { OnePiece } from './one-piece.ts';

/** Explains the days of a piece by itself, with nothing else to do: hands-on work, then waits. */
export function daysAccount(job: Job, piece: Piece, group: FinishGroup): string[] {
  const steps = stepsWith(job, piece, group);
  const factor = crewFactor(job.crew);
  const handsOn = steps.reduce((sum, { minutes }) => sum + workOf(minutes, factor), 0);
  const whole = new OnePiece(job).days(piece, group) * 1440;
  return [
    `${counted(steps.length, 'step')}, hands-on ${formatDuration(handsOn)}.`,
    `Your crew: ${crewPaceWords(job.crew)}.`,
    whole === Infinity
      ? 'A coat never dries in this air.'
      : `Drying in the air of your places, nights and days off: ${formatDuration(whole - handsOn)}.`,
    'Averaged over starting on each working day of a week.',
  ];
}
