import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Candidate } from '../../../core/build-up/candidates.ts';
import type { Layer } from '../../../core/build-up/coat-stack.ts';
import { DEFAULT_CLEANERS } from '../../../core/shelf/cleaner.ts';
import type { Surface } from '../../../core/job/piece-schema.ts';
import { formatDuration } from '../../../core/units/quantity.ts';
import { CoatStackDrawing } from '../../ui/CoatStackDrawing.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { Findings } from './Findings.tsx';

interface CandidateCardProps {
  candidate: Candidate;
  layers: readonly Layer[];
  surface: Surface;
  colour: string;
  isBest: boolean;
  isChosen: boolean;
  onChoose(): void;
}

const KEYS = { abrade: 'abrade', degloss: 'degloss', none: 'no key' } as const;

/** A build-up that could be chosen: its cross-section, its cost in coats and waiting, and what speaks for and against it. */
export function CandidateCard({ candidate, layers, surface, colour, isBest, isChosen, onChoose }: CandidateCardProps) {
  const { say } = useJob();
  const { buildUp, verdict, waitingHours, coats } = candidate;
  const cleaner = DEFAULT_CLEANERS.find(({ id }) => id === buildUp.cleaner);
  return (
    <Box
      component="li"
      aria-label={say(candidate.name)}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '132px minmax(0, 1fr) auto' },
        gap: 2,
        alignItems: 'start',
        background: 'var(--sheet)',
        border: '1px solid',
        borderColor: isChosen ? 'var(--ink)' : 'var(--line)',
        borderRadius: '8px',
        p: 2,
      }}
    >
      <CoatStackDrawing bare layers={layers} surface={surface} colour={colour} />
      <Box>
        <Box sx={{ fontWeight: 700, fontSize: 16 }}>
          {say(candidate.name)}
          {isBest && <span style={{ color: 'var(--ready)', marginLeft: 10, fontSize: 14 }}>recommended</span>}
        </Box>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          {[cleaner?.name.toLowerCase(), buildUp.rinsed ? 'rinse' : null, KEYS[buildUp.key]].filter(Boolean).join(', ')}{' '}
          · {coats} coats · {formatDuration(waitingHours * 60)} of waiting at 23 °C
        </Box>
        <Findings verdict={verdict} />
      </Box>
      <Button variant={isBest && !isChosen ? 'contained' : 'outlined'} onClick={onChoose} disabled={isChosen}>
        {isChosen ? 'Chosen' : 'Choose'}
      </Button>
    </Box>
  );
}
