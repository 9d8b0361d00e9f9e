import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useJob } from '../../../open-job/use-job.ts';

/** Which piece an instrument is held against. */
export function PieceField({ label, value, onChange }: { label: string; value: string; onChange(id: string): void }) {
  const job = useJob();
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { MenuProps: { sx: { maxHeight: 380 } } } }}
    >
      {job.pieces.map(({ id, mark, note }) => (
        <MenuItem key={id} value={id}>
          {mark}
          {note && `, ${note}`}
        </MenuItem>
      ))}
    </TextField>
  );
}
