import { DateTime } from 'luxon';
import { readingSchema, type AirReading } from '../job/document/reading-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { localIso } from '../job/site-time.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import type { HourFault } from './hours-csv.ts';
import { readNamedCsv, writeCsv } from './csv.ts';

const COLUMNS = ['time', 'place', 'temperature', 'humidity'] as const;
const MAX_ROWS = 500;

/** Readings of a hygrometer from a file, without ids, and the rows that can't be taken. */
export interface ReadReadings {
  readings: Omit<AirReading, 'id'>[];
  faults: HourFault[];
}

/** The readings of the air in a job's log: time, place, °C and %. */
export function writeReadingsCsv({ readings, climates }: Pick<Job, 'readings' | 'climates'>): string {
  const rows = readings.flatMap((reading) =>
    reading.kind === 'air'
      ? [
          [
            reading.at.replace('T', ' '),
            climates.find(({ id }) => id === reading.climateId)?.name ?? '',
            reading.temperature,
            reading.humidity,
          ],
        ]
      : [],
  );
  return writeCsv(COLUMNS, rows);
}

/** Reads such a file, places by their names; rows that can't be taken are told with what would be right. */
export function readReadingsCsv(
  text: string,
  { climates, site }: Pick<Job, 'climates' | 'site'>,
): Outcome<ReadReadings> {
  const { fields, rows: data } = readNamedCsv(text, (name) => name.trim().toLowerCase());
  const missing = COLUMNS.filter((name) => !fields.includes(name));
  if (missing.length > 0) return refused(`No column for ${missing.join(', ')}.`);
  if (data.length > MAX_ROWS) return refused(`${data.length} rows – at most ${MAX_ROWS}.`);
  const places = new Map(climates.map(({ id, name }) => [name.toLowerCase(), id]));
  const readings: ReadReadings['readings'] = [];
  const faults: HourFault[] = [];
  data.forEach((row, index) => {
    const read = readRow(row, places, site.timeZone);
    if (read.ok) readings.push(read.value);
    else faults.push({ row: index + 2, message: read.message });
  });
  if (readings.length > 0) return accepted({ readings, faults });
  return refused(
    faults[0] ? `No valid rows. Row ${faults[0].row}: ${faults[0].message}` : 'No rows below the heading.',
  );
}

function readRow(
  row: Readonly<Record<string, string>>,
  places: ReadonlyMap<string, string>,
  timeZone: string,
): Outcome<Omit<AirReading, 'id'>> {
  const said = (column: (typeof COLUMNS)[number]): string => row[column]?.trim() ?? '';
  const time = DateTime.fromISO(said('time').replace(' ', 'T'), { zone: timeZone });
  if (!time.isValid) return refused(`Can’t read the time “${said('time')}”. Type it like 2027-03-01 05:10.`);
  const climateId = places.get(said('place').toLowerCase());
  if (climateId === undefined) {
    return refused(`No room called “${said('place')}”. Use one of: ${[...places.keys()].join(', ')}.`);
  }
  const [temperature, humidity] = [said('temperature'), said('humidity')].map((cell) =>
    cell === '' ? NaN : Number(cell.replace(',', '.')),
  );
  const reading = {
    id: 'row',
    kind: 'air',
    at: localIso(time),
    from: 'file',
    climateId,
    temperature,
    humidity,
  } as const;
  const checked = readingSchema.safeParse(reading);
  if (!checked.success) {
    const [issue] = checked.error.issues;
    const column = String(issue?.path[0] ?? 'row');
    return refused(
      Number.isNaN(reading[column === 'humidity' ? 'humidity' : 'temperature'])
        ? `Can’t read the ${column} “${row[column] ?? ''}”. Type a number.`
        : (issue?.message ?? 'That value isn’t valid.'),
    );
  }
  const { id: _id, ...taken } = checked.data as AirReading;
  return accepted(taken);
}
