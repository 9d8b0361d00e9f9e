import { inSentence } from '../../../core/units/sentence.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { roomOf } from '../../../core/job/queries/places.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { Tag } from '../../parts/Tag.tsx';

const SHOWN = 12;

/** The pieces of a group; some are split off, or all of them put into another group. */
export function GroupPieces({ group }: { group: FinishGroup }) {
  const job = useJob();
  const { apply } = useCommands();
  const [isSplitting, setIsSplitting] = useState(false);
  const pieces = job.pieces.filter((piece) => piece.groupId === group.id);
  const others = job.groups.filter(({ id }) => id !== group.id);
  return (
    <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', alignItems: 'center' }}>
      {pieces.slice(0, SHOWN).map((piece) => (
        <Tag key={piece.id} mark={piece.mark} />
      ))}
      {pieces.length > SHOWN && <Box>and {pieces.length - SHOWN} more</Box>}
      {pieces.length > 1 && (
        <Button size="small" onClick={() => setIsSplitting(true)}>
          Split group
        </Button>
      )}
      {others.length > 0 && (
        <ChoiceField
          size="small"
          label="Move to group"
          value=""
          sx={{ width: 150 }}
          choices={others.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={(chosen) => {
            const into = chosen;
            if (apply('merge-groups', { from: group.id, into }).ok) {
              goTo({ stage: 'build-up', jobId: job.id, groupId: into }, 'replace');
            }
          }}
        />
      )}
      {isSplitting && <SplitDialog group={group} onClose={() => setIsSplitting(false)} />}
    </Box>
  );
}

/** Which pieces leave, and under what name. */
function SplitDialog({ group, onClose }: { group: FinishGroup; onClose(): void }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const [leaving, setLeaving] = useState<string[]>([]);
  const [name, setName] = useState(`${group.name}, others`);
  const pieces = job.pieces.filter((piece) => piece.groupId === group.id);
  const toggle = (id: string): void =>
    setLeaving((before) => (before.includes(id) ? before.filter((other) => other !== id) : [...before, id]));
  const split = (): void => {
    const outcome = apply('split-group', { groupId: group.id, pieceIds: leaving, name });
    if (!outcome.ok) return;
    const made = outcome.value.groups.find(({ id }) => !job.groups.some((before) => before.id === id));
    if (made) goTo({ stage: 'build-up', jobId: job.id, groupId: made.id }, 'replace');
    onClose();
  };
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="split-title">
      <DialogTitle id="split-title">Split group</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5, pt: '10px !important' }}>
        <Box sx={{ color: 'var(--ink-soft)' }}>The new group starts with the same tests and build-up.</Box>
        <TextField label="New group’s name" value={name} onChange={(event) => setName(event.target.value)} />
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(240px, 1fr))' }}>
          {pieces.map((piece) => (
            <FormControlLabel
              key={piece.id}
              control={<Checkbox checked={leaving.includes(piece.id)} onChange={() => toggle(piece.id)} />}
              label={`${piece.mark} ${inSentence(localise(definitionOf(piece.kind).name))}, ${roomOf(job, piece)?.name ?? ''}`}
            />
          ))}
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={leaving.length === 0 || name.trim() === ''} onClick={split}>
          Split {leaving.length === 0 ? '' : leaving.length}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
