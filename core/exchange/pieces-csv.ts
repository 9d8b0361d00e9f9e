import { kept } from '../units/kept.ts';
import type { AssumedFact } from '../job/document/assumption-schema.ts';
import type { StatedPiece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { Room } from '../job/document/room-schema.ts';
import { readLine } from '../typing/typed-line/read-line.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import { PIECE_DEFINITIONS, PIECE_KINDS, type PieceKind } from '../pieces/registry.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { inVocabulary } from '../units/vocabulary.ts';
import { COLUMNS, shapeFault, type CellContext, type ColumnId } from '../typing/piece-columns.ts';
import { readCsv, writeCsv } from './csv.ts';

/** The largest list that is read, in characters, and the most rows of it. */
export const MAX_LIST = 2_000_000;
export const MAX_ROWS = 2000;

/** A list as it lies in a file or on the clipboard: nothing of it is understood yet. */
export interface Table {
  /** Names of the columns; empty where the first row already is a piece. */
  names: string[];
  rows: string[][];
}

/** Which column of the list says what; null for one that is left out. */
export type Mapping = (ColumnId | null)[];

/** One row understood: so many pieces of a kind. */
export interface ReadRow {
  row: number;
  kind: PieceKind;
  count: number;
  piece: Omit<StatedPiece, 'roomId'>;
  /** The room's id if it is there, else the name of a new one. */
  room: { id: string } | { name: string };
}

/** What is wrong with a row, and in which of its columns. */
export interface RowFault {
  row: number;
  /** Index of the column; null when it is the row as a whole. */
  column: number | null;
  message: string;
}

/** All pieces as comma-separated text with a row of names. What is written is read back as the same pieces. */
export function writePiecesCsv(job: Job): string {
  const fields = COLUMNS.filter((column) => column.write !== undefined);
  return writeCsv(
    fields.map(({ name }) => inVocabulary(name, job.settings.vocabulary)),
    job.pieces.map((piece) => fields.map(({ write }) => write?.(piece, job) ?? '')),
  );
}

/** Splits a file or what was pasted from a spreadsheet into cells; commas, semicolons and tabs are told by themselves. */
export function parseTable(text: string): Outcome<Table> {
  if (text.length > MAX_LIST) return refused('Over 2 MB. Split the list.');
  if (text.includes('\u0000')) return refused('Not a text file. Save it as CSV and try again.');
  const parsed = readCsv(text);
  if (parsed.brokenRow !== null) {
    return refused(`Row ${parsed.brokenRow + 1}: a quotation mark isn’t closed. Close it or remove it.`);
  }
  const rows = parsed.rows.map((row) => row.map((cell) => cell.trim()));
  if (rows.length === 0) return refused('Empty list. Use one row per piece.');
  if (rows.length > MAX_ROWS + 1) return refused(`${rows.length} rows – at most ${MAX_ROWS}.`);
  const [first = [], ...rest] = rows;
  const isNames = first.filter((cell) => columnNamed(cell) !== null).length >= Math.min(2, first.length);
  const widest = Math.max(...rows.map((row) => row.length));
  const full = (row: string[]): string[] => Array.from({ length: widest }, (_unused, index) => row[index] ?? '');
  return accepted(isNames ? { names: full(first), rows: rest.map(full) } : { names: [], rows: rows.map(full) });
}

const plain = (name: string): string =>
  name
    .toLowerCase()
    .replace(/\(.*?\)/g, '')
    .replace(/[^a-z]/g, '');

function columnNamed(name: string): ColumnId | null {
  const said = plain(name);
  return (
    COLUMNS.find((column) => [column.name, ...column.alsoNamed].some((known) => plain(known) === said))?.id ?? null
  );
}

/** What each column probably says, by its name; each meaning is given to one column. */
export function guessMapping(table: Table): Mapping {
  const taken = new Set<ColumnId>();
  const width = table.names.length > 0 ? table.names.length : (table.rows[0]?.length ?? 0);
  return Array.from({ length: width }, (_unused, index) => {
    const found = columnNamed(table.names[index] ?? '');
    if (found === null || taken.has(found)) return null;
    taken.add(found);
    return found;
  });
}

/** A kind by its name, or by a typed line that says more of it: “6p door oak”. */
function readKind(cell: string, job: Job): Outcome<{ kind: PieceKind; piece: StatedPiece; count: number }> {
  const said = cell.toLowerCase();
  const named = PIECE_KINDS.find((kind) => {
    const { name, plural } = PIECE_DEFINITIONS[kind];
    return [kind, name, plural, inVocabulary(name, 'us'), inVocabulary(plural, 'us')].some(
      (known) => known.toLowerCase() === said,
    );
  });
  if (named) return accepted({ kind: named, piece: usualPiece(named, ''), count: 1 });
  const read = readLine(cell, { units: job.settings.units, rooms: [], roomId: '' });
  if (!read.ok) return refused(read.message);
  // In a list nobody sees a question beside the row: it stands as a fault.
  const [asked] = read.asked;
  if (asked) return refused(asked.question);
  return accepted({ kind: read.kind, piece: read.piece, count: read.places.length });
}

/** What one row came to, wherever it stands. */
type RowReading = { read: Omit<ReadRow, 'row'> } | { faults: Omit<RowFault, 'row'>[] };

/** Reads the cells of a row. */
export type RowReader = (cells: readonly string[]) => RowReading;

/** A reader of rows by a mapping. It keeps what it has read: when one row of a long list changes, the others are known. */
export function rowReader(job: Job, mapping: Mapping): RowReader {
  // A row that is changed is another list of cells.
  return kept((cells: readonly string[]) => readRow(job, cells, mapping), { isFixed: () => true });
}

/**
 * Reads every row by the mapping. Rows are read or faulty as a whole; the faults say which cell and what would be right.
 */
export function readRows(
  job: Job,
  table: Table,
  mapping: Mapping,
  reader: RowReader = rowReader(job, mapping),
): { read: ReadRow[]; faults: RowFault[] } {
  if (!mapping.includes('kind')) {
    return { read: [], faults: [{ row: -1, column: null, message: 'Choose the column for the kind of piece.' }] };
  }
  const read: ReadRow[] = [];
  const faults: RowFault[] = [];
  table.rows.forEach((cells, row) => {
    const reading = reader(cells);
    if ('read' in reading) read.push({ ...reading.read, row });
    else faults.push(...reading.faults.map((fault) => ({ ...fault, row })));
  });
  return { read, faults };
}

function readRow(job: Job, cells: readonly string[], mapping: Mapping): RowReading {
  const kindColumn = mapping.indexOf('kind');
  const kind = readKind(cells[kindColumn] ?? '', job);
  if (!kind.ok) return { faults: [{ column: kindColumn, message: kind.message }] };
  const context: CellContext = {
    job,
    kind: kind.value.kind,
    shape: { ...kind.value.piece.shape },
    piece: kind.value.piece,
    room: null,
    count: kind.value.count,
  };
  const faults = mapping.flatMap((id, column) => {
    const cell = cells[column] ?? '';
    const { read: take } = COLUMNS.find((known) => known.id === id) ?? {};
    if (!take || cell === '') return [];
    const taken = take(cell, context);
    return taken.ok ? [] : [{ column, message: taken.message }];
  });
  if (faults.length > 0) return { faults };
  const fault = shapeFault(kind.value.kind, context.shape, job.settings.units);
  if (fault) {
    const column = mapping.findIndex((id) => id === fault.field);
    return { faults: [{ column: column < 0 ? null : column, message: fault.message }] };
  }
  const { roomId: _none, ...piece } = { ...context.piece, shape: context.shape as StatedPiece['shape'] };
  return {
    read: {
      kind: kind.value.kind,
      count: context.count,
      piece,
      room: context.room ?? { id: job.rooms[0]?.id ?? '' },
    },
  };
}

/** What the survey command is given for rows that were read. Ids come from `newId`; rooms that are new are made once. */
export function surveyOf(
  job: Job,
  rows: readonly (Pick<ReadRow, 'kind' | 'count' | 'piece' | 'room'> & { assumed?: AssumedFact[] })[],
  newId: () => string,
): { rooms: Room[]; pieces: { id: string; kind: PieceKind; piece: StatedPiece; assumed: AssumedFact[] }[] } {
  const made = new Map<string, Room>();
  const climateId = job.rooms[0]?.climateId ?? '';
  const idOf = (room: ReadRow['room']): string => {
    if ('id' in room) return room.id;
    const known = made.get(room.name.toLowerCase());
    if (known) return known.id;
    const added: Room = {
      id: newId(),
      name: room.name,
      climateId,
      maxOff: null,
      zonesAtOnce: null,
      bearing: null,
      tasks: [],
    };
    made.set(room.name.toLowerCase(), added);
    return added.id;
  };
  const pieces = rows.flatMap(({ kind, count, piece, room, assumed = [] }) => {
    const roomId = idOf(room);
    return Array.from({ length: count }, () => ({ id: newId(), kind, piece: { ...piece, roomId }, assumed }));
  });
  return { rooms: [...made.values()], pieces };
}
