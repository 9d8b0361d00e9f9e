import assert from 'node:assert/strict';
import { test } from 'node:test';
import { minutesSince } from '../job/site-time.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { bagOf } from './bag.ts';
import { hangingRisks, hangStatus, liftingOf } from './hang-status.ts';
import { labelCode, labelStrip, pieceNamed, TAPE } from './label-strip.ts';
import { readinessOf, type Readiness } from './readiness.ts';

function finished(facts: ConstructorParameters<typeof WorkedDays>[0] = {}): WorkedDays {
  const worked = new WorkedDays(facts).doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00');
  for (const [number, day] of [
    [1, 1],
    [2, 2],
    [3, 3],
  ] as const) {
    if (number > 1) worked.done(`denib-${number}`, `2027-03-0${day}T08:30`);
    worked.done(`coat-${number}/back`, `2027-03-0${day}T09:20`).done(`coat-${number}/front`, `2027-03-0${day}T14:20`);
  }
  return worked;
}

function at(worked: WorkedDays, now: string): { row: Readiness; minutes: number; risks: string[] } {
  const made = worked.problem(now);
  const [row] = readinessOf(worked.job, made, new Map());
  const minutes = minutesSince(made.clocks.t0, now, worked.job.site.timeZone);
  return {
    row: row!,
    minutes,
    risks: hangingRisks(worked.job, made.clocks, row!, minutes, (moment) => `in ${moment}`),
  };
}

test('a piece goes from work to drying, ready to hang, kept apart, and free', () => {
  const standing = (worked: WorkedDays, now: string): string => {
    const { row, minutes } = at(worked, now);
    return hangStatus(row, minutes);
  };
  assert.equal(standing(new WorkedDays(), '2027-03-01T07:00'), 'in-work');
  assert.equal(standing(finished(), '2027-03-03T16:00'), 'drying');
  assert.equal(standing(finished(), '2027-03-06T09:00'), 'to-hang');
  const hung = finished().done('rehang', '2027-03-06T09:00');
  assert.equal(standing(hung, '2027-03-06T10:00'), 'apart');
  assert.equal(standing(hung, '2027-03-25T10:00'), 'free');
});

test('nothing is forbidden, and everything that is risked is said: early, open coats, a short bag, undrilled holes', () => {
  const early = at(finished(), '2027-03-03T16:00').risks;
  assert.ok(
    early.some((risk) => /^Too soft until in \d+/.test(risk)),
    early.join(),
  );
  const open = at(new WorkedDays().doneAll(['take-off', 'wash'], '2027-03-01T08:00'), '2027-03-01T10:00').risks;
  assert.ok(
    open.some((risk) => /6 coats not logged/.test(risk)),
    open.join(),
  );
  const short = finished();
  short.piece.hardware.forEach(({ count }, item) =>
    short.tell('count-hardware', { id: 'd', item, bagged: item === 0 ? count - 1 : count }),
  );
  assert.deepEqual(
    bagOf(short.piece).missing,
    [{ name: 'hinge screw', short: 1 }].map((entry) => ({ ...entry, name: short.piece.hardware[0]!.name })),
  );
  assert.ok(at(short, '2027-03-06T09:00').risks.some((risk) => /Missing from the bag: 1 /.test(risk)));
  const drilled = finished().tell('add-drilling', {
    ids: ['d'],
    drilling: { id: 'pull', name: 'pull', on: 'front', x: 60, y: 400, centres: 160, upright: true, diameter: 5 },
  });
  assert.ok(at(drilled, '2027-03-06T09:00').risks.some((risk) => /1 fitting not drilled yet/.test(risk)));
});

test('a heavy door waits for the hours in which two are there', () => {
  const heavy = finished({ shape: { width: 1000, height: 2400, thickness: 54 } });
  heavy.tell('add-painter', {
    entry: {
      ...heavy.job.crew[0]!,
      id: 'painter-2',
      name: 'Helper',
      week: { ...heavy.job.crew[0]!.week, mon: [{ from: '10:00', until: '12:00' }] },
    },
  });
  const { clocks } = heavy.problem('2027-03-08T08:30');
  const now = minutesSince(clocks.t0, '2027-03-08T08:30', heavy.job.site.timeZone);
  const lifting = liftingOf(heavy.job, clocks, heavy.piece, now);
  assert.equal(lifting.people, 2);
  assert.deepEqual(lifting.here, ['Painter 1']);
  assert.equal(lifting.together?.from, now + 90);
});

