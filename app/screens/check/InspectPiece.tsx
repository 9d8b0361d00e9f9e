import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { nextFaceToCheck, roomChecks, type FaceToCheck } from '../../../core/checking/round.ts';
import type { Defect, DefectId } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { roomOf } from '../../../core/job/queries/places.ts';
import type { FaceId } from '../../../core/pieces/elevation.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { deviceId } from '../../keeping/device.ts';
import { useCommands, useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { Tag } from '../../parts/Tag.tsx';
import { BackIcon, CheckIcon, ForwardIcon } from '../../drawing/icons.tsx';
import { DefectPicker } from './DefectPicker.tsx';
import { TappableFace } from './TappableFace.tsx';
import { FoundList } from './FoundList.tsx';

/** A piece under the lamp: a face at a time, tapped where something is, or ticked as inspected. */
export function InspectPiece({ piece }: { piece: Piece }) {
  const job = useJob();
  const localise = useLocalise();
  const now = useNow();
  const { apply } = useCommands();
  const [face, setFace] = useState<FaceId>(piece.scope.faces[0] ?? 'front');
  const [spot, setSpot] = useState<{ x: number; y: number } | null>(null);
  const found = job.defects.filter((defect) => defect.pieceId === piece.id && defect.face === face);
  const checks = roomChecks(job).flatMap(({ faces }) => faces);
  const own = checks.filter((check) => check.piece.id === piece.id);
  const isLooked = (id: FaceId): boolean => own.some((check) => check.face === id && check.lookedAt !== null);
  const following = nextFaceToCheck(checks, piece.id, face);
  const add = (kind: DefectId): void => {
    const id = nanoid(10);
    const { ok } = apply('add-defect', {
      entry: {
        id,
        kind,
        pieceId: piece.id,
        face,
        spot,
        at: now,
        by: null,
        note: '',
        photoIds: [],
        cause: null,
        rework: null,
        settled: null,
        device: deviceId(),
      },
    });
    setSpot(null);
    if (ok) goTo({ stage: 'check', jobId: job.id, defectId: id });
  };
  const looked = (): void => {
    const { ok } = apply('inspect', {
      inspections: [{ id: nanoid(10), pieceId: piece.id, face, at: now, by: null, device: deviceId() }],
    });
    const next = piece.scope.faces.find((other) => other !== face && !isLooked(other));
    if (ok && next) setFace(next);
  };
  return (
    <Box sx={{ maxWidth: 1100 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap', mb: 1.5 }}>
        <Button startIcon={<BackIcon />} sx={{ minHeight: 48 }} onClick={() => goTo({ stage: 'check', jobId: job.id })}>
          {' '}
          All rooms
        </Button>
        <Tag mark={piece.mark} size="large" />
        <Box sx={{ flex: '1 1 140px' }}>
          <Typography variant="h2">{localise(definitionOf(piece.kind).name)}</Typography>
          <Box sx={{ color: 'var(--ink-soft)' }}>{roomOf(job, piece)?.name}</Box>
        </Box>
        {piece.scope.faces.length > 1 && (
          <FaceChoice
            piece={piece}
            face={face}
            isLooked={isLooked}
            onChange={(next) => {
              if (next) setFace(next);
              setSpot(null);
            }}
          />
        )}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 2, md: 4 },
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1.1fr)' },
          alignItems: 'start',
        }}
      >
        <Box
          sx={{
            background: 'color-mix(in srgb, var(--ink) 88%, transparent)',
            borderRadius: '8px',
            p: 1.5,
            display: 'grid',
            gap: 1,
          }}
        >
          <TappableFace
            piece={piece}
            face={face}
            defects={found}
            spot={spot}
            maxHeight={520}
            onTap={setSpot}
            onDefect={({ id }) => goTo({ stage: 'check', jobId: job.id, defectId: id })}
          />
          <Box sx={{ color: 'var(--ground)', textAlign: 'center', fontSize: 15 }}>
            Lamp along the face, then the edges. Tap any defect.
          </Box>
        </Box>
        <Box sx={{ display: 'grid', gap: 2 }}>
          {spot ? (
            <DefectPicker onPick={add} onCancel={() => setSpot(null)} />
          ) : (
            <FaceActions
              check={own.find((check) => check.face === face)}
              defects={found}
              following={following}
              onLooked={looked}
            />
          )}
        </Box>
      </Box>
    </Box>
  );
}

interface FaceChoiceProps {
  piece: Piece;
  face: FaceId;
  isLooked(face: FaceId): boolean;
  /** Null for the face that is shown. */
  onChange(face: FaceId | null): void;
}

/** The faces of a piece, with a tick at those that were inspected. */
function FaceChoice({ piece, face, isLooked, onChange }: FaceChoiceProps) {
  const names = definitionOf(piece.kind).faceNames;
  return (
    <ToggleButtonGroup
      exclusive
      value={face}
      aria-label="Face"
      onChange={(_event, next: FaceId | null) => onChange(next)}
    >
      {piece.scope.faces.map((id) => (
        <ToggleButton key={id} value={id} sx={{ minHeight: 48, px: 2 }}>
          {names[id]}
          {isLooked(id) && <CheckIcon titleAccess="inspected" sx={{ ml: 0.5, fontSize: 18 }} />}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

interface FaceActionsProps {
  /** Undefined where nothing is painted on the face. */
  check: FaceToCheck | undefined;
  defects: readonly Defect[];
  /** The face that is next in the round. */
  following: FaceToCheck | null;
  onLooked(): void;
}

/** What lies on a face, the tick for having looked it over, what was found, and the way on. */
function FaceActions({ check, defects, following, onLooked }: FaceActionsProps) {
  const job = useJob();
  return (
    <>
      <Box sx={{ fontSize: 16 }}>{check === undefined ? 'Nothing painted on this face.' : coatsInWords(check)}</Box>
      <Button
        variant="contained"
        startIcon={<CheckIcon />}
        sx={{ minHeight: 64, fontSize: 19 }}
        disabled={check === undefined || check.coats.laid === 0}
        onClick={onLooked}
      >
        {defects.length === 0 ? 'OK – no defects' : 'Done – no more defects'}
      </Button>
      <FoundList defects={defects} />
      {following && (
        <Button
          variant="outlined"
          endIcon={<ForwardIcon />}
          sx={{ minHeight: 52, justifySelf: 'start' }}
          onClick={() => goTo({ stage: 'check', jobId: job.id, pieceId: following.piece.id }, 'replace')}
        >
          Next: {following.piece.mark}
        </Button>
      )}
    </>
  );
}

function coatsInWords({ coats, paintedAt, lookedAt }: FaceToCheck): string {
  const last = paintedAt ? `, last one ${formatMoment(paintedAt, 'dateTime')}` : '';
  const looked = lookedAt ? ` Inspected ${formatMoment(lookedAt, 'dateTime')}.` : '';
  return `${coats.laid} of ${coats.all} coats on${last}.${looked}`;
}
