import { counted } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Photo, Piece } from '../../../core/job/document/piece-schema.ts';
import { usePhoto } from '../../keeping/photos.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { TakePhotos } from '../../parts/photos/TakePhotos.tsx';
import { PhotoDialog } from './PhotoDialog.tsx';

const marksOn = (count: number): string => counted(count, 'mark');

/** Photos of a piece, from the camera or from files, with what is marked on them. */
export function PhotoFields({ piece }: { piece: Piece }) {
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
      <TakePhotos piece={piece} words="Add photos" label={`Photos of ${piece.mark}`} />
      {shown && <PhotoDialog piece={piece} photo={shown} onClose={() => setOpenId(null)} />}
    </Fold>
  );
}

function Thumbnail({ photo, number, onOpen }: { photo: Photo; number: number; onOpen(): void }) {
  const job = useJob();
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
