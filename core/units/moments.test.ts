import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DateTime, Settings } from 'luxon';
import { formatMoment, minutesOfDay } from './moments.ts';

test('a moment is written on the clock of its zone', () => {
  const moment = DateTime.fromISO('2027-03-04T16:05', { zone: 'Europe/Berlin' });
  assert.equal(formatMoment(moment, 'dayTime'), 'Thu 4 Mar, 16:05');
  assert.equal(formatMoment(moment.setZone('America/Denver'), 'longDayTime'), 'Thursday 4 March, 08:05');
  assert.equal(formatMoment(moment, 'isoMinute'), '2027-03-04T16:05');
});

test('a local time of the job is written as it stands, wherever the device is, with an offset or without', () => {
  const zone = Settings.defaultZone;
  try {
    // A night in which this zone has no 02:30.
    Settings.defaultZone = 'Europe/Berlin';
    assert.equal(formatMoment('2027-03-28T02:30', 'time'), '02:30');
    assert.equal(formatMoment('2027-10-31T02:30+01:00', 'dateTime'), '31 Oct, 02:30');
    Settings.defaultZone = 'America/Denver';
    assert.equal(formatMoment('2027-10-31T02:30+01:00', 'dateTime'), '31 Oct, 02:30');
    assert.equal(formatMoment('2027-03-04', 'longDay'), 'Thursday 4 March');
  } finally {
    Settings.defaultZone = zone;
  }
});

test('a time of day is so many minutes', () => {
  assert.equal(minutesOfDay('00:00'), 0);
  assert.equal(minutesOfDay('07:30'), 450);
  assert.equal(minutesOfDay('23:59'), 1439);
});
