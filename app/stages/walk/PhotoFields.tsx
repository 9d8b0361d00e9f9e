import CameraIcon from '@mui/icons-material/PhotoCameraOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import type { Photo, Piece } from '../../../core/job/piece-schema.ts';
import { usePhoto } from '../../store/photos.ts';
import { Fold } from '../../ui/Fold.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { usePhotoTaking } from '../../ui/photos/use-photo-taking.ts';
import { PhotoDialog } from './PhotoDialog.tsx';

const marksOn = (count: number): string => `${count} ${count === 1 ? 'mark' : 'marks'}`;

/** Photos of a piece, from the camera or from files, with what is marked on them. */
export function PhotoFields({ piece }: { piece: Piece }) {
  const file = useRef<HTMLInputElement>(null);
  const { faults, take } = usePhotoTaking(piece);
  const [openId, setOpenId] = useState<string | null>(null);
  const shown = piece.photos.find(({ id }) => id === openId);
  const spots = piece.photos.reduce((sum, photo) => sum + photo.spots.length, 0);

  return (
    <Fold
      title="Photos"
      summary={piece.photos.length === 0 ? 'none' : `${piece.photos.length}, ${marksOn(spots)} on them`}
    >
      {piece.photos.length > 0 && (
        <Box component="ul" sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 1fr))', gap: 1 }}>
          {piece.photos.map((photo, index) => (
            <li key={photo.id}>
              <Thumbnail photo={photo} number={index + 1} onOpen={() => setOpenId(photo.id)} />
            </li>
          ))}
        </Box>
      )}
      {faults.map((fault) => (
        <Alert key={fault} severity="error">
          {fault}
        </Alert>
      ))}
      <Button
        variant="outlined"
        startIcon={<CameraIcon />}
        onClick={() => file.current?.click()}
        sx={{ justifySelf: 'start' }}
      >
        Add photos
      </Button>
      <input
        ref={file}
        type="file"
        hidden
        multiple
        accept="image/*"
        aria-label={`Photos of ${piece.mark}`}
        onChange={(event) => {
          void take([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
      {shown && <PhotoDialog piece={piece} photo={shown} onClose={() => setOpenId(null)} />}
    </Fold>
  );
}

function Thumbnail({ photo, number, onOpen }: { photo: Photo; number: number; onOpen(): void }) {
  const { job } = useJob();
  const { address, isMissing } = usePhoto(job.id, photo.id);
  return (
    <Box
      component="button"
      type="button"
      onClick={onOpen}
      aria-label={`Photo ${number}${photo.caption ? `: ${photo.caption}` : ''}, ${marksOn(photo.spots.length)}`}
      sx={{
        width: '100%',
        aspectRatio: '4 / 3',
        p: 0,
        border: '1px solid var(--line)',
        borderRadius: '6px',
        overflow: 'hidden',
        background: 'var(--ground)',
        color: 'var(--ink-soft)',
        font: 'inherit',
        fontSize: 13,
        cursor: 'pointer',
      }}
    >
      {address && (
        <Box
          component="img"
          src={address}
          alt=""
          sx={{ width: '100%', height: '100%', objectFit: 'cover', display: 'block' }}
        />
      )}
      {isMissing && 'not in this browser'}
    </Box>
  );
}
