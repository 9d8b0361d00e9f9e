import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
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
  const field = useRef<HTMLInputElement>(null);
  const { faults, take } = usePhotoTaking(piece);
  return (
    <>
      {faults.map((fault) => (
        <Alert key={fault} severity="error">
          {fault}
        </Alert>
      ))}
      <Button
        variant="outlined"
        startIcon={<CameraIcon />}
        sx={{ minHeight: 48, justifySelf: 'start' }}
        onClick={() => field.current?.click()}
      >
        {words}
      </Button>
      <input
        ref={field}
        type="file"
        hidden
        multiple
        accept="image/*"
        {...(withCamera && { capture: 'environment' })}
        aria-label={label}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void take(files, caption).then((ids) => ids.length > 0 && onTaken?.(ids));
        }}
      />
    </>
  );
}
