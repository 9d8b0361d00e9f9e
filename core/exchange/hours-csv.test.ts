import assert from 'node:assert/strict';
import { test } from 'node:test';
import { simulatedForecast } from '../air/simulated-weather.ts';
import { readHoursCsv, writeHoursCsv } from './hours-csv.ts';

const read = (...lines: string[]) => {
  const outcome = readHoursCsv(lines.join('\n'), 'Europe/Berlin');
  assert.ok(outcome.ok, outcome.ok ? '' : outcome.message);
  return outcome.value;
};
const refusal = (...lines: string[]): string => {
  const outcome = readHoursCsv(lines.join('\n'), 'Europe/Berlin');
  return outcome.ok ? '' : outcome.message;
};

test('a forecast is read back as it was written', () => {
  const hours = simulatedForecast({
    latitude: 44,
    longitude: 12,
    timeZone: 'Europe/Berlin',
    from: '2027-03-01',
    days: 3,
  });
  assert.deepEqual(read(writeHoursCsv(hours)), { hours, faults: [] });
});

test('readings within an hour become their mean, rain their sum', () => {
  const { hours } = read(
    'Date;Temp;RH;Rain (mm)',
    '2027-03-01 05:10;10,0;70;0,2',
    '2027-03-01 05:40;11,0;74;0,4',
    '01.03.2027 06:00;12;60;',
  );
  assert.equal(hours.length, 2);
  assert.deepEqual([hours[0]!.at, hours[0]!.temperature, hours[0]!.humidity], ['2027-03-01T05:00', 10.5, 72]);
  assert.ok(Math.abs(hours[0]!.rain! - 0.6) < 1e-9);
  assert.deepEqual([hours[1]!.at, hours[1]!.rain, hours[1]!.wind], ['2027-03-01T06:00', null, null]);
});

test('a heading may say Fahrenheit, km/h and inches; a time may say its offset', () => {
  const { hours } = read('Time,Temperature °F,Humidity,Wind km/h,Cloud,Rain in', '2027-03-01T04:00Z,50,60,18,25,0.1');
  assert.deepEqual(
    [hours[0]!.at, hours[0]!.temperature, hours[0]!.wind, hours[0]!.cloud],
    ['2027-03-01T05:00', 10, 5, 0.25],
  );
  assert.ok(Math.abs(hours[0]!.rain! - 2.54) < 1e-9);
});

test('bad rows are told by their number with what would be right, and the good ones stand', () => {
  const { hours, faults } = read(
    'Time,Temperature,Humidity',
    '2027-03-01 05:00,10,70',
    'yesterday,10,70',
    '2027-03-01 06:00,warm,70',
    '2027-03-01 07:00,10,140',
    '2027-03-01 08:00,10,',
    '',
    '2027-03-01 09:00,11,65',
  );
  assert.deepEqual(
    hours.map(({ at }) => at.slice(11, 13)),
    ['05', '09'],
  );
  assert.deepEqual(
    faults.map(({ row }) => row),
    [3, 4, 5, 6],
  );
  assert.match(faults[0]!.message, /Time: can’t read “yesterday”\. Type it like 2027-03-01 05:00\./);
  assert.match(faults[1]!.message, /Temperature °C: can’t read “warm”\. Type a number\./);
  assert.match(faults[2]!.message, /Humidity %: 140 – must be 1 to 100\./);
  assert.match(faults[3]!.message, /Humidity % is empty\./);
});

test('a list without a heading, without rows, or without one good row is refused', () => {
  assert.match(
    refusal('2027-03-01 05:00,10,70'),
    /No column for Time, Temperature °C, Humidity %\. Name the columns in the first row\./,
  );
  assert.match(refusal('Time,Temperature'), /No column for Humidity %\. Name the columns in the first row\./);
  assert.match(refusal('Time,Temperature,Humidity'), /No rows below the heading\./);
  assert.match(
    refusal('Time,Temperature,Humidity', 'x,1,2'),
    /No valid rows\. Row 2: Time: can’t read “x”\. Type it like 2027-03-01 05:00\./,
  );
  assert.match(refusal('Time\u0000'), /Not a text file\. Save it as CSV and try again\./);
});
