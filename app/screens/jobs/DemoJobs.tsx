import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { DemoCard } from '../../../demo/demo-cards.ts';
import cards from '../../../demo/demo-cards.json';
import type { StoredJob } from '../../keeping/database.ts';
import { DEMO_JOBS, type DemoJobId } from '../../keeping/jobs.ts';
import { goTo } from '../../device/route.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { OutlookLines } from './OutlookLines.tsx';
import { Thumbs } from './Thumbs.tsx';

/** What each demo job is, and where it is opened. */
const DEMOS: Readonly<Record<DemoJobId, { words: string; stage: string }>> = {
  'demo-linen-press': { words: 'One painter, one weekend.', stage: 'walk' },
  'demo-tern-street': { words: 'Two painters, cold nights, in the middle of the work.', stage: 'today' },
};
const CARDS = cards as unknown as Readonly<Record<DemoJobId, DemoCard>>;

interface DemoJobsProps {
  kept: readonly StoredJob[];
  onLayOut(id: DemoJobId, name: string): void;
}

/** The two demo jobs as they ship, which are laid out when they are opened. */
export function DemoJobs({ kept, onLayOut }: DemoJobsProps) {
  return (
    <Section title="Demo jobs">
      <Box
        sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' } }}
      >
        {(Object.keys(DEMO_JOBS) as DemoJobId[]).map((id) => {
          const { name, pieces, outlook } = CARDS[id];
          const here = kept.some((stored) => stored.id === id);
          return (
            <Sheet key={id}>
              <Box sx={{ display: 'grid', gap: 1.25, height: '100%', alignContent: 'start' }}>
                <Typography variant="h3">{name}</Typography>
                <Thumbs pieces={pieces} />
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>{DEMOS[id].words}</Box>
                {outlook && !here && <OutlookLines outlook={outlook} />}
                <Box sx={{ display: 'flex', gap: 1 }}>
                  <Button
                    variant="outlined"
                    onClick={() => goTo({ stage: DEMOS[id].stage, jobId: id })}
                    aria-label={`Open the demo ${name}`}
                  >
                    Open
                  </Button>
                  {here && (
                    <Button aria-label={`Reset the demo ${name}`} onClick={() => onLayOut(id, name)}>
                      Reset demo
                    </Button>
                  )}
                </Box>
              </Box>
            </Sheet>
          );
        })}
      </Box>
    </Section>
  );
}
