import { placeOf } from '../job/queries/places.ts';
import type { Job } from '../job/document/schema.ts';
import { savings, type Saving } from '../scheduling/bound/savings.ts';
import type { PlanProblem } from '../scheduling/problem.ts';
import { anyOf, capital } from '../units/sentence.ts';

/** The places of which one more is asked about; beside them, one more painter. */
const PLACES = ['rack', 'bench'] as const;
/** Days from which on a saving is worth telling, and from which on it is told in whole days. */
const MIN_DAYS_SAVED = 0.25;
const WHOLE = 0.75;

/**
 * What one more place to dry, one more to work at and one more painter would save about, in a sentence or two; an
 * estimate that plans nothing. `finish` is when the plan that there is ends, in ticks. Empty where nothing can be told.
 */
export function oneMoreWords(job: Job, problem: PlanProblem, finish: number): string {
  const asked = PLACES.filter((id) => problem.spaces.some((space) => space.id === id));
  const told = savings(problem, asked, finish).map(({ space, ticks }) => ({
    what: moreOf(job, space),
    days: (ticks * problem.tickMinutes) / 1440,
  }));
  if (told.length === 0) return '';
  const saving = told.filter(({ days }) => days >= MIN_DAYS_SAVED).sort((one, other) => other.days - one.days);
  const idle = told.filter(({ days }) => days < MIN_DAYS_SAVED).map(({ what }) => what);
  const saved = saving.map(({ what, days }) => `${what} saves about ${aboutDays(days)}`);
  const nothing = idle.length > 0 ? [`${anyOf(idle)} saves almost nothing`] : [];
  return `${capital([...saved, ...nothing].join('; '))}.`;
}

function moreOf(job: Job, space: Saving['space']): string {
  if (space === null) return 'one more painter';
  return space === 'bench' ? 'one more bench space' : `one more space on ${placeOf(job, 'rack').name}`;
}

function aboutDays(days: number): string {
  if (days < WHOLE) return 'half a day';
  return days < 1.5 ? 'a day' : `${Math.round(days)} days`;
}
