import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import { DEFECTS } from '../../../core/checking/defects.ts';
import { defectStatus } from '../../../core/checking/defect-status.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Link } from '../../parts/Link.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { STANDING } from './standing-words.ts';

/** Defects in a list, each with how far it is; with tags where they are of several pieces. */
export function FoundList({ defects, isTagged = false }: { defects: readonly Defect[]; isTagged?: boolean }) {
  const job = useJob();
  const localise = useLocalise();
  if (defects.length === 0) return null;
  return (
    <Box component="ul" aria-label="Defects found" sx={{ display: 'grid', gap: 1 }}>
      {defects.map((defect, index) => {
        const piece = job.pieces.find(({ id }) => id === defect.pieceId);
        const standing = STANDING[defectStatus(job, defect)];
        return (
          <li key={defect.id}>
            <Box
              component={Link}
              to={{ stage: 'check', jobId: job.id, defectId: defect.id }}
              sx={{
                display: 'grid',
                gridTemplateColumns: 'auto minmax(0, 1fr) auto',
                gap: 1.5,
                alignItems: 'center',
                minHeight: 56,
                px: 1.5,
                py: 0.75,
                background: 'var(--sheet)',
                border: '1px solid var(--line)',
                borderRadius: '6px',
                textDecoration: 'none',
                color: 'inherit',
              }}
            >
              {isTagged ? (
                <Tag mark={piece?.mark ?? ''} />
              ) : (
                <Box
                  sx={{
                    width: 28,
                    height: 28,
                    borderRadius: '50%',
                    background: 'var(--late)',
                    color: 'var(--sheet)',
                    display: 'grid',
                    placeItems: 'center',
                    fontWeight: 700,
                  }}
                >
                  {index + 1}
                </Box>
              )}
              <span>
                <strong>{localise(DEFECTS[defect.kind].name)}</strong>
                <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                  {[
                    piece && isTagged ? definitionOf(piece.kind).faceNames[defect.face] : null,
                    `found ${formatMoment(defect.at, 'dateTime')}`,
                    defect.note,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Box>
              </span>
              <Box sx={{ fontWeight: 700, color: standing.colour, fontSize: 14.5 }}>{standing.words}</Box>
            </Box>
          </li>
        );
      })}
    </Box>
  );
}
