import { formatMoment } from '../../../core/units/moments.ts';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { DoubtfulStamps } from './use-stamps.ts';

const written = (at: string): string => formatMoment(at, 'longDayTime');

/** Asks which clock is right when a stamp would lie before the last one. */
export function ClockDoubtDialog({ doubt }: { doubt: DoubtfulStamps }) {
  return (
    <Dialog open onClose={doubt.drop} aria-labelledby="doubt-title" fullWidth maxWidth="sm">
      <DialogTitle id="doubt-title">Which time is right?</DialogTitle>
      <DialogContent>
        This device says {written(doubt.at)}, but its last entry is later: {written(doubt.last)}. Drying is counted from
        it. Check another clock, and set this one right.
      </DialogContent>
      <DialogActions sx={{ flexWrap: 'wrap', gap: 1, px: 3, pb: 2 }}>
        <Button onClick={doubt.drop}>Don’t log</Button>
        <Button variant="outlined" onClick={() => doubt.write(doubt.last)}>
          Log at {written(doubt.last)}
        </Button>
        <Button variant="contained" onClick={() => doubt.write(doubt.at)}>
          Log at {written(doubt.at)}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
