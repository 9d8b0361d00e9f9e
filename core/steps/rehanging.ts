import type { PieceStep } from './step.ts';

/** Whether a step brings a piece back where it belongs: hung, or its furniture refitted. */
export const bringsBack = ({ operation }: Pick<PieceStep, 'operation'>): boolean =>
  operation === 'rehang' || operation === 'refit';

const takesOff = ({ operation }: PieceStep): boolean => operation === 'take-off' || operation === 'take-down';

/** Whether a piece that comes off is on its hinges once these steps are done, if only for a night. */
export function isHungAfter(steps: readonly PieceStep[]): boolean {
  const last = steps.findLast((step) => takesOff(step) || bringsBack(step) || step.operation === 'hang-for-night');
  return last !== undefined && !takesOff(last);
}

/** The step that brought a piece back and has not been undone since, of those that are done; null while it is away. */
export function broughtBack(
  steps: readonly PieceStep[],
  doneAt: (stepId: string) => string | null | undefined,
): { step: PieceStep; at: string } | null {
  const step = steps.findLast((candidate) => (takesOff(candidate) || bringsBack(candidate)) && doneAt(candidate.id));
  const at = step && doneAt(step.id);
  return step && at && bringsBack(step) ? { step, at } : null;
}
