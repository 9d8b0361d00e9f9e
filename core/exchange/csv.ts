import Papa from 'papaparse';

/** What a spreadsheet would take for a formula, and text that has been marked as none already; a plain number is neither. */
const FORMULA = /^(?![-+]?[\d.,]+$)'*[=+\-@\t\r]/;

/**
 * A list as CSV. Text that a spreadsheet would carry out as a formula has a quotation mark before it, as is usual, and
 * reading takes that off again.
 */
export const writeCsv = (fields: readonly string[], data: readonly (readonly unknown[])[]): string =>
  Papa.unparse(
    { fields: [...fields], data: data.map((row) => [...row]) },
    { newline: '\r\n', escapeFormulae: FORMULA },
  );

const bare = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

const plain = (text: string): string => text.replace(/^\uFEFF/, '').trim();

/** Rows of cells, and in which row a quotation mark is opened and never closed; null where none is. */
export function readCsv(text: string): { rows: string[][]; brokenRow: number | null } {
  const { data, errors } = Papa.parse<string[]>(plain(text), { skipEmptyLines: 'greedy' });
  const broken = errors.find(({ type }) => type === 'Quotes');
  return { rows: data.map((row) => row.map(bare)), brokenRow: broken ? (broken.row ?? 0) : null };
}

/** Rows by the names in the first one, which `nameOf` may write alike. */
export function readNamedCsv(
  text: string,
  nameOf: (name: string) => string = (name) => name,
): { fields: readonly string[]; rows: Record<string, string>[] } {
  const { data, meta } = Papa.parse<Record<string, string>>(plain(text), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: nameOf,
    transform: bare,
  });
  return { fields: meta.fields ?? [], rows: data };
}
