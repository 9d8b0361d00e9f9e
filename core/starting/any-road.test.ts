import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyStart, begunFrom } from '../fixtures/any-start.ts';
import { recommendedForAll } from '../choosing/recommended.ts';
import { applyCommand } from '../job/commands/apply.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { verifiedPlan } from '../scheduling/verified-plan.ts';

test('whatever is begun, in any season: the recommended coats lead to a plan of every piece', () => {
  fc.assert(
    fc.property(
      anyStart({ min: 1, max: 6 }),
      fc.constantFrom('2026-12-03', '2027-04-10', '2027-07-05'),
      (choices, from) => {
        const made = begunFrom(choices, from);
        assert.ok(made.ok, made.ok ? '' : made.message);
        const found = recommendedForAll(made.value);
        const told = applyCommand(made.value, 'choose-build-ups', {
          choices: found.map(({ groupId, groupName, choice, told: why }) => {
            assert.ok(choice, `${groupName}: ${why.join(' ')}`);
            return { groupId, buildUp: choice.buildUp, chosenFor: choice.chosenFor };
          }),
        });
        assert.ok(told.ok, told.ok ? '' : told.message);
        const { problem, unplanned, tooLong, noPlace } = jobToProblem(
          told.value.job,
          `${told.value.job.planning.start}T05:00`,
        );
        assert.deepEqual([unplanned.length, tooLong.length, noPlace.length], [0, 0, 0]);
        const plan = verifiedPlan(problem, { steps: 1 });
        assert.notEqual(plan.status, 'infeasible', JSON.stringify(plan).slice(0, 300));
      },
    ),
    { numRuns: 6 },
  );
});
