import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { usePhoto } from '../../keeping/photos.ts';
import { PickIcon } from '../../drawing/icons.tsx';
import { useJob } from '../../open-job/use-job.ts';

/** Half the side of the square that is averaged around the spot, in px. */
const AROUND = 4;

/** The mean colour around a spot of a picture, as hex. */
function colourAt(image: HTMLImageElement, x: number, y: number): string | null {
  const canvas = document.createElement('canvas');
  const side = 2 * AROUND + 1;
  Object.assign(canvas, { width: side, height: side });
  const context = canvas.getContext('2d');
  if (context === null) return null;
  context.drawImage(image, x - AROUND, y - AROUND, side, side, 0, 0, side, side);
  const { data } = context.getImageData(0, 0, side, side);
  const mean = [0, 1, 2].map((channel) => {
    let sum = 0;
    for (let index = channel; index < data.length; index += 4) sum += data[index] ?? 0;
    return Math.round(sum / (side * side));
  });
  return `#${mean.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
}

interface PhotoPickerProps {
  pieces: readonly Piece[];
  onPick(hex: string): void;
}

/** Picks a colour out of a photo of one of the pieces. */
export function PhotoPicker({ pieces, onPick }: PhotoPickerProps) {
  const [isOpen, setIsOpen] = useState(false);
  const photos = pieces.flatMap((piece) => piece.photos.map((photo) => ({ photo, mark: piece.mark })));
  return (
    <>
      <Button
        variant="outlined"
        startIcon={<PickIcon />}
        disabled={photos.length === 0}
        sx={{ minHeight: 44 }}
        onClick={() => setIsOpen(true)}
      >
        {photos.length === 0 ? 'No photo yet' : 'Pick from photo'}
      </Button>
      <Dialog open={isOpen} onClose={() => setIsOpen(false)} maxWidth="md" fullWidth aria-labelledby="pick-title">
        <DialogTitle id="pick-title">Tap the old colour – daylight, no shine</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2 }}>
          {photos.map(({ photo, mark }) => (
            <Pickable
              key={photo.id}
              id={photo.id}
              words={`${mark} ${photo.caption}`}
              onPick={(hex) => {
                onPick(hex);
                setIsOpen(false);
              }}
            />
          ))}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setIsOpen(false)}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

function Pickable({ id, words, onPick }: { id: string; words: string; onPick(hex: string): void }) {
  const job = useJob();
  const { address, isMissing } = usePhoto(job.id, id);
  if (isMissing) return <Box>{words}: picture not in this browser.</Box>;
  if (address === null) return null;
  return (
    <Box
      component="img"
      src={address}
      alt={words}
      onClick={(event: React.MouseEvent<HTMLImageElement>) => {
        const image = event.currentTarget;
        const box = image.getBoundingClientRect();
        const scale = image.naturalWidth / box.width;
        const hex = colourAt(image, (event.clientX - box.left) * scale, (event.clientY - box.top) * scale);
        if (hex !== null) onPick(hex);
      }}
      sx={{ width: '100%', cursor: 'crosshair', borderRadius: '6px' }}
    />
  );
}
