import assert from 'node:assert/strict';
import { test } from 'node:test';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { jobSteps } from './job-steps.ts';

test('the steps, clocks and conditions are those of the whole problem', () => {
  const worked = new WorkedDays()
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:20')
    .tell('take-readings', {
      readings: [{ id: 'r', kind: 'stage', at: '2027-03-01T14:00', taskId: 'd/coat-1/back', stage: 'touch' }],
    });
  const now = '2027-03-02T00:00';
  const [light, whole] = [jobSteps(worked.job, now), worked.problem(now)];
  assert.equal(light.clocks, whole.clocks);
  assert.deepEqual([...light.steps.keys()], [...whole.steps.keys()]);
  assert.deepEqual(new Map(light.conditions), whole.conditions);
  assert.ok((light.conditions.get('d/coat-1/front')?.factor ?? 1) > 1, 'what was learnt is in it');
});

test('a stamp on the next day asks for the same clocks; a plan made weeks later reaches as far ahead', () => {
  const { job } = new WorkedDays();
  const clocksOn = (day: string) => jobSteps(job, `${day}T08:00`).clocks;
  assert.equal(clocksOn('2027-03-03'), clocksOn('2027-03-02'));
  const [first, later] = [clocksOn('2027-03-01'), clocksOn('2027-03-29')];
  assert.ok(later.days.length >= first.days.length + 28);
});
