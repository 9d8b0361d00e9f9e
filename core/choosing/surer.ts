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
export function withResult(job: Job, groupId: string, found: FoundId, result: string): Job {
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

/** An open test, the build-up of its group now, and under which results that would fail. */
interface OpenTest {
  group: FinishGroup;
  now: Pick<Weighed, 'candidate' | 'cost'>;
  found: FoundId;
  /** By result, whether the build-up would fail. A result that tells nothing new is left out. */
  results: ReadonlyMap<string, boolean>;
}

/** Whether a build-up that stands would fail with one result of a test; null where the result tells nothing new. */
function wouldFail(job: Job, group: FinishGroup, now: OpenTest['now'], found: FoundId, result: string): boolean | null {
  const supposed = withResult(job, group.id, found, result);
  if (knownOf(supposed, group) === knownOf(job, group)) return null;
  const verdict = judge(supposed, group, now.candidate.buildUp);
  const before = risksOf(now.candidate.verdict);
  return verdict.level === 'forbidden' || [...risksOf(verdict)].some((id) => !before.has(id));
}

function openTestsOf(job: Job, group: FinishGroup): OpenTest[] {
  const now = standing(job, group);
  if (now === null) return [];
  return (
    [...openQuestions(job, group.id)]
      // A colour is no result by itself: it is looked up with its hiding, in the colour’s own field.
      .filter((found) => found !== 'old-colour')
      .map((found) => ({
        group,
        now,
        found,
        results: new Map(
          Object.keys(FOUND[found].results).flatMap((result) => {
            const fails = wouldFail(job, group, now, found, result);
            return fails === null ? [] : [[result, fails]];
          }),
        ),
      }))
  );
}

/** What one result would change; null where all stays as it is. */
function outcomeOf(job: Job, { group, now, found }: OpenTest, result: string, fails: boolean): TestOutcome | null {
  const [best] = offerFor(withResult(job, group.id, found, result), group).permitted;
  // Where nothing better can be composed, coats that still hold stay.
  if (!best && !fails) return null;
  const more = {
    days: best ? best.cost.days - now.cost.days : 0,
    hours: best ? best.cost.hours - now.cost.hours : 0,
    money: best ? best.cost.money - now.cost.money : 0,
    coats: best ? best.cost.coats - now.cost.coats : 0,
  };
  const isSame = Math.abs(more.days) < 0.05 && Math.abs(more.hours) < LEAST_HOURS && more.coats === 0;
  if (!fails && isSame) return null;
  return { result, fails, name: best?.candidate.name ?? null, more };
}

const hasFailing = ({ outcomes }: WorthTesting): boolean => outcomes.some(({ fails }) => fails);

/** How much a test could change: days and hours, gained or lost, counted as hours. */
const changeOf = ({ outcomes }: WorthTesting): number =>
  Math.max(0, ...outcomes.map(({ more }) => HOURS_A_DAY * Math.abs(more.days) + Math.abs(more.hours)));

/** Tests by what they could change: first those after which something would fail, then by time. */
const byStake = (one: WorthTesting, other: WorthTesting): number =>
  Number(hasFailing(other)) - Number(hasFailing(one)) || changeOf(other) - changeOf(one);

/**
 * The tests of a job that could change most, at most `most` of them, as they are found: each list is the best so far, the
 * last one of all. Judging is quick and composing is not, so that what would fail is composed first; once enough is known
 * to fail, nothing else could come before it.
 */
export function* surestSoFar(job: Job, most = 3): Generator<WorthTesting[], WorthTesting[]> {
  const fails = ({ results }: OpenTest): boolean => [...results.values()].some(Boolean);
  const open = job.groups.flatMap((group) => openTestsOf(job, group));
  const worth: WorthTesting[] = [];
  const best = (): WorthTesting[] => worth.toSorted(byStake).slice(0, most);
  for (const test of [...open.filter(fails), ...open.filter((one) => !fails(one))]) {
    if (!fails(test) && worth.filter(hasFailing).length >= most) break;
    const outcomes = [...test.results].flatMap(([result, fault]) => outcomeOf(job, test, result, fault) ?? []);
    if (outcomes.length === 0) continue;
    worth.push({ groupId: test.group.id, found: test.found, outcomes });
    yield best();
  }
  return best();
}

/** The last list of {@link surestSoFar}. */
export function surestTests(job: Job, most = 3): WorthTesting[] {
  const search = surestSoFar(job, most);
  for (;;) {
    const next = search.next();
    if (next.done) return next.value;
  }
}
