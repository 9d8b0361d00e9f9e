import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { forecastAt, minutesSince } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import type { Link } from '../../../core/planning/reading/delay-explainer.ts';
import {
  chainOfBatches,
  longestLinks,
  MAX_LINKS,
  type ChainBatch,
} from '../../../core/planning/reading/delay-chain.ts';
import { useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';

interface WhyPanelProps {
  /** What is asked about: a run, or the finish. */
  title: string;
  links: readonly Link[];
  t0: PlanReading['t0'];
  /** Goes back to the finish; null where that is what is shown. */
  onClose: (() => void) | null;
}

/** How links are marked: what dries, whose hands, which place. */
const MARKS: Readonly<Record<Link['kind'], { word: string; colour: string }>> = {
  drying: { word: 'drying', colour: 'var(--tacky)' },
  wait: { word: 'after', colour: 'var(--ink-soft)' },
  hands: { word: 'painter', colour: 'var(--ink)' },
  setup: { word: 'set-up', colour: 'var(--ink-soft)' },
  place: { word: 'space', colour: 'var(--late)' },
  earliest: { word: 'start', colour: 'var(--vial)' },
  order: { word: 'order', colour: 'var(--ink-soft)' },
};

/** Pixels, before the rest is scrolled to. */
const TALL = 420;

/** Why something starts no earlier: the chain that leads to it, batch by batch. A long one shows its longest links, and all on request. */
export function WhyPanel({ title, links, t0, onClose }: WhyPanelProps) {
  const job = useJob();
  const localise = useLocalise();
  const [showsAll, setShowsAll] = useState(false);
  const chain = chainOfBatches(links);
  const shown = showsAll ? chain : longestLinks(chain);
  const at = minutesSince(t0, useNow(), job.site.timeZone);
  const when = (minutes: number): string => forecastAt(t0, minutes, job.site.timeZone, at);
  // It starts when that is over, unless instruments have said something else since it was planned.
  const untilWords = ({ until, start }: ChainBatch): string =>
    until !== null && until > start + 1 ? ` Now expected to end ${when(until)}.` : '';
  return (
    <Sheet>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', mb: 1 }}>
        <Typography variant="h3" sx={{ flex: 1 }}>
          {title}
        </Typography>
        {onClose && (
          <Button size="small" onClick={onClose}>
            Back
          </Button>
        )}
      </Box>
      <Box
        component="ol"
        aria-label={title}
        sx={{ maxHeight: showsAll ? TALL : 'none', overflowY: 'auto' }}
        tabIndex={0}
      >
        {shown.map((link) => (
          <Box
            component="li"
            key={link.taskId}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '168px 64px 1fr' },
              columnGap: 1.5,
              py: 0.9,
              borderTop: '1px solid var(--line)',
              fontSize: 14.5,
            }}
          >
            <span style={{ fontVariantNumeric: 'tabular-nums' }}>{when(link.start)}</span>
            <Box component="span" sx={{ fontWeight: 700, color: MARKS[link.kind].colour }}>
              {MARKS[link.kind].word}
            </Box>
            <span>
              <strong>{localise(link.what)}</strong>
              <br />
              <span style={{ color: 'var(--ink-soft)' }}>
                {localise(link.because)}
                {untilWords(link)}
              </span>
            </span>
          </Box>
        ))}
      </Box>
      {chain.length > MAX_LINKS && (
        <Button size="small" sx={{ mt: 1 }} onClick={() => setShowsAll(!showsAll)}>
          {showsAll ? `Show longest ${MAX_LINKS}` : `Show all ${chain.length} steps`}
        </Button>
      )}
    </Sheet>
  );
}
