import { counted } from '../../../core/units/sentence.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { editCells, type PieceEdit } from '../../../core/typing/edit-cell.ts';
import { COLUMNS, type ColumnId } from '../../../core/typing/piece-columns.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';

/** What can be set for many: all that is not a piece's own. */
const SETTABLE: readonly ColumnId[] = [
  'room',
  'substrate',
  'existing',
  'condition',
  'faces',
  'edges',
  'painted',
  'front',
  'back',
  'thickness',
  'who',
  'neededBy',
  'closesAtNight',
  'standIn',
  'zone',
  'fireRated',
  'upHigh',
  'note',
];
const EXAMPLES: Readonly<Partial<Record<ColumnId, string>>> = {
  faces: 'front, or both',
  edges: 'all, none, hinge edge',
  neededBy: '2027-03-12',
};
const UNTOUCHED = 'no change';

/** Sets some facts of many pieces at once; all of them change, or none does and it is said which can't. */
export function SetMany({ pieces, onClose }: { pieces: readonly Piece[]; onClose(): void }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const [cells, setCells] = useState<Partial<Record<ColumnId, string>>>({});
  const [faults, setFaults] = useState<string[]>([]);
  const state = (id: ColumnId, text: string | null): void => {
    setFaults([]);
    setCells(
      Object.fromEntries([
        ...Object.entries(cells).filter(([other]) => other !== id),
        ...(text === null ? [] : [[id, text]]),
      ]) as typeof cells,
    );
  };
  const set = (): void => {
    const edits: PieceEdit[] = [];
    const told: string[] = [];
    for (const piece of pieces) {
      const read = editCells(job, piece, cells);
      if (read.ok) edits.push(read.value);
      else told.push(`${piece.mark}: ${read.message}`);
    }
    if (told.length > 0) {
      setFaults(told);
      return;
    }
    const outcome = apply('revise-pieces', { edits }, { quiet: true });
    if (outcome.ok) onClose();
    else setFaults([outcome.message]);
  };
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="set-title">
      <DialogTitle id="set-title">Edit {counted(pieces.length, 'piece')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5, pt: '8px !important' }}>
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(170px, 1fr))', gap: 1.25 }}>
          {SETTABLE.map((id) => {
            const column = COLUMNS.find((known) => known.id === id);
            const choices = id === 'room' ? job.rooms.map(({ name }) => name) : column?.choices;
            const label = localise(column?.name ?? id);
            return choices ? (
              <ChoiceField
                key={id}
                label={label}
                value={cells[id] ?? UNTOUCHED}
                choices={[
                  { value: UNTOUCHED, words: UNTOUCHED },
                  ...choices.map((choice) => ({ value: choice, words: choice || 'no' })),
                ]}
                onChange={(chosen) => state(id, chosen === UNTOUCHED ? null : chosen)}
              />
            ) : (
              <TextField
                key={id}
                label={label}
                placeholder={EXAMPLES[id] ?? UNTOUCHED}
                value={cells[id] ?? ''}
                onChange={(event) => state(id, event.target.value === '' ? null : event.target.value)}
                slotProps={{ inputLabel: { shrink: true } }}
              />
            );
          })}
        </Box>
        {faults.length > 0 && (
          <Alert severity="error">
            No changes made.
            <ul>
              {faults.slice(0, 6).map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
            </ul>
            {faults.length > 6 && `and ${faults.length - 6} more`}
          </Alert>
        )}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={Object.keys(cells).length === 0} onClick={set}>
          {pieces.length === 1 ? 'Save' : `Save all ${pieces.length}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
