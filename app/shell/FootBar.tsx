import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { STAGES, type Stage } from '../screens/registry.ts';
import { useJob } from '../open-job/use-job.ts';
import { Link } from '../parts/Link.tsx';
import { goTo } from '../device/route.ts';

/** What a hand with a brush in it needs first; the rest waits behind “More”. */
const FIRST = ['today', 'hang', 'check', 'plan'];

/** The ladder folded to a foot bar, for a phone. */
export function FootBar({ stage }: { stage: Stage }) {
  const job = useJob();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const first = FIRST.flatMap((id) => STAGES.filter((candidate) => candidate.id === id));
  const rest = STAGES.filter(({ id }) => !FIRST.includes(id));
  const item = (here: boolean) => ({
    flex: 1,
    minHeight: 60,
    display: 'grid',
    placeItems: 'center',
    color: here ? 'var(--ink)' : 'var(--ink-soft)',
    fontWeight: here ? 750 : 550,
    fontSize: 15,
    textDecoration: 'none',
    borderRadius: 0,
    borderTop: here ? '5px solid var(--vial-deep)' : '5px solid transparent',
  });
  return (
    <Box
      component="nav"
      aria-label="Stages"
      sx={{
        display: { xs: 'flex', md: 'none' },
        position: 'fixed',
        inset: 'auto 0 0 0',
        background: 'var(--sheet)',
        borderTop: '2px solid var(--ink)',
        zIndex: 10,
        pb: 'env(safe-area-inset-bottom)',
      }}
    >
      {first.map((entry) => (
        <Box
          component={Link}
          key={entry.id}
          to={{ stage: entry.id, jobId: job.id }}
          aria-current={entry.id === stage.id ? 'page' : undefined}
          sx={item(entry.id === stage.id)}
        >
          {entry.name}
        </Box>
      ))}
      <Button sx={item(rest.some(({ id }) => id === stage.id))} onClick={(event) => setAnchor(event.currentTarget)}>
        More
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {rest.map((entry) => (
          <MenuItem
            key={entry.id}
            sx={{ minHeight: 48 }}
            onClick={() => {
              setAnchor(null);
              goTo({ stage: entry.id, jobId: job.id });
            }}
          >
            {entry.name}
          </MenuItem>
        ))}
        <MenuItem sx={{ minHeight: 48 }} onClick={() => goTo({ stage: '' })}>
          All jobs
        </MenuItem>
      </Menu>
    </Box>
  );
}
