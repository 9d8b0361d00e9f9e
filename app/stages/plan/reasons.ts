import type { JobProblem } from '../../../core/planning/job-to-problem.ts';
import { stepWords } from '../../../core/planning/step-words.ts';

/** A planner's reason with tasks named as painters do: `D-03 (first coat: primer, back)` for `piece/coat-1/back`. */
export function withMarks(message: string, { steps }: Pick<JobProblem, 'steps'>): string {
  const ids = [...steps.keys()].sort((one, other) => other.length - one.length);
  return ids.reduce((text, id) => {
    const step = steps.get(id);
    return step && text.includes(id)
      ? text.replaceAll(id, `${step.piece.mark} (${stepWords(step).toLowerCase()})`)
      : text;
  }, message);
}
