import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import useMediaQuery from '@mui/material/useMediaQuery';
import { nanoid } from 'nanoid';
import type { MouseEvent } from 'react';
import type { Facts } from '../../../core/job/commands/facts.ts';
import type { Photo, Piece } from '../../../core/job/document/piece-schema.ts';
import { usePhoto } from '../../keeping/photos.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { DeleteIcon } from '../../drawing/icons.tsx';

interface PhotoDialogProps {
  piece: Piece;
  photo: Photo;
  onClose(): void;
}

/** A photo to be marked: a click sets a numbered spot, and each spot says what is there. */
export function PhotoDialog({ piece, photo, onClose }: PhotoDialogProps) {
  const job = useJob();
  const { apply } = useCommands();
  const isPhone = useMediaQuery('(max-width: 600px)');
  const state = (facts: Facts<Photo>, strokes?: string) =>
    apply(
      'change-photo',
      { id: piece.id, photoId: photo.id, facts },
      strokes === undefined ? {} : { strokes, quiet: true },
    );
  const addSpot = (x: number, y: number): void => {
    const id = nanoid(8);
    state({ spots: { [id]: { id, x, y, words: '' } } });
  };
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth fullScreen={isPhone} aria-labelledby="photo-title">
      <DialogTitle id="photo-title">Photo of {piece.mark}</DialogTitle>
      <DialogContent
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 280px' },
          gap: 2.5,
          alignItems: 'start',
        }}
      >
        <MarkedPhoto jobId={job.id} photo={photo} onMark={addSpot} />
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <StatedField
            label="Caption"
            text={photo.caption}
            draft={`${job.id}/${photo.id}/caption`}
            take={(caption) => state({ caption }, `${photo.id}/caption`)}
          />
          <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            {photo.spots.length === 0 ? 'Tap the photo to mark a crack, run or bare wood.' : 'Marks'}
          </Box>
          {photo.spots.map((spot, index) => (
            <Box key={spot.id} sx={{ display: 'flex', gap: 0.5, alignItems: 'flex-start' }}>
              <StatedField
                label={`Mark ${index + 1}`}
                text={spot.words}
                draft={`${job.id}/${photo.id}/${spot.id}`}
                fullWidth
                take={(words) => state({ spots: { [spot.id]: { words } } }, spot.id)}
              />
              <IconButton aria-label={`Remove mark ${index + 1}`} onClick={() => state({ spots: { [spot.id]: null } })}>
                <DeleteIcon />
              </IconButton>
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2, justifyContent: 'space-between' }}>
        <Button
          color="error"
          onClick={() => {
            onClose();
            apply('remove-photo', { id: piece.id, photoId: photo.id });
          }}
        >
          Delete photo
        </Button>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** The picture with its numbered spots; a touch sets another one. */
function MarkedPhoto({ jobId, photo, onMark }: { jobId: string; photo: Photo; onMark(x: number, y: number): void }) {
  const { address, isMissing } = usePhoto(jobId, photo.id);
  const mark = (event: MouseEvent<HTMLElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    // A key on the picture has no place: it marks the middle.
    if (event.detail === 0) onMark(0.5, 0.5);
    else onMark((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  };
  return (
    <Box sx={{ position: 'relative' }}>
      <Box
        component="button"
        type="button"
        aria-label="Mark a spot on the photo"
        onClick={mark}
        sx={{
          p: 0,
          border: 0,
          width: '100%',
          aspectRatio: `${photo.width} / ${photo.height}`,
          background: 'var(--ground)',
          cursor: 'crosshair',
          display: 'block',
          color: 'var(--ink-soft)',
        }}
      >
        {address && <Box component="img" src={address} alt="" sx={{ width: '100%', display: 'block' }} />}
        {isMissing && 'Not in this browser. See the backup from the device that took it.'}
      </Box>
      {photo.spots.map((spot, index) => (
        <Box
          key={spot.id}
          aria-hidden
          sx={{
            position: 'absolute',
            left: `${spot.x * 100}%`,
            top: `${spot.y * 100}%`,
            translate: '-50% -50%',
            width: 30,
            height: 30,
            borderRadius: '50%',
            background: '#c9dc3b',
            color: '#18292b',
            border: '2px solid #18292b',
            fontWeight: 700,
            fontSize: 15,
            display: 'grid',
            placeItems: 'center',
            pointerEvents: 'none',
          }}
        >
          {index + 1}
        </Box>
      ))}
    </Box>
  );
}
