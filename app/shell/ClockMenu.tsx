import Divider from '@mui/material/Divider';
import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { DateTime } from 'luxon';
import { localIso } from '../../core/job/site-time.ts';
import { useCommands, useJob, useNow } from '../open-job/use-job.ts';

/** Steps a simulated workshop clock, or goes over from one kind of clock to the other. */
export default function ClockMenu({ anchor, onClose }: { anchor: HTMLElement; onClose(): void }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const simulated = job.settings.clock.kind === 'simulated';
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
    <Menu anchorEl={anchor} open onClose={onClose}>
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
          onClose();
          if (simulated) apply('change-settings', { clock: { kind: 'real' } });
          else set(time);
        }}
      >
        <ListItemText
          primary={simulated ? 'Use device clock' : 'Use practice clock'}
          secondary={simulated ? 'This device’s time' : 'Step through hours and nights'}
        />
      </MenuItem>
    </Menu>
  );
}
