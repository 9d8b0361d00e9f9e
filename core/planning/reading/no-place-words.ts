import { formatMoment } from '../../units/moments.ts';
import { stepWords } from '../../steps/step-words.ts';
import type { NoPlace } from '../drafting/job-to-problem.ts';

/** Why a step has no place in any plan, and what would give it one. */
export function noPlaceWords({ step, because, isLate }: NoPlace): string {
  const { mark, access } = step.piece;
  if (isLate && access.neededBy !== null)
    return `${mark} can’t be back by ${formatMoment(access.neededBy, 'date')}. It is planned for as soon as it can be.`;
  return `${mark}, ${stepWords(step).toLowerCase()}: ${WORDS[because](access.neededBy)}`;
}

const WORDS: Readonly<Record<NoPlace['because'], (neededBy: string | null) => string>> = {
  'never-dry': () =>
    'what lies under it never dries far enough within the days of the plan. Warm the place, or take another product.',
  'too-late': (neededBy) =>
    neededBy === null
      ? 'it can’t be done in time.'
      : `it can’t be done by ${formatMoment(neededBy, 'date')}, even by itself. Give it a later day, begin earlier, or take a quicker build-up.`,
  'no-hours': () =>
    'its hours run out before the end of the plan. Begin earlier in the season, give it shade, or take it off.',
  'no-means': () => 'nobody, or no place, can take it. Look at crew, bench and rack.',
};
