import { formatMoment } from '../units/moments.ts';
import { DateTime } from 'luxon';
import { MAX_HOURS, statedHourSchema, type StatedHour } from '../air/climate.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { readCsv, writeCsv } from './csv.ts';

/** The largest list of hours that is read, in characters. */
const MAX_CHARACTERS = 4_000_000;

/** A figure of an hour: what its column may be called, and what its cells are multiplied and shifted by. */
interface HourColumn {
  key: Exclude<keyof StatedHour, 'at'>;
  name: string;
  words: string;
  isNeeded: boolean;
  /** From the heading, which may say another unit. */
  scale(heading: string): (value: number) => number;
}

const asIs =
  () =>
  (value: number): number =>
    value;

const COLUMNS: readonly HourColumn[] = [
  {
    key: 'temperature',
    name: 'Temperature °C',
    words: '^(air )?temp',
    isNeeded: true,
    scale: (heading) => (/°?\bf\b|fahrenheit/i.test(heading) ? (value) => ((value - 32) * 5) / 9 : asIs()),
  },
  { key: 'humidity', name: 'Humidity %', words: '^(rel(ative)? ?)?humid|^rh\\b', isNeeded: true, scale: asIs },
  {
    key: 'wind',
    name: 'Wind m/s',
    words: '^wind( ?speed)?',
    isNeeded: false,
    scale: (heading) => {
      if (/km/i.test(heading)) return (value) => value / 3.6;
      return /mph/i.test(heading) ? (value) => value * 0.44704 : asIs();
    },
  },
  { key: 'cloud', name: 'Cloud %', words: '^cloud', isNeeded: false, scale: () => (value) => value / 100 },
  {
    key: 'rain',
    name: 'Rain mm',
    words: '^(rain|precip)',
    isNeeded: false,
    scale: (heading) => (/\bin(ch)?(es)?\b/i.test(heading) ? (value) => value * 25.4 : asIs()),
  },
];

/** What is wrong with a row of a list, counted as a spreadsheet counts. */
export interface HourFault {
  row: number;
  message: string;
}

/** A list of readings or forecasts, by the hour, with the rows that can't be taken. */
export interface ReadHours {
  hours: StatedHour[];
  faults: HourFault[];
}

/** Hours as a list: a column for the time on the clock of the place and one for each figure. Read back as they were. */
export function writeHoursCsv(hours: readonly StatedHour[]): string {
  return writeCsv(
    ['Time', ...COLUMNS.map(({ name }) => name)],
    hours.map((hour) => [
      hour.at.replace('T', ' '),
      ...COLUMNS.map(({ key }) => {
        const value = hour[key];
        return value === null ? '' : Math.round((key === 'cloud' ? value * 100 : value) * 1000) / 1000;
      }),
    ]),
  );
}

/**
 * Reads an hourly forecast or a logger's readings: a heading with Time, Temperature and Humidity at least, in any order,
 * with commas, semicolons or tabs, and decimal points or commas. Several readings of an hour become their mean, rain
 * their sum. Times with an offset are brought to the clock of the place. Rows that can't be taken are told with what
 * would be right; a list without a heading or without one good row is refused.
 */
export function readHoursCsv(text: string, timeZone: string): Outcome<ReadHours> {
  if (text.length > MAX_CHARACTERS) return refused('Over 4 MB. Import at most a year of hours.');
  if (text.includes('\u0000')) return refused('Not a text file. Save it as CSV and try again.');
  const { rows: data } = readCsv(text);
  const [heading = [], ...rows] = data;
  const columns = columnsOf(heading);
  if (!columns.ok) return columns;
  const faults: HourFault[] = [];
  const samples = new Map<string, StatedHour[]>();
  rows.forEach((row, index) => {
    const read = readRow(row, columns.value, timeZone);
    if (read.ok) samples.set(read.value.at, [...(samples.get(read.value.at) ?? []), read.value]);
    else faults.push({ row: index + 2, message: read.message });
  });
  const hours = [...samples.values()].map(meanOf).sort((one, other) => (one.at < other.at ? -1 : 1));
  if (hours.length > MAX_HOURS) return refused(`${hours.length} hours – at most ${MAX_HOURS}.`);
  if (hours.length === 0) {
    return refused(
      rows.length === 0
        ? 'No rows below the heading.'
        : `No valid rows. Row ${faults[0]?.row ?? 2}: ${faults[0]?.message ?? ''}`,
    );
  }
  return accepted({ hours, faults });
}

