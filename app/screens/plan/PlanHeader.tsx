import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Vial } from '../../drawing/Vial.tsx';
import { deadlineReading } from './deadline.ts';

interface PlanHeaderProps {
  plan: { finish: number; lowerBound: number; status: 'optimal' | 'feasible'; reason?: string };
  reading: PlanReading;
  isDraft: boolean;
  /** Whether there is an accepted plan to go back to. */
  canDiscard: boolean;
  /** Why nothing can finish before the bound; empty where nobody has asked. */
  because: string;
  isSearching: boolean;
  onAccept(): void;
  onReplan(): void;
  onDiscard(): void;
}

/** How far apart two finishes are, in minutes: whole days where it is more than two. */
const daysApart = (minutes: number): number =>
  Math.abs(minutes) < 2 * 1440 ? Math.abs(minutes) : Math.round(Math.abs(minutes) / 1440) * 1440;

/** When everything hangs, how good that date is, and how it compares with the promised day. */
export function PlanHeader({
  plan,
  reading,
  isDraft,
  canDiscard,
  because,
  isSearching,
  onAccept,
  onReplan,
  onDiscard,
}: PlanHeaderProps) {
  const job = useJob();
  const localise = useLocalise();
  const [tellsWhy, setTellsWhy] = useState(false);
  const zone = job.site.timeZone;
  const finish = localTime(reading.t0, plan.finish, zone);
  const bound = localTime(reading.t0, plan.lowerBound, zone);
  const { promised } = job.planning;
  const due = promised === null ? null : minutesSince(reading.t0, `${promised}T18:00`, zone);
  const deadline = due === null ? null : deadlineReading(plan.finish, due);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 3, flexWrap: 'wrap', mb: 2.5 }}>
      <Box sx={{ flex: '1 1 320px' }}>
        <Typography variant="h2" component="p">
          All hung by{' '}
          <Box component="span" sx={{ color: 'var(--bottle)', '[data-scheme=dark] &': { color: 'var(--vial)' } }}>
            {formatMoment(finish, 'day')}
          </Box>
        </Typography>
        <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
          {plan.status === 'optimal' ? 'Earliest possible finish.' : `Earliest possible ${formatMoment(bound, 'day')}.`}{' '}
          {because && (
            <Link component="button" type="button" aria-expanded={tellsWhy} onClick={() => setTellsWhy(!tellsWhy)}>
              Why?
            </Link>
          )}{' '}
          {isDraft && 'Not accepted yet.'}
        </Typography>
        {tellsWhy && <Typography sx={{ fontSize: 14, mt: 0.5 }}>{localise(capital(because))}.</Typography>}
      </Box>
      {deadline && due !== null && (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: { xs: 'wrap', sm: 'nowrap' } }}>
          <Vial size="wide" reading={deadline.reading} words={deadline.words} />
          <Box>
            <Box sx={{ fontWeight: 700 }}>
              {formatDuration(daysApart(due - plan.finish))} {plan.finish <= due ? 'in hand' : 'late'}
            </Box>
            <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
              promised {formatMoment(localTime(reading.t0, due, zone), 'day')}
            </Box>
          </Box>
        </Box>
      )}
      {isDraft ? (
        <Box sx={{ display: 'flex', gap: 1 }}>
          {canDiscard && <Button onClick={onDiscard}>Discard</Button>}
          <Button variant="contained" size="large" onClick={onAccept}>
            Accept this plan
          </Button>
        </Box>
      ) : (
        <Button variant="outlined" onClick={onReplan} disabled={isSearching}>
          Replan
        </Button>
      )}
    </Box>
  );
}
