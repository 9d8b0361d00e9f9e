import Button from '@mui/material/Button';
import Dialog, { type DialogProps } from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useId } from 'react';

interface PrintDialogProps extends Pick<DialogProps, 'open' | 'fullWidth' | 'children'> {
  title: string;
  onClose(): void;
}

/** A print preview; only its content is printed. */
export function PrintDialog({ title, onClose, children, ...dialog }: PrintDialogProps) {
  const id = useId();
  return (
    <Dialog {...dialog} onClose={onClose} maxWidth="md" className="printed" aria-labelledby={id}>
      <DialogTitle id={id} className="no-print">
        {title}
      </DialogTitle>
      <DialogContent>{children}</DialogContent>
      <DialogActions className="no-print" sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>Close</Button>
        <Button variant="contained" onClick={() => window.print()}>
          Print
        </Button>
      </DialogActions>
    </Dialog>
  );
}
