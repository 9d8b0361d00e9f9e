import { isChosen } from '../build-up/coat-stack.ts';
import { judge } from '../build-up/judge.ts';
import type { FindingStamp } from '../job/document/finding-schema.ts';
import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FOUND, type FoundId } from '../pieces/found.ts';
import { knownOf } from '../build-up/build-up-review.ts';
import { openQuestions } from '../surface-tests/known-surface.ts';
import { offerFor } from './offer.ts';
import type { Weighed } from './weigh.ts';
import { Weigher } from './weigh.ts';

/** What a result of a test would change. */
export interface TestOutcome {
  result: string;
  /** Whether the build-up that stands would then be forbidden, or carry a risk that it does not carry now. */
  fails: boolean;
  /** The build-up that would be recommended then; null where nothing on the shelf would suit. */
  name: string | null;
  /** Against the one that stands: days of the slowest piece, hours of hands-on work, money, coats. */
  more: { days: number; hours: number; money: number; coats: number };
}

/** A test that nobody has done, with what each of its results could change; those that change nothing are left out. */
export interface WorthTesting {
  groupId: string;
  found: FoundId;
  outcomes: TestOutcome[];
}

/** Hours of work that a day of waiting counts as, where tests are ranked. */
const HOURS_A_DAY = 4;
/** Changes below this are noise: hours. */
const LEAST_HOURS = 0.2;

/** A job in which a test of a group has been done with a result. */
function withResult(job: Job, groupId: string, found: FoundId, result: string): Job {
  const finding: FindingStamp = {
    id: `supposed/${found}`,
    groupId,
    found,
    result,
    reading: null,
    hex: null,
    at: '9999-01-01T00:00',
    where: '',
    photoId: null,
    note: '',
  };
  return { ...job, findings: [...job.findings, finding] };
}

/** What a group is done with now: what is chosen, or else what would be recommended. */
function standing(job: Job, group: FinishGroup): Pick<Weighed, 'candidate' | 'cost'> | null {
  if (!isChosen(group)) return offerFor(job, group).permitted[0] ?? null;
  const verdict = judge(job, group, group.buildUp);
  return {
    candidate: { id: '', name: '', buildUp: group.buildUp, verdict, appliedRules: [] },
    cost: new Weigher(job, group).cost(group.buildUp, verdict),
  };
}

const risksOf = (verdict: Weighed['candidate']['verdict']): Set<string> =>
  new Set(
    verdict.findings
      .filter(({ rule }) => rule.severity === 'forbidden' || rule.severity === 'risk')
      .map(({ rule }) => rule.id),
  );

/** What one result would change; null where all stays as it is. */
function outcomeOf(
  job: Job,
  group: FinishGroup,
  now: Pick<Weighed, 'candidate' | 'cost'>,
  found: FoundId,
  result: string,
): TestOutcome | null {
  const supposed = withResult(job, group.id, found, result);
  if (knownOf(supposed, group) === knownOf(job, group)) return null;
  const verdict = judge(supposed, group, now.candidate.buildUp);
  const before = risksOf(now.candidate.verdict);
  const fails = verdict.level === 'forbidden' || [...risksOf(verdict)].some((id) => !before.has(id));
  const [best] = offerFor(supposed, group).permitted;
  const more = {
    days: best ? best.cost.days - now.cost.days : 0,
    hours: best ? best.cost.hours - now.cost.hours : 0,
    money: best ? best.cost.money - now.cost.money : 0,
    coats: best ? best.cost.coats - now.cost.coats : 0,
  };
  const isSame = Math.abs(more.days) < 0.05 && Math.abs(more.hours) < LEAST_HOURS && more.coats === 0;
  if (!fails && best !== undefined && isSame) return null;
  return { result, fails, name: best?.candidate.name ?? null, more };
}

/** How much a test could change: what would fail goes first, then days and hours, gained or lost. */
const stakeOf = ({ outcomes }: WorthTesting): number =>
  Math.max(
    0,
    ...outcomes.map(
      ({ fails, more, name }) =>
        (fails || name === null ? 1000 : 0) + HOURS_A_DAY * Math.abs(more.days) + Math.abs(more.hours),
    ),
  );

/** Tests of one group that nobody has done, those that could change most first. */
export function worthTesting(job: Job, group: FinishGroup): WorthTesting[] {
  const now = standing(job, group);
  if (now === null) return [];
  return [...openQuestions(job, group.id)]
    .map((found): WorthTesting => ({
      groupId: group.id,
      found,
      // A colour is no result by itself: it is looked up with its hiding, in the colour’s own field.
      outcomes:
        found === 'old-colour'
          ? []
          : Object.keys(FOUND[found].results).flatMap((result) => outcomeOf(job, group, now, found, result) ?? []),
    }))
    .filter(({ outcomes }) => outcomes.length > 0)
    .sort((one, other) => stakeOf(other) - stakeOf(one));
}

/** The tests of a job that could change most, at most `most` of them. */
export const surestTests = (job: Job, most = 3): WorthTesting[] =>
  job.groups
    .flatMap((group) => worthTesting(job, group))
    .sort((one, other) => stakeOf(other) - stakeOf(one))
    .slice(0, most);
