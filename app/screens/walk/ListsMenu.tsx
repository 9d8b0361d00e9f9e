import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { jobFileName } from '../../../core/exchange/job-file.ts';
import { writePiecesCsv } from '../../../core/exchange/pieces-csv.ts';
import { download } from '../../device/download.ts';
import { useJob } from '../../open-job/use-job.ts';

/** Lists of pieces, in from a spreadsheet and out as CSV. */
export function ListsMenu({ isBegun, onTakeIn }: { isBegun: boolean; onTakeIn(): void }) {
  const job = useJob();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const then = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  const save = (): void =>
    download(jobFileName(job).replace('.nivel.json', '-pieces.csv'), writePiecesCsv(job), 'text/csv');
  return (
    <>
      <Button variant="outlined" aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {isBegun ? 'Import / export, one started' : 'Import / export'}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem onClick={then(onTakeIn)}>{isBegun ? 'Resume import' : 'Import list'}</MenuItem>
        <MenuItem disabled={job.pieces.length === 0} onClick={then(save)}>
          Export all pieces
        </MenuItem>
      </Menu>
    </>
  );
}
