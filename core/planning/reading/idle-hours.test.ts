import assert from 'node:assert/strict';
import { test } from 'node:test';
import { helper } from '../../fixtures/worked-job.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { shiftsOf } from '../../steps/crew-shifts.ts';
import { painterHours } from './idle-hours.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { verifiedPlan } from '../../scheduling/verified-plan.ts';

const { job } = new TestJob().door('d').coated();
const { clocks } = jobToProblem(job, '2027-03-01T07:00');
const [painter] = job.crew;
assert.ok(painter);
const [[opens, noon], [afternoon]] = shiftsOf(painter, clocks.days) as [[number, number], [number, number]];
const done = (id: string, start: number, end: number) => ({ id, start, end, painters: [painter.id], late: false });

test('hours go into work, setting up, and nothing from the first thing to the last, but not into noon', () => {
  const plan = {
    tasks: [
      done('a', opens, opens + 60),
      done('b', opens + 80, opens + 100),
      done('c', afternoon + 30, afternoon + 50),
    ],
    setups: [{ key: 'k', painter: painter.id, start: opens + 70, end: opens + 80 }],
  };
  const [hours] = painterHours(job.crew, clocks.days, plan, 0);
  assert.deepEqual(hours, { painter, working: 100, settingUp: 10, idle: 10 + (noon - opens - 100) + 30, worstDay: 0 });
  const [later] = painterHours(job.crew, clocks.days, plan, afternoon);
  assert.deepEqual([later?.working, later?.settingUp, later?.idle], [20, 0, 30], 'from noon on');
});

test('work that rests overnight takes no night, and who has nothing at all does not idle', () => {
  const plan = { tasks: [done('a', noon - 30, opens + 1440 + 60)], setups: [] };
  const crew = [painter, { ...painter, ...helper, daysOff: [], from: null, until: null }];
  const [hours, none] = painterHours(crew, clocks.days, plan, 0);
  const today = shiftsOf(painter, clocks.days).filter(([from]) => from > noon && from < 1440);
  assert.equal(hours?.working, 30 + today.reduce((sum, [from, until]) => sum + until - from, 0) + 60);
  assert.deepEqual([hours?.idle, hours?.worstDay], [0, null]);
  assert.deepEqual([none?.working, none?.idle, none?.worstDay], [0, 0, null]);
});

test('of a plan, everybody’s hours from the first thing to the last add up', () => {
  const made = new TestJob().tell('add-painter', { entry: helper }).door('a').door('b').door('c').coated();
  const { problem, clocks: own } = jobToProblem(made.job, '2027-03-01T07:00');
  const plan = verifiedPlan(problem, { steps: 5 });
  assert.ok(plan.status !== 'infeasible');
  for (const { painter: one, working, settingUp, idle } of painterHours(made.job.crew, own.days, plan, 0)) {
    const times: { start: number; end: number }[] = [
      ...plan.tasks.filter(({ painters }) => painters.includes(one.id)),
      ...plan.setups.filter((setup) => setup.painter === one.id),
    ];
    const [first, last] = [Math.min(...times.map(({ start }) => start)), Math.max(...times.map(({ end }) => end))];
    const there = shiftsOf(one, own.days).reduce(
      (sum, [from, until]) => sum + Math.max(0, Math.min(until, last) - Math.max(from, first)),
      0,
    );
    assert.equal(working + settingUp + idle, there);
  }
});
