import assert from 'node:assert/strict';
import { test } from 'node:test';
import { helper } from '../../fixtures/worked-job.ts';
import { TestJob } from '../../fixtures/jobs.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { usualPiece } from '../../job/document/usual-piece.ts';
import { readPlan } from './read-plan.ts';
import { daysOfRun, minutesAtWork } from './run-days.ts';
import { runSheet, workedDays, type RunSheet, type SheetLine } from './run-sheet.ts';
import { verifiedPlan } from '../../scheduling/verified-plan.ts';

const linesOf = ({ batches }: RunSheet): SheetLine[] => batches.flatMap(({ lines }) => lines);

function planned() {
  const { job } = new TestJob().tell('add-painter', { entry: helper }).door('a').door('b').door('c').coated();
  const problem = jobToProblem(job, '2027-03-01T07:00');
  const plan = verifiedPlan(problem.problem, { steps: 40 });
  assert.ok(plan.status !== 'infeasible');
  return { job, problem, reading: readPlan(job, problem, { t0: problem.problem.t0, ...plan }) };
}

test('the sheets of all days and painters hold every run once for each of its painters, in order', () => {
  const { job, problem, reading } = planned();
  let lines = 0;
  for (const painter of job.crew) {
    for (const date of workedDays(job, reading, painter.id)) {
      const sheet = runSheet(job, problem, reading, painter, date);
      const all = linesOf(sheet);
      lines += all.length;
      all.forEach(({ start, end }, index) => {
        assert.ok(start >= (all[index - 1]?.end ?? 0));
        assert.ok(
          sheet.hours.some(([from, until]) => from <= start && end <= until),
          'in working hours',
        );
      });
    }
  }
  assert.equal(
    lines,
    reading.runs.reduce((sum, { painters }) => sum + painters.length, 0),
  );
});

test('a run that rests overnight stands on the sheet of each of its days, with that day’s hours', () => {
  const made = new TestJob();
  const piece = usualPiece('railing', 'room-1');
  const railing = { ...piece, shape: { ...piece.shape, length: 57_000, spindles: 480, newels: 21 } };
  made.tell('add-pieces', { ids: ['r'], kind: 'railing', piece: railing }).coated('enamel-acrylic', { key: 'abrade' });
  const problem = jobToProblem(made.job, '2027-03-01T07:00');
  const plan = verifiedPlan(problem.problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible');
  const reading = readPlan(made.job, problem, { t0: problem.problem.t0, ...plan });
  const long = reading.runs.find(({ spans, operation }) => operation === 'abrade' && spans.length > 2)!;
  const days = daysOfRun(long, reading.t0, 'Europe/Berlin');
  assert.ok(days.length >= 2);
  // It takes the minutes that were planned for it, whatever lies between them.
  const minutes = problem.problem.tasks.find(({ id }) => id === long.steps[0]!.id)!.work;
  assert.equal(minutesAtWork(long, long.start, long.end), minutes);
  assert.ok(long.end - long.start > minutes + 600);
  assert.equal(minutesAtWork(long, long.start, long.spans[0]![1]), long.spans[0]![1] - long.start);
  const [painter] = made.job.crew;
  const own = days.map(({ date }) => linesOf(runSheet(made.job, problem, reading, painter!, date)));
  own.forEach((lines, index) => {
    const line = lines.find(({ start }) => start === days[index]!.start);
    assert.equal(line?.end, days[index]!.end);
    assert.equal(line.what.startsWith('Continue: '), index > 0);
    assert.ok(index === 0 || line.setupMinutes === 0);
  });
  assert.ok(days.every(({ date }) => workedDays(made.job, reading, painter!.id).includes(date)));
});

test('a coat on a sheet says what it takes and when it is dry, by the same clocks as the plan', () => {
  const { job, problem, reading } = planned();
  const sheets = job.crew.flatMap((painter) =>
    workedDays(job, reading, painter.id).map((date) => runSheet(job, problem, reading, painter, date)),
  );
  const coats = sheets.flatMap((sheet) => linesOf(sheet).filter(({ coat }) => coat !== null));
  assert.ok(coats.length > 0);
  for (const { coat, end } of coats) {
    assert.ok(coat && coat.litres > 0.05 && coat.litres < 2, `${coat?.litres} L`);
    assert.ok(coat.touchDry !== null && coat.touchDry > end);
    assert.ok(coat.recoat !== null && coat.recoat > coat.touchDry);
  }
  // What is wet or tacky when somebody goes home is on the rack until then, by the reading.
  const left = sheets.flatMap(({ leave, hours }) => leave.map((entry) => ({ ...entry, at: hours.at(-1)?.[1] ?? 0 })));
  assert.ok(left.length > 0);
  for (const { mark, at, until, state } of left) {
    const lying = reading.lyings.find(({ piece, from, until: ends }) => piece.mark === mark && from <= at && at < ends);
    assert.ok(
      lying?.stretches.some((stretch) => stretch.state === state && stretch.until === until),
      mark,
    );
  }
});

test('two who lift a door have it on both sheets, each with the other’s name', () => {
  const made = new TestJob()
    .tell('add-painter', { entry: helper })
    .door('a', { shape: { width: 1200, height: 2600, thickness: 60 } })
    .coated();
  const problem = jobToProblem(made.job, '2027-03-01T07:00');
  const plan = verifiedPlan(problem.problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible');
  const reading = readPlan(made.job, problem, { t0: problem.problem.t0, ...plan });
  const hung = reading.runs.find(({ operation }) => operation === 'rehang');
  assert.ok(hung?.needsTwo);
  for (const painter of made.job.crew) {
    const lines = workedDays(made.job, reading, painter.id).flatMap((date) =>
      linesOf(runSheet(made.job, problem, reading, painter, date)),
    );
    const other = made.job.crew.find(({ id }) => id !== painter.id)?.name;
    assert.deepEqual(lines.find(({ start }) => start === hung.start)?.with, [other]);
  }
});

test('what follows with the same thing in hand is one batch: what to set up, how long, how many pieces', () => {
  const { job, problem, reading } = planned();
  const sheets = job.crew.flatMap((painter) =>
    workedDays(job, reading, painter.id).map((date) => runSheet(job, problem, reading, painter, date)),
  );
  for (const { batches } of sheets) {
    batches.forEach(({ lines, setUp, minutes, pieces }, index) => {
      const key = lines[0]?.setUp?.key ?? null;
      assert.ok(lines.every((line) => (line.setUp?.key ?? null) === key));
      assert.ok(key === null || batches[index - 1]?.lines[0]?.setUp?.key !== key, 'two in a row would be one');
      assert.equal(setUp, lines[0]?.setUp?.words ?? null);
      assert.equal(
        minutes,
        lines.reduce((sum, { start, end }) => sum + end - start, 0),
      );
      assert.ok(pieces <= job.pieces.length && pieces > 0);
    });
  }
  assert.ok(sheets.some(({ batches }) => batches.some(({ pieces }) => pieces === 3)));
});
