import { z } from 'zod';
import { USUAL_COATING } from '../shelf/coating.ts';
import { AS_DEFAULT } from '../shelf/entry.ts';
import { FIGURES, readFigure, valueAt, withFigure, writeFigure } from '../shelf/figures.ts';
import {
  COMPARTMENT_IDS,
  COMPARTMENTS,
  emptyShelf,
  shelfSchema,
  type Compartment,
  type Shelf,
} from '../shelf/shelf.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { readNamedCsv, writeCsv } from './csv.ts';

const SHELF_FORMAT = 'nivel.shelf/2';
const shelfFileSchema = z.lazy(() => z.object({ format: z.literal(SHELF_FORMAT), shelf: shelfSchema }));

/** A shelf as a file, to be taken into another job. */
export const writeShelfFile = (shelf: Shelf): string => JSON.stringify({ format: SHELF_FORMAT, shelf }, null, 1);

/** Reads a shelf file, or says what is wrong with it and where. */
export function readShelfFile(text: string): Outcome<Shelf> {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return refused('Not a shelf file. Choose one, or a CSV list with column names.');
  }
  const read = shelfFileSchema.safeParse(lifted(document));
  if (read.success) return accepted(read.data.shelf);
  const [issue] = read.error.issues;
  return refused(`Not a valid shelf: at ${issue?.path.join('.') || 'the top'}, ${issue?.message ?? ''}`);
}

/** A file of the first version, whose coatings said less, as one of this version; anything else as it is. */
function lifted(document: unknown): unknown {
  const first = z.looseObject({
    format: z.literal('nivel.shelf/1'),
    shelf: z.looseObject({ coatings: z.array(z.looseObject({})) }),
  });
  const read = first.safeParse(document);
  if (!read.success) return document;
  const { shelf } = read.data;
  return {
    format: SHELF_FORMAT,
    shelf: { ...shelf, coatings: shelf.coatings.map((coating) => ({ ...USUAL_COATING, ...coating })) },
  };
}

const FIXED = ['Shelf', 'Id', 'Name', 'Archived'] as const;

/** One compartment of a shelf as a list: a row for each entry, a column for each figure. */
export function writeShelfCsv(compartment: Compartment, entries: Shelf[Compartment]): string {
  const figures = FIGURES[compartment];
  const rows = (entries as readonly { id: string; name: string; archived: boolean }[]).map((entry) => [
    compartment,
    entry.id,
    entry.name,
    entry.archived ? 'yes' : 'no',
    ...figures.map((figure) => writeFigure(figure, valueAt(entry, figure.path))),
  ]);
  return writeCsv([...FIXED, ...figures.map(({ label }) => label)], rows);
}

/** Reads such a list: every entry, or the first faults by row and column; a bad list changes nothing. */
export function readShelfCsv(text: string): Outcome<Shelf> {
  const parsed = readNamedCsv(text);
  const missing = FIXED.slice(0, 3).filter((name) => !parsed.fields.includes(name));
  if (missing.length > 0) return refused(`No column for ${missing.join(', ')}.`);
  const shelf = emptyShelf();
  const faults: string[] = [];
  parsed.rows.forEach((row, index) => {
    const read = entryFrom(row);
    if (read.ok) (shelf[read.value.compartment] as unknown[]).push(read.value.entry);
    else faults.push(`Row ${index + 2}: ${read.message}`);
  });
  if (faults.length > 0) return refused(faults.slice(0, 5).join(' '));
  return parsed.rows.length === 0 ? refused('No rows below the heading.') : accepted(shelf);
}

function entryFrom(row: Readonly<Record<string, string>>): Outcome<{ compartment: Compartment; entry: unknown }> {
  const compartment = COMPARTMENT_IDS.find((id) => id === row.Shelf?.trim());
  if (compartment === undefined)
    return refused(`Shelf: can’t read “${row.Shelf ?? ''}”. Use one of ${COMPARTMENT_IDS.join(', ')}.`);
  let entry: object = {
    ...(compartment === 'coatings' ? USUAL_COATING : AS_DEFAULT),
    id: row.Id?.trim() ?? '',
    name: row.Name?.trim() ?? '',
    archived: row.Archived?.trim() === 'yes',
  };
  for (const figure of FIGURES[compartment]) {
    const cell = row[figure.label];
    // A list of an earlier version has fewer columns: what it does not say is as usual.
    if (cell === undefined && valueAt(entry, figure.path) !== undefined) continue;
    const read = readFigure(figure, cell ?? '');
    if (!read.ok) return read;
    entry = withFigure(entry, figure.path, read.value);
  }
  const checked = COMPARTMENTS[compartment].schema.safeParse(entry);
  return checked.success
    ? accepted({ compartment, entry: checked.data })
    : refused(checked.error.issues[0]?.message ?? 'That value isn’t valid.');
}
