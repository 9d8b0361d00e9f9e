import { GuideLink } from '../../parts/GuideLink.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { ASSUMPTIONS, standingAssumptions, type StandingAssumption } from '../../../core/job/assumptions.ts';
import { goTo } from '../../device/route.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { Fold } from '../../parts/Fold.tsx';
import { Sheet } from '../../parts/Section.tsx';
import { ChangeAssumed } from './ChangeAssumed.tsx';

/** What the job takes for granted, each a tap from being changed or confirmed. */
export function Assumed() {
  const job = useJob();
  const standing = standingAssumptions(job);
  const [changing, setChanging] = useState<StandingAssumption | null>(null);
  if (standing.length === 0) return null;
  return (
    <Box component="section" aria-label="Assumed" sx={{ mb: 2 }}>
      <Sheet pad={1}>
        <Fold title={`Assumed: ${standing.length}`} summary="change what is wrong">
          <Box component="ul" sx={{ display: 'grid', gap: 1, px: 1 }}>
            {standing.map((assumption) => (
              <Row
                key={`${assumption.fact}/${assumption.of[0] ?? ''}`}
                assumption={assumption}
                onChange={() => setChanging(assumption)}
              />
            ))}
          </Box>
          <Box sx={{ px: 1 }}>
            <GuideLink page="start" words="What is assumed, and why" />
          </Box>
        </Fold>
      </Sheet>
      {changing && <ChangeAssumed assumption={changing} onClose={() => setChanging(null)} />}
    </Box>
  );
}

/** Where facts are changed that have a screen of their own. */
const ELSEWHERE = { air: 'conditions', colour: 'build-up' } as const;

function Row({ assumption: { fact, of, words }, onChange }: { assumption: StandingAssumption; onChange(): void }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const said = localise(words);
  const change = (): void => {
    if (fact === 'air' || fact === 'colour') goTo({ stage: ELSEWHERE[fact], jobId: job.id });
    else if (fact === 'closing') apply('change-pieces', { ids: of, facts: { access: { closesAtNight: false } } });
    else onChange();
  };
  return (
    <Box component="li" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}>
      <Box sx={{ flex: '1 1 220px' }}>
        <strong>{said}</strong>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Decides {localise(ASSUMPTIONS[fact].decides)}.</Box>
      </Box>
      <Button aria-label={`Change ${said}`} onClick={change}>
        {fact === 'closing' ? 'Not every night' : 'Change'}
      </Button>
      <Button aria-label={`Right: ${said}`} onClick={() => apply('confirm-assumed', { fact, of })}>
        That’s right
      </Button>
    </Box>
  );
}
