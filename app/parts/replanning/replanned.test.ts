import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Job } from '../../../core/job/document/schema.ts';
import { jobToProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { Mover } from '../../../core/planning/revising/moving.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import type { NoPlan } from '../../../core/scheduling/plan.ts';
import { solve } from '../../../core/scheduling/solve/solve.ts';
import { WorkedDays } from '../../../core/fixtures/worked-days.ts';
import type { PendingQuery } from '../../asking/pending-query.ts';
import type { VerifiedPlan } from '../../asking/planner.worker.ts';
import { replannedByMove, replannedRest, type Awaiting, type Planners } from './replanned.ts';

const NOW = '2027-03-01T09:00';
const asked = <Answer>(answer: Answer): PendingQuery<Answer> => ({
  result: Promise.resolve(answer),
  cancel: () => undefined,
});
const waited: Awaiting = ({ result }) => result;
const none = (task: string): NoPlan => ({ status: 'infeasible', reasons: [{ kind: 'ends-too-late', task }] });

function solved(job: Job, now: string): VerifiedPlan | NoPlan {
  const { problem } = jobToProblem(job, now);
  const plan = solve(problem, { steps: 20 });
  return plan.status === 'infeasible' ? plan : { plan, problem, because: 'it has to dry' };
}

/** Planners that really plan, and note what they were asked. */
function planners(told: string[], facts: Partial<Planners> = {}): Planners {
  const noted: Planners = {
    near: (job, now) => asked({ ...(solved(job, now) as VerifiedPlan), changes: {} as never }),
    anew: (job, now) => asked(solved(job, now)),
    moved: (job, now, plan, move) => {
      const problem = jobToProblem(job, now, { goesOn: true });
      const at = minutesSince(problem.problem.t0, now, job.site.timeZone);
      return asked(new Mover(job, problem, plan, at).move(move));
    },
    ...facts,
  };
  return {
    near: (...args) => (told.push('near'), noted.near(...args)),
    anew: (...args) => (told.push('anew'), noted.anew(...args)),
    moved: (...args) => (told.push('moved'), noted.moved(...args)),
  };
}

const worked = () => new WorkedDays().planned('2027-03-01T07:00').done('take-off', '2027-03-01T08:30');

test('the rest is planned near the plan of before, and accepted with who asked for it', async () => {
  const told: string[] = [];
  const { job } = worked();
  const made = await replannedRest(job, { now: NOW, reason: 'D-01 done off plan' }, planners(told), waited);
  assert.ok(made && 'plan' in made);
  assert.deepEqual(
    [made.plan.reason, made.plan.madeAt, made.plan.because, told],
    ['D-01 done off plan', NOW, 'it has to dry', ['near']],
  );
});

test('where the plan of before leads nowhere, all is planned anew; so is what had no plan', async () => {
  const told: string[] = [];
  const stuck = planners(told, { near: () => asked(none('')) });
  const made = await replannedRest(worked().job, { now: NOW, reason: 'r' }, stuck, waited);
  assert.ok(made && 'plan' in made);
  assert.deepEqual(told, ['near', 'anew']);
  told.length = 0;
  assert.ok(await replannedRest(new WorkedDays().job, { now: NOW, reason: 'r' }, stuck, waited));
  assert.deepEqual(told, ['anew']);
});

test('where there is no plan at all, the reason is told with the marks of the pieces, and that nothing is lost', async () => {
  const days = worked();
  const id = days.step('wash').id;
  const stuck = planners([], { near: () => asked(none('')), anew: () => asked(none(id)) });
  const made = await replannedRest(days.job, { now: NOW, reason: 'r' }, stuck, waited);
  assert.ok(made && 'refused' in made);
  assert.match(made.refused, /^Can’t replan\. D-01 \(.*\) would finish too late\. Your entry is saved/);
});

test('what another planning has overtaken comes to nothing, and asks nothing more', async () => {
  const told: string[] = [];
  const overtaken: Awaiting = () => Promise.resolve(null);
  assert.equal(await replannedRest(worked().job, { now: NOW, reason: 'r' }, planners(told), overtaken), null);
  assert.deepEqual(told, ['near']);
  const { job } = worked();
  const move = { taskIds: ['d/wash'], start: 600, painters: ['painter-1'] };
  const moved = await replannedByMove(
    { ...job, plan: job.plan! },
    move,
    { now: NOW, reason: 'r' },
    planners([]),
    overtaken,
  );
  assert.equal(moved, null);
});

test('a run that is put first stands where it was put, and is pinned there', async () => {
  const { job } = worked();
  const plan = job.plan!;
  const wash = plan.tasks.find(({ id }) => id === 'd/wash')!;
  const later = { taskIds: ['d/wash'], start: wash.start + 60, painters: ['painter-1'] };
  const made = await replannedByMove({ ...job, plan }, later, { now: NOW, reason: 'D-01 later' }, planners([]), waited);
  assert.ok(made && 'plan' in made, JSON.stringify(made));
  assert.equal(made.plan.tasks.find(({ id }) => id === 'd/wash')?.start, later.start);
  assert.deepEqual(
    made.pins?.map(({ taskId }) => taskId),
    ['d/wash'],
  );
});

test('a run that may not stand somewhere is refused in the mover’s words, or in the planner’s', async () => {
  const { job } = worked();
  const plan = job.plan!;
  const past = { taskIds: ['d/wash'], start: 0, painters: ['painter-1'] };
  const refused = await replannedByMove({ ...job, plan }, past, { now: NOW, reason: 'r' }, planners([]), waited);
  assert.ok(refused && 'refused' in refused && refused.refused.startsWith('That time has gone'));
  const failed = planners([], { moved: () => asked(none('d/wash') as never) });
  assert.deepEqual(await replannedByMove({ ...job, plan }, past, { now: NOW, reason: 'r' }, failed, waited), {
    refused: 'The rest won’t fit round it. D-01 (wash and rinse) would finish too late.',
  });
});
