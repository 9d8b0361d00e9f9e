import assert from 'node:assert/strict';
import { test } from 'node:test';
import Papa from 'papaparse';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { writePlanCsv } from './plan-csv.ts';
import { writePlanIcs } from './plan-ics.ts';

/** Two doors that are begun on the Friday before the clocks go forward in Berlin. */
function planned() {
  const { job } = new TestJob('2027-03-26').door('a').door('b').coated();
  const problem = jobToProblem(job, '2027-03-26T06:00');
  const plan = solve(problem.problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible');
  return { job, reading: readPlan(job, problem, { ...plan, t0: problem.problem.t0 }) };
}

const unfolded = (text: string): string => text.replaceAll(/\r\n[ \t]/g, '');

test('a calendar has an event for every run, at the right moment on both sides of the clock change', () => {
  const { job, reading } = planned();
  const lines = unfolded(writePlanIcs(job, reading, '2027-03-26T06:00')).split('\r\n');
  const of = (name: string): string[] =>
    lines.filter((line) => line.startsWith(`${name}:`)).map((line) => line.slice(name.length + 1));
  assert.equal(lines[0], 'BEGIN:VCALENDAR');
  assert.equal(
    of('BEGIN').filter((what) => what === 'VEVENT').length,
    reading.runs.reduce((sum, run) => sum + run.spans.length * run.painters.length, 0),
  );
  assert.equal(new Set(of('UID')).size, of('UID').length, 'every id once');
  const utc = (start: number): string => {
    // Until Sunday 28 March, 02:00, Berlin is one hour ahead; from then on two.
    const wall = new Date(Date.UTC(2027, 2, 26) + start * 60_000);
    return wall.toISOString().slice(0, 19);
  };
  const starts = of('DTSTART').sort();
  const first = Math.min(...reading.runs.map(({ start }) => start));
  // Minutes are elapsed since midnight in Berlin, which is 23:00 the day before in universal time.
  assert.equal(starts[0], `${utc(first - 60).replaceAll(/[-:]/g, '')}Z`);
  const last = Math.max(...reading.runs.map(({ start }) => start));
  assert.equal(starts.at(-1), `${utc(last - 60).replaceAll(/[-:]/g, '')}Z`);
  assert.ok(lines.every((line) => !line.includes('\n')));
});

test('a list has a row for every run, in local time', () => {
  const { job, reading } = planned();
  const { data } = Papa.parse<Record<string, string>>(writePlanCsv(job, reading), { header: true });
  assert.equal(data.length, reading.runs.length);
  assert.deepEqual([data[0]?.Day, data[0]?.Who], ['2027-03-26', job.crew[0]?.name]);
  const [opens] = job.crew[0]?.week.fri ?? [];
  assert.ok(data[0]!.From! >= (opens?.from ?? ''), 'not before the shift');
  assert.match(data.map(({ Where }) => Where).join(), /D-01/);
});
