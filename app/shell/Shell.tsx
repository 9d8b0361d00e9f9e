import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Theme } from '@mui/material/styles';
import { Suspense, useState, type ReactNode } from 'react';
import { fetchedLater } from '../device/fetched-later.ts';
import { STAGES, type Stage } from '../screens/registry.ts';
import { ClockChip } from './ClockChip.tsx';
import { useCommands, useJob, useLocalise } from '../open-job/use-job.ts';
import { LADDER_WIDTH } from './ladder-width.ts';
import { FootBar } from './FootBar.tsx';
import { JobButtons } from './JobButtons.tsx';
import { HelpIcon, SearchIcon } from '../drawing/icons.tsx';
import { BackupBar } from '../parts/keeping/BackupBar.tsx';
import { Hint } from '../parts/Hint.tsx';
import { KeepingBars } from '../parts/keeping/KeepingBars.tsx';
import { SetAsideBar } from '../parts/keeping/SetAsideBar.tsx';
import { goTo } from '../device/route.ts';
import { useAfterPaint } from '../device/use-after-paint.ts';
import { useKeys } from '../device/use-keys.ts';

// What not every screen needs, or nobody has asked for yet, keeps nobody waiting.
const Ladder = fetchedLater(() => import('./Ladder.tsx'));
const CommandPalette = fetchedLater(() => import('./CommandPalette.tsx'));
const Road = fetchedLater(() => import('./road/Road.tsx'));
const KeyList = fetchedLater(() => import('./KeyList.tsx'));

/** The frame around every stage: the ladder, the job's name, its clock, undo and redo, find. */
export function Shell({ stage, children }: { stage: Stage; children: ReactNode }) {
  const job = useJob();
  const localise = useLocalise();
  const { undo, redo } = useCommands();
  // What is done on a screen comes before what stands around it, and finds its place kept.
  const isPainted = useAfterPaint();
  const [open, setOpen] = useState<'palette' | 'keys' | null>(null);
  // A phone has no ladder to draw, nor to count how far each stage is.
  const isWide = useMediaQuery((theme: Theme) => theme.breakpoints.up('md'), { noSsr: true });

  useKeys({
    '/': () => setOpen('palette'),
    'Mod+k': () => setOpen('palette'),
    '?': () => setOpen('keys'),
    'Mod+z': undo,
    'Mod+Shift+z': redo,
    j: () => goTo({ stage: '' }),
    ...Object.fromEntries(STAGES.map((other) => [other.key, () => goTo({ stage: other.id, jobId: job.id })])),
  });

  return (
    <Box sx={{ minHeight: '100vh' }}>
      <a className="skip" href="#work">
        Skip to the work
      </a>
      {isWide && (
        <Suspense fallback={null}>
          <Ladder stage={stage} onKeys={() => setOpen('keys')} onFind={() => setOpen('palette')} />
        </Suspense>
      )}
      <Box sx={{ ml: { md: `${LADDER_WIDTH}px` }, pb: { xs: 10, md: 4 } }}>
        <Box
          component="header"
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: { xs: 0.5, sm: 1.5 },
            px: { xs: 2, md: 4 },
            pt: { xs: 1.5, md: 2.5 },
            pb: 1.5,
            flexWrap: 'wrap',
          }}
        >
          <Box sx={{ flex: '1 1 130px', minWidth: 0 }}>
            <Typography
              sx={{
                color: 'var(--ink-soft)',
                fontSize: 14,
                overflow: 'hidden',
                textOverflow: 'ellipsis',
                whiteSpace: 'nowrap',
              }}
            >
              {job.name}
            </Typography>
            <Box sx={{ display: 'flex', alignItems: 'center' }}>
              <Typography variant="h1">{stage.name}</Typography>
              <IconButton aria-label={`Help with ${stage.name}`} onClick={() => setOpen('keys')} sx={{ ml: 0.25 }}>
                <HelpIcon />
              </IconButton>
            </Box>
          </Box>
          <Box sx={{ order: { xs: 3, sm: 0 }, minHeight: 38, minWidth: 140 }}>{isPainted && <ClockChip />}</Box>
          <Box sx={{ display: 'flex', minWidth: 160, minHeight: 40 }}>{isPainted && <JobButtons />}</Box>
          <Button
            variant="outlined"
            startIcon={<SearchIcon />}
            onClick={() => setOpen('palette')}
            sx={{ display: { xs: 'none', lg: 'inline-flex' }, borderColor: 'var(--line)', color: 'var(--ink)' }}
          >
            Find
          </Button>
        </Box>
        <Box component="main" id="work" sx={{ px: { xs: 2, md: 4 }, pt: 1 }}>
          <KeepingBars />
          <Hint key={`hint/${stage.id}`} id={stage.id}>
            {localise(stage.hint)}
          </Hint>
          {isPainted && <SetAsideBar />}
          {isPainted && <BackupBar />}
          {children}
        </Box>
        {isPainted && job.plan === null && (
          <Suspense fallback={null}>
            <Road stage={stage} />
          </Suspense>
        )}
      </Box>
      {isPainted && <FootBar stage={stage} />}
      <Suspense fallback={null}>
        {open === 'palette' && <CommandPalette onClose={() => setOpen(null)} />}
        {open === 'keys' && <KeyList stage={stage} onClose={() => setOpen(null)} />}
      </Suspense>
    </Box>
  );
}
