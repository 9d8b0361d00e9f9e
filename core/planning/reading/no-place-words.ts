import { formatMoment } from '../../units/moments.ts';
import { stepPhrase } from '../../steps/step-words.ts';
import type { NoPlace } from '../drafting/job-to-problem.ts';

/** Why a step has no place in any plan, and what would give it one. */
export function noPlaceWords({ step, because, isLate }: NoPlace): string {
  const { mark, access } = step.piece;
  if (isLate && access.neededBy !== null)
    return `${mark} can’t be back by ${formatMoment(access.neededBy, 'date')}. It’s planned as early as possible.`;
  return `${mark}, ${stepPhrase(step)}: ${WORDS[because](access.neededBy)}`;
}

const WORDS: Readonly<Record<NoPlace['because'], (neededBy: string | null) => string>> = {
  'never-dry': () => 'the coat under it won’t dry in time. Warm the room, or choose another product.',
  'too-late': (neededBy) =>
    neededBy === null
      ? 'can’t be done in time.'
      : `can’t be done by ${formatMoment(neededBy, 'date')}. Choose a later day or a faster build-up.`,
  'no-hours': () => 'not enough paintable hours left. Start earlier in the year, or shade it.',
  'no-means': () => 'no painter or space free for it. Check crew, bench and rack.',
};
