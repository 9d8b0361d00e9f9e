import { counted } from '../../../core/units/sentence.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { HourFault } from '../../../core/exchange/hours-csv.ts';

const SHOWN = 6;

interface BadRowsProps {
  file: string;
  faults: readonly HourFault[];
  /** As in “48 good hours”. */
  good: string;
  onTake(): void;
  onLeave(): void;
}

/** Rows of a list that can't be taken, each with what would be right; the good ones are taken only when one says so. */
export function BadRows({ file, faults, good, onTake, onLeave }: BadRowsProps) {
  return (
    <Alert
      severity="warning"
      action={
        <Box sx={{ display: 'grid', gap: 0.5 }}>
          <Button color="inherit" onClick={onTake}>
            Import the {good}
          </Button>
          <Button color="inherit" onClick={onLeave}>
            Cancel
          </Button>
        </Box>
      }
    >
      <strong>
        {file}: {counted(faults.length, 'row')} can’t be imported.
      </strong>
      <ul>
        {faults.slice(0, SHOWN).map(({ row, message }) => (
          <li key={row}>
            Row {row}: {message}
          </li>
        ))}
      </ul>
      {faults.length > SHOWN && `and ${faults.length - SHOWN} more`}
    </Alert>
  );
}
