import CameraIcon from '@mui/icons-material/PhotoCameraOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import { DEFECTS } from '../../../core/checking/defects.ts';
import type { Defect } from '../../../core/job/defect-schema.ts';
import type { Piece } from '../../../core/job/piece-schema.ts';
import { usePhoto } from '../../store/photos.ts';
import { useJob } from '../../ui/job-context.tsx';
import { usePhotoTaking } from '../../ui/photos/use-photo-taking.ts';

interface DefectPhotosProps {
  piece: Piece;
  defect: Defect;
  onTaken(ids: string[]): void;
}

/** Pictures of a defect, from the camera or from files. */
export function DefectPhotos({ piece, defect, onTaken }: DefectPhotosProps) {
  const field = useRef<HTMLInputElement>(null);
  const { faults, take } = usePhotoTaking(piece);
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {defect.photoIds.length > 0 && (
        <Box component="ul" aria-label="Photos" sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          {defect.photoIds.map((id, index) => (
            <li key={id}>
              <Picture id={id} words={`${DEFECTS[defect.kind].name} on ${piece.mark}, photo ${index + 1}`} />
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
        sx={{ minHeight: 48, justifySelf: 'start' }}
        onClick={() => field.current?.click()}
      >
        Take a photo
      </Button>
      <input
        ref={field}
        type="file"
        hidden
        multiple
        accept="image/*"
        capture="environment"
        aria-label={`Photos of the defect on ${piece.mark}`}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void take(files, DEFECTS[defect.kind].name).then((ids) => ids.length > 0 && onTaken(ids));
        }}
      />
    </Box>
  );
}

function Picture({ id, words }: { id: string; words: string }) {
  const { job } = useJob();
  const { address, isMissing } = usePhoto(job.id, id);
  if (isMissing) return <Box sx={{ fontSize: 14 }}>{words}: not in this browser.</Box>;
  if (address === null) return null;
  return (
    <Box component="img" src={address} alt={words} sx={{ width: '100%', borderRadius: '6px', display: 'block' }} />
  );
}
