import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { TWO_PEOPLE_FROM, weightOf } from '../job/queries/pieces.ts';
import { WEEKDAYS } from '../job/document/crew-schema.ts';
import { localDate } from '../job/site-time.ts';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { outingsOf } from './night-hanging.ts';
import { nightsLeftOpen } from '../planning/reading/nights-left-open.ts';
import { pieceSteps } from './piece-steps.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { verifiedPlan } from '../scheduling/verified-plan.ts';

const access = { ...DOOR.access, closesAtNight: true };

function planned(made: TestJob, now = '2027-03-01T07:00') {
  const problem = jobToProblem(made.job, now);
  const plan = verifiedPlan(problem.problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible', JSON.stringify(plan));
  return { problem, plan, reading: readPlan(made.job, problem, { ...plan, t0: problem.problem.t0 }) };
}

test('a door that hangs every night goes out for what a day holds: prepared and primed, then face by face', () => {
  const made = new TestJob().door('d', { access }).coated();
  const steps = pieceSteps(made.job, made.job.pieces[0]!);
  assert.deepEqual(
    outingsOf(steps).map((outing) => outing.steps.map(({ id }) => id.slice(2)).join(', ')),
    [
      'take-off, wash, degloss, degloss/hang-for-night',
      'coat-1/back/take-down, coat-1/back, coat-1/front, coat-1/front/hang-for-night',
      'denib-2/take-down, denib-2, coat-2/back, coat-2/back/hang-for-night',
      'coat-2/front/take-down, coat-2/front, coat-2/front/hang-for-night',
      'denib-3/take-down, denib-3, coat-3/back, coat-3/back/hang-for-night',
      'coat-3/front/take-down, coat-3/front, coat-3/front/hang-for-night',
    ],
  );
  assert.equal(steps.at(-1)?.operation, 'rehang', 'its hardware comes back when it has hardened');
  const standIn = new TestJob().door('d', { access: { ...access, standIn: true } }).coated();
  assert.equal(outingsOf(pieceSteps(standIn.job, standIn.job.pieces[0]!)).length, 1);
});

test('a door that two people lift goes out only for as much as the hours hold in which both are there', () => {
  const heavy = { access, shape: { ...DOOR.shape, width: 926, thickness: 44 } };
  const made = new TestJob().door('d', heavy).coated();
  const [painter] = made.job.crew;
  assert.ok(painter && weightOf(made.job.pieces[0]!) > TWO_PEOPLE_FROM);
  const outings = (): string[] =>
    outingsOf(pieceSteps(made.job, made.job.pieces[0]!)).map(({ steps }) => steps.map(({ id }) => id.slice(2)).join());
  const alone = outings();
  const afternoons = [{ from: '12:30', until: '15:00' }];
  const week = { ...painter.week, ...Object.fromEntries(WEEKDAYS.map((day) => [day, afternoons])) };
  made.tell('add-painter', { entry: { ...painter, id: 'helper', name: 'Helper', week } });
  const together = outings();
  assert.ok(together.length > alone.length, 'what a whole day holds is too much for an afternoon');
  assert.ok(together.includes('coat-1/back/take-down,coat-1/back,coat-1/back/hang-for-night'), together.join(' | '));
});

test('no plan leaves such a door off overnight, whatever else is to be done', () => {
  const jobs = fc.record({
    nightly: fc.integer({ min: 1, max: 3 }),
    others: fc.integer({ min: 0, max: 3 }),
    rack: fc.integer({ min: 2, max: 5 }),
    turning: fc.constantFrom('one-face' as const, 'both-on-points' as const),
  });
  fc.assert(
    fc.property(jobs, ({ nightly, others, rack, turning }) => {
      const made = new TestJob();
      for (let door = 0; door < nightly; door++) made.door(`n${door}`, { access });
      for (let door = 0; door < others; door++) made.door(`o${door}`);
      made.coated().tell('change-planning', { turning });
      made.tell('change-place', {
        id: made.job.places.find(({ kind }) => kind === 'rack')!.id,
        facts: { slots: rack },
      });
      const { reading } = planned(made);
      assert.deepEqual(nightsLeftOpen(made.job, reading), []);
    }),
    { numRuns: 12 },
  );
});

test('a coat that can’t be handled by any evening is told with its nights, and the job is planned all the same', () => {
  const made = new TestJob().door('d', { access }).coated('enamel-oil');
  const open = nightsLeftOpen(made.job, planned(made).reading);
  assert.deepEqual(
    open.map(({ piece, nights }) => [piece.mark, nights >= 1]),
    [['D-01', true]],
  );
});

test('a door that is out already and is found tacky stays out, at the price of boarding its opening up', () => {
  const made = new TestJob().door('d', { access }).coated();
  const { plan, problem } = planned(made);
  const taken = plan.tasks.find(({ id }) => id === 'd/coat-2/front/take-down')!;
  const painted = plan.tasks.find(({ id }) => id === 'd/coat-2/front')!;
  const { t0, tickMinutes } = problem.problem;
  assert.equal(tickMinutes, 1);
  const at = (minutes: number): string => {
    const date = localDate(t0, minutes, made.job.site.timeZone);
    const [hour, minute] = [Math.floor((minutes % 1440) / 60), minutes % 60];
    return `${date}T${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
  };
  const done = (id: string, end: number) => ({
    id: `s-${id}`,
    at: at(end),
    taskId: id,
    event: 'done' as const,
    by: 'painter-1',
    minutes: null,
  });
  made.tell('stamp', {
    entries: plan.tasks
      .filter(({ end, painters }) => end <= painted.end && painters.length > 0)
      .sort((one, other) => one.end - other.end)
      .map(({ id, end }) => done(id, end)),
  });
  const tackyAt = Math.floor(painted.end / 1440) * 1440 + 16 * 60 + 10;
  made.tell('stamp', { entries: [{ ...done('d/coat-2/front', tackyAt), id: 'tacky', event: 'tacky' }] });
  const again = planned(made, at(tackyAt));
  const hung = again.plan.tasks.find(({ id }) => id === 'd/coat-2/front/hang-for-night')!;
  assert.ok(hung.late, 'it hangs later than by night');
  assert.ok(Math.floor(hung.start / 1440) > Math.floor(taken.end / 1440));
  const work = again.problem.problem.tasks.find(({ id }) => id === hung.id)!.work;
  assert.ok(hung.end - hung.start >= work + 20, 'and somebody has boarded the opening up');
});
