import { z } from 'zod';
import { COLUMNS } from '../../../core/typing/piece-columns.ts';
import { guessMapping, parseTable } from '../../../core/exchange/pieces-csv.ts';
import { accepted, type Outcome } from '../../../core/units/outcome.ts';

const columnIds = COLUMNS.map(({ id }) => id);
const begunListSchema = z.lazy(() =>
  z.object({
    table: z.object({ names: z.array(z.string()), rows: z.array(z.array(z.string())) }),
    mapping: z.array(z.enum(columnIds).nullable()),
  }),
);
/** A list that is being taken in: its cells, as they may have been mended, and what its columns mean. */
export type BegunList = z.infer<typeof begunListSchema>;

/** A list read into cells, with a guess at its columns; or why it can't be. */
export function beginList(text: string): Outcome<BegunList> {
  const table = parseTable(text);
  return table.ok ? accepted({ table: table.value, mapping: guessMapping(table.value) }) : table;
}

/** A list that was kept as a draft; null if there is none, or an earlier Nivel wrote it otherwise. */
export function keptList(text: string): BegunList | null {
  if (text === '') return null;
  const read = begunListSchema.safeParse(JSON.parse(text));
  return read.success ? read.data : null;
}
