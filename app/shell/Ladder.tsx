import { ProgressMark } from '../drawing/ProgressMark.tsx';
import Box from '@mui/material/Box';
import { useDeferredValue } from 'react';
import { PROGRESS } from '../screens/progress.ts';
import { STAGES, type Stage } from '../screens/registry.ts';
import { useJob } from '../open-job/use-job.ts';
import { LADDER_WIDTH } from './ladder-width.ts';
import { Link } from '../parts/Link.tsx';
import { Wordmark } from '../parts/Wordmark.tsx';

const RUNG = 52;
const UNCOUNTED = { share: 0, words: 'counting…' };

interface LadderProps {
  stage: Stage;
  onKeys(): void;
  onFind(): void;
}

const quiet = {
  background: 'none',
  border: 0,
  color: 'var(--on-bottle-soft)',
  font: 'inherit',
  fontSize: 14,
  padding: '6px 4px',
  cursor: 'pointer',
  textAlign: 'left',
  textDecoration: 'none',
  '&:hover': { color: 'var(--on-bottle)' },
} as const;

/** The stages as rungs of a ladder, in the order of the work; each rung carries how far its stage is. */
export default function Ladder({ stage, onKeys, onFind }: LadderProps) {
  // How far the stages are may stand a moment later than what is typed.
  const job = useJob();
  const counted = useDeferredValue(job, null);
  return (
    <Box
      component="nav"
      aria-label="Stages"
      sx={{
        display: { xs: 'none', md: 'flex' },
        flexDirection: 'column',
        position: 'fixed',
        inset: '0 auto 0 0',
        width: LADDER_WIDTH,
        background: 'var(--bottle-deep)',
        backgroundImage: 'linear-gradient(100deg, var(--ladder) 0%, var(--ladder) 62%, var(--bottle-deep) 100%)',
        color: 'var(--on-bottle)',
        zIndex: 5,
      }}
    >
      <Box sx={{ px: 3, pt: 2.5, pb: 1.5 }}>
        <Link to={{ stage: '' }} aria-label="Nivel, all jobs" style={{ textDecoration: 'none', color: 'inherit' }}>
          <Wordmark />
        </Link>
      </Box>
      <Box
        component="ol"
        sx={{
          mx: 2.5,
          position: 'relative',
          borderInline: '5px solid #2f7a6f',
          borderRadius: '3px',
        }}
      >
        {STAGES.map((rung) => {
          const { share, words } = counted === null ? UNCOUNTED : PROGRESS[rung.id](counted);
          const here = rung.id === stage.id;
          return (
            <Box component="li" key={rung.id} sx={{ height: RUNG, position: 'relative' }}>
              <Box
                component={Link}
                to={{ stage: rung.id, jobId: job.id }}
                aria-current={here ? 'page' : undefined}
                sx={{
                  display: 'flex',
                  alignItems: 'flex-end',
                  justifyContent: 'space-between',
                  height: '100%',
                  px: 1.25,
                  pb: '9px',
                  color: here ? '#fff' : 'var(--on-bottle-soft)',
                  textDecoration: 'none',
                  fontWeight: here ? 750 : 550,
                  fontSize: 16,
                  borderBottom: here ? '5px solid var(--vial)' : '5px solid #2f7a6f',
                  mx: here ? '-9px' : 0,
                  pl: here ? '19px' : 1.25,
                  pr: here ? '19px' : 1.25,
                  '&:hover': { color: '#fff', background: 'rgb(255 255 255 / 6%)' },
                }}
              >
                {rung.name}
                <ProgressMark share={share} words={words} colour="var(--vial)" />
              </Box>
            </Box>
          );
        })}
        <Box component="li" aria-hidden sx={{ height: 30 }} />
      </Box>
      <Box sx={{ mt: 'auto', px: 3, pb: 3, display: 'grid' }}>
        <Box component={Link} to={{ stage: '' }} sx={quiet}>
          All jobs
        </Box>
        <Box component="button" type="button" onClick={onFind} sx={quiet}>
          Find <kbd>/</kbd>
        </Box>
        <Box component="button" type="button" onClick={onKeys} sx={quiet}>
          Help <kbd>?</kbd>
        </Box>
      </Box>
    </Box>
  );
}
