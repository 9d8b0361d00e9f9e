import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { WETNESS } from './drying-places.ts';
import { readPlan, type PlanReading } from './read-plan.ts';
import { solve } from '../../scheduling/solve/solve.ts';

function reading(made: TestJob): PlanReading {
  const problem = jobToProblem(made.job, '2027-03-01T00:00');
  const plan = solve(problem.problem, { steps: 8 });
  assert.ok(plan.status !== 'infeasible');
  return readPlan(made.job, problem, { t0: problem.problem.t0, ...plan });
}

const jobs = fc
  .record({
    doors: fc.integer({ min: 1, max: 5 }),
    rack: fc.integer({ min: 2, max: 6 }),
    topcoat: fc.constantFrom('enamel-acrylic', 'enamel-alkyd-wb', 'enamel-oil'),
    turning: fc.constantFrom('one-face' as const, 'both-on-points' as const),
  })
  .map(({ doors, rack, topcoat, turning }) => {
    const made = new TestJob();
    for (let door = 0; door < doors; door++) made.door(`d${door}`);
    const place = made.job.places.find(({ kind }) => kind === 'rack')!;
    return made
      .coated(topcoat)
      .tell('change-place', { id: place.id, facts: { slots: rack } })
      .tell('change-planning', { turning });
  });

test('every step stands in exactly one run, and a painter’s runs do not overlap', () => {
  fc.assert(
    fc.property(jobs, (made) => {
      const { runs, starts } = reading(made);
      const inRuns = runs.flatMap((run) => run.steps.map((step) => step.id));
      assert.equal(new Set(inRuns).size, inRuns.length);
      assert.deepEqual(inRuns.sort(), [...starts.keys()].filter((id) => !id.endsWith('/touch-dry')).sort());
      const own = [...runs].sort((one, other) => one.start - other.start);
      own.forEach((run, index) => assert.ok(run.end <= (own[index + 1]?.start ?? Infinity), run.id));
    }),
    { numRuns: 25 },
  );
});

test('what lies on the rack goes through its states in order, without a gap, on slots that are there', () => {
  fc.assert(
    fc.property(jobs, (made) => {
      const rack = made.job.places.find(({ kind }) => kind === 'rack')!;
      const { lyings } = reading(made);
      assert.ok(lyings.length > 0);
      for (const { stretches, from, until, slot } of lyings) {
        assert.equal(stretches[0]?.from, from);
        assert.equal(stretches.at(-1)?.until, until);
        stretches.forEach((stretch, index) => {
          const next = stretches[index + 1];
          if (!next) return;
          assert.equal(stretch.until, next.from);
          assert.ok(WETNESS.indexOf(stretch.state) < WETNESS.indexOf(next.state));
        });
        assert.ok(slot < rack.slots, `slot ${slot} of ${rack.slots}`);
      }
      for (const one of lyings) {
        for (const other of lyings) {
          const apart = one === other || one.slot !== other.slot || one.until <= other.from || other.until <= one.from;
          assert.ok(apart, `${one.piece.mark} and ${other.piece.mark} lie on one slot`);
        }
      }
    }),
    { numRuns: 25 },
  );
});

test('nothing is touched before it is ready: the last stretch of every lying coat is ready or late', () => {
  fc.assert(
    fc.property(jobs, (made) => {
      for (const { stretches, next } of reading(made).lyings) {
        assert.ok(['ready', 'late'].includes(stretches.at(-1)?.state ?? ''), next.id);
      }
    }),
    { numRuns: 25 },
  );
});
