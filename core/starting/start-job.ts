import { surveyOf } from '../exchange/pieces-csv.ts';
import { applyCommand } from '../job/commands/apply.ts';
import type { AssumedFact } from '../job/document/assumption-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { definitionOf, hasFeature } from '../pieces/registry.ts';
import { readLine, type LineRead } from '../typing/typed-line/read-line.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import type { Counted } from './job-kind.ts';
import { kindOfJob, optionOf, type StartChoices, type StartPlace } from './start-choices.ts';
import { emptyStart, withSurroundings } from './surroundings.ts';

/** A whole shared out to so many: the first have one more where it does not come out even. */
const shared = (whole: number, parts: number): number[] =>
  Array.from({ length: parts }, (_unused, index) => Math.floor(whole / parts) + (index < whole % parts ? 1 : 0));

/** The typed lines of what was counted, each with the options that it takes. */
function linesOf(counted: Counted, { kind, counts, chosen }: StartChoices): { line: string; isUnknown: boolean }[] {
  const options = kindOfJob(kind)
    .choices.filter(({ id }) => counted.takes.includes(id))
    .map((choice) => optionOf(choice, chosen))
    // What it is comes first, then what is on it.
    .reverse();
  const said = options.map(({ typed }) => typed).filter(Boolean);
  const isUnknown = options.some((option) => option.isUnknown);
  return shared(counts[counted.id] ?? 0, counted.typed.length).flatMap((count, index) => {
    if (count === 0) return [];
    const typed = counted.typed[index] ?? '';
    if (counted.longest === undefined) return { line: [count, ...said, typed].filter(Boolean).join(' '), isUnknown };
    const pieces = Math.ceil(count / counted.longest);
    const length = `${Math.round((count / pieces) * 100) / 100}m`;
    return { line: [pieces, ...said, typed, length].join(' '), isUnknown };
  });
}

/** A line that was read for a start, or the one that can't be, and why. */
export function readStartLine(line: string, job: Job): Outcome<LineRead> {
  const read = readLine(line, { units: job.settings.units, rooms: job.rooms, roomId: job.rooms[0]?.id ?? '' });
  return read.ok ? accepted(read) : refused(`“${line}”: ${read.message}`);
}

/** Every row of a typed line: what it says of another kind after the first is read as well. */
function rowsOf(line: string, job: Job): Outcome<LineRead[]> {
  const read = readStartLine(line, job);
  if (!read.ok) return read;
  const { others } = read.value;
  if (others === null) return accepted([read.value]);
  const rest = rowsOf(line.slice(others), job);
  if (!rest.ok) return rest;
  // What follows goes to the room of what was said first.
  const [room] = read.value.places;
  const moved = rest.value.map((row) => ({
    ...row,
    places: row.places.map((place) => ('id' in place.room && room ? { ...place, room: room.room } : place)),
  }));
  return accepted([read.value, ...moved]);
}

/**
 * A job begun: its rooms, pieces with their usual sizes, places, air and crew, all that nobody has said marked as assumed.
 * Refuses a typed line that can't be read, and a start without any piece. `newId` gives ids that are new each time.
 */
export function startedJob(choices: StartChoices, place: StartPlace, newId: () => string): Outcome<Job> {
  const empty = emptyStart(choices, place);
  const counted = kindOfJob(choices.kind).counted.flatMap((each) => linesOf(each, choices));
  const rows: (LineRead & { isUnknown: boolean; isTyped: boolean })[] = [];
  for (const { line, isUnknown, isTyped } of [
    ...counted.map((each) => ({ ...each, isTyped: false })),
    ...choices.lines.map((line) => ({ line, isUnknown: true, isTyped: true })),
  ]) {
    const read = rowsOf(line, empty);
    if (!read.ok) return read;
    rows.push(...read.value.map((row) => ({ ...row, isUnknown, isTyped })));
  }
  if (rows.length === 0) return refused('Say what there is to paint: count it, or type a line.');
  const pieces: Parameters<typeof surveyOf>[1][number][] = [];
  for (const row of rows) {
    // A house is shut at night: the door that closes it hangs again until then.
    const closesAtNight =
      row.piece.exposure.front === 'outside' && hasFeature(row.kind, 'door') && definitionOf(row.kind).closesOpening;
    const facts = row.assumed.filter((fact) => fact !== 'surface' || row.isUnknown);
    const unknown: AssumedFact[] = row.isUnknown && !row.isTyped && !facts.includes('surface') ? ['surface'] : [];
    const assumed: AssumedFact[] = [...facts, ...unknown, ...(closesAtNight ? (['closing'] as const) : [])];
    for (const { room, note } of row.places) {
      const access = { ...row.piece.access, closesAtNight: closesAtNight || row.piece.access.closesAtNight };
      pieces.push({ kind: row.kind, count: 1, piece: { ...row.piece, access, note }, room, assumed });
    }
  }
  const told = applyCommand(empty, 'survey', surveyOf(empty, pieces, newId));
  return told.ok ? accepted(withSurroundings(told.value.job, choices)) : told;
}
