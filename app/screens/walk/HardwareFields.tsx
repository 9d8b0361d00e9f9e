import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useLocalise } from '../../open-job/use-job.ts';
import { wholeNumber } from '../../../core/units/typed-number.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { DeleteIcon } from '../../drawing/icons.tsx';
import { BagLabelsButton } from '../../parts/labels/BagLabels.tsx';

const columns = { display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 84px 44px', gap: 1, alignItems: 'start' };

/** What comes off with a piece: each item and how many, and the label of its bag. */
export function HardwareFields({ piece, draft }: { piece: Piece; draft: string }) {
  const localise = useLocalise();
  const { apply } = useCommands();
  const [name, setName] = useState('');
  const [count, setCount] = useState('1');
  const [fault, setFault] = useState<string | null>(null);
  const all = piece.hardware.reduce((sum, item) => sum + item.count, 0);
  const many = wholeNumber(count, 1, 400);
  const add = (): void => {
    if (!many.ok) return;
    const outcome = apply('add-hardware', { id: piece.id, name, count: many.value }, { quiet: true });
    setFault(outcome.ok ? null : outcome.message);
    if (outcome.ok) setName('');
  };
  return (
    <Fold title="Hardware" summary={all === 0 ? 'none' : `${all} parts in one bag`}>
      {piece.hardware.map((item, index) => (
        <Box key={item.name} sx={columns}>
          <Box sx={{ alignSelf: 'center' }}>{localise(item.name)}</Box>
          <StatedField
            label={`Number: ${localise(item.name)}`}
            text={String(item.count)}
            draft={`${draft}/hardware/${item.name}`}
            take={(typed) => {
              const read = wholeNumber(typed, 0, 400);
              return read.ok
                ? apply(
                    'count-hardware',
                    { id: piece.id, item: index, count: read.value },
                    { strokes: `${piece.id}/${item.name}`, quiet: true },
                  )
                : read;
            }}
          />
          <IconButton
            aria-label={`Remove ${localise(item.name)} from ${piece.mark}`}
            onClick={() => apply('remove-hardware', { id: piece.id, item: index })}
          >
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      <Box
        component="form"
        sx={{ ...columns, gridTemplateColumns: 'minmax(0, 1fr) 84px auto' }}
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <TextField
          label="Add hardware"
          placeholder="strike plate"
          value={name}
          error={fault !== null}
          helperText={fault}
          onChange={(event) => setName(event.target.value)}
        />
        <TextField
          label="How many"
          value={count}
          error={!many.ok}
          helperText={many.ok ? null : many.message}
          onChange={(event) => setCount(event.target.value)}
        />
        <Button type="submit" sx={{ mt: '5px' }}>
          Add to bag
        </Button>
      </Box>
      <BagLabelsButton pieces={[piece]} />
    </Fold>
  );
}
