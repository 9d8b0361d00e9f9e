import { counted } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { forecastAt, minutesSince } from '../../../core/job/site-time.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import type { Candidate, CandidateId } from './candidates.ts';

interface CandidateBarProps {
  candidates: readonly Candidate[];
  chosen: CandidateId;
  t0: string;
  onChoose(id: CandidateId): void;
}

/** The plans that there are to choose from, side by side; the one that is marked is shown below. */
export function CandidateBar({ candidates, chosen, t0, onChoose }: CandidateBarProps) {
  const job = useJob();
  const now = useNow();
  if (candidates.length < 2) return null;
  const first = Math.min(...candidates.map(({ plan }) => plan.finish));
  return (
    <Box
      role="radiogroup"
      aria-label="Which plan"
      sx={{ display: 'grid', gap: 1.25, mb: 2.5, gridTemplateColumns: 'repeat(auto-fit, minmax(220px, 1fr))' }}
    >
      {candidates.map(({ id, title, plan, changes, price }) => {
        const isChosen = id === chosen;
        return (
          <ButtonBase
            key={id}
            role="radio"
            aria-checked={isChosen}
            onClick={() => onChoose(id)}
            sx={{
              display: 'block',
              textAlign: 'left',
              px: 2,
              py: 1.25,
              borderRadius: '8px',
              border: isChosen ? '2px solid var(--bottle)' : '1px solid var(--line)',
              borderLeft: isChosen ? '8px solid var(--vial-deep)' : '8px solid transparent',
              background: 'var(--sheet)',
              font: 'inherit',
              boxShadow: isChosen ? 'var(--shadow)' : 'none',
            }}
          >
            <Box sx={{ fontWeight: 700 }}>{title}</Box>
            <Box>
              {forecastAt(t0, plan.finish, job.site.timeZone, minutesSince(t0, now, job.site.timeZone))}
              {plan.finish === first && candidates.some((other) => other.plan.finish > first) && ' · earliest'}
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
              {price ||
                (changes === null
                  ? id === 'accepted' && 'current plan'
                  : `${counted(changes.moved.length, 'step moves', 'steps move')}, ${changes.setups[1]} set-ups, ${changes.painterDays[1]} painter-days`)}
            </Box>
          </ButtonBase>
        );
      })}
    </Box>
  );
}
