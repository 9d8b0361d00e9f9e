import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import useMediaQuery from '@mui/material/useMediaQuery';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../../../core/pieces/registry.ts';
import type { Shape } from '../../../core/pieces/definition.ts';
import { nextMarks } from '../../../core/job/marks.ts';
import type { Piece, StatedPiece } from '../../../core/job/schema.ts';
import { accepted, refused } from '../../../core/units/outcome.ts';
import { useJob } from '../../ui/job-context.tsx';
import { wholeNumber } from '../../ui/number-field.ts';
import { PieceElevation } from '../../ui/ElevationDrawing.tsx';
import { ScopeFields } from './ScopeFields.tsx';
import { ShapeFields } from './ShapeFields.tsx';
import { SurfaceFields } from './SurfaceFields.tsx';

interface AddPiecesProps {
  open: boolean;
  onClose(): void;
  onAdded(id: string): void;
}

function usualPiece(kind: PieceKind, roomId: string, last: Piece | undefined): StatedPiece {
  const definition = definitionOf(kind);
  const { faces, edges } = definition.usualScope;
  return {
    roomId,
    shape: { ...definition.presets[0]?.shape } as StatedPiece['shape'],
    surface: last?.surface ?? { substrate: 'softwood', existing: 'unknown', condition: 'sound' },
    scope: { faces: [...faces], edges: [...edges] },
    exposure: { front: 'inside', back: 'inside' },
    comesOff: true,
    note: '',
  };
}

/** Adds like pieces: a kind, a preset, its sizes, its surface and scope, how many; drawn as it is typed. */
export function AddPieces({ open, onClose, onAdded }: AddPiecesProps) {
  const isPhone = useMediaQuery('(max-width: 600px)');
  return (
    <Dialog open={open} onClose={onClose} maxWidth="md" fullWidth fullScreen={isPhone} aria-labelledby="add-title">
      <DialogTitle id="add-title">Add pieces</DialogTitle>
      {open && <AddForm onClose={onClose} onAdded={onAdded} />}
    </Dialog>
  );
}

function AddForm({ onClose, onAdded }: Omit<AddPiecesProps, 'open'>) {
  const { job, apply, say } = useJob();
  const last = job.pieces.at(-1);
  const [kind, setKind] = useState<PieceKind>(last?.kind ?? 'panelled-door');
  const [piece, setPiece] = useState(() => usualPiece(kind, last?.roomId ?? job.rooms[0]?.id ?? '', last));
  const [count, setCount] = useState('1');
  const [round, setRound] = useState(0);
  const [wrong, setWrong] = useState<ReadonlySet<string>>(new Set());
  const definition = definitionOf(kind);
  const many = wholeNumber(count, 1, 200);
  const fault = definition.fault(piece.shape);
  const marks = many.ok
    ? nextMarks(
        job.pieces.map((other) => other.mark),
        kind,
        many.value,
      )
    : [];
  const drawn: Piece = { ...piece, id: 'new', kind, mark: marks[0] ?? '', groupId: '', hardware: [] };

  const reshape = (shape: Shape): void => {
    setPiece({ ...piece, shape: { ...shape } as StatedPiece['shape'] });
    setRound(round + 1);
    setWrong(new Set());
  };
  const add = (): void => {
    if (!many.ok || wrong.size > 0) return;
    const ids = Array.from({ length: many.value }, () => nanoid(10));
    const outcome = apply('add-pieces', { ids, kind, piece });
    if (!outcome.ok) return;
    onClose();
    onAdded(ids[0] ?? '');
  };

  return (
    <>
      <DialogContent
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 280px' },
          gap: 3,
          pt: '8px !important',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={kind}
            aria-label="Kind of piece"
            sx={{ flexWrap: 'wrap' }}
            onChange={(_event, chosen: PieceKind | null) => {
              if (!chosen) return;
              setKind(chosen);
              setPiece(usualPiece(chosen, piece.roomId, last));
              setRound(round + 1);
              setWrong(new Set());
            }}
          >
            {PIECE_KINDS.map((id) => (
              <ToggleButton key={id} value={id}>
                {say(definitionOf(id).name)}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            {definition.presets.map((preset) => (
              <Button key={preset.name} size="small" variant="outlined" onClick={() => reshape(preset.shape)}>
                {preset.name}
              </Button>
            ))}
          </Box>
          <ShapeFields
            key={`${kind}/${round}`}
            kind={kind}
            shape={piece.shape}
            units={job.settings.units}
            draft={`${job.id}/new/${kind}/${round}`}
            take={(key, value) => {
              const shape = { ...piece.shape, [key]: value } as StatedPiece['shape'];
              const checked = definition.schema.safeParse(shape);
              const rest = new Set([...wrong].filter((other) => other !== key));
              setWrong(checked.success ? rest : new Set([...rest, key]));
              if (!checked.success) return refused(checked.error.issues[0]?.message ?? '');
              setPiece({ ...piece, shape });
              return accepted(null);
            }}
          />
          <SurfaceFields surface={piece.surface} onChange={(surface) => setPiece({ ...piece, surface })} />
          <ScopeFields kind={kind} stated={piece} onChange={(facts) => setPiece({ ...piece, ...facts })} />
        </Box>
        <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1.25 }}>
            <TextField
              select
              label="Room"
              value={piece.roomId}
              onChange={(event) => setPiece({ ...piece, roomId: event.target.value })}
            >
              {job.rooms.map((room) => (
                <MenuItem key={room.id} value={room.id}>
                  {room.name}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              label="How many"
              value={count}
              error={!many.ok}
              helperText={many.ok ? null : many.message}
              onChange={(event) => setCount(event.target.value)}
            />
          </Box>
          {fault ? (
            <Box role="alert" sx={{ color: 'var(--late)' }}>
              {fault.message}
            </Box>
          ) : (
            <PieceElevation piece={drawn} fill="#e4dcc6" units={job.settings.units} width={270} height={380} />
          )}
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        {wrong.size > 0 && (
          <Box role="status" sx={{ flex: 1, color: 'var(--late)', fontSize: 14 }}>
            A size above can’t be read yet: mend it, then add.
          </Box>
        )}
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" onClick={add} disabled={!many.ok || fault !== null || wrong.size > 0}>
          {many.ok && many.value > 1 ? `Add ${marks[0]} to ${marks.at(-1)}` : `Add ${marks[0] ?? ''}`}
        </Button>
      </DialogActions>
    </>
  );
}
