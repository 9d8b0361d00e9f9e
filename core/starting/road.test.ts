import assert from 'node:assert/strict';
import { test } from 'node:test';
import { begunFrom } from '../fixtures/any-start.ts';
import { recommendedForAll } from '../choosing/recommended.ts';
import { surestTests } from '../choosing/surer.ts';
import { applyCommand } from '../job/commands/apply.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { isChosen } from '../build-up/coat-stack.ts';
import { openQuestions } from '../surface-tests/known-surface.ts';
import type { Job } from '../job/document/schema.ts';
import { JOB_KIND_IDS, type JobKindId } from './job-kinds.ts';
import { ROAD, roadStep, toBuy } from './road.ts';
import { usualStart } from './start-choices.ts';

/** A job of a kind as it is begun with nothing changed. */
function begun(kind: JobKindId): Job {
  const made = begunFrom(usualStart(kind), '2027-05-03');
  assert.ok(made.ok, kind);
  return made.value;
}

/** The same with what is recommended for all groups. */
function coated(job: Job): Job {
  const choices = recommendedForAll(job).flatMap(({ groupId, choice }) =>
    choice ? [{ groupId, buildUp: choice.buildUp, chosenFor: choice.chosenFor }] : [],
  );
  const told = applyCommand(job, 'choose-build-ups', { choices });
  assert.ok(told.ok, told.ok ? '' : told.message);
  return told.value.job;
}

for (const kind of JOB_KIND_IDS) {
  test(`${kind}: the recommended suits every group, and there is something to buy and to plan`, () => {
    const job = coated(begun(kind));
    assert.ok(job.groups.every((group) => isChosen(group)));
    assert.deepEqual(recommendedForAll(job), []);
    assert.ok(toBuy(job).tins > 0);
    const { steps, unplanned, tooLong, noPlace } = jobToProblem(job, `${job.planning.start}T06:00`);
    assert.ok(steps.size > 0);
    assert.deepEqual([unplanned.length, tooLong.length, noPlace.length], [0, 0, 0]);
  });
}

test('the road leads from the first piece to the plan, and stops where coats are missing', () => {
  const job = begun('kitchen');
  const walked = (from: Job): string[] => {
    const seen: string[] = [];
    for (let stage: string | null = 'walk'; stage !== null; stage = roadStep(from, stage)?.next ?? null)
      seen.push(stage);
    return seen;
  };
  assert.deepEqual(walked(job), ['walk', 'test', 'build-up']);
  assert.match(roadStep(job, 'build-up')?.needs ?? '', /^Choose the coats of 1 group/);
  assert.equal(roadStep(job, 'quantities')?.next, 'build-up');
  const done = coated(job);
  assert.deepEqual(walked(done), ['walk', 'test', 'build-up', 'quantities', 'plan']);
  assert.match(roadStep(done, 'plan')?.needs ?? '', /^Buy \d+ tins, about €\d+, then accept/);
  for (const stage of ROAD) assert.ok(roadStep(done, stage), stage);
  assert.equal(roadStep(done, 'today'), null);
  const empty = { ...job, pieces: [], groups: [], assumed: [] };
  assert.equal(roadStep(empty, 'walk')?.next, null);
  assert.equal(roadStep(empty, 'plan'), null);
});

test('what would fail goes first among the tests, and each result is told by what it changes', () => {
  const job = coated(begun('one-piece'));
  const tests = surestTests(job);
  assert.equal(tests.length, 3);
  const open = openQuestions(job, job.groups[0]?.id ?? '');
  const fails = tests.map(({ outcomes }) => outcomes.some((outcome) => outcome.fails || outcome.name === null));
  // No test that changes only hours stands before one that shows a failure.
  assert.deepEqual(
    fails,
    fails.toSorted((one, other) => Number(other) - Number(one)),
  );
  for (const { found, outcomes } of tests) {
    assert.ok(open.has(found), found);
    assert.ok(outcomes.length > 0);
  }
  // Loose paint means other preparation than what was taken for granted, and old waterborne paint less of it.
  const outcome = (found: string, result: string) =>
    tests.find((each) => each.found === found)?.outcomes.find((each) => each.result === result);
  assert.ok((outcome('soundness', 'lets-go')?.more.hours ?? 0) > 0);
  assert.ok((outcome('old-coat', 'waterborne-matt')?.more.coats ?? 0) < 0);
});

test('a test that was done is no longer asked for, and its result no longer supposed', () => {
  const job = coated(begun('one-piece'));
  const [first] = surestTests(job, 1);
  assert.ok(first, 'some test could change something');
  const result = first.found === 'contamination' ? 'clean' : first.found === 'soundness' ? 'holds' : 'oil-gloss';
  const told = applyCommand(job, 'add-finding', {
    entry: {
      id: 'f',
      groupId: first.groupId,
      found: first.found,
      result,
      reading: null,
      hex: null,
      at: '2027-05-02T10:00',
      where: '',
      photoId: null,
      note: '',
    },
  });
  assert.ok(told.ok, told.ok ? '' : told.message);
  assert.ok(surestTests(told.value.job).every(({ found }) => found !== first.found));
});
