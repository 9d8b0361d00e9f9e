import AccessTimeIcon from '@mui/icons-material/AccessTime';
import Button from '@mui/material/Button';
import Divider from '@mui/material/Divider';
import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { localIso } from '../../core/job/site-time.ts';
import { useJob } from './job-context.tsx';

/** The job's time. A simulated workshop clock says that it is one, and can be stepped. */
export function ClockChip() {
  const { job, now, apply } = useJob();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { clock } = job.settings;
  const simulated = clock.kind === 'simulated';
  const time = DateTime.fromISO(now, { zone: job.site.timeZone });
  const set = (next: DateTime): void => {
    apply('change-settings', { clock: { kind: 'simulated', now: localIso(next) } }, { strokes: 'clock' });
  };
  const steps: [string, () => DateTime][] = [
    ['15 minutes on', () => time.plus({ minutes: 15 })],
    ['1 hour on', () => time.plus({ hours: 1 })],
    ['4 hours on', () => time.plus({ hours: 4 })],
    ['Next morning, 07:30', () => time.plus({ days: 1 }).set({ hour: 7, minute: 30 })],
    ['1 hour back', () => time.minus({ hours: 1 })],
  ];
  return (
    <>
      <Button
        variant="outlined"
        startIcon={<AccessTimeIcon />}
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-label={`${simulated ? 'Simulated workshop clock' : 'Clock'}: ${time.toFormat('cccc d LLLL HH:mm')}`}
        sx={{
          borderColor: simulated ? 'var(--vial-deep)' : 'var(--line)',
          background: simulated ? 'color-mix(in srgb, var(--vial) 22%, var(--sheet))' : 'var(--sheet)',
          color: 'var(--ink)',
          whiteSpace: 'nowrap',
        }}
      >
        {time.toFormat('ccc d LLL, HH:mm')}
        {simulated && <span style={{ fontWeight: 500, marginLeft: 8 }}>simulated</span>}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {simulated &&
          steps.map(([words, next]) => (
            <MenuItem key={words} sx={{ minHeight: 44 }} onClick={() => set(next())}>
              {words}
            </MenuItem>
          ))}
        {simulated && <Divider />}
        <MenuItem
          sx={{ minHeight: 44 }}
          onClick={() => {
            setAnchor(null);
            if (simulated) apply('change-settings', { clock: { kind: 'real' } });
            else set(time);
          }}
        >
          <ListItemText
            primary={simulated ? 'Run on the real clock' : 'Run on a simulated workshop clock'}
            secondary={simulated ? 'The time of this device' : 'For practice: step through hours and nights'}
          />
        </MenuItem>
      </Menu>
    </>
  );
}
