import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { StoredJob } from '../../keeping/database.ts';
import { DEMO_JOBS, type DemoJobId } from '../../keeping/jobs.ts';
import { goTo } from '../../device/route.ts';
import { Section, Sheet } from '../../parts/Section.tsx';

const DEMOS: Readonly<Record<DemoJobId, { name: string; words: string }>> = {
  'demo-linen-press': {
    name: 'Linen press',
    words: 'Two doors, three drawer fronts, one painter, one weekend.',
  },
  'demo-tern-street': {
    name: 'Tern Street Music School',
    words: 'Seven panelled doors and a store of laminate fronts. Two painters, cold nights, already started.',
  },
};

interface DemoJobsProps {
  kept: readonly StoredJob[];
  onLayOut(id: DemoJobId, name: string): void;
}

/** The two demo jobs, which are laid out when they are opened. */
export function DemoJobs({ kept, onLayOut }: DemoJobsProps) {
  return (
    <Section title="Demo jobs">
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { md: 'repeat(2, minmax(0, 1fr))' } }}>
        {(Object.keys(DEMO_JOBS) as DemoJobId[]).map((id) => {
          const here = kept.some((stored) => stored.id === id);
          return (
            <Sheet key={id}>
              <Typography variant="h3">{DEMOS[id].name}</Typography>
              <Typography sx={{ color: 'var(--ink-soft)', my: 1 }}>{DEMOS[id].words}</Typography>
              <Button
                variant="outlined"
                onClick={() => goTo({ stage: id === 'demo-tern-street' ? 'today' : 'walk', jobId: id })}
                aria-label={`Open the demo ${DEMOS[id].name}`}
              >
                Open
              </Button>
              {here && (
                <Button
                  sx={{ ml: 1 }}
                  aria-label={`Reset the demo ${DEMOS[id].name}`}
                  onClick={() => onLayOut(id, DEMOS[id].name)}
                >
                  Reset demo
                </Button>
              )}
            </Sheet>
          );
        })}
      </Box>
    </Section>
  );
}
