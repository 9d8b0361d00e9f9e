import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { LogEntry } from '../job/document/log-schema.ts';
import { clockDoubt } from './clock-doubt.ts';

const stamp = (at: string, more: Partial<LogEntry> = {}): LogEntry => ({
  ...{ id: at, at, taskId: 'd/wash', event: 'done', by: null, minutes: 5, device: 'own' },
  ...more,
});
const doubt = (log: LogEntry[], at: string) => clockDoubt(log, at, 'own', 'Europe/Berlin');

test('a stamp that would lie before the last one of the same device is in doubt, however far', () => {
  const log = [stamp('2027-03-01T09:00'), stamp('2027-03-01T16:20')];
  assert.equal(doubt(log, '2027-02-28T16:30')?.last.at, '2027-03-01T16:20');
  assert.equal(doubt(log, '2027-02-28T16:30')?.minutes, 1430);
  assert.equal(doubt(log, '2027-03-01T16:18'), null, 'a clock that was set right');
  assert.equal(doubt(log, '2027-03-01T16:21'), null);
  assert.equal(doubt([], '2027-03-01T16:21'), null);
});

test('another device’s clock, and what a correction says, are of no matter', () => {
  const log = [
    stamp('2027-03-01T09:00'),
    stamp('2027-03-01T16:20', { device: 'other' }),
    stamp('2027-03-01T16:30', { replaces: 'x' }),
  ];
  assert.equal(doubt(log, '2027-03-01T09:30'), null);
});

test('in the hour that autumn shows twice nothing is in doubt that goes on', () => {
  assert.equal(doubt([stamp('2027-10-31T02:50')], '2027-10-31T02:10+01:00'), null);
  assert.equal(doubt([stamp('2027-10-31T02:10+01:00')], '2027-10-31T02:50')?.minutes, 20);
});
