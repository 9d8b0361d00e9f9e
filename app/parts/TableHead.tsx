import { useLocalise } from '../open-job/use-job.ts';

/** A column name; columns of figures are right-aligned. */
type Column = string | { name: string; isFigures: true };

/** A column of figures. */
export const figures = (name: string): Column => ({ name, isFigures: true });

/** The names of a table's columns. */
export function TableHead({ columns }: { columns: readonly Column[] }) {
  const localise = useLocalise();
  return (
    <thead>
      <tr>
        {columns.map((column) => {
          const name = typeof column === 'string' ? column : column.name;
          return (
            <th key={name} scope="col" style={typeof column === 'string' ? undefined : { textAlign: 'right' }}>
              {localise(name)}
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
