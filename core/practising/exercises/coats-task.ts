import { recipeOf, buildUpOf, type Recipe } from '../../build-up/system-coat.ts';
import { judge as judgeBuildUp, type Verdict } from '../../build-up/judge.ts';
import type { Severity } from '../../build-up/rule.ts';
import { RULES } from '../../build-up/rules/registry.ts';
import { groundsOf, situations } from '../../build-up/situation.ts';
import { GroupWork } from '../../choosing/group-work.ts';
import { withResult } from '../../choosing/surer.ts';
import type { Coat } from '../../job/document/coat-schema.ts';
import type { BuildUp, FinishGroup, Key } from '../../job/document/group-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { FACE_IDS } from '../../pieces/elevation.ts';
import { FOUND, type FoundId } from '../../pieces/found.ts';
import { crewFactor } from '../../quantities/pace.ts';
import { SURFACE_TESTS } from '../../surface-tests/surface-tests.ts';
import { kept } from '../../units/kept.ts';

/** A surface not tested yet, with what its tests would show. */
export interface CoatsTask {
  job: Job;
  groupId: string;
  /** By test: its result. All that could be done, and nothing else. */
  truth: Partial<Record<FoundId, string>>;
  best: { tests: FoundId[]; buildUp: BuildUp; name: string; minutes: number };
}

/** Which tests are made, and what goes onto the surface then. Fillers and the like are not asked. */
export interface CoatsAnswer {
  tests: readonly FoundId[];
  cleaning: BuildUp['cleaning'];
  key: Key;
  coats: readonly Coat[];
}

export const groupIn = ({ job, groupId }: Pick<CoatsTask, 'job' | 'groupId'>): FinishGroup => {
  const group = job.groups.find(({ id }) => id === groupId);
  if (!group) throw new Error(`No group ${groupId} in this job.`);
  return group;
};

/** The job once these of its tests are made. */
export const tested = ({ job, groupId, truth }: CoatsTask, tests: readonly FoundId[]): Job =>
  tests.reduce((found, test) => {
    const result = truth[test];
    return result === undefined ? found : withResult(found, groupId, test, result);
  }, job);

export const testsIn = ({ truth }: CoatsTask): FoundId[] => Object.keys(truth) as FoundId[];

/** The job as its surface really is. */
export const surfaceKnown = kept((task: CoatsTask): Job => tested(task, testsIn(task)));

/** What is not asked: filling, preserving, thinning and tinting. */
const askedOf = ({ cleaning, key, coats }: Recipe): string =>
  JSON.stringify([cleaning, key, FACE_IDS.map((face) => coats[face].map(({ product, extent }) => [product, extent]))]);

/** More rounds than this add nothing. */
const MAX_ROUNDS = 6;

/** The build-up of an answer, with all that is not asked done as the rules would have it. */
export function buildUpIn(task: CoatsTask, { cleaning, key, coats }: CoatsAnswer): BuildUp {
  const job = surfaceKnown(task);
  const group = groupIn(task);
  const grounds = groundsOf(job, group);
  let recipe = recipeOf({
    cleaning,
    key,
    coats: [...coats],
    fillers: [],
    grainFill: null,
    preservative: null,
    faceCoats: {},
  });
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const before = recipe;
    for (const rule of RULES) {
      for (const situation of grounds.flatMap((ground) => situations(job, ground, recipe))) {
        if (!rule.autoFix || !rule.fires(situation)) continue;
        const next: Recipe = { ...recipe, coats: { ...recipe.coats } };
        if (rule.autoFix(next, situation) && askedOf(next) === askedOf(recipe)) recipe = next;
      }
    }
    if (recipe === before) break;
  }
  return buildUpOf(recipe, [...new Set(grounds.flatMap(({ faces }) => faces))]);
}

/** Rules of a verdict that are broken, by how grave they are; that something is not tested is told apart. */
export const brokenIn = ({ findings }: Verdict, severity: Severity): Verdict['findings'] =>
  findings.filter(({ rule }) => rule.severity === severity);

const gravest = (verdict: Verdict): Set<string> =>
  new Set([...brokenIn(verdict, 'forbidden'), ...brokenIn(verdict, 'risk')].map(({ rule }) => rule.id));

/** Tests that a build-up hangs on: under another result than the true one something would fail that does not fail now. */
export function hangsOn(task: CoatsTask, buildUp: BuildUp): { test: FoundId; result: string }[] {
  const group = groupIn(task);
  const now = gravest(judgeBuildUp(surfaceKnown(task), group, buildUp));
  return testsIn(task).flatMap((test) => {
    const others = testsIn(task).filter((each) => each !== test);
    const known = tested(task, others);
    const failing = Object.keys(FOUND[test].results).find((result) => {
      const found = withResult(known, task.groupId, test, result);
      return [...gravest(judgeBuildUp(found, group, buildUp))].some((id) => !now.has(id));
    });
    return failing === undefined ? [] : [{ test, result: failing }];
  });
}

/** Minutes of tests and hands-on work, at the crew’s pace. */
export function minutesOf(task: CoatsTask, buildUp: BuildUp, tests: readonly FoundId[]): number {
  const job = surfaceKnown(task);
  const work = new GroupWork(job, groupIn(task)).minutes(buildUp) * crewFactor(job.crew);
  return work + tests.reduce((sum, test) => sum + SURFACE_TESTS[test].minutes, 0);
}
