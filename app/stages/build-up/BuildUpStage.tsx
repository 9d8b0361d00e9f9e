import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { isChosen } from '../../../core/build-up/coat-stack.ts';
import { WalkFirst } from '../../ui/WalkFirst.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { Vial } from '../../ui/Vial.tsx';
import { completeness } from '../../ui/vial-reading.ts';
import { GroupBuildUp } from './GroupBuildUp.tsx';

/** Choose the build-up of each group of like pieces: cleaner, key, coats, judged by the rules of the craft. */
export default function BuildUpStage() {
  const { job } = useJob();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const group =
    job.groups.find(({ id }) => id === chosenId) ?? job.groups.find((other) => !isChosen(other)) ?? job.groups[0];
  if (!group) {
    return (
      <WalkFirst title="Nothing to coat yet">
        Pieces of the same surface make a group, and each group takes one build-up.
      </WalkFirst>
    );
  }
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '250px minmax(0, 1fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <Box component="ul" aria-label="Groups of like pieces" sx={{ display: 'grid', gap: 1 }}>
        {job.groups.map((other) => {
          const pieces = job.pieces.filter((piece) => piece.groupId === other.id);
          const here = other.id === group.id;
          return (
            <li key={other.id}>
              <Box
                component="button"
                type="button"
                aria-pressed={here}
                onClick={() => setChosenId(other.id)}
                sx={{
                  width: '100%',
                  textAlign: 'left',
                  font: 'inherit',
                  color: 'inherit',
                  cursor: 'pointer',
                  background: here ? 'var(--sheet)' : 'transparent',
                  border: '1px solid',
                  borderColor: here ? 'var(--ink)' : 'var(--line)',
                  borderLeft: `10px solid ${other.colour.hex}`,
                  borderRadius: '6px',
                  p: 1.5,
                }}
              >
                <Box sx={{ fontWeight: 650, mb: 0.5 }}>{other.name}</Box>
                <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 14, color: 'var(--ink-soft)' }}>
                  <Vial
                    size="rung"
                    reading={completeness(isChosen(other) ? 1 : 0)}
                    words={isChosen(other) ? 'build-up chosen' : 'no build-up yet'}
                  />
                  {pieces.length} {pieces.length === 1 ? 'piece' : 'pieces'}
                  {!isChosen(other) && (
                    <Typography sx={{ fontSize: 14, color: 'var(--tacky)', fontWeight: 650 }}>to choose</Typography>
                  )}
                </Box>
              </Box>
            </li>
          );
        })}
      </Box>
      <GroupBuildUp key={group.id} group={group} />
    </Box>
  );
}
