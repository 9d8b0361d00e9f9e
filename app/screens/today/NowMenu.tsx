import Button from '@mui/material/Button';
import Divider from '@mui/material/Divider';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import type { Run } from '../../../core/planning/reading/read-plan.ts';
import { stepPhrase } from '../../../core/steps/step-words.ts';
import { MoreIcon } from '../../drawing/icons.tsx';
import { useLocalise } from '../../open-job/use-job.ts';
import type { Stamps } from '../../parts/stamping/use-stamps.ts';

const SHARES = [
  { share: 0.25, words: 'a quarter' },
  { share: 0.5, words: 'half' },
  { share: 0.75, words: 'three quarters' },
] as const;

const tall = { minHeight: 52 } as const;

interface NowMenuProps {
  /** What of the run is open. */
  steps: readonly PieceStep[];
  after: Run | null;
  stamps: Stamps;
}

/** What else may be said of the run that is on: partly done, something else first, or not done at all. */
export function NowMenu({ steps, after, stamps }: NowMenuProps) {
  const localise = useLocalise();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [step] = steps;
  if (!step) return null;
  const doing = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  const next = after?.steps[0];
  return (
    <>
      <Button
        variant="outlined"
        aria-label="Part done, later or skip"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ minHeight: 64, minWidth: 0, px: 0 }}
      >
        <MoreIcon />
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <ListSubheader sx={{ lineHeight: '32px' }}>Part done – finish later</ListSubheader>
        {SHARES.map(({ share, words }) => (
          <MenuItem key={share} sx={tall} onClick={doing(() => stamps.partly(step, share))}>
            {step.piece.mark}: {words} done
          </MenuItem>
        ))}
        {after && next && (
          <MenuItem sx={tall} divider onClick={doing(() => stamps.first(after))}>
            Not now: {localise(stepPhrase(next))} first, {marksInWords(after.steps.map(({ piece }) => piece.mark))}
          </MenuItem>
        )}
        <Divider />
        <ListSubheader sx={{ lineHeight: '32px' }}>Skip for good (goes on the record)</ListSubheader>
        <MenuItem sx={tall} onClick={doing(() => stamps.leaveOut([step], 'not needed'))}>
          Skip on {step.piece.mark}
        </MenuItem>
        {steps.length > 1 && (
          <MenuItem sx={tall} onClick={doing(() => stamps.leaveOut(steps, 'not needed'))}>
            Skip on all {steps.length}
          </MenuItem>
        )}
      </Menu>
    </>
  );
}
