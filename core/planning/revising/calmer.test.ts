import assert from 'node:assert/strict';
import { test } from 'node:test';
import { latestFinish, priceOfCalm, priceWords } from './calmer.ts';
import { PLAN_PROBLEM_FORMAT, planProblemSchema } from '../../scheduling/problem.ts';
import type { FoundPlan } from '../../scheduling/plan.ts';
import { solve } from '../../scheduling/solve/solve.ts';
import { USUAL_TROUBLE } from '../../scheduling/trouble.ts';

/** Two coats of one colour, of which the second can’t begin before the afternoon, and the first has to dry long. */
const problem = planProblemSchema.parse({
  format: PLAN_PROBLEM_FORMAT,
  tickMinutes: 5,
  t0: '2027-03-01T00:00',
  horizon: 2880,
  painters: [
    {
      id: 'p1',
      shifts: [0, 1, 2, 3, 4].flatMap((day) => [
        [day * 288 + 96, day * 288 + 144],
        [day * 288 + 150, day * 288 + 204],
      ]),
    },
  ],
  setups: [{ key: 'white', work: 3, acrossShifts: false }],
  tasks: [
    { id: 'a/coat', work: 6, painters: 1, setup: 'white' },
    { id: 'b/coat', work: 6, painters: 1, setup: 'white', earliest: 160 },
    { id: 'a/hang', work: 3, painters: 1 },
  ],
  waits: [{ from: 'a/coat', to: 'a/hang', atLeast: { ticks: 285 } }],
  trouble: USUAL_TROUBLE,
});

function planned(later: number): FoundPlan {
  const plan = solve({ ...problem, later });
  assert.ok(plan.status !== 'infeasible');
  return plan;
}

test('a plan that may end later sets up less often, and its price says so', () => {
  const [soonest, calmer] = [planned(0), planned(144)];
  assert.ok(calmer.finish <= latestFinish(problem, soonest, 144));
  const price = priceOfCalm(problem, soonest, calmer, 0);
  assert.ok(price !== null);
  assert.equal(price.setups, 1);
  assert.equal(price.later, (calmer.finish - soonest.finish) * 5);
  assert.match(priceWords(price), /^1 fewer set-up, 5 h 35 min later$/);
  assert.equal(priceOfCalm(problem, calmer, soonest, 0), null, 'the other way round it is not calmer');
  assert.equal(priceOfCalm(problem, soonest, calmer, 250), null, 'what was before does not count');
});

test('a price without set-ups tells the minutes, and what ends no later says that', () => {
  assert.equal(priceWords({ setups: 0, minutes: 40, later: 0 }), '40 min less changeover, no later');
  assert.equal(priceWords({ setups: 14, minutes: 90, later: 120 }), '14 fewer set-ups, 2 h later');
  assert.equal(priceWords({ setups: 2, minutes: 12, later: -30 }), '2 fewer set-ups, 30 min earlier');
});
