import Box from '@mui/material/Box';
import { DEFECTS } from '../../../core/checking/defects.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { usePhoto } from '../../keeping/photos.ts';
import { useJob } from '../../open-job/use-job.ts';
import { TakePhotos } from '../../parts/photos/TakePhotos.tsx';

interface DefectPhotosProps {
  piece: Piece;
  defect: Defect;
  onTaken(ids: string[]): void;
}

/** Pictures of a defect, from the camera or from files. */
export function DefectPhotos({ piece, defect, onTaken }: DefectPhotosProps) {
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
      <TakePhotos
        piece={piece}
        words="Take a photo"
        label={`Photos of the defect on ${piece.mark}`}
        caption={DEFECTS[defect.kind].name}
        withCamera
        onTaken={onTaken}
      />
    </Box>
  );
}

function Picture({ id, words }: { id: string; words: string }) {
  const job = useJob();
  const { address, isMissing } = usePhoto(job.id, id);
  if (isMissing) return <Box sx={{ fontSize: 14 }}>{words}: not in this browser.</Box>;
  if (address === null) return null;
  return (
    <Box component="img" src={address} alt={words} sx={{ width: '100%', borderRadius: '6px', display: 'block' }} />
  );
}
