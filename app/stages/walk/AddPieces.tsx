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
import { useEffect, useEffectEvent, useState } from 'react';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../../../core/pieces/registry.ts';
import type { Shape } from '../../../core/pieces/definition.ts';
import { nextMarks } from '../../../core/job/marks.ts';
import type { Piece, StatedPiece } from '../../../core/job/piece-schema.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';
import { useJob } from '../../ui/job-context.tsx';
import { wholeNumber } from '../../ui/number-field.ts';
import { PieceElevation } from '../../ui/ElevationDrawing.tsx';
import { begunName, forgetBegun, keepBegun, readBegun, type BegunPieces } from './begun-pieces.ts';
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

/** A shape inside the bounds of its kind, or what is wrong with it. */
function checkedShape(kind: PieceKind, shape: Shape): Outcome<StatedPiece['shape']> {
  const checked = definitionOf(kind).schema.safeParse(shape);
  return checked.success
    ? accepted({ ...shape } as StatedPiece['shape'])
    : refused(checked.error.issues[0]?.message ?? 'This size does not fit the others.');
}

/** Adds like pieces: a kind, a preset, its sizes, its surface and scope, how many; drawn as it is typed. */
export function AddPieces({ open, onClose, onAdded }: AddPiecesProps) {
  const { job } = useJob();
  const isPhone = useMediaQuery('(max-width: 600px)');
  const [begun, setBegun] = useState<BegunPieces | null>(null);
  const begin = useEffectEvent(async () => {
    const last = job.pieces.at(-1);
    const kind = last?.kind ?? 'panelled-door';
    const piece = usualPiece(kind, last?.roomId ?? job.rooms[0]?.id ?? '', last);
    setBegun((await readBegun(job)) ?? { kind, piece, count: '1' });
  });
  useEffect(() => {
    if (open) void begin();
    else setBegun(null);
  }, [open]);
  return (
    <Dialog open={open} onClose={onClose} maxWidth="md" fullWidth fullScreen={isPhone} aria-labelledby="add-title">
      <DialogTitle id="add-title">Add pieces</DialogTitle>
      {open && begun && <AddForm begun={begun} setBegun={setBegun} onClose={onClose} onAdded={onAdded} />}
    </Dialog>
  );
}

interface AddFormProps extends Omit<AddPiecesProps, 'open'> {
  begun: BegunPieces;
  setBegun(begun: BegunPieces): void;
}

function AddForm({ begun, setBegun, onClose, onAdded }: AddFormProps) {
  const { job, apply, say } = useJob();
  const { kind, piece, count } = begun;
  const [round, setRound] = useState(0);
  const [wrong, setWrong] = useState<ReadonlySet<string>>(new Set());
  const state = (facts: Partial<BegunPieces>): void => {
    const next = { ...begun, ...facts };
    setBegun(next);
    void keepBegun(job.id, next);
  };
  const statePiece = (facts: Partial<StatedPiece>): void => state({ piece: { ...piece, ...facts } });
  /** Other sizes altogether: what could not be read of the old ones is of no use. */
  const startOver = (facts: Partial<BegunPieces>): void => {
    state(facts);
    setWrong(new Set());
    void forgetBegun(job.id, 'fields').then(() => setRound(round + 1));
  };
  const close = (): void => {
    void forgetBegun(job.id);
    onClose();
  };
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

  const add = (): void => {
    if (!many.ok || wrong.size > 0) return;
    const ids = Array.from({ length: many.value }, () => nanoid(10));
    const outcome = apply('add-pieces', { ids, kind, piece });
    if (!outcome.ok) return;
    close();
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
              startOver({ kind: chosen, piece: usualPiece(chosen, piece.roomId, job.pieces.at(-1)) });
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
              <Button
                key={preset.name}
                size="small"
                variant="outlined"
                onClick={() => startOver({ piece: { ...piece, shape: { ...preset.shape } as StatedPiece['shape'] } })}
              >
                {preset.name}
              </Button>
            ))}
          </Box>
          <ShapeFields
            key={`${kind}/${round}`}
            kind={kind}
            shape={piece.shape}
            units={job.settings.units}
            draft={`${begunName(job.id)}/${kind}`}
            take={(key, read) => {
              const checked = read.ok ? checkedShape(kind, { ...piece.shape, [key]: read.value }) : read;
              setWrong(
                (before) => new Set([...before].filter((other) => other !== key).concat(checked.ok ? [] : [key])),
              );
              if (checked.ok) statePiece({ shape: checked.value });
              return checked;
            }}
          />
          <SurfaceFields surface={piece.surface} onChange={(surface) => statePiece({ surface })} />
          <ScopeFields kind={kind} stated={piece} onChange={statePiece} />
        </Box>
        <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1.25 }}>
            <TextField
              select
              label="Room"
              value={piece.roomId}
              onChange={(event) => statePiece({ roomId: event.target.value })}
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
              onChange={(event) => state({ count: event.target.value })}
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
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" onClick={add} disabled={!many.ok || fault !== null || wrong.size > 0}>
          {many.ok && many.value > 1 ? `Add ${marks[0]} to ${marks.at(-1)}` : `Add ${marks[0] ?? ''}`}
        </Button>
      </DialogActions>
    </>
  );
}
