import assert from 'node:assert/strict';
import { test } from 'node:test';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { isDay, readShared, writeDayFile, writeStampsFile } from './day-file.ts';

const MADE_AT = '2027-03-01T10:00:00.000Z';
const PICTURE = 'data:image/jpeg;base64,AAAA';
const worked = () =>
  new WorkedDays()
    .planned('2027-03-01T07:00')
    .done('take-off', '2027-03-01T08:00', { device: 'lead' })
    .done('wash', '2027-03-01T08:30', { device: 'helper' });
const refusal = (text: string): string => {
  const read = readShared(text);
  assert.equal(read.ok, false, 'refused');
  return read.ok ? '' : read.message;
};

test('a day is the job as it is, but for what only looks back', () => {
  const { job } = worked();
  assert.notEqual(job.baseline, null);
  const text = writeDayFile(job, 'lead', MADE_AT);
  assert.ok(isDay(text));
  const read = readShared(text);
  assert.ok(read.ok && read.value.kind === 'day');
  assert.deepEqual(read.value.job, { ...job, baseline: null });
  assert.deepEqual([read.value.from, read.value.madeAt], ['lead', MADE_AT]);
});

test('stamps are those of one device, with the pictures of their photos and no others', () => {
  const days = worked();
  for (const id of ['mine', 'of nobody']) {
    days.tell('add-photo', { id: 'd', photo: { id, width: 4, height: 3, caption: '', spots: [] } });
  }
  days.tell('add-defect', {
    entry: {
      ...{ id: 'x', kind: 'run', pieceId: 'd', face: 'front', spot: null, at: '2027-03-01T09:00', by: null },
      ...{ note: '', photoIds: ['mine'], cause: null, rework: null, settled: null, device: 'lead' },
    },
  });
  const text = writeStampsFile(days.job, 'lead', MADE_AT, { mine: PICTURE, 'of nobody': PICTURE, other: PICTURE });
  assert.equal(isDay(text), false);
  const read = readShared(text);
  assert.ok(read.ok && read.value.kind === 'stamps', read.ok ? '' : read.message);
  const { jobId, entries, pictures } = read.value;
  assert.equal(jobId, days.job.id);
  assert.deepEqual(
    entries.log.map(({ taskId }) => taskId),
    ['d/take-off'],
  );
  assert.deepEqual(Object.keys(pictures), ['mine']);
});

test('a file that is neither, or does not hold, is refused with what is wrong', () => {
  const { job } = worked();
  const head = { jobId: job.id, from: 'lead', madeAt: MADE_AT };
  assert.match(refusal('{}'), /Not a day or log file\. Choose the file from the other device\./);
  assert.match(refusal('{'), /./);
  assert.match(
    refusal(JSON.stringify({ ...head, format: 'nivel.job/1' })),
    /“nivel\.job\/1” isn’t a day or a log\. Choose the file from the other device\./,
  );
  assert.match(refusal(JSON.stringify({ ...head, format: 'nivel.day/1', job: { ...job, crew: [] } })), /crew/i);
  assert.match(
    refusal(JSON.stringify({ ...head, format: 'nivel.stamps/1', entries: { log: [{}] } })),
    /This log isn’t valid: entries\.device: Invalid input: expected string, received undefined/,
  );
  assert.match(
    refusal(JSON.stringify({ ...head, format: 'nivel.day/1', madeAt: 'noon', job })),
    /Not a day or log file\. Choose the file from the other device\./,
  );
  const script = writeStampsFile(job, 'lead', MADE_AT, { x: 'data:text/html;base64,AAAA' });
  assert.match(refusal(script), /This log isn’t valid: pictures\.x: A picture isn’t an image\./);
});
