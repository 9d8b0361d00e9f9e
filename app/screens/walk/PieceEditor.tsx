import { staysUnpaintedOn } from '../../../core/job/queries/pieces.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { stated } from '../../../core/job/commands/pieces.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import type { Piece, StatedPiece } from '../../../core/job/document/piece-schema.ts';
import { cautionsAt } from '../../../core/job/cautions.ts';
import { areaAccount, areaAndWeight, weightAccount } from '../../../core/quantities/piece-account.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { PieceElevation } from '../../drawing/elevation/PieceElevation.tsx';
import { wholeNumber } from '../../../core/units/typed-number.ts';
import { How } from '../../parts/How.tsx';
import { Caution, Sheet } from '../../parts/Section.tsx';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { CloseIcon } from '../../drawing/icons.tsx';
import { AccessFields } from './AccessFields.tsx';
import { HardwareFields } from './HardwareFields.tsx';
import { HoleFields } from './HoleFields.tsx';
import { PhotoFields } from './PhotoFields.tsx';
import { ScopeFields } from './ScopeFields.tsx';
import { ShapeFields } from './ShapeFields.tsx';
import { SurfaceFields } from './SurfaceFields.tsx';

interface PieceEditorProps {
  piece: Piece;
  onClose(): void;
  onChoose(id: string): void;
}

/** Everything stated of one piece under its drawing. Each change is written as it is made. */
export function PieceEditor({ piece, onClose, onChoose }: PieceEditorProps) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { units } = job.settings;
  const draft = `${job.id}/${piece.id}`;
  const definition = definitionOf(piece.kind);
  const cautions = cautionsAt(job, piece);
  const change = (facts: Partial<Omit<StatedPiece, 'shape'>>, options: { strokes?: string; quiet?: boolean } = {}) =>
    apply('change-pieces', { ids: [piece.id], facts: stated.difference(piece, { ...piece, ...facts }) }, options);

  return (
    <Box component="aside" aria-label={`Piece ${piece.mark}`}>
      <Sheet>
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
            <Tag mark={piece.mark} size="large" />
            <Box sx={{ flex: 1 }}>
              <Typography variant="h3">{localise(definition.name)}</Typography>
              <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
                {areaAndWeight(piece, units)}{' '}
                <How
                  of={areaAndWeight(piece, units)}
                  lines={() => [...areaAccount(piece, units), ...weightAccount(piece, units)]}
                  page="walk#area-and-weight"
                />
              </Typography>
            </Box>
            <IconButton aria-label="Close piece" onClick={onClose}>
              <CloseIcon />
            </IconButton>
          </Box>
          <PieceElevation
            piece={piece}
            fill={groupOf(job, piece)?.colour.hex ?? '#e4dcc6'}
            units={units}
            width={390}
            height={250}
          />
          {cautions.length > 0 && (
            <Caution>
              {cautions.map(({ id, words }, index) => (
                <Box key={id} component={index === 0 ? 'span' : 'p'} sx={{ m: 0, mt: index === 0 ? 0 : 0.75 }}>
                  {words}
                </Box>
              ))}
            </Caution>
          )}
          <ShapeFields
            kind={piece.kind}
            shape={piece.shape}
            units={units}
            draft={draft}
            take={(key, read) =>
              read.ok
                ? apply(
                    'change-pieces',
                    { ids: [piece.id], facts: {}, shape: { [key]: read.value } as StatedPiece['shape'] },
                    { strokes: `${piece.id}/${key}`, quiet: true },
                  )
                : read
            }
          />
          <SurfaceFields surface={piece.surface} onChange={(surface) => change({ surface })} />
          <ScopeFields kind={piece.kind} stated={piece} onChange={change} />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <ChoiceField
              label="Room"
              value={piece.roomId}
              choices={job.rooms.map((room) => ({ value: room.id, words: room.name }))}
              onChange={(chosen) => change({ roomId: chosen })}
            />
            <StatedField
              label="Note"
              text={piece.note}
              draft={`${draft}/note`}
              take={(note) => change({ note }, { strokes: `${piece.id}/note`, quiet: true })}
            />
          </Box>
          {staysUnpaintedOn(piece).length > 0 && (
            <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
              <strong>Leave bare:</strong> {localise(staysUnpaintedOn(piece).join('; '))}.
            </Box>
          )}
          <div>
            <AccessFields piece={piece} draft={draft} change={change} />
            <HardwareFields piece={piece} draft={draft} />
            <HoleFields piece={piece} draft={draft} />
            <PhotoFields piece={piece} />
          </div>
          <CopyOrRemove piece={piece} onClose={onClose} onChoose={onChoose} />
        </Box>
      </Sheet>
    </Box>
  );
}

/** So many more of the same, or this one away. */
function CopyOrRemove({ piece, onClose, onChoose }: PieceEditorProps) {
  const { apply } = useCommands();
  const [copies, setCopies] = useState('1');
  const many = wholeNumber(copies, 1, 100);
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}>
      <TextField
        label="Copies"
        value={copies}
        error={!many.ok}
        helperText={many.ok ? null : many.message}
        onChange={(event) => setCopies(event.target.value)}
        sx={{ width: 92 }}
      />
      <Button
        variant="outlined"
        disabled={!many.ok}
        onClick={() => {
          if (!many.ok) return;
          const ids = Array.from({ length: many.value }, () => nanoid(10));
          if (apply('duplicate-piece', { id: piece.id, ids }).ok) onChoose(ids[0] ?? piece.id);
        }}
      >
        Duplicate
      </Button>
      <Button
        color="error"
        sx={{ ml: 'auto' }}
        onClick={() => {
          onClose();
          apply('remove-pieces', { ids: [piece.id] });
        }}
      >
        Remove {piece.mark}
      </Button>
    </Box>
  );
}
