import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import { localTime } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import { useJob } from '../../open-job/use-job.ts';
import { Caution } from '../../parts/Section.tsx';
import { Vial } from '../../drawing/Vial.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';

const VERBS = {
  turn: 'Turn',
  'other-side': 'Paint the other side of',
  hang: 'Hang',
  recoat: 'Recoat',
  'put-right': 'Make good',
  use: 'Use',
} as const;
/** What comes of doing it before the coat is ready. */
const TOO_EARLY = {
  turn: 'Too soft to turn: the stands will mark it.',
  'other-side': 'Too soft: the first side will mark.',
  hang: 'Too soft: it will stick to the stop and tear.',
  recoat: 'Recoat too soon and it stays soft and can blister.',
  'put-right': 'Sand too soon and it tears.',
  use: 'Too soft: it will stick to the stop and tear.',
} as const;

interface WetPaintWarningProps {
  early: DryingPiece;
  reading: Pick<PlanReading, 't0'>;
  at: number;
  sameDay: boolean;
}

/** That a coat under the run is not ready yet, and what comes of not waiting. */
export function WetPaintWarning({ early, reading, at, sameDay }: WetPaintWarningProps) {
  const job = useJob();
  const opens = localTime(reading.t0, Math.ceil(early.opens), job.site.timeZone);
  const readyFrom = `${VERBS[early.verb]} ${early.piece.mark} from ${formatMoment(opens, sameDay ? 'time' : 'weekdayTime')}`;
  return (
    <Box sx={{ mb: 2, display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
        <Vial reading={vialReading(at, early)} words={readyFrom} />
        <strong>{readyFrom}</strong>
      </Box>
      <Caution>{TOO_EARLY[early.verb]}</Caution>
    </Box>
  );
}
