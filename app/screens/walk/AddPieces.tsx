import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { nanoid } from 'nanoid';
import { useEffect, useEffectEvent, useState } from 'react';
import { definitionOf, type PieceKind } from '../../../core/pieces/registry.ts';
import type { Shape, ShapeValue } from '../../../core/pieces/shape.ts';
import { nextMarks } from '../../../core/job/marks.ts';
import type { StatedPiece } from '../../../core/job/document/piece-schema.ts';
import { sketchOf, usualPiece } from '../../../core/job/document/usual-piece.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { wholeNumber } from '../../../core/units/typed-number.ts';
import { PieceElevation } from '../../drawing/elevation/PieceElevation.tsx';
import { begunName, forgetBegun, keepBegun, readBegun, type BegunPieces } from './draft-pieces.ts';
import { KindPicker } from './KindPicker.tsx';
import { ScopeFields } from './ScopeFields.tsx';
import { ShapeFields } from './ShapeFields.tsx';
import { SurfaceFields } from './SurfaceFields.tsx';

interface AddPiecesProps {
  onClose(): void;
  onAdded(id: string): void;
}

/** A shape inside the bounds of its kind, or what is wrong with it. */
function checkedShape(kind: PieceKind, shape: Shape): Outcome<StatedPiece['shape']> {
  const checked = definitionOf(kind).schema.safeParse(shape);
  return checked.success
    ? accepted({ ...shape } as StatedPiece['shape'])
    : refused(checked.error.issues[0]?.message ?? 'Doesn’t fit the other sizes.');
}

/** Adds like pieces: a kind, a preset, its sizes, its surface and scope, how many; drawn as it is typed. */
export function AddPieces({ onClose, onAdded }: AddPiecesProps) {
  const job = useJob();
  const isPhone = useMediaQuery('(max-width: 600px)');
  const [begun, setBegun] = useState<BegunPieces | 'nothing' | null>(null);
  const begin = useEffectEvent(async () => setBegun((await readBegun(job)) ?? 'nothing'));
  useEffect(() => void begin(), []);
  const last = job.pieces.at(-1);
  const choose = (kind: PieceKind): void => {
    const facts = last && !definitionOf(kind).usualSurface ? { surface: last.surface } : {};
    setBegun({ kind, piece: usualPiece(kind, last?.roomId ?? job.rooms[0]?.id ?? '', facts), count: '1', round: 0 });
  };
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth fullScreen={isPhone} aria-labelledby="add-title">
      <DialogTitle id="add-title">Add pieces</DialogTitle>
      {begun === 'nothing' && (
        <>
          <DialogContent>
            <KindPicker onChoose={choose} />
          </DialogContent>
          <DialogActions sx={{ px: 3, pb: 2 }}>
            <Button onClick={onClose}>Cancel</Button>
          </DialogActions>
        </>
      )}
      {begun !== null && begun !== 'nothing' && (
        <AddForm
          begun={begun}
          setBegun={setBegun}
          onOtherKind={() => setBegun('nothing')}
          onClose={onClose}
          onAdded={onAdded}
        />
      )}
    </Dialog>
  );
}

interface AddFormProps extends AddPiecesProps {
  begun: BegunPieces;
  setBegun(begun: BegunPieces): void;
  onOtherKind(): void;
}

function AddForm({ begun, setBegun, onOtherKind, onClose, onAdded }: AddFormProps) {
  const job = useJob();
  const { apply } = useCommands();
  const { kind, piece, count, round } = begun;
  const [wrong, setWrong] = useState<ReadonlySet<string>>(new Set());
  const state = (facts: Partial<BegunPieces>): void => {
    const next = { ...begun, ...facts };
    setBegun(next);
    void keepBegun(job.id, next);
  };
  const statePiece = (facts: Partial<StatedPiece>): void => state({ piece: { ...piece, ...facts } });
  /** Other sizes altogether: what could not be read of the old ones is of no use. */
  const startOver = (facts: Partial<BegunPieces>): void => {
    // At once, and under other names: whoever types on must not have the field exchanged under the hand.
    void forgetBegun(job.id, 'fields');
    state({ ...facts, round: round + 1 });
    setWrong(new Set());
  };
  const close = (): void => {
    void forgetBegun(job.id);
    onClose();
  };
  const definition = definitionOf(kind);
  const many = wholeNumber(count, 1, 200);
  const fault = definition.fault(piece.shape, job.settings.units);
  const marks = many.ok
    ? nextMarks(
        job.pieces.map((other) => other.mark),
        kind,
        many.value,
      )
    : [];
  const drawn = sketchOf(kind, piece, marks[0] ?? '');

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
        <PieceFields
          begun={begun}
          onOtherKind={() => void forgetBegun(job.id).then(onOtherKind)}
          onPreset={(shape) => startOver({ piece: { ...piece, shape } })}
          onShape={(key, read) => {
            const checked = read.ok ? checkedShape(kind, { ...piece.shape, [key]: read.value }) : read;
            setWrong((before) => new Set([...before].filter((other) => other !== key).concat(checked.ok ? [] : [key])));
            if (checked.ok) statePiece({ shape: checked.value });
            return checked;
          }}
          onPiece={statePiece}
        />
        <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1.25 }}>
            <ChoiceField
              label="Room"
              value={piece.roomId}
              choices={job.rooms.map((room) => ({ value: room.id, words: room.name }))}
              onChange={(chosen) => statePiece({ roomId: chosen })}
            />
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
            Check the sizes above, then add.
          </Box>
        )}
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" onClick={add} disabled={!many.ok || fault !== null || wrong.size > 0}>
          {many.ok && many.value > 1 ? `Add ${marks[0] ?? ''} to ${marks.at(-1) ?? ''}` : `Add ${marks[0] ?? ''}`}
        </Button>
      </DialogActions>
    </>
  );
}

interface PieceFieldsProps {
  begun: BegunPieces;
  onOtherKind(): void;
  onPreset(shape: StatedPiece['shape']): void;
  onShape(key: string, read: Outcome<ShapeValue>): Outcome<unknown>;
  onPiece(facts: Partial<StatedPiece>): void;
}

/** What is stated of the pieces that are begun: a preset, sizes, surface and scope. */
function PieceFields({ begun: { kind, piece, round }, onOtherKind, onPreset, onShape, onPiece }: PieceFieldsProps) {
  const job = useJob();
  const localise = useLocalise();
  const definition = definitionOf(kind);
  return (
    <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Typography variant="h3" sx={{ flex: 1 }}>
          {localise(definition.name)}
        </Typography>
        <Button size="small" onClick={onOtherKind}>
          Choose another type
        </Button>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {definition.presets.map((preset) => (
          <Button
            key={preset.name}
            size="small"
            variant="outlined"
            onClick={() => onPreset({ ...preset.shape } as StatedPiece['shape'])}
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
        draft={`${begunName(job.id)}/${kind}/${round}`}
        take={onShape}
      />
      <SurfaceFields surface={piece.surface} onChange={(surface) => onPiece({ surface })} />
      <ScopeFields kind={kind} stated={piece} onChange={onPiece} />
    </Box>
  );
}
