import assert from 'node:assert/strict';
import { test } from 'node:test';
import { USUAL_WARMING } from '../../air/climate.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import type { Week } from '../../job/document/crew-schema.ts';
import { DOOR, TestJob } from '../../fixtures/jobs.ts';
import type { Job } from '../../job/document/schema.ts';
import type { LogEntry } from '../../job/document/log-schema.ts';
import { jobToProblem } from './job-to-problem.ts';
import { pieceSteps } from '../../steps/piece-steps.ts';
import type { FoundPlan } from '../../scheduling/plan.ts';
import { planProblemSchema } from '../../scheduling/problem.ts';
import { readPlan } from '../reading/read-plan.ts';
import { solve } from '../../scheduling/solve/solve.ts';
import { stepWords } from '../../steps/step-words.ts';
import { tooLongWords } from '../reading/too-long-words.ts';
import { noPlaceWords } from '../reading/no-place-words.ts';
import { verifiedPlan } from '../../scheduling/verified-plan.ts';
import { verify } from '../../scheduling/verify.ts';

const MONDAY = '2027-03-01T00:00';

function planned(
  job: Job,
  now = MONDAY,
): { plan: FoundPlan; at: (id: string) => FoundPlan['tasks'][number]; made: ReturnType<typeof jobToProblem> } {
  const made = jobToProblem(job, now);
  assert.equal(planProblemSchema.safeParse(made.problem).success, true);
  const plan = solve(made.problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible', JSON.stringify(plan));
  assert.deepEqual(verify(made.problem, plan), []);
  const at = (id: string): FoundPlan['tasks'][number] => {
    const task = plan.tasks.find((entry) => entry.id === id);
    assert.ok(task, id);
    return task;
  };
  return { plan, at, made };
}

/** Works at weekends too, so that a wait does not vanish in a Sunday. */
function everyDay(made: TestJob): TestJob {
  const [painter] = made.job.crew;
  const { week } = painter!;
  return made.tell('change-painter', { id: painter!.id, facts: { week: { ...week, sat: week.mon, sun: week.mon } } });
}

const stampOf = (taskId: string, event: LogEntry['event'], at: string): LogEntry => ({
  id: `${taskId}/${event}`,
  at,
  taskId,
  event,
  by: 'painter-1',
  minutes: null,
});

test('the steps of a door that comes off, in the order of the work', () => {
  const { job } = new TestJob().door('d').coated();
  const { made } = planned(job);
  assert.deepEqual([...made.steps.values()].map(stepWords), [
    'Take off and bag hardware',
    'Wash and rinse',
    'Degloss',
    'First coat: bonding primer, back',
    'Turn, then first coat: bonding primer, front and edges',
    'Denib and dust off',
    'Second coat: trim enamel, back',
    'Turn, then second coat: trim enamel, front and edges',
    'Denib and dust off',
    'Third coat: trim enamel, back',
    'Turn, then third coat: trim enamel, front and edges',
    'Rehang',
  ]);
});

test('a cold night delays the recoat and the hanging', () => {
  const mild = everyDay(new TestJob().door('d').coated());
  const { climates } = mild.job;
  const workshop = climates.find(({ id }) => id === 'workshop')!;
  const night = { warmest: 12, coldest: 4, humidityAtWarmest: 75, humidityAtColdest: 95 };
  const cold = new TestJob()
    .door('d')
    .coated()
    .tell('change-climate', {
      id: workshop.id,
      facts: {
        exceptions: Object.fromEntries(['2027-03-02', '2027-03-03'].map((date) => [date, { date, swing: night }])),
      },
    });
  const [warm, chilled] = [planned(mild.job), planned(everyDay(cold).job)];
  const recoat = 'd/coat-2/front';
  assert.ok(chilled.at(recoat).start > warm.at(recoat).start + 60);
  assert.ok(chilled.plan.finish > warm.plan.finish + 60);
});

test('both faces in one pass need no turning and finish no later', () => {
  const one = planned(new TestJob().door('d').coated().job);
  const both = planned(new TestJob().door('d').coated().tell('change-planning', { turning: 'both-on-points' }).job);
  assert.ok(both.plan.finish <= one.plan.finish);
  assert.equal(
    [...both.made.steps.values()].some((step) => step.turned),
    false,
  );
});

test('a piece in place takes no bench and no rack; a heavy one takes two to hang; a room lets few off at once', () => {
  const inPlace = planned(new TestJob().door('d', { comesOff: false }).coated().job).made.problem;
  const isPlace = (id: string): boolean => !id.startsWith('air/');
  assert.deepEqual(
    inPlace.holds.filter(({ space }) => isPlace(space)),
    [],
  );
  assert.ok(inPlace.tasks.every((task) => !task.spaces.some(({ id }) => isPlace(id))));
  const crew = new TestJob().door('d').door('e').coated();
  const [first] = crew.job.crew;
  crew
    .tell('add-painter', { entry: { ...first!, id: 'painter-2' } })
    .tell('change-room', { id: 'room-1', facts: { name: 'Hall', maxOff: 1 } });
  const { at } = planned(crew.job);
  assert.equal(at('d/rehang').painters.length, 2);
  const [one, other] = [at('d/take-off'), at('e/take-off')].sort((left, right) => left.start - right.start);
  assert.ok(other!.end >= at(`${one!.id.split('/')[0]}/rehang`).start, 'the second comes off when the first is hung');
});

test('waterborne alkyd waits by two clocks, one after the other', () => {
  const { made, at } = planned(new TestJob().door('d').coated('enamel-alkyd-wb').job);
  const into = made.problem.waits.filter(
    (wait) => wait.from === 'd/coat-2/back' && wait.to === 'd/coat-2/back/touch-dry',
  );
  assert.equal(into.length, 1);
  assert.ok(made.problem.waits.some((wait) => wait.from === 'd/coat-2/back/touch-dry' && wait.to === 'd/denib-3'));
  const reached = made.clocks.reached(
    made.steps.get('d/coat-2/back')!.coat!.coating,
    'recoat',
    at('d/coat-2/back').end,
    'workshop',
  );
  assert.ok(at('d/denib-3').start >= (reached ?? Infinity) - 1e-6);
});

test('what is done stands where it was, the rest is planned from now', () => {
  const made = new TestJob().door('d').coated();
  made.tell('stamp', {
    entries: [
      stampOf('d/take-off', 'done', '2027-03-01T08:20'),
      stampOf('d/wash', 'done', '2027-03-01T08:40'),
      stampOf('d/degloss', 'done', '2027-03-01T13:00'),
      stampOf('d/coat-1/back', 'done', '2027-03-01T14:00'),
    ],
  });
  const { at, made: problem, plan } = planned(made.job, '2027-03-01T14:00');
  assert.equal(at('d/coat-1/back').end, 14 * 60);
  assert.equal(
    plan.tasks.some((task) => task.id === 'd/wash'),
    false,
  );
  const handled = problem.clocks.reached(
    problem.steps.get('d/coat-1/back')!.coat!.coating,
    'handle',
    14 * 60,
    'workshop',
  );
  assert.equal(at('d/coat-1/front').start >= Math.ceil(handled ?? Infinity), true);
  const reading = readPlan(made.job, problem, { t0: problem.problem.t0, ...plan });
  assert.deepEqual(
    reading.runs.filter((run) => run.end <= 14 * 60).map((run) => run.operation),
    ['take-off', 'wash', 'degloss', 'coat'],
  );
});

test('a coat found tacky waits longer than its tin says; running work keeps its painter busy', () => {
  const base = new TestJob().door('d').coated();
  base.tell('stamp', {
    entries: [stampOf('d/degloss', 'done', '2027-03-01T09:00'), stampOf('d/coat-1/back', 'done', '2027-03-01T09:30')],
  });
  const now = '2027-03-01T13:30';
  const asPlanned = planned(base.job, now).at('d/coat-1/front').start;
  base.tell('stamp', { entries: [stampOf('d/coat-1/back', 'tacky', now)] });
  const { at, made } = planned(base.job, now);
  assert.ok(at('d/coat-1/front').start > asPlanned + 15);
  assert.ok((made.conditions.get('d/coat-1/back')?.factor ?? 1) > 1.2);

  const running = new TestJob().door('d').door('e').coated();
  running.tell('stamp', { entries: [stampOf('d/take-off', 'started', '2027-03-01T09:00')] });
  const busy = planned(running.job, '2027-03-01T09:01').at('e/take-off').start;
  assert.ok(busy >= 9 * 60 + 6, 'six minutes at a steady pace');
});

test('pieces without a build-up are named, not planned', () => {
  const { unplanned, problem } = jobToProblem(new TestJob().door('d').job, MONDAY);
  assert.deepEqual(
    unplanned.map((piece) => piece.mark),
    ['D-01'],
  );
  assert.equal(problem.tasks.length, 0);
});

test('the rack shows each lying coat through its states, on one slot at a time', () => {
  const { job } = new TestJob().door('d').door('e').coated();
  const { plan, made } = planned(job);
  const { lyings } = readPlan(job, made, { t0: made.problem.t0, ...plan });
  for (const lying of lyings) {
    assert.equal(lying.stretches[0]?.from, lying.from);
    assert.equal(lying.stretches.at(-1)?.until, lying.until);
    lying.stretches.forEach((stretch, index) =>
      assert.equal(stretch.from, lying.stretches[index - 1]?.until ?? lying.from),
    );
    assert.equal(lying.stretches.at(-1)?.state, 'ready', 'nothing is touched before it is ready');
    const clash = lyings.find(
      (other) => other !== lying && other.slot === lying.slot && other.from < lying.until && lying.from < other.until,
    );
    assert.equal(clash, undefined);
  }
});

test('where hanging is left out, the last coat keeps its place on the rack until it is touch dry', () => {
  const made = new TestJob().door('d').coated();
  const [piece] = made.job.pieces;
  const steps = pieceSteps(made.job, piece!);
  const last = steps.findLastIndex(({ coat }) => coat !== null);
  const after = steps.slice(last + 1).map(({ id }) => ({ taskId: id, at: '2027-03-01T07:00', by: null, why: '' }));
  assert.ok(after.length > 0);
  made.tell('leave-out', { steps: after });
  const { problem } = jobToProblem(made.job, '2027-03-01T07:00');
  const rack = made.job.places.find(({ kind }) => kind === 'rack')!;
  const hold = problem.holds.find((each) => each.space === rack.id && each.after === steps[last]?.id);
  assert.equal(hold?.until, `${steps[last]?.id}/touch-dry`);
});

test('a plan goes on from what was stamped, even where more lies there than there is room for', () => {
  const crowded = new TestJob().door('d').door('e').door('f').coated();
  const rack = crowded.job.places.find(({ kind }) => kind === 'rack')!;
  crowded
    .tell('change-place', { id: rack.id, facts: { slots: 2 } })
    .tell('change-room', { id: 'room-1', facts: { name: 'Hall', maxOff: 2 } })
    .tell('stamp', {
      entries: ['d', 'e', 'f'].map((id, index) =>
        stampOf(`${id}/coat-1/back`, 'done', `2027-03-01T10:${10 + 20 * index}`),
      ),
    });
  const { at, made } = planned(crowded.job, '2027-03-01T11:00');
  assert.deepEqual(
    made.problem.spaces.filter(({ id }) => id !== 'bench' && !id.startsWith('air/')).map(({ slots }) => slots),
    [3, 3],
  );
  assert.ok(['d', 'e', 'f'].every((id) => at(`${id}/rehang`).end > at(`${id}/coat-3/front`).end));
});

test('a door whose taking off nobody stamped still counts as off', () => {
  const job = new TestJob()
    .door('d')
    .door('e')
    .coated()
    .tell('change-room', { id: 'room-1', facts: { name: 'Hall', maxOff: 1 } })
    .tell('stamp', { entries: [stampOf('d/wash', 'done', '2027-03-01T09:00')] }).job;
  const { at } = planned(job, '2027-03-01T09:00');
  assert.ok(at('e/take-off').end >= at('d/rehang').start, 'the second waits for the first to hang');
});

test('a job that has run for half a year can still be planned', () => {
  const { plan } = planned(new TestJob('2026-09-01').door('d').coated().job, '2027-03-01T08:00');
  const start = Math.min(...plan.tasks.map((task) => task.start));
  assert.ok(start >= 181 * 1440, 'from now, not from the first day');
});

test('on the night when clocks change, work begins by the clock on the wall and paint dries an hour less or more', () => {
  for (const [date, sunday, hour] of [
    ['2027-03-27', '2027-03-28', 7],
    ['2027-10-30', '2027-10-31', 9],
  ] as const) {
    const job = everyDay(new TestJob(date).door('d').coated()).job;
    const { made } = planned(job, `${date}T00:00`);
    const shifts = made.problem.painters[0]!.shifts;
    assert.equal(made.clocks.days[1]?.date, sunday);
    assert.deepEqual(
      shifts.filter(([from]) => from > 1440 && from < 2880).map(([from]) => from),
      [1440 + hour * 60, 1440 + hour * 60 + 270],
    );
    const [saturday, next] = made.clocks.days;
    assert.equal(made.clocks.air('workshop').length * 60, made.problem.horizon);
    assert.equal((next?.startsAt ?? 0) - (saturday?.startsAt ?? 0), 1440);
  }
});

test('a room is cleared before the first of its pieces and put right after the last; what is ticked is done', () => {
  const task = { minutes: 30, people: 2, doneAt: null } as const;
  const tasks = {
    clear: { ...task, id: 'clear', words: 'Move furniture', when: 'before' },
    back: { ...task, id: 'back', words: 'Put furniture back', when: 'after' },
    sheets: { ...task, id: 'sheets', words: 'Lay sheets', when: 'before', doneAt: '2027-02-26T16:00' },
  } as const;
  const made = new TestJob()
    .door('d')
    .door('e')
    .coated()
    .tell('change-room', { id: 'room-1', facts: { name: 'Hall', tasks } });
  const { at, plan, made: problem } = planned(made.job);
  const steps = plan.tasks.filter(({ id }) => !id.startsWith('room/'));
  assert.ok(steps.every(({ start }) => start >= at('room/room-1/clear').end));
  assert.ok(steps.every(({ end }) => end <= at('room/room-1/back').start));
  assert.ok(!plan.tasks.some(({ id }) => id === 'room/room-1/sheets'));
  const reading = readPlan(made.job, problem, { ...plan, t0: problem.problem.t0 });
  assert.deepEqual(
    reading.siteWork.map(({ words }) => words),
    ['Move furniture', 'Put furniture back'],
  );
  // A piece that is begun does not wait for the room any more.
  made.tell('stamp', { entries: [stampOf('d/take-off', 'done', '2027-03-01T08:30')] });
  const later = planned(made.job, '2027-03-01T08:30');
  assert.ok(later.made.problem.waits.every(({ from, to }) => from !== 'room/room-1/clear' || to.startsWith('e/')));
  assert.ok(later.at('e/take-off').start >= later.at('room/room-1/clear').end);
});

test('a coat that fills more than a shift is done in sections, from joint to joint', () => {
  const piece = usualPiece('railing', 'room-1', {
    surface: { substrate: 'softwood', existing: 'bare', condition: 'sound' },
  });
  const railing = { ...piece, shape: { ...piece.shape, length: 11_400, spindles: 96, newels: 5 } };
  const made = new TestJob()
    .door('d')
    .tell('add-pieces', { ids: ['r'], kind: 'railing', piece: railing })
    .coated();
  const { at, made: problem } = planned(made.job);
  const sections = problem.problem.tasks.filter(({ id }) => id.startsWith('r/coat-1/front'));
  assert.ok(sections.length > 1);
  assert.ok(
    sections.every(({ work, pausable }) => work <= 240 && !pausable),
    'each at one go',
  );
  const [first, last] = [at(sections[0]!.id), at(sections.at(-1)!.id)];
  assert.ok(last.start >= first.end);
  // The next coat on a section waits for that section, and for no other.
  const under = problem.problem.waits.filter(
    ({ to, from }) => to.startsWith('r/coat-2/front/2-of') && from.includes('coat-1'),
  );
  assert.ok(under.length > 0 && under.every(({ from }) => from.startsWith('r/coat-1/front/2-of')));
  assert.equal(problem.problem.tasks.filter(({ id }) => id === 'd/coat-1/front').length, 1);
});

test('a piece that comes off and fills more than a shift is left out alone, and the rest is planned', () => {
  const made = new TestJob()
    .door('d', { comesOff: false })
    .door('large', { shape: { ...DOOR.shape, width: 1500, height: 2900 } })
    .coated();
  const [painter] = made.job.crew;
  const short = [{ from: '08:00', until: '08:20' }];
  const week = Object.fromEntries(Object.keys(painter!.week).map((day) => [day, short])) as Week;
  made.tell('change-painter', { id: painter!.id, facts: { week } });
  const { problem, tooLong } = jobToProblem(made.job, '2027-03-01T07:00');
  assert.deepEqual(
    tooLong.map(({ step, hours, longest }) => [step.piece.id, hours, longest]),
    [['large', 'crew', 20]],
  );
  assert.ok((tooLong[0]?.work ?? 0) > 20);
  assert.ok(
    problem.tasks.some(({ id }) => id.startsWith('d/')) && !problem.tasks.some(({ id }) => id.startsWith('large/')),
  );
});

test('a piece that has no place even by itself is left out with why, and the rest is planned', () => {
  const access = { who: '', closesAtNight: false, standIn: false, neededBy: '2027-03-02' };
  const due = jobToProblem(new TestJob().door('d').door('soon', { access }).coated().job, '2027-03-01T07:00');
  assert.deepEqual(
    due.noPlace.map(({ step, because }) => [step.piece.id, because]),
    [['soon', 'too-late']],
  );
  assert.match(noPlaceWords(due.noPlace[0]!), /^D-02, .*can’t be done by .*Choose a later day/);
  assert.ok(due.problem.tasks.every(({ id }) => id.startsWith('d/')));
  assert.equal(verifiedPlan(due.problem, { steps: 1 }).status, 'optimal');

  const usual = { warmest: 2, coldest: 1, humidityAtWarmest: 80, humidityAtColdest: 85 };
  const cold = new TestJob().door('d', { comesOff: false }).door('off').coated();
  cold.tell('change-climate', { id: 'workshop', facts: { usual } });
  const left = jobToProblem(cold.job, '2027-03-01T07:00');
  assert.deepEqual(
    left.tooLong.map(({ step, ways }) => [step.piece.id, ways?.warm]),
    [['off', true]],
    'below what its tins allow',
  );
  assert.match(
    tooLongWords(left.tooLong[0]!, left.problem.t0, 'Europe/Berlin'),
    /needs 9 min at a stretch\. There is no paintable spell at all\. Try this: warm the room or take it off\./,
  );
  assert.ok(left.problem.tasks.length > 0 && left.problem.tasks.every(({ id }) => id.startsWith('d/')));
});

test('heating is switched on so long before the first coat that it is warm there by then', () => {
  const made = new TestJob().door('d').coated();
  const climate = made.job.climates.find(({ id }) => id === 'workshop')!;
  const heating = { ...USUAL_WARMING, spans: [{ setPoint: 20, from: 16, until: 7 }] };
  made.tell('change-climate', { id: climate.id, facts: { heating } });
  const { at } = planned(made.job);
  const on = at('heating/workshop');
  // From 14 °C by 3 K an hour: two hours of heating, which is on from 16:00.
  const warm = Math.max(on.end, 16 * 60) + 120;
  assert.ok(on.end < 16 * 60 && at('d/coat-1/back').start >= warm, `${on.end}, ${at('d/coat-1/back').start}`);
  assert.ok(at('d/wash').start < warm, 'what is no coat does not wait');
  made.tell('switch-heating', { climateId: 'workshop', onSince: '2027-02-28T17:00' });
  const later = planned(made.job);
  assert.ok(!later.made.problem.tasks.some(({ id }) => id.startsWith('heating/')));
});

test('a plan reaches as far as the work of a large job does', () => {
  const ids = Array.from({ length: 160 }, (_unused, index) => `door-${index}`);
  const { job } = new TestJob().tell('add-pieces', { ids, kind: 'flush-door', piece: DOOR }).coated();
  const { problem } = jobToProblem(job, '2027-03-01T07:00');
  const work = problem.tasks.reduce((sum, task) => sum + task.work, 0);
  const there = problem.painters[0]?.shifts.reduce((sum, [from, until]) => sum + until - from, 0) ?? 0;
  assert.ok(problem.horizon > 90 * 1440 && there > 1.5 * work, `${there} minutes for ${work}`);
  const plan = verifiedPlan(problem, { steps: 1 });
  assert.equal(plan.status, 'feasible');
});
