import { operationOf } from './operations.ts';
import type { PieceStep } from './step.ts';

/** Whether a step brings a piece back where it belongs: hung, or its furniture refitted. */
export const isRehangStep = (step: Pick<PieceStep, 'operation'>): boolean => operationOf(step).moves === 'back';

/** Whether a step takes a piece off its hinges. */
export const takesOff = (step: PieceStep): boolean => operationOf(step).moves === 'off';

/** Whether a step takes down, with its hardware on, a piece that was hung before. */
export const isTakenDownAgain = (step: PieceStep): boolean => takesOff(step) && operationOf(step).leavesHardware;

/** Whether a step hangs a piece, if only for a night. */
export const hangsAgain = (step: PieceStep): boolean => isRehangStep(step) || operationOf(step).moves === 'night';

/** Whether a piece that comes off is on its hinges once these steps are done, if only for a night. */
export function isHungAfter(steps: readonly PieceStep[]): boolean {
  const last = steps.findLast((step) => operationOf(step).moves !== null);
  return last !== undefined && !takesOff(last);
}

/** The step that brought a piece back and has not been undone since, of those that are done; null while it is away. */
export function rehungBy(
  steps: readonly PieceStep[],
  doneAt: (stepId: string) => string | null | undefined,
): { step: PieceStep; at: string } | null {
  const step = steps.findLast((candidate) => (takesOff(candidate) || isRehangStep(candidate)) && doneAt(candidate.id));
  const at = step && doneAt(step.id);
  return step && at && isRehangStep(step) ? { step, at } : null;
}
