import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import type { PieceStep } from '../../../core/steps/step.ts';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import { touchGroups } from '../../../core/running/touch-groups.ts';
import { forecastAt } from '../../../core/job/site-time.ts';
import { useJob } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';
import { WetnessKey } from '../../drawing/wetness.tsx';
import { TouchGroupRow } from './TouchGroupRow.tsx';
import { TouchRow } from './TouchRow.tsx';
import type { When } from './touch-words.ts';

interface TouchListProps {
  dryingPieces: readonly DryingPiece[];
  t0: string;
  at: number;
  onTacky(coated: PieceStep): void;
  how(drying: DryingPiece): readonly string[];
}

/** So many pieces of which the same is said are told as one, to be opened. */
const MIN_TOGETHER = 3;

/** Every piece with a coat on it, what ripens next first; of which the same is said, folded together. */
export const TouchList = memo(function TouchList({ dryingPieces, t0, at, onTacky, how }: TouchListProps) {
  const job = useJob();
  if (dryingPieces.length === 0) {
    return (
      <Sheet>
        <Typography>Nothing’s drying. All pieces are safe to handle.</Typography>
      </Sheet>
    );
  }
  const when: When = (minutes, isEnd) => forecastAt(t0, minutes, job.site.timeZone, at, isEnd);
  const groups = touchGroups(dryingPieces, at);
  return (
    <>
      <Sheet pad={0}>
        <Box component="ul" aria-label="What’s dry">
          {groups.map((group) => {
            const rows = group.pieces.map((drying) => (
              <TouchRow key={drying.piece.id} drying={drying} at={at} when={when} onTacky={onTacky} how={how} />
            ));
            return rows.length < MIN_TOGETHER ? (
              rows
            ) : (
              <TouchGroupRow key={group.key} group={group} at={at} when={when}>
                {rows}
              </TouchGroupRow>
            );
          })}
        </Box>
      </Sheet>
      <Box sx={{ mt: 1.5 }}>
        <WetnessKey states={['wet', 'tacky', 'hardening', 'ready', 'late']} />
      </Box>
    </>
  );
});
