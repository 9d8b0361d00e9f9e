import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { useState } from 'react';
import type { BatchKind } from '../../../../../core/practising/exercises/day-task.ts';
import { counted } from '../../../../../core/units/sentence.ts';
import { useLocalise } from '../../../../open-job/use-job.ts';

interface KindListProps {
  kinds: readonly BatchKind[];
  /** Ids of what stands in a batch. */
  batched: ReadonlySet<string>;
  /** Ids of all that takes hands. */
  work: readonly string[];
  onAdd(batch: string[]): void;
}

/** What is still to be done, by kind of work: the pieces whose turn it is, each to be taken or left, as one batch. */
export function KindList({ kinds, batched, work, onAdd }: KindListProps) {
  const localise = useLocalise();
  const isWork = new Set(work);
  const steps = kinds.flatMap((kind) => kind.steps.filter(({ id }) => isWork.has(id)));
  const firstLeft = new Map<string, string>();
  for (const { id, piece } of steps) {
    if (!batched.has(id) && !firstLeft.has(piece.id)) firstLeft.set(piece.id, id);
  }
  const open = kinds.flatMap((kind) => {
    const ready = kind.steps.filter(({ id, piece }) => firstLeft.get(piece.id) === id);
    return ready.length > 0 ? [{ kind, ready }] : [];
  });
  if (open.length === 0) return <div>Everything is in a batch.</div>;
  return (
    <Box component="ul" aria-label="To do" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2 }}>
      {open.map(({ kind, ready }) => (
        <li key={`${kind.key} ${ready.map(({ id }) => id).join(' ')}`}>
          <strong>{localise(kind.words)}</strong>
          <Ready ready={ready} onAdd={onAdd} />
        </li>
      ))}
    </Box>
  );
}

function Ready({ ready, onAdd }: { ready: BatchKind['steps']; onAdd(batch: string[]): void }) {
  const [without, setWithout] = useState<readonly string[]>([]);
  const taken = ready.filter(({ id }) => !without.includes(id));
  return (
    <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', mt: 0.5 }}>
      {ready.map(({ id, piece }) => (
        <ToggleButton
          key={id}
          value={id}
          selected={!without.includes(id)}
          onChange={() => setWithout(without.includes(id) ? without.filter((each) => each !== id) : [...without, id])}
          sx={{ minHeight: 44, px: 1.25, '&.Mui-selected': { background: 'var(--vial)', color: 'var(--on-vial)' } }}
        >
          {piece.mark}
        </ToggleButton>
      ))}
      <Button
        variant="outlined"
        disabled={taken.length === 0}
        onClick={() => onAdd(taken.map(({ id }) => id))}
        sx={{ minHeight: 44 }}
      >
        Add {counted(taken.length, 'piece')}
      </Button>
    </Box>
  );
}