test('the very minute from which it may be hung or closed is late enough', () => {
  const { row } = at(finished(), '2027-03-06T09:00');
  const from = { ...row.from, rehang: 1000, close: 2000 };
  const hung = { isDone: true } as Readiness['hung'];
  assert.equal(hangStatus({ ...row, from, hung: null }, 999), 'drying');
  assert.equal(hangStatus({ ...row, from, hung: null }, 1000), 'to-hang');
  assert.equal(hangStatus({ ...row, from, hung }, 1999), 'apart');
  assert.equal(hangStatus({ ...row, from, hung }, 2000), 'free');
  assert.equal(hangStatus({ ...row, from: { ...from, close: null }, hung }, 0), 'free');
});

test('a heavy door is told of where one alone is there, by name, or nobody, and not where two are', () => {
  const heavy = finished({ shape: { width: 1000, height: 2400, thickness: 54 } });
  const weighing = (now: string): string | undefined =>
    at(heavy, now).risks.find((risk) => /needs two people/.test(risk));
  assert.match(weighing('2027-03-08T09:00')!, /two people\. Only Painter 1 is on site now/);
  assert.match(weighing('2027-03-07T03:00')!, /two people\. No one is on site now/);
  heavy.tell('add-painter', { entry: { ...heavy.job.crew[0]!, id: 'painter-2', name: 'Helper' } });
  assert.equal(weighing('2027-03-08T09:00'), undefined);
  const light = finished({ shape: { width: 500, height: 1500, thickness: 30 } });
  assert.ok(!at(light, '2027-03-07T03:00').risks.some((risk) => /needs two people/.test(risk)));
});

test('old holes that are not filled are counted', () => {
  const worked = finished().tell('fill-holes', { ids: ['d'], count: 2 });
  const holes = at(worked, '2027-03-06T09:00').risks.find((risk) => /old holes? (is|are) not filled/.test(risk));
  assert.match(holes!, /^2 old holes are not filled/);
});

test('a bag is counted in, and out again part by part', () => {
  const worked = finished()
    .tell('count-hardware', { id: 'd', item: 0, bagged: 4 })
    .tell('count-hardware', { id: 'd', item: 0, fitted: 3 });
  const { name } = worked.piece.hardware[0]!;
  const bag = bagOf(worked.piece);
  assert.deepEqual(bag.inBag, [{ name, left: 1 }]);
  assert.equal(bag.fitted, 3);
});

test('labels are found by code and by typed mark, and those of other jobs are told', () => {
  const { job, piece } = new WorkedDays();
  assert.equal(pieceNamed(job, labelCode(job.id, piece)), piece);
  for (const typed of ['D-01', 'd1', ' d 01 ', 'D-1']) assert.equal(pieceNamed(job, typed), piece, typed);
  const refusal = (said: string): string => {
    const named = pieceNamed(job, said);
    return typeof named === 'string' ? named : 'found';
  };
  assert.match(refusal(labelCode('other', piece)), /another job/);
  assert.match(refusal('D-77'), /No piece D-77\. Type it as on the tag, e\.g\. D-05\./);
});

test('the strip holds what the roll holds, one label after another, and the rest waits', () => {
  const { piece } = new WorkedDays();
  const many = Array.from({ length: 400 }, () => piece);
  const { labels, waiting, used } = labelStrip(many, TAPE.roll);
  assert.equal(labels.length + waiting.length, 400);
  assert.ok(waiting.length > 0 && used <= TAPE.roll);
  labels.slice(1).forEach((label, index) => {
    const before = labels[index]!;
    assert.equal(label.at, before.at + before.length + TAPE.feed);
  });
  assert.deepEqual(labelStrip([piece], 10).waiting, [piece]);
});
