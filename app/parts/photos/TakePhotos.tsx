import Alert from '@mui/material/Alert';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { FileButton } from '../FileButton.tsx';
import { CameraIcon } from '../../drawing/icons.tsx';
import { usePhotoTaking } from './use-photo-taking.ts';

interface TakePhotosProps {
  piece: Piece;
  /** What stands on the button. */
  words: string;
  /** What the field for files is called. */
  label: string;
  /** What is written under each. */
  caption?: string;
  /** Whether a phone opens its camera at once, rather than ask for files. */
  withCamera?: boolean;
  onTaken?(ids: string[]): void;
}

/** Pictures of a piece, from the camera or from files; says which of them could not be taken, and why. */
export function TakePhotos({ piece, words, label, caption, withCamera = false, onTaken }: TakePhotosProps) {
  const { faults, take } = usePhotoTaking(piece);
  return (
    <>
      {faults.map((fault) => (
        <Alert key={fault} severity="error">
          {fault}
        </Alert>
      ))}
      <FileButton
        multiple
        startIcon={<CameraIcon />}
        sx={{ minHeight: 48, justifySelf: 'start' }}
        words={words}
        label={label}
        accept="image/*"
        withCamera={withCamera}
        onChoose={(_first, files) => void take(files, caption).then((ids) => ids.length > 0 && onTaken?.(ids))}
      />
    </>
  );
}
