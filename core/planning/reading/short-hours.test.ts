import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { readJobFile } from '../../exchange/job-file.ts';
import type { Job } from '../../job/document/schema.ts';
import { withFirstOffers } from '../../fixtures/answered-job.ts';
import { jobToProblem } from '../drafting/job-to-problem.ts';
import { shortHours, shortHoursWords } from './short-hours.ts';

const read = readJobFile(readFileSync('cases/jobs/porch-rail.nivel.json', 'utf8'));
assert.ok(read.ok);
const RAIL = withFirstOffers(read.value);

const told = (job: Job): string[] =>
  shortHours(job, jobToProblem(job, `${job.planning.start}T00:00`), 0).map(shortHoursWords);
const facing = (bearing: number | null): Job => ({
  ...RAIL,
  rooms: RAIL.rooms.map((room) => ({ ...room, bearing })),
});

test('a rail in the sun all day is told how few hours it has, and that a sheet gives it more', () => {
  const [words = ''] = told(facing(180));
  assert.match(words, /^R-01: only 1 h a day .* at least \d+ days\./);
  assert.match(words, /Under a sun sheet: [4-8] h/);
});

test('nothing is said where the hours are enough: in the shade, or of what is painted inside', () => {
  assert.deepEqual(told(facing(null)), []);
  const exposure = { front: 'inside', back: 'inside' } as const;
  assert.deepEqual(told({ ...RAIL, pieces: RAIL.pieces.map((piece) => ({ ...piece, exposure })) }), []);
});

test('hours that are right before or after the crew’s are named where they come on most days', () => {
  const late = [{ from: '08:00', until: '09:00' }];
  const week = { mon: late, tue: late, wed: late, thu: late, fri: late, sat: [], sun: [] };
  const [words = ''] = told({ ...facing(0), crew: RAIL.crew.map((painter) => ({ ...painter, week })) });
  assert.match(words, /Also good: \d\d:00–\d\d:00\./);
});
