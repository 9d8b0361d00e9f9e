import { capital } from '../../../core/units/sentence.ts';
import { formatLength } from '../../../core/units/length.ts';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import type { Facts } from '../../../core/job/commands/facts.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { DefectPhotos } from './DefectPhotos.tsx';
import { TappableFace } from './TappableFace.tsx';

interface DefectSpotProps {
  piece: Piece;
  defect: Defect;
  change(facts: Facts<Defect>): boolean;
}

/** Where a defect is on its face, with a note and photos. */
export function DefectSpot({ piece, defect, change }: DefectSpotProps) {
  const job = useJob();
  const localise = useLocalise();
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ background: 'color-mix(in srgb, var(--ink) 88%, transparent)', borderRadius: '8px', p: 1.25 }}>
        <TappableFace
          piece={piece}
          face={defect.face}
          defects={[defect]}
          spot={null}
          maxHeight={360}
          onTap={(spot) => change({ spot })}
        />
      </Box>
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
        {capital(localise(definitionOf(piece.kind).faceNames[defect.face] ?? defect.face))}
        {defect.spot
          ? `, ${formatLength(defect.spot.x, job.settings.units)} from the left and ${formatLength(defect.spot.y, job.settings.units)} from the top. Tap to move.`
          : '. Tap where it is.'}
      </Box>
      <TextField
        label="Note"
        value={defect.note}
        multiline
        onChange={(event) => change({ note: event.target.value.slice(0, 300) })}
      />
      <DefectPhotos
        piece={piece}
        defect={defect}
        onTaken={(ids) => change({ photoIds: Object.fromEntries(ids.map((id) => [id, true])) })}
      />
    </Box>
  );
}
