import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { recommendedForAll } from '../choosing/recommended.ts';
import { applyCommand } from '../job/commands/apply.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { verifiedPlan } from '../scheduling/verified-plan.ts';
import { CREW_DAYS_IDS } from './crew-days.ts';
import { JOB_KIND_IDS } from './job-kinds.ts';
import { kindOfJob, startedJob, usualBeginning, type StartChoices } from './start-job.ts';

/** Starts as people make them: a handful of each piece, any answers, any season. */
const anyStart = fc.constantFrom(...JOB_KIND_IDS).chain((kind) => {
  const { counted, choices, name } = kindOfJob(kind);
  const count = (most: number): fc.Arbitrary<number> => fc.integer({ min: 1, max: Math.min(most, 6) });
  const chosen = choices.map(({ id, options }) => [id, fc.constantFrom(...options.map((option) => option.id))]);
  return fc.record({
    kind: fc.constant(kind),
    name: fc.constant(name),
    counts: fc.record(Object.fromEntries(counted.map(({ id, most }) => [id, count(most)]))),
    chosen: fc.record(Object.fromEntries(chosen) as Record<string, fc.Arbitrary<string>>),
    lines: fc.constant([]),
    where: fc.constantFrom('house' as const, 'workshop' as const),
    heated: fc.boolean(),
    painters: fc.integer({ min: 1, max: 3 }),
    skill: fc.constantFrom('first-timer' as const, 'steady' as const, 'professional' as const),
    days: fc.constantFrom(...CREW_DAYS_IDS),
  });
});

test('whatever is begun, in any season: the recommended coats lead to a plan of every piece', () => {
  fc.assert(
    fc.property(anyStart, fc.constantFrom('2026-12-03', '2027-04-10', '2027-07-05'), (choices: StartChoices, from) => {
      const { start } = usualBeginning(choices, from, 52);
      let next = 0;
      const made = startedJob(
        choices,
        {
          id: 'job',
          name: '',
          createdAt: '2026-12-02T10:00:00Z',
          start,
          timeZone: 'Europe/Berlin',
          settings: { units: 'metric', vocabulary: 'uk', currency: 'EUR' },
          latitude: 52,
          longitude: 10,
        },
        () => `id-${next++}`,
      );
      assert.ok(made.ok, made.ok ? '' : made.message);
      const found = recommendedForAll(made.value);
      const told = applyCommand(made.value, 'choose-build-ups', {
        choices: found.map(({ groupId, groupName, choice, told: why }) => {
          assert.ok(choice, `${groupName}: ${why.join(' ')}`);
          return { groupId, buildUp: choice.buildUp, chosenFor: choice.chosenFor };
        }),
      });
      assert.ok(told.ok, told.ok ? '' : told.message);
      const { problem, unplanned, tooLong, noPlace } = jobToProblem(told.value.job, `${start}T05:00`);
      assert.deepEqual([unplanned.length, tooLong.length, noPlace.length], [0, 0, 0]);
      const plan = verifiedPlan(problem, { steps: 1 });
      assert.notEqual(plan.status, 'infeasible', JSON.stringify(plan).slice(0, 300));
    }),
    { numRuns: 6 },
  );
});
