import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { RankedCause } from '../../../core/checking/rank-causes.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';

interface CauseListProps {
  causes: readonly RankedCause[];
  chosen: string | null;
  onChoose(id: string): void;
}

const SHOWN = 4;

/** Causes in the order of their likelihood, each with what the log says for it and how to prevent it; one may be named. */
export function CauseList({ causes, chosen, onChoose }: CauseListProps) {
  const localise = useLocalise();
  const [all, setAll] = useState(false);
  const shown = causes.filter(({ id }, index) => all || index < SHOWN || id === chosen);
  return (
    <Sheet pad={0}>
      <Box component="ol" aria-label="Likely causes">
        {shown.map(({ id, cause, likelihood, because }) => {
          const isChosen = id === chosen;
          return (
            <Box
              component="li"
              key={id}
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '56px minmax(0, 1fr)', sm: '74px minmax(0, 1fr) auto' },
                columnGap: 1.5,
                rowGap: 0.5,
                alignItems: 'center',
                px: 2,
                py: 1.25,
                borderBottom: '1px solid var(--line)',
                '&:last-child': { borderBottom: 0 },
                background: isChosen ? 'color-mix(in srgb, var(--vial) 22%, transparent)' : 'none',
              }}
            >
              <Box aria-label={`${Math.round(likelihood * 100)}%`} role="img">
                <Box sx={{ height: 12, border: '1.5px solid var(--ink)', borderRadius: '6px', overflow: 'hidden' }}>
                  <Box
                    sx={{
                      height: '100%',
                      width: `${likelihood * 100}%`,
                      background: because ? 'var(--late)' : 'var(--cured)',
                    }}
                  />
                </Box>
                <Box sx={{ fontSize: 13.5, fontWeight: 700, mt: 0.25 }}>{Math.round(likelihood * 100)}%</Box>
              </Box>
              <Box>
                <strong>{localise(cause.name)}</strong>
                <Box sx={{ fontSize: 14.5, color: because ? 'var(--ink)' : 'var(--ink-soft)' }}>
                  {because ? `${capital(localise(because))}.` : 'Nothing in the log.'}
                </Box>
                {isChosen && (
                  <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Next time: {localise(cause.prevent)}</Box>
                )}
              </Box>
              <Button
                variant={isChosen ? 'contained' : 'outlined'}
                aria-pressed={isChosen}
                sx={{ minHeight: 48, gridColumn: { xs: 2, sm: 3 }, justifySelf: 'start', whiteSpace: 'nowrap' }}
                onClick={() => onChoose(id)}
                aria-label={`This was it: ${localise(cause.name)}`}
              >
                {isChosen ? 'Cause' : 'This was it'}
              </Button>
            </Box>
          );
        })}
      </Box>
      {causes.length > shown.length && (
        <Button fullWidth sx={{ minHeight: 48, borderRadius: 0 }} onClick={() => setAll(true)}>
          Show {causes.length - shown.length} less likely
        </Button>
      )}
    </Sheet>
  );
}
