import { FileButton } from '../../parts/FileButton.tsx';
import { counted } from '../../../core/units/sentence.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { MAX_LIST, readRows, rowReader, surveyOf } from '../../../core/exchange/pieces-csv.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { beginList, type BegunList } from './draft-list.ts';
import { ListRows } from './ListRows.tsx';

interface ListDialogProps {
  list: BegunList | null;
  /** A text that was pasted and could not be read. */
  unread: string;
  setList(list: BegunList | null): void;
  onClose(): void;
}

function faultOf(text: string): string | null {
  const begun = beginList(text);
  return begun.ok ? null : begun.message;
}

/** Takes a list in, from a file or a spreadsheet: columns are given a meaning, rows are mended, then all are added. */
export function ListDialog({ list, unread, setList, onClose }: ListDialogProps) {
  const [fault, setFault] = useState(() => (unread === '' ? null : faultOf(unread)));
  const take = (text: string): void => {
    const begun = beginList(text);
    setFault(begun.ok ? null : begun.message);
    if (begun.ok) setList(begun.value);
  };
  return (
    <Dialog open onClose={onClose} maxWidth="xl" fullWidth aria-labelledby="list-title">
      <DialogTitle id="list-title">Import pieces</DialogTitle>
      {list === null ? (
        <Source begun={unread} fault={fault} onText={take} onClose={onClose} setFault={setFault} />
      ) : (
        <Rows list={list} setList={setList} onClose={onClose} />
      )}
    </Dialog>
  );
}

interface SourceProps {
  begun: string;
  fault: string | null;
  onText(text: string): void;
  setFault(fault: string): void;
  onClose(): void;
}

function Source({ begun, fault, onText, setFault, onClose }: SourceProps) {
  const [text, setText] = useState(begun);
  const open = async (chosen: File): Promise<void> => {
    if (chosen.size > MAX_LIST) setFault(`${chosen.name} is over 2 MB. Split it into several lists.`);
    else onText(await chosen.text());
  };
  return (
    <>
      <DialogContent sx={{ display: 'grid', gap: 1.5, pt: '8px !important' }}>
        <Box>One row per piece, with a column for the kind. Name columns in the first row if you like.</Box>
        <TextField
          multiline
          minRows={7}
          maxRows={16}
          label="Paste rows from a spreadsheet"
          placeholder={'Kind, Width, Height, Room\n6p door, 762, 1981, Practice 1'}
          value={text}
          onChange={(event) => setText(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        {fault && <Alert severity="error">{fault} No changes made.</Alert>}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <FileButton
          variant="text"
          sx={{ mr: 'auto' }}
          words="Choose a CSV file"
          label="List"
          accept=".csv,.tsv,.txt,text/csv"
          onChoose={(chosen) => void open(chosen)}
        />
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={text.trim() === ''} onClick={() => onText(text)}>
          Check list
        </Button>
      </DialogActions>
    </>
  );
}

function Rows({ list, setList, onClose }: Omit<ListDialogProps, 'unread'> & { list: BegunList }) {
  const job = useJob();
  const { apply } = useCommands();
  const [leavesOut, setLeavesOut] = useState(false);
  const reader = useMemo(() => rowReader(job, list.mapping), [job, list.mapping]);
  const { read, faults } = readRows(job, list.table, list.mapping, reader);
  const faulty = new Set(faults.filter(({ row }) => row >= 0).map(({ row }) => row));
  const whole = faults.find(({ row }) => row < 0);
  const count = read.reduce((sum, row) => sum + row.count, 0);
  const mayAdd = count > 0 && !whole && (faulty.size === 0 || leavesOut);
  const rooms = surveyOf(job, read, () => '').rooms.map(({ name }) => name);
  const add = (): void => {
    if (
      !apply(
        'survey',
        surveyOf(job, read, () => nanoid(10)),
      ).ok
    )
      return;
    setList(null);
    onClose();
  };
  return (
    <>
      <DialogContent sx={{ display: 'grid', gap: 1.5, pt: '8px !important' }}>
        <Box role="status" sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center' }}>
          <strong>
            {read.length} of {list.table.rows.length} rows OK: {counted(count, 'piece')}
            {rooms.length > 0 && `, new ${rooms.length === 1 ? 'room' : 'rooms'} ${rooms.join(', ')}`}.
          </strong>
          {faulty.size > 0 && (
            <Box component="span" sx={{ color: 'var(--late)', fontWeight: 650 }}>
              {counted(faulty.size, 'row needs', 'rows need')} fixing: edit the red cells.
            </Box>
          )}
        </Box>
        {whole && <Alert severity="error">{whole.message}</Alert>}
        <ListRows list={list} faults={faults} setList={setList} />
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2, flexWrap: 'wrap', gap: 1 }}>
        <Button onClick={() => setList(null)} sx={{ mr: 'auto' }}>
          Different list
        </Button>
        {faulty.size > 0 && !whole && (
          <FormControlLabel
            control={<Checkbox checked={leavesOut} onChange={(event) => setLeavesOut(event.target.checked)} />}
            label={`Skip ${faulty.size === 1 ? 'the row' : `the ${faulty.size} rows`} in red`}
          />
        )}
        <Button onClick={onClose}>Not now</Button>
        <Button variant="contained" disabled={!mayAdd} onClick={add}>
          Add {counted(count, 'piece')}
        </Button>
      </DialogActions>
    </>
  );
}
