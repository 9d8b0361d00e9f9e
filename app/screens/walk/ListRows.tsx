import Box from '@mui/material/Box';
import { COLUMNS, type ColumnId } from '../../../core/typing/piece-columns.ts';
import type { RowFault } from '../../../core/exchange/pieces-csv.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { ListTable } from '../../parts/ListTable.tsx';
import type { BegunList } from './draft-list.ts';

interface ListRowsProps {
  list: BegunList;
  faults: readonly RowFault[];
  setList(list: BegunList): void;
}

/** Rows that are shown at once; faulty ones are shown wherever they are. */
const SHOWN_ROWS = 100;

const READABLE = COLUMNS.filter(({ read, id }) => read !== undefined || id === 'kind');

/** The cells of a list under the meanings of its columns. Each can be typed over; what is wrong stands beneath it. */
export function ListRows({ list, faults, setList }: ListRowsProps) {
  const localise = useLocalise();
  const { table, mapping } = list;
  const faultAt = new Map(faults.map((fault) => [`${fault.row}/${fault.column ?? 'row'}`, fault.message]));
  const faulty = new Set(faults.map(({ row }) => row));
  const shown = table.rows
    .map((cells, row) => ({ cells, row }))
    .filter(({ row }) => row < SHOWN_ROWS || faulty.has(row));
  const give = (column: number, meaning: ColumnId | null): void =>
    // One column has one meaning: it is taken from the other.
    setList({
      ...list,
      mapping: mapping.map((known, index) => (index === column ? meaning : known === meaning ? null : known)),
    });
  const type = (row: number, column: number, text: string): void =>
    setList({
      ...list,
      table: {
        ...table,
        rows: table.rows.map((cells, index) =>
          index === row ? cells.map((cell, at) => (at === column ? text : cell)) : cells,
        ),
      },
    });
  return (
    <Box sx={{ maxHeight: '56vh', overflow: 'auto' }}>
      <ListTable>
        <thead>
          <tr>
            <th scope="col">Row</th>
            {mapping.map((meaning, column) => (
              <th scope="col" key={column}>
                <select
                  aria-label={`Meaning of column ${column + 1}${table.names[column] ? `, ${table.names[column]}` : ''}`}
                  value={meaning ?? ''}
                  onChange={(event) => give(column, (event.target.value || null) as ColumnId | null)}
                  style={{
                    font: 'inherit',
                    padding: '6px 4px',
                    background: 'var(--sheet)',
                    color: meaning === null ? 'var(--ink-soft)' : 'var(--ink)',
                    border: '1px solid var(--line)',
                    borderRadius: 6,
                  }}
                >
                  <option value="">skip</option>
                  {READABLE.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {localise(name)}
                    </option>
                  ))}
                </select>
                <Box sx={{ fontWeight: 400, fontSize: 13, color: 'var(--ink-soft)' }}>{table.names[column]}</Box>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map(({ cells, row }) => (
            <tr
              key={row}
              style={faulty.has(row) ? { background: 'color-mix(in srgb, var(--late) 8%, var(--sheet))' } : {}}
            >
              <th scope="row">
                {row + 1}
                {faultAt.has(`${row}/row`) && <Fault words={localise(faultAt.get(`${row}/row`) ?? '')} />}
              </th>
              {cells.map((cell, column) => {
                const fault = faultAt.get(`${row}/${column}`);
                return (
                  <td key={column}>
                    <input
                      aria-label={`Row ${row + 1}, column ${column + 1}`}
                      aria-invalid={fault !== undefined}
                      value={cell}
                      onChange={(event) => type(row, column, event.target.value)}
                      style={{
                        font: 'inherit',
                        color: mapping[column] === null ? 'var(--ink-soft)' : 'inherit',
                        background: 'transparent',
                        border: fault ? '2px solid var(--late)' : '1px solid transparent',
                        borderRadius: 4,
                        padding: '5px 6px',
                        width: `${Math.min(34, Math.max(7, cell.length + 2))}ch`,
                      }}
                    />
                    {fault && <Fault words={localise(fault)} />}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </ListTable>
      {table.rows.length > shown.length && (
        <Box sx={{ p: 1.5, color: 'var(--ink-soft)' }}>and {table.rows.length - shown.length} more rows, all OK.</Box>
      )}
    </Box>
  );
}

function Fault({ words }: { words: string }) {
  return (
    <Box role="alert" sx={{ color: 'var(--late)', fontSize: 13, whiteSpace: 'normal', maxWidth: 300, fontWeight: 500 }}>
      {words}
    </Box>
  );
}
