import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { GapIn, HandoverGap } from '../../../core/handover/gaps.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import type { Route } from '../../device/route.ts';
import { ChevronIcon } from '../../drawing/icons.tsx';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { Link } from '../../parts/Link.tsx';
import { Sheet } from '../../parts/Section.tsx';
import { HandoverDetails } from './HandoverDetails.tsx';

/** Where a gap is looked at, or filled. */
const SHOWN_IN: Readonly<Record<Exclude<GapIn, 'details'>, Partial<Route> & { stage: string }>> = {
  coats: { stage: 'handover', view: 'coats' },
  inspection: { stage: 'check' },
};

/** The gaps of the handover, each with a link, and the button that ends the job. */
export function BeforeHandover({ gaps }: { gaps: readonly HandoverGap[] }) {
  const { id, handOver } = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const title =
    handOver.at !== null
      ? `Handed over ${formatMoment(handOver.at, 'dateOfYear')}`
      : gaps.length === 0
        ? 'Ready to hand over'
        : 'Missing for handover';
  return (
    <Box component="section" aria-label="Before handover" className="no-print" sx={{ mb: 2 }}>
      <Sheet>
        <Typography variant="h2" sx={{ mb: gaps.length === 0 ? 1 : 0.5 }}>
          {title}
        </Typography>
        <Box component="ul">
          {gaps.map(({ where, words }) =>
            where === 'details' ? null : (
              <li key={words}>
                <Box
                  component={Link}
                  to={{ ...SHOWN_IN[where], jobId: id }}
                  sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 44, color: 'inherit' }}
                >
                  <ChevronIcon sx={{ color: 'var(--late)' }} />
                  {words}
                </Box>
              </li>
            ),
          )}
        </Box>
        <Button
          variant={handOver.at === null && gaps.length === 0 ? 'contained' : 'outlined'}
          sx={{ minHeight: 48, my: 1 }}
          onClick={() => apply('change-hand-over', { at: handOver.at === null ? now : null })}
        >
          {handOver.at === null ? 'Mark as handed over' : 'Undo handover'}
        </Button>
        <HandoverDetails gaps={gaps.filter(({ where }) => where === 'details')} />
      </Sheet>
    </Box>
  );
}