interface FoundColumns {
  time: number;
  figures: { column: HourColumn; index: number; scaled: (value: number) => number }[];
}

function columnsOf(heading: readonly string[]): Outcome<FoundColumns> {
  const named = (words: string): number => heading.findIndex((name) => new RegExp(words, 'i').test(name.trim()));
  const time = named('^(date|time|hour|timestamp|at\\b)');
  const figures = COLUMNS.flatMap((column) => {
    const index = named(column.words);
    return index < 0 ? [] : [{ column, index, scaled: column.scale(heading[index] ?? '') }];
  });
  const missing = [
    ...(time < 0 ? ['Time'] : []),
    ...COLUMNS.filter(({ isNeeded, key }) => isNeeded && !figures.some(({ column }) => column.key === key)).map(
      ({ name }) => name,
    ),
  ];
  return missing.length === 0
    ? accepted({ time, figures })
    : refused(`No column for ${missing.join(', ')}. Name the columns in the first row.`);
}

function readRow(row: readonly string[], { time, figures }: FoundColumns, timeZone: string): Outcome<StatedHour> {
  const at = hourOf(row[time]?.trim() ?? '', timeZone);
  if (!at.ok) return at;
  const hour: StatedHour = { at: at.value, temperature: NaN, humidity: NaN, wind: null, cloud: null, rain: null };
  for (const { column, index, scaled } of figures) {
    const cell = row[index]?.trim() ?? '';
    if (cell === '') {
      if (column.isNeeded) return refused(`${column.name} is empty.`);
      continue;
    }
    const value = Number(cell.replace(',', '.'));
    if (!Number.isFinite(value)) return refused(`${column.name}: can’t read “${cell}”. Type a number.`);
    hour[column.key] = scaled(value);
  }
  const checked = statedHourSchema.safeParse(hour);
  if (checked.success) return accepted(checked.data);
  const [issue] = checked.error.issues;
  const column = COLUMNS.find(({ key }) => key === issue?.path[0]);
  const cell = row[figures.find((figure) => figure.column === column)?.index ?? -1] ?? '';
  return refused(`${column?.name ?? 'Time'}: ${cell} – must be ${BOUNDS[column?.key ?? 'temperature']}.`);
}

const BOUNDS: Readonly<Record<HourColumn['key'], string>> = {
  temperature: '−30 to 60 °C',
  humidity: '1 to 100',
  wind: '0 to 60 m/s',
  cloud: '0 to 100',
  rain: '0 to 200 mm an hour',
};

/** The hour of the clock in which a time lies. */
function hourOf(typed: string, timeZone: string): Outcome<string> {
  const right = 'Type it like 2027-03-01 05:00.';
  if (typed === '') return refused(`Time is empty. ${right}`);
  const iso = DateTime.fromISO(typed.replace(' ', 'T'), { zone: timeZone });
  const time = iso.isValid ? iso : DateTime.fromFormat(typed, 'd.M.yyyy H:mm', { zone: timeZone });
  if (!time.isValid) return refused(`Time: can’t read “${typed}”. ${right}`);
  return accepted(formatMoment(time, 'isoHour'));
}

function meanOf(samples: readonly StatedHour[]): StatedHour {
  const [first] = samples;
  if (first === undefined || samples.length === 1) return first as StatedHour;
  const mean = (key: HourColumn['key']): number | null => {
    const known = samples.flatMap((sample) => sample[key] ?? []);
    if (known.length === 0) return null;
    const sum = known.reduce((total, value) => total + value, 0);
    return key === 'rain' ? sum : sum / known.length;
  };
  return {
    at: first.at,
    temperature: mean('temperature') ?? first.temperature,
    humidity: mean('humidity') ?? first.humidity,
    wind: mean('wind'),
    cloud: mean('cloud'),
    rain: mean('rain'),
  };
}
