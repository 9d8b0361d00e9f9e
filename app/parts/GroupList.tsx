import { ProgressMark } from '../drawing/ProgressMark.tsx';
import { counted } from '../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { FinishGroup } from '../../core/job/document/group-schema.ts';
import { useJob } from '../open-job/use-job.ts';
import { goTo } from '../device/route.ts';

/** How far a group is, for the list. */
export interface GroupState {
  /** 0 to 1. */
  share: number;
  words: string;
  /** What needs doing there; null when nothing does. */
  call: string | null;
}

interface GroupListProps {
  stage: string;
  chosen: string;
  stateOf(group: FinishGroup): GroupState;
}

/** The groups of like pieces, each with its colour, how far it is, and what it asks for. */
export function GroupList({ stage, chosen, stateOf }: GroupListProps) {
  const job = useJob();
  const show = (groupId: string): void => goTo({ stage, jobId: job.id, groupId }, 'replace');
  // On a phone a list of groups would push what is asked for off the screen.
  const isNarrow = useMediaQuery('(max-width: 899px)', { noSsr: true });
  if (isNarrow) {
    return (
      <TextField select fullWidth label="Group" value={chosen} onChange={(event) => show(event.target.value)}>
        {job.groups.map((group) => (
          <MenuItem key={group.id} value={group.id} sx={{ minHeight: 48, whiteSpace: 'normal' }}>
            {group.name}
            {stateOf(group).call === null ? '' : `, ${stateOf(group).call ?? ''}`}
          </MenuItem>
        ))}
      </TextField>
    );
  }
  return (
    <Box component="ul" aria-label="Groups of like pieces" sx={{ display: 'grid', gap: 0.75 }}>
      {job.groups.map((group) => {
        const count = job.pieces.filter((piece) => piece.groupId === group.id).length;
        const here = group.id === chosen;
        const { share, words, call } = stateOf(group);
        const sides = group.backColour
          ? `linear-gradient(${group.colour.hex} 50%, ${group.backColour.hex} 50%)`
          : group.colour.hex;
        return (
          <li key={group.id}>
            <Box
              component="button"
              type="button"
              aria-pressed={here}
              onClick={() => show(group.id)}
              sx={{
                width: '100%',
                display: 'grid',
                gridTemplateColumns: '14px minmax(0, 1fr)',
                gap: 1.25,
                textAlign: 'left',
                font: 'inherit',
                color: 'inherit',
                cursor: 'pointer',
                background: here ? 'var(--sheet)' : 'transparent',
                border: '1px solid',
                borderColor: here ? 'var(--ink)' : 'var(--line)',
                borderRadius: '6px',
                overflow: 'hidden',
                p: 0,
                minHeight: 58,
              }}
            >
              <Box sx={{ background: sides, borderRight: '1px solid var(--line)' }} />
              <Box sx={{ py: 0.9, pr: 1 }}>
                <Box sx={{ fontWeight: 650, lineHeight: 1.25, mb: 0.5 }}>{group.name}</Box>
                <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 14, color: 'var(--ink-soft)' }}>
                  <ProgressMark share={share} words={words} />
                  {counted(count, 'piece')}
                  {call !== null && (
                    <Box component="span" sx={{ color: 'var(--tacky)', fontWeight: 650 }}>
                      {call}
                    </Box>
                  )}
                </Box>
              </Box>
            </Box>
          </li>
        );
      })}
    </Box>
  );
}
