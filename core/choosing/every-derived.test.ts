import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { readJobFile } from '../exchange/job-file.ts';
import { applyCommand } from '../job/commands/apply.ts';
import type { Derived } from '../job/derived.ts';
import { clocksFrom } from '../clocks/job-clocks.ts';
import type { Job } from '../job/document/schema.ts';
import { planFingerprint } from '../planning/revising/accept.ts';
import { jobSteps } from '../steps/job-steps.ts';
import { aheadOf, problemOfDay } from '../planning/drafting/job-to-problem.ts';
import { learntPaces } from '../steps/learnt-paces.ts';
import { stepsIn } from '../steps/piece-steps.ts';
import { recordedJob } from '../fixtures/recorded-job.ts';
import { divided } from '../fixtures/worked-job.ts';
import { TOLD } from '../fixtures/told-commands.ts';
import { recommendedFor, recommendedForAll, recommendedQuestion } from './recommended.ts';
import { OFFERED_FROM, offerFor, schoolPrices } from './offer.ts';
import { waitConflicts } from '../scheduling/wait-conflicts.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';

/** A fact with how all of it is read: a question's answer counts as well, where that is worked out elsewhere. */
interface Fact {
  parts: readonly (keyof Job)[];
  read(job: Job, plain: Job): void;
}

const day = ({ planning }: Job): string => planning.start;
const fact = <Args extends readonly unknown[], V>(
  derived: Derived<Args, V>,
  read: (make: Derived<Args, V>['make'], job: Job, plain: Job) => void,
): Fact => ({ parts: derived.parts, read: (job, plain) => read(derived.make, job, plain) });

const FACTS: Readonly<Record<string, Fact>> = {
  stepsIn: fact(stepsIn, (make, job, plain) =>
    plain.pieces.forEach((piece) =>
      make(
        job,
        piece,
        plain.groups.find(({ id }) => id === piece.groupId),
      ),
    ),
  ),
  clocksFrom: fact(clocksFrom, (make, job, plain) => {
    const clocks = make(job, day(plain), 30);
    for (const { id } of plain.climates) clocks.air(id);
  }),
  learntPaces: fact(learntPaces, (make, job) => {
    const { factorOf } = make(job);
    factorOf({ operation: 'wash', coat: null });
  }),
  jobSteps: fact(jobSteps, (make, job, plain) => void make(job, `${day(plain)}T00:00`)),
  planFingerprint: fact(planFingerprint, (make, job) => void make(job)),
  problemOfDay: fact(problemOfDay, (make, job, plain) => void make(job, day(plain))),
  aheadOf: fact(aheadOf, (_make, job, plain) => {
    if (plain.plan) waitConflicts(jobToProblem(job, `${day(plain)}T00:00`).problem, plain.plan);
  }),
  questionOf: {
    parts: OFFERED_FROM,
    read: (job, plain) => {
      const [group] = plain.groups;
      if (group) schoolPrices(job, group, offerFor(job, group));
    },
  },
  // What is recommended is worked out elsewhere too.
  recommendedQuestion: {
    parts: recommendedQuestion.parts,
    read: (job, plain) => {
      const [group] = plain.groups;
      if (group === undefined) return;
      recommendedForAll(job);
      recommendedFor(job, group);
    },
  },
};

const here = fileURLToPath(new URL('..', import.meta.url));
const demo = (name: string): Job => {
  const read = readJobFile(readFileSync(join(here, '..', 'demo', `${name}.nivel.json`), 'utf8'));
  assert.ok(read.ok);
  return read.value;
};
const JOBS: Readonly<Record<string, Job>> = {
  school: demo('tern-street'),
  press: demo('linen-press'),
  worked: divided,
};

for (const [name, { parts, read }] of Object.entries(FACTS)) {
  test(`${name} reads no part of a job that it does not name`, () => {
    for (const [which, plain] of Object.entries(JOBS)) {
      const recorded = recordedJob(plain);
      read(recorded.job, plain);
      const unnamed = [...recorded.read].filter((part) => !parts.includes(part));
      assert.deepEqual(unnamed, [], which);
    }
  });
}

test('every fact that is derived is looked at here', () => {
  const names = readdirSync(here, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith('.ts') && !path.endsWith('.test.ts') && !path.endsWith('derived.ts'))
    .flatMap((path) => [...readFileSync(join(here, path), 'utf8').matchAll(/const (\w+) = derived(?:Of)?\(/g)])
    .map(([, name]) => name);
  assert.deepEqual(names.sort(), Object.keys(FACTS).sort());
});

test('whatever command changes a job, what is kept is what would be made anew', () => {
  for (const [name, [args]] of Object.entries(TOLD)) {
    const outcome = applyCommand(divided, name as keyof typeof TOLD, args as never);
    if (!outcome.ok) continue;
    const { job } = outcome.value;
    // What was kept for the job before must not answer for this one.
    for (const asked of [divided, job]) {
      assert.deepEqual([...learntPaces(asked).learnt], [...learntPaces.make(asked).learnt], name);
      assert.equal(planFingerprint(asked), planFingerprint.make(asked), name);
      assert.deepEqual(jobSteps(asked, '2027-03-01T00:00').steps, jobSteps.make(asked, '2027-03-01T00:00').steps, name);
      assert.deepEqual(problemOfDay(asked, '2027-03-01').problem, problemOfDay.make(asked, '2027-03-01').problem, name);
    }
  }
});
