import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { readReadingsCsv, writeReadingsCsv } from './readings-csv.ts';

const { job } = new TestJob().tell('take-readings', {
  readings: [
    {
      id: 'a',
      kind: 'air',
      at: '2027-03-01T07:40',
      climateId: 'workshop',
      temperature: 14.6,
      humidity: 66,
      from: 'typed',
    },
    { id: 'b', kind: 'film', at: '2027-03-01T08:40', taskId: 'x', film: 100, from: 'typed' },
  ],
});

test('readings of the air are read back as they were written, other readings stay', () => {
  const read = readReadingsCsv(writeReadingsCsv(job), job);
  assert.ok(read.ok);
  const [{ id: _id, ...first }] = [job.readings[0]!];
  assert.deepEqual(read.value, { readings: [{ ...first, from: 'file' }], faults: [] });
});

test('rows that can’t be taken are told with what would be right', () => {
  const rows = [
    'time,place,temperature,humidity',
    '2027-03-01 07:40,WORKSHOP,"14,6",66',
    'noon,Workshop,14,66',
    '2027-03-01 08:00,Attic,14,66',
    '2027-03-01 08:00,Workshop,cold,66',
    '2027-03-01 08:00,Workshop,14,166',
  ];
  const read = readReadingsCsv(rows.join('\n'), job);
  assert.ok(read.ok);
  assert.deepEqual(
    read.value.readings.map(({ climateId, temperature }) => [climateId, temperature]),
    [['workshop', 14.6]],
  );
  const told = read.value.faults.map(({ row, message }) => `${row}: ${message}`);
  assert.match(told[0]!, /3: Can’t read the time “noon”\. Type it like 2027-03-01 05:10\./);
  assert.match(told[1]!, /4: No room called “Attic”\. Use one of: house, workshop, open air\./);
  assert.match(told[2]!, /5: Can’t read the temperature “cold”\. Type a number\./);
  assert.match(told[3]!, /6: Humidity must be 1 to 100%\./);
  assert.equal(readReadingsCsv('time,place\nx,y', job).ok, false);
});
